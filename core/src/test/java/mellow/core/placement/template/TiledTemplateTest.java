package mellow.core.placement.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.measure.UnitSystem;
import mellow.core.placement.Lamp;
import mellow.core.placement.LampPair;
import mellow.core.placement.Light;
import mellow.core.placement.Outline;
import mellow.core.placement.Spot;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.words.Speech;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Envelope;

/** Sheets that are laid on each other's dotted lines make one drawing at 1:1. */
class TiledTemplateTest {
  private static final double EXACT = 1e-9;

  /** Printers leave 5 mm white at most: common practice. */
  private static final double WHITE_MM = 5;

  /** 500 by 420 mm, with a hole in each quarter and one where four sheets may meet. */
  private static final List<Lamp.Hole> HOLES =
      List.of(
          new Lamp.Hole(-200, -150, 3, 6),
          new Lamp.Hole(210, -160, 3, 8),
          new Lamp.Hole(-190, 170, 3, 10),
          new Lamp.Hole(220, 180, 0, 12),
          new Lamp.Hole(-66, 20, 3, 14));

  private static final LampPair PAIR =
      LampPair.mirrored(
          "it",
          "lamp",
          new Lamp(
              LampFunction.DRIVING,
              List.of(new Lamp.Head(new Outline.Rectangle(500, 420), 0, 0)),
              Optional.empty(),
              Light.UNKNOWN,
              Optional.empty(),
              HOLES),
          new Spot(500, 700, 0));

  private static List<DrillTemplate.Sheet> sheets(Side side, Paper paper) {
    return DrillTemplate.of(PAIR, side, paper, UnitSystem.METRIC, Speech.ENGLISH::text);
  }

  private static <S extends Stroke> Stream<S> strokes(DrillTemplate.Sheet sheet, Class<S> type) {
    return sheet.strokes().stream().filter(type::isInstance).map(type::cast);
  }

  private static Stream<Stroke.Line> lines(DrillTemplate.Sheet sheet, Stroke.Pen pen) {
    return strokes(sheet, Stroke.Line.class).filter(line -> line.pen() == pen);
  }

  private static double dotted(DrillTemplate.Sheet sheet, boolean upright, boolean last) {
    List<Double> at =
        lines(sheet, Stroke.Pen.DOTTED)
            .filter(line -> (line.fromX() == line.toX()) == upright)
            .map(line -> upright ? line.fromX() : line.fromY())
            .sorted()
            .toList();
    return at.get(last ? at.size() - 1 : 0);
  }

  /** How far a sheet is moved so that its dotted lines lie on those of its neighbours. */
  private static double[] laid(List<DrillTemplate.Sheet> all, DrillTemplate.Sheet sheet) {
    double x = 0;
    double y = 0;
    for (int column = 2; column <= sheet.column(); column++) {
      x += dotted(at(all, column - 1, 1), true, true) - dotted(at(all, column, 1), true, false);
    }
    for (int row = 2; row <= sheet.row(); row++) {
      y += dotted(at(all, 1, row - 1), false, false) - dotted(at(all, 1, row), false, true);
    }
    return new double[] {x, y};
  }

  private static DrillTemplate.Sheet at(List<DrillTemplate.Sheet> all, int column, int row) {
    return all.stream()
        .filter(sheet -> sheet.column() == column && sheet.row() == row)
        .findFirst()
        .orElseThrow();
  }

  private record Axes(double x, double y, Envelope reach) {}

  private static Axes axes(List<DrillTemplate.Sheet> all) {
    List<Double> upright = new ArrayList<>();
    List<Double> level = new ArrayList<>();
    Envelope reach = new Envelope();
    for (DrillTemplate.Sheet sheet : all) {
      double[] by = laid(all, sheet);
      lines(sheet, Stroke.Pen.DASH_DOT)
          .forEach(
              line -> {
                boolean isUpright = line.fromX() == line.toX();
                (isUpright ? upright : level)
                    .add(isUpright ? line.fromX() + by[0] : line.fromY() + by[1]);
                reach.expandToInclude(line.fromX() + by[0], line.fromY() + by[1]);
                reach.expandToInclude(line.toX() + by[0], line.toY() + by[1]);
              });
    }
    assertThat(upright).isNotEmpty().allSatisfy(x -> near(x, upright.get(0)));
    assertThat(level).isNotEmpty().allSatisfy(y -> near(y, level.get(0)));
    return new Axes(upright.get(0), level.get(0), reach);
  }

  private static void near(double value, double expected) {
    assertThat(value).isCloseTo(expected, within(EXACT));
  }

  @ParameterizedTest
  @EnumSource(Paper.class)
  void everyHoleIsWhereItIsDrilledOnWhicheverSheetItShows(Paper paper) {
    for (Side side : Side.values()) {
      List<DrillTemplate.Sheet> all = sheets(side, paper);
      assertThat(all.size()).isGreaterThanOrEqualTo(4);
      Axes axes = axes(all);
      for (Lamp.Hole hole : HOLES) {
        List<double[]> shown = new ArrayList<>();
        for (DrillTemplate.Sheet sheet : all) {
          double[] by = laid(all, sheet);
          strokes(sheet, Stroke.Circle.class)
              .filter(circle -> circle.diameterMm() == hole.finalMm())
              .forEach(
                  circle -> {
                    shown.add(new double[] {circle.x() + by[0], circle.y() + by[1]});
                    assertThat(crosses(sheet, circle)).containsExactlyInAnyOrder(true, false);
                    assertThat(pilots(sheet, circle)).isEqualTo(hole.pilotMm() > 0 ? 1 : 0);
                  });
        }
        assertThat(shown).isNotEmpty();
        for (double[] place : shown) {
          near(place[0] - axes.x(), side.sign() * hole.outMm());
          near(place[1] - axes.y(), hole.upMm());
        }
      }
    }
  }

  /**
   * The two lines of a hole's cross, each as whether it stands upright; by our drawing 6 mm beyond
   * it.
   */
  private static List<Boolean> crosses(DrillTemplate.Sheet sheet, Stroke.Circle circle) {
    double arm = circle.diameterMm() / 2 + 6;
    return lines(sheet, Stroke.Pen.SOLID)
        .filter(
            line ->
                Math.abs((line.fromX() + line.toX()) / 2 - circle.x()) < EXACT
                    && Math.abs((line.fromY() + line.toY()) / 2 - circle.y()) < EXACT
                    && Math.abs(
                            Math.hypot(line.toX() - line.fromX(), line.toY() - line.fromY())
                                - 2 * arm)
                        < EXACT)
        .map(line -> line.fromX() == line.toX())
        .toList();
  }

  private static long pilots(DrillTemplate.Sheet sheet, Stroke.Circle circle) {
    return strokes(sheet, Stroke.Circle.class)
        .filter(one -> one.diameterMm() == 3 && one.x() == circle.x() && one.y() == circle.y())
        .count();
  }

  /** The outline all round; by our drawing the axes reach 15 mm beyond it. */
  @ParameterizedTest
  @EnumSource(Paper.class)
  void theOutlineIsWholeAndTheAxesReachBeyondIt(Paper paper) {
    List<DrillTemplate.Sheet> all = sheets(Side.LEFT, paper);
    Axes axes = axes(all);
    Envelope outline = new Envelope();
    for (DrillTemplate.Sheet sheet : all) {
      double[] by = laid(all, sheet);
      strokes(sheet, Stroke.Path.class)
          .flatMap(path -> path.corners().stream())
          .forEach(
              corner -> outline.expandToInclude(corner.outMm() + by[0], corner.upMm() + by[1]));
    }
    near(outline.getMinX() - axes.x(), -250);
    near(outline.getMaxX() - axes.x(), 250);
    near(outline.getMinY() - axes.y(), -210);
    near(outline.getMaxY() - axes.y(), 210);
    near(axes.reach().getMinX() - axes.x(), -265);
    near(axes.reach().getMaxX() - axes.x(), 265);
    near(axes.reach().getMinY() - axes.y(), -225);
    near(axes.reach().getMaxY() - axes.y(), 225);
  }

  @ParameterizedTest
  @EnumSource(Paper.class)
  void everySheetStaysOnThePaperAndSaysWhichItIs(Paper paper) {
    List<DrillTemplate.Sheet> all = sheets(Side.RIGHT, paper);
    int columns = all.stream().mapToInt(DrillTemplate.Sheet::column).max().orElseThrow();
    assertThat(all)
        .hasSize(columns * all.stream().mapToInt(DrillTemplate.Sheet::row).max().orElseThrow());
    for (DrillTemplate.Sheet sheet : all) {
      String words =
          strokes(sheet, Stroke.Text.class)
              .map(Stroke.Text::words)
              .collect(Collectors.joining(" "));
      int number = (sheet.row() - 1) * columns + sheet.column();
      assertThat(words).contains("sheet %d of %d".formatted(number, all.size()));
      Envelope page =
          new Envelope(WHITE_MM, paper.widthMm() - WHITE_MM, WHITE_MM, paper.heightMm() - WHITE_MM);
      lines(sheet, Stroke.Pen.DASH_DOT)
          .forEach(
              line ->
                  assertThat(
                          page.contains(
                              new Envelope(line.fromX(), line.toX(), line.fromY(), line.toY())))
                      .isTrue());
      // each dotted line has one of a neighbour under it
      Map<Boolean, Long> dotted =
          lines(sheet, Stroke.Pen.DOTTED)
              .collect(
                  Collectors.partitioningBy(
                      line -> line.fromX() == line.toX(), Collectors.counting()));
      assertThat(dotted.get(true))
          .isEqualTo((sheet.column() > 1 ? 1 : 0) + (sheet.column() < columns ? 1 : 0));
      assertThat(dotted.get(false))
          .isEqualTo(
              (sheet.row() > 1 ? 1 : 0)
                  + (at(all, 1, all.size() / columns).row() > sheet.row() ? 1 : 0));
    }
  }
}

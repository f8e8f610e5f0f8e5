package mellow.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import mellow.core.measure.UnitSystem;
import mellow.core.placement.template.DrillTemplate;
import mellow.core.placement.template.HoleRow;
import mellow.core.placement.template.Paper;
import mellow.core.placement.template.Stroke;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.words.Speech;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

class HolesTest {
  private static Optional<List<Integer>> holes(int holes, int lamps, double widthMm) {
    return new HoleRow(holes, 60).holesFor(Collections.nCopies(lamps, widthMm));
  }

  /** Common practice: brackets with five holes. */
  @Test
  void threeLampsTakeHoles135AndTwoTake24() {
    assertThat(holes(5, 3, 90)).contains(List.of(1, 3, 5));
    assertThat(holes(5, 2, 90)).contains(List.of(2, 4));
    assertThat(holes(5, 1, 90)).contains(List.of(3));
  }

  @Test
  void lampsThatWouldTouchTakeHolesFartherApart() {
    assertThat(holes(5, 2, 200)).contains(List.of(1, 5));
    assertThat(holes(5, 3, 130)).isEmpty();
  }

  @Test
  void anOddNumberOfLampsNeedsAHoleInTheMiddle() {
    assertThat(holes(6, 3, 50)).isEmpty();
    assertThat(holes(6, 2, 50)).contains(List.of(2, 5));
  }

  private static LampPair barLamp(double widthMm) {
    return LampPair.mirrored(
        "it",
        "running lamp",
        new Lamp(
            LampFunction.DRL,
            List.of(new Lamp.Head(new Outline.Rectangle(widthMm, 30), 0, 0)),
            Optional.empty(),
            Light.UNKNOWN,
            Optional.empty(),
            List.of(new Lamp.Hole(40, 10, 3, 10), new Lamp.Hole(-40, 0, 0, 6))),
        new Spot(600, 500, 0));
  }

  @Test
  void theTemplateShowsTheLeftLampsOuterHoleAtTheRightAndMirrorsTheOther() {
    for (Side side : Side.values()) {
      List<DrillTemplate.Sheet> sheets =
          DrillTemplate.of(barLamp(120), side, Paper.A4, UnitSystem.METRIC, Speech.ENGLISH::text);
      assertThat(sheets).hasSize(1);
      List<Stroke.Circle> circles =
          sheets.get(0).strokes().stream()
              .filter(Stroke.Circle.class::isInstance)
              .map(Stroke.Circle.class::cast)
              .toList();
      Stroke.Circle outer =
          circles.stream().filter(one -> one.diameterMm() == 10).findFirst().orElseThrow();
      Stroke.Circle inner =
          circles.stream().filter(one -> one.diameterMm() == 6).findFirst().orElseThrow();
      assertThat(outer.x() - inner.x()).isCloseTo(side == Side.LEFT ? 80 : -80, within(1e-9));
      assertThat(outer.y() - inner.y()).isCloseTo(10, within(1e-9));
    }
  }

  private static Envelope outline(DrillTemplate.Sheet sheet) {
    Envelope reach = new Envelope();
    sheet.strokes().stream()
        .filter(Stroke.Path.class::isInstance)
        .flatMap(path -> ((Stroke.Path) path).corners().stream())
        .forEach(corner -> reach.expandToInclude(corner.outMm(), corner.upMm()));
    return reach;
  }

  /** A body from 40 mm inwards to 80 mm outwards of the lamp's place, 10 mm below to 20 above. */
  @Test
  void theTemplateShowsTheLampsOutlineAtItsSizeAndWhereTheHolesAre() {
    Lamp offCentre =
        new Lamp(
            LampFunction.DRL,
            List.of(new Lamp.Head(new Outline.Rectangle(120, 30), 20, 5)),
            Optional.empty(),
            Light.UNKNOWN,
            Optional.empty(),
            List.of(new Lamp.Hole(-40, 0, 0, 6)));
    LampPair pair = LampPair.mirrored("it", "running lamp", offCentre, new Spot(600, 500, 0));
    for (Side side : Side.values()) {
      DrillTemplate.Sheet sheet =
          DrillTemplate.of(pair, side, Paper.A4, UnitSystem.METRIC, Speech.ENGLISH::text).get(0);
      Stroke.Circle hole =
          sheet.strokes().stream()
              .filter(Stroke.Circle.class::isInstance)
              .map(Stroke.Circle.class::cast)
              .findFirst()
              .orElseThrow();
      Envelope outline = outline(sheet);
      assertThat(outline.getWidth()).isCloseTo(120, within(1e-9));
      assertThat(outline.getHeight()).isCloseTo(30, within(1e-9));
      assertThat(outline.getMinY() - hole.y()).isCloseTo(-10, within(1e-9));
      assertThat(side == Side.LEFT ? outline.getMinX() : outline.getMaxX())
          .as("%s: the hole is at the inner edge", side)
          .isCloseTo(hole.x(), within(1e-9));
    }
  }

  @Test
  void aLongLampIsTiledAndEachSheetHasItsControlLine() {
    List<DrillTemplate.Sheet> sheets =
        DrillTemplate.of(
            barLamp(400), Side.LEFT, Paper.LETTER, UnitSystem.IMPERIAL, Speech.ENGLISH::text);
    // 430 mm of drawing over windows of 191.9 mm that share 10 mm
    assertThat(sheets).hasSize(3);
    double shared = 2 * 10;
    assertThat(sheets.stream().mapToDouble(sheet -> outline(sheet).getWidth()).sum())
        .as("the outline over all sheets")
        .isCloseTo(400 + shared, within(1e-9));
    for (DrillTemplate.Sheet sheet : sheets) {
      assertThat(
              sheet.strokes().stream()
                  .filter(Stroke.Line.class::isInstance)
                  .map(Stroke.Line.class::cast)
                  .filter(line -> Math.abs(line.toX() - line.fromX() - 100) < 1e-9))
          .hasSize(1);
    }
  }

  /** Letters of an ordinary typeface are at most as wide as two thirds of their size on average. */
  private static Envelope taken(Stroke.Text text) {
    double width = text.words().length() * text.sizeMm() * 0.75;
    return new Envelope(
        text.x(), text.x() + width, text.y() - 0.3 * text.sizeMm(), text.y() + text.sizeMm());
  }

  @Test
  void wordsStayOnThePaperAndOffEachOther() {
    Lamp close =
        new Lamp(
            LampFunction.DRL,
            List.of(new Lamp.Head(new Outline.Rectangle(120, 30), 0, 0)),
            Optional.empty(),
            Light.UNKNOWN,
            Optional.empty(),
            List.of(
                new Lamp.Hole(-15, 0, 3, 10),
                new Lamp.Hole(0, 0, 3, 10),
                new Lamp.Hole(15, 0, 3, 12)));
    LampPair pair =
        LampPair.mirrored(
            "it",
            "running lamp with three small heads on a bracket behind the lower grille of the bus",
            close,
            new Spot(600, 500, 0));
    for (Paper paper : Paper.values()) {
      for (UnitSystem units : UnitSystem.values()) {
        DrillTemplate.Sheet sheet =
            DrillTemplate.of(pair, Side.RIGHT, paper, units, Speech.ENGLISH::text).get(0);
        List<Stroke.Text> texts = texts(sheet);
        for (Stroke.Text text : texts) {
          assertThat(taken(text).getMaxX()).as(text.words()).isLessThan(paper.widthMm() - 8);
          assertThat(texts)
              .filteredOn(other -> other != text && taken(other).intersects(taken(text)))
              .as(text.words())
              .isEmpty();
        }
        assertThat(texts).extracting(Stroke.Text::words).contains("1", "2", "3");
      }
    }
  }

  private static List<Stroke.Text> texts(DrillTemplate.Sheet sheet) {
    return sheet.strokes().stream()
        .filter(Stroke.Text.class::isInstance)
        .map(Stroke.Text.class::cast)
        .toList();
  }

  @Test
  void holesOfOneSizeShareALineInTheOrderOfDrilling() {
    List<String> words =
        texts(
                DrillTemplate.of(
                        barLamp(120), Side.LEFT, Paper.A4, UnitSystem.METRIC, Speech.ENGLISH::text)
                    .get(0))
            .stream()
            .map(Stroke.Text::words)
            .toList();
    assertThat(words).contains("Hole 1: 6.0 mm", "Hole 2: 3.0 mm, then 10.0 mm");
  }
}

package mellow.core.placement.template;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.placement.Lamp;
import mellow.core.placement.LampPair;
import mellow.core.placement.Outline;
import mellow.core.placement.PlacementWords;
import mellow.core.placement.Point;
import mellow.core.placement.Shapes;
import mellow.core.placement.Spot;
import mellow.core.vehicle.Side;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A drill template at 1:1, tiled over sheets of paper, as one stands before the vehicle and holds
 * it on: the vehicle's left is at the sheet's right.
 */
public final class DrillTemplate {
  /** Length of the line that proves the scale, mm. */
  public static final double CONTROL_LINE_MM = 100;

  /** Printers leave the paper's edge white. */
  private static final double MARGIN_MM = 12;

  /** Neighbouring sheets show the same strip, to lay one on the other. */
  private static final double OVERLAP_MM = 10;

  /** Foot of each sheet: the control line, and above it the words. */
  private static final double CONTROL_HEIGHT_MM = 12;

  private static final double WORDS_MM = 2.8;
  private static final double LINE_MM = 5.6;

  private static final double AROUND_MM = 15;
  private static final double CROSS_MM = 6;

  private final LampPair pair;
  private final Side side;
  private final Paper paper;
  private final UnitSystem units;
  private final BiFunction<Sentence, UnitSystem, String> said;
  private final List<Lamp.Hole> holes;
  private final Envelope reach;
  private final double footMm;

  private DrillTemplate(
      LampPair pair,
      Side side,
      Paper paper,
      UnitSystem units,
      BiFunction<Sentence, UnitSystem, String> said) {
    this.pair = pair;
    this.side = side;
    this.paper = paper;
    this.units = units;
    this.said = said;
    this.holes = inOrder(pair.lamp());
    this.footMm = CONTROL_HEIGHT_MM + (footWords(99, 99).size() + 0.5) * LINE_MM;
    Envelope all = seen(pair.lamp().body()).getEnvelopeInternal();
    holes.forEach(hole -> all.expandToInclude(seenX(hole.outMm()), hole.upMm()));
    all.expandToInclude(0, 0);
    all.expandBy(AROUND_MM);
    this.reach = all;
  }

  /**
   * One sheet.
   *
   * @param column from the left, from 1
   * @param row from the top, from 1
   */
  public record Sheet(int column, int row, List<Stroke> strokes) {}

  /**
   * The sheets of one side's template, row by row.
   *
   * @param said gives the words of a sentence in the reader's language, with figures in some units
   */
  public static List<Sheet> of(
      LampPair pair,
      Side side,
      Paper paper,
      UnitSystem units,
      BiFunction<Sentence, UnitSystem, String> said) {
    return new DrillTemplate(pair, side, paper, units, said).sheets();
  }

  private double windowWidth() {
    return paper.widthMm() - 2 * MARGIN_MM;
  }

  private double windowHeight() {
    return paper.heightMm() - 2 * MARGIN_MM - footMm;
  }

  private double footTop() {
    return MARGIN_MM + footMm;
  }

  private static int tiles(double length, double window) {
    return (int) Math.max(1, Math.ceil((length - OVERLAP_MM) / (window - OVERLAP_MM)));
  }

  private List<Sheet> sheets() {
    int columns = tiles(reach.getWidth(), windowWidth());
    int rows = tiles(reach.getHeight(), windowHeight());
    List<Sheet> sheets = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        sheets.add(sheet(column, row, columns, rows));
      }
    }
    return sheets;
  }

  private Sheet sheet(int column, int row, int columns, int rows) {
    double left = reach.getMinX() + column * (windowWidth() - OVERLAP_MM);
    double top = reach.getMaxY() - row * (windowHeight() - OVERLAP_MM);
    Envelope window = new Envelope(left, left + windowWidth(), top - windowHeight(), top);
    List<Stroke> strokes = new ArrayList<>();
    double dx = MARGIN_MM - window.getMinX();
    double dy = footTop() - window.getMinY();
    body(window, dx, dy, strokes);
    axes(window, dx, dy, strokes);
    holes(window, dx, dy, strokes);
    joins(column, row, columns, rows, strokes);
    foot(column, row, columns, rows, strokes);
    return new Sheet(column + 1, row + 1, List.copyOf(strokes));
  }

  private Geometry seen(Geometry shape) {
    return AffineTransformation.scaleInstance(side.sign(), 1).transform(shape);
  }

  /** Before the vehicle its left lies at the right, so that out is right for the left lamp. */
  private double seenX(double outMm) {
    return side.sign() * outMm;
  }

  private void body(Envelope window, double dx, double dy, List<Stroke> strokes) {
    Geometry shape = seen(pair.lamp().body());
    Geometry shown = Shapes.common(shape, Outline.FACTORY.toGeometry(window));
    for (int i = 0; i < shown.getNumGeometries(); i++) {
      if (shown.getGeometryN(i) instanceof org.locationtech.jts.geom.Polygon part) {
        List<Point> corners = new ArrayList<>();
        Coordinate[] ring = part.getExteriorRing().getCoordinates();
        for (int corner = 0; corner < ring.length - 1; corner++) {
          corners.add(new Point(ring[corner].getX() + dx, ring[corner].getY() + dy));
        }
        strokes.add(new Stroke.Path(corners));
      }
    }
  }

  private void axes(Envelope window, double dx, double dy, List<Stroke> strokes) {
    Envelope shown = window.intersection(reach);
    if (shown.getMinX() <= 0 && shown.getMaxX() >= 0) {
      strokes.add(
          new Stroke.Line(dx, shown.getMinY() + dy, dx, shown.getMaxY() + dy, Stroke.Pen.DASH_DOT));
    }
    if (shown.getMinY() <= 0 && shown.getMaxY() >= 0) {
      strokes.add(
          new Stroke.Line(shown.getMinX() + dx, dy, shown.getMaxX() + dx, dy, Stroke.Pen.DASH_DOT));
    }
  }

  private void holes(Envelope window, double dx, double dy, List<Stroke> strokes) {
    int number = 0;
    for (Lamp.Hole hole : holes) {
      number++;
      double x = seenX(hole.outMm());
      if (!window.contains(x, hole.upMm())) {
        continue;
      }
      double atX = x + dx;
      double atY = hole.upMm() + dy;
      strokes.add(new Stroke.Circle(atX, atY, hole.finalMm()));
      if (hole.pilotMm() > 0) {
        strokes.add(new Stroke.Circle(atX, atY, hole.pilotMm()));
      }
      double arm = hole.finalMm() / 2 + CROSS_MM;
      strokes.add(new Stroke.Line(atX - arm, atY, atX + arm, atY, Stroke.Pen.SOLID));
      strokes.add(new Stroke.Line(atX, atY - arm, atX, atY + arm, Stroke.Pen.SOLID));
      double away = hole.finalMm() / 2 * Math.sqrt(0.5) + 0.8;
      strokes.add(new Stroke.Text(atX + away, atY + away, 3, Integer.toString(number)));
    }
  }

  /** The largest holes last: a small one still shows where a slip would have gone. */
  private static List<Lamp.Hole> inOrder(Lamp lamp) {
    return lamp.holes().stream().sorted(Comparator.comparingDouble(Lamp.Hole::finalMm)).toList();
  }

  private Sentence drills(Lamp.Hole hole) {
    String full = diameter(hole.finalMm());
    return hole.pilotMm() > 0
        ? PlacementWords.templateDrills(diameter(hole.pilotMm()), full)
        : PlacementWords.templateOnce(full);
  }

  /** The holes by what is drilled, in order: "1 to 3: 3.0 mm, then 10.0 mm". */
  private List<Sentence> drillList() {
    List<Sentence> list = new ArrayList<>();
    int first = 0;
    while (first < holes.size()) {
      int next = first + 1;
      while (next < holes.size() && drills(holes.get(next)).equals(drills(holes.get(first)))) {
        next++;
      }
      Sentence drills = drills(holes.get(first));
      list.add(
          next - first == 1
              ? PlacementWords.templateHole(next, drills)
              : PlacementWords.templateHoles(first + 1, next, drills));
      first = next;
    }
    return list;
  }

  private String diameter(double mm) {
    return units == UnitSystem.METRIC
        ? String.format(Locale.ROOT, "%.1f mm", mm)
        : Figure.lengthMm(mm).text(units);
  }

  private void joins(int column, int row, int columns, int rows, List<Stroke> strokes) {
    double bottom = footTop();
    double top = paper.heightMm() - MARGIN_MM;
    double right = paper.widthMm() - MARGIN_MM;
    if (column > 0) {
      strokes.add(dotted(MARGIN_MM + OVERLAP_MM, bottom, MARGIN_MM + OVERLAP_MM, top));
    }
    if (column < columns - 1) {
      strokes.add(dotted(right, bottom, right, top));
    }
    if (row > 0) {
      strokes.add(dotted(MARGIN_MM, top - OVERLAP_MM, right, top - OVERLAP_MM));
    }
    if (row < rows - 1) {
      strokes.add(dotted(MARGIN_MM, bottom, right, bottom));
    }
  }

  private static Stroke dotted(double fromX, double fromY, double toX, double toY) {
    return new Stroke.Line(fromX, fromY, toX, toY, Stroke.Pen.DOTTED);
  }

  private void foot(int column, int row, int columns, int rows, List<Stroke> strokes) {
    double y = MARGIN_MM + 2;
    double end = MARGIN_MM + CONTROL_LINE_MM;
    strokes.add(new Stroke.Line(MARGIN_MM, y, end, y, Stroke.Pen.SOLID));
    strokes.add(new Stroke.Line(MARGIN_MM, y - 2, MARGIN_MM, y + 2, Stroke.Pen.SOLID));
    strokes.add(new Stroke.Line(end, y - 2, end, y + 2, Stroke.Pen.SOLID));
    strokes.add(new Stroke.Text(end + 3, y + 1, WORDS_MM, said(PlacementWords.templateMeasure())));
    strokes.add(
        new Stroke.Text(end + 3, y - LINE_MM + 1, WORDS_MM, said(PlacementWords.templateScale())));
    double line = footTop();
    for (String words : footWords(row * columns + column + 1, rows * columns)) {
      line -= LINE_MM;
      strokes.add(new Stroke.Text(MARGIN_MM, line, WORDS_MM, words));
    }
  }

  private String said(Sentence sentence) {
    return said.apply(sentence, units);
  }

  private List<String> footWords(int sheet, int sheets) {
    Spot spot = pair.spots().on(side);
    Sentence title = PlacementWords.templateTitle(side, pair.name());
    List<Sentence> paragraphs = new ArrayList<>();
    paragraphs.add(sheets == 1 ? title : PlacementWords.templateSheet(title, sheet, sheets));
    paragraphs.add(
        PlacementWords.templateCross(
            Figure.lengthMm(spot.outMm()), Figure.lengthMm(spot.heightMm())));
    paragraphs.addAll(drillList());
    paragraphs.add(PlacementWords.templateCare());
    return paragraphs.stream().flatMap(words -> lines(said(words)).stream()).toList();
  }

  private List<String> lines(String words) {
    int letters = (int) (windowWidth() / (WORDS_MM * Stroke.Text.WIDEST_MEAN_LETTER));
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : words.split(" ")) {
      if (!line.isEmpty() && line.length() + 1 + word.length() > letters) {
        lines.add(line.toString());
        line.setLength(0);
      }
      line.append(line.isEmpty() ? "" : " ").append(word);
    }
    lines.add(line.toString());
    return lines;
  }
}

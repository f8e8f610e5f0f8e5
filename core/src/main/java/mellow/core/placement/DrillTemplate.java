package mellow.core.placement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import mellow.core.finding.Figure;
import mellow.core.measure.UnitSystem;
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

  /** Foot of each sheet: control line and words. */
  private static final double FOOT_MM = 34;

  private static final double AROUND_MM = 15;
  private static final double CROSS_MM = 6;

  private final LampPair pair;
  private final Side side;
  private final Paper paper;
  private final UnitSystem units;
  private final Envelope reach;

  private DrillTemplate(LampPair pair, Side side, Paper paper, UnitSystem units) {
    this.pair = pair;
    this.side = side;
    this.paper = paper;
    this.units = units;
    Envelope all = seen(pair.lamp().body()).getEnvelopeInternal();
    pair.lamp().holes().forEach(hole -> all.expandToInclude(seenX(hole.outMm()), hole.upMm()));
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

  /** The sheets of one side's template, row by row. */
  public static List<Sheet> of(LampPair pair, Side side, Paper paper, UnitSystem units) {
    return new DrillTemplate(pair, side, paper, units).sheets();
  }

  private double windowWidth() {
    return paper.widthMm() - 2 * MARGIN_MM;
  }

  private double windowHeight() {
    return paper.heightMm() - 2 * MARGIN_MM - FOOT_MM;
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
    double dy = MARGIN_MM + FOOT_MM - window.getMinY();
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

  private static void axes(Envelope window, double dx, double dy, List<Stroke> strokes) {
    if (window.getMinX() <= 0 && window.getMaxX() >= 0) {
      strokes.add(
          new Stroke.Line(
              dx, window.getMinY() + dy, dx, window.getMaxY() + dy, Stroke.Pen.DASH_DOT));
    }
    if (window.getMinY() <= 0 && window.getMaxY() >= 0) {
      strokes.add(
          new Stroke.Line(
              window.getMinX() + dx, dy, window.getMaxX() + dx, dy, Stroke.Pen.DASH_DOT));
    }
  }

  private void holes(Envelope window, double dx, double dy, List<Stroke> strokes) {
    int number = 0;
    for (Lamp.Hole hole : inOrder()) {
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
      strokes.add(new Stroke.Text(atX + arm + 1, atY + 1, 3, number + ": " + drills(hole)));
    }
  }

  /** The largest holes last: a small one still shows where a slip would have gone. */
  private List<Lamp.Hole> inOrder() {
    return pair.lamp().holes().stream()
        .sorted(Comparator.comparingDouble(Lamp.Hole::finalMm))
        .toList();
  }

  private String drills(Lamp.Hole hole) {
    String last = diameter(hole.finalMm());
    return hole.pilotMm() > 0 ? diameter(hole.pilotMm()) + ", then " + last : last;
  }

  private String diameter(double mm) {
    return units == UnitSystem.METRIC
        ? String.format(Locale.ROOT, "%.1f mm", mm)
        : Figure.lengthMm(mm).text(units);
  }

  private void joins(int column, int row, int columns, int rows, List<Stroke> strokes) {
    double bottom = MARGIN_MM + FOOT_MM;
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
    double y = MARGIN_MM + 4;
    double end = MARGIN_MM + CONTROL_LINE_MM;
    strokes.add(new Stroke.Line(MARGIN_MM, y, end, y, Stroke.Pen.SOLID));
    strokes.add(new Stroke.Line(MARGIN_MM, y - 2, MARGIN_MM, y + 2, Stroke.Pen.SOLID));
    strokes.add(new Stroke.Line(end, y - 2, end, y + 2, Stroke.Pen.SOLID));
    strokes.add(
        new Stroke.Text(end + 3, y - 1, 2.6, "100 mm: measure it. Not 100? Print at 100 %."));
    Spot spot = pair.spots().on(side);
    strokes.add(
        new Stroke.Text(
            MARGIN_MM,
            y + 14,
            3,
            "Cross: "
                + Figure.lengthMm(spot.outMm()).text(units)
                + " from the vehicle's centre line, "
                + Figure.lengthMm(spot.heightMm()).text(units)
                + " above the ground. Pilot holes first. Look what lies behind."));
    strokes.add(
        new Stroke.Text(
            MARGIN_MM,
            y + 20,
            4,
            side.word().toUpperCase(Locale.ROOT)
                + " "
                + pair.name()
                + ", seen standing before the vehicle; sheet "
                + (row * columns + column + 1)
                + " of "
                + rows * columns));
  }
}

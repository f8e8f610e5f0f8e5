package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;

/** Level lines of a fitted floor inside a rectangle, for drawing the plane. */
public final class FloorContours {
  /** The steps between lines that are used, in mm. */
  private static final double[] STEPS_MM = {1, 2, 5, 10, 20, 50, 100, 200, 500};

  private static final int MOST_STEPS = 12;

  private FloorContours() {}

  /** A level line from one edge of the rectangle to another. */
  public record Line(double levelMm, double x1Mm, double y1Mm, double x2Mm, double y2Mm) {}

  /** The rectangle that is drawn, in the bay's frame. */
  public record Area(double leftXMm, double rightXMm, double nearYMm, double farYMm) {}

  /**
   * Level lines at round heights, at most a dozen steps from the lowest corner to the highest; none
   * that matters for a floor that is level.
   */
  public static List<Line> of(FloorPlane plane, Area area) {
    double[] corners = {
      plane.heightMm(area.leftXMm(), area.nearYMm()),
      plane.heightMm(area.rightXMm(), area.nearYMm()),
      plane.heightMm(area.leftXMm(), area.farYMm()),
      plane.heightMm(area.rightXMm(), area.farYMm())
    };
    double lowest = java.util.Arrays.stream(corners).min().orElseThrow();
    double highest = java.util.Arrays.stream(corners).max().orElseThrow();
    double step = step(highest - lowest);
    List<Line> lines = new ArrayList<>();
    for (double level = Math.ceil(lowest / step) * step; level <= highest; level += step) {
      line(plane, area, level, lines);
    }
    return lines;
  }

  private static double step(double range) {
    for (double step : STEPS_MM) {
      if (range / step <= MOST_STEPS) {
        return step;
      }
    }
    return range / MOST_STEPS;
  }

  private static void line(FloorPlane plane, Area area, double level, List<Line> lines) {
    List<double[]> ends = new ArrayList<>();
    crossX(plane, area, area.nearYMm(), level, ends);
    crossX(plane, area, area.farYMm(), level, ends);
    crossY(plane, area, area.leftXMm(), level, ends);
    crossY(plane, area, area.rightXMm(), level, ends);
    if (ends.size() >= 2) {
      double[] a = ends.get(0);
      double[] b = ends.get(1);
      lines.add(new Line(level, a[0], a[1], b[0], b[1]));
    }
  }

  private static void crossX(
      FloorPlane plane, Area area, double y, double level, List<double[]> ends) {
    double atLeft = plane.heightMm(area.leftXMm(), y);
    double atRight = plane.heightMm(area.rightXMm(), y);
    double share = (level - atLeft) / (atRight - atLeft);
    if (share >= 0 && share <= 1) {
      ends.add(new double[] {area.leftXMm() + share * (area.rightXMm() - area.leftXMm()), y});
    }
  }

  private static void crossY(
      FloorPlane plane, Area area, double x, double level, List<double[]> ends) {
    double atNear = plane.heightMm(x, area.nearYMm());
    double atFar = plane.heightMm(x, area.farYMm());
    double share = (level - atNear) / (atFar - atNear);
    if (share >= 0 && share <= 1) {
      ends.add(new double[] {x, area.nearYMm() + share * (area.farYMm() - area.nearYMm())});
    }
  }
}

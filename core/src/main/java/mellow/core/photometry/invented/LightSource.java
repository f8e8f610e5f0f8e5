package mellow.core.photometry.invented;

import java.util.ArrayList;
import java.util.List;

/**
 * What shines in a bowl: points along an axis, each with its share of the flux.
 *
 * @param lumens of the whole source
 * @param points where it shines
 * @param towards how much of it goes in a direction, by the angle from the bowl's axis and round
 *     it; need not be normalised
 */
record LightSource(double lumens, List<Point> points, Towards towards) {
  /** In mm from the bowl's focus: along its axis forwards, to the right, up; shares add up to 1. */
  record Point(double forwardMm, double rightMm, double upMm, double share) {}

  /** Relative intensity by the angle from the axis backwards and round it, radians. */
  @FunctionalInterface
  interface Towards {
    double relative(double fromAxis, double roundAxis);
  }

  private static final int ALONG = 9;
  private static final int ACROSS = 5;

  /**
   * A coil lying along the axis: 4.6 × 1.3 mm about the focus. It shines across its axis most, as
   * the sine of the angle from it.
   */
  static LightSource filament(double lumens) {
    return new LightSource(lumens, bar(4.6, 1.3, 0), (from, round) -> Math.sin(from));
  }

  /**
   * An arc in its place: 4.4 mm long, 1 mm too far forward, bent up by 0.8 mm in its middle, wider
   * and brighter at its ends. An eighth of its light comes from the glowing vapour and bulb around
   * it, 6 mm wide.
   */
  static LightSource arc(double lumens) {
    List<Point> points = new ArrayList<>();
    for (Point point : bar(4.4, 2.4, 0)) {
      double along = point.forwardMm() / 2.2;
      points.add(
          new Point(
              point.forwardMm() + 1,
              point.rightMm(),
              point.upMm() + 0.8 * (1 - along * along),
              point.share() * (1 + along * along)));
    }
    return new LightSource(
        lumens, together(points, 7.0 / 8, bar(6, 6, 0), 1.0 / 8), (from, round) -> Math.sin(from));
  }

  /**
   * Rows of chips on both faces of an upright board, 4.8 × 1.6 mm each, 1.5 mm to the left and to
   * the right of the axis. They shine to both sides and leave top and bottom of the bowl dim; a
   * twentieth of their light is strewn by their lenses, 5 mm wide.
   */
  static LightSource chips(double lumens) {
    List<Point> points = new ArrayList<>();
    for (double side : new double[] {-1.5, 1.5}) {
      for (Point point : bar(4.8, 1.6, side)) {
        points.add(new Point(point.forwardMm(), side, point.upMm(), point.share()));
      }
    }
    return new LightSource(
        lumens,
        together(points, 19.0 / 20, bar(5, 5, 0), 1.0 / 20),
        (from, round) -> Math.sin(from) * Math.abs(Math.cos(round)) + 0.03);
  }

  private static List<Point> together(
      List<Point> one, double oneShare, List<Point> other, double otherShare) {
    List<Point> all = new ArrayList<>(scaled(one, oneShare));
    all.addAll(scaled(other, otherShare));
    return all;
  }

  private static List<Point> scaled(List<Point> points, double toShare) {
    double sum = points.stream().mapToDouble(Point::share).sum();
    return points.stream()
        .map(p -> new Point(p.forwardMm(), p.rightMm(), p.upMm(), p.share() / sum * toShare))
        .toList();
  }

  private static List<Point> bar(double lengthMm, double widthMm, double rightMm) {
    List<Point> points = new ArrayList<>();
    int inDisc = 0;
    for (int i = 0; i < ACROSS * ACROSS; i++) {
      inDisc += disc(i % ACROSS, i / ACROSS) ? 1 : 0;
    }
    for (int along = 0; along < ALONG; along++) {
      for (int i = 0; i < ACROSS * ACROSS; i++) {
        int a = i % ACROSS;
        int b = i / ACROSS;
        if (disc(a, b)) {
          points.add(
              new Point(
                  lengthMm * ((along + 0.5) / ALONG - 0.5),
                  rightMm + widthMm / 2 * across(a),
                  widthMm / 2 * across(b),
                  1.0 / (ALONG * inDisc)));
        }
      }
    }
    return points;
  }

  private static double across(int index) {
    return 2.0 * index / (ACROSS - 1) - 1;
  }

  private static boolean disc(int a, int b) {
    return Math.hypot(across(a), across(b)) <= 1.001;
  }
}

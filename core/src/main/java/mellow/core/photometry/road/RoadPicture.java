package mellow.core.photometry.road;

import java.util.List;
import java.util.stream.IntStream;
import mellow.core.photometry.MountedBeam.Facing;

/**
 * Light over a road, seen from above.
 *
 * @param window which part of the road
 * @param lux by row from near to far, then from left to right
 */
public record RoadPicture(Window window, double[][] lux) {

  /**
   * A part of the road.
   *
   * @param fromMm how far ahead it begins
   * @param lengthMm along the road
   * @param widthMm across, half of it to each side of the vehicle
   * @param stepMm between points
   */
  public record Window(double fromMm, double lengthMm, double widthMm, double stepMm) {
    public int rows() {
      return (int) Math.round(lengthMm / stepMm) + 1;
    }

    public int columns() {
      return (int) Math.round(widthMm / stepMm) + 1;
    }

    public double yMm(double row) {
      return fromMm + row * stepMm;
    }

    /** Left positive: columns run to the right. */
    public double xMm(double column) {
      return widthMm / 2 - column * stepMm;
    }
  }

  /** The light on the road itself, on faces that lie or stand on it. */
  public static RoadPicture of(Headlamps headlamps, RoadShape road, Window window, Facing facing) {
    double[][] lux = new double[window.rows()][window.columns()];
    IntStream.range(0, window.rows())
        .parallel()
        .forEach(
            row -> {
              double y = window.yMm(row);
              for (int column = 0; column < lux[row].length; column++) {
                lux[row][column] = headlamps.lux(road, window.xMm(column), y, 0, facing);
              }
            });
    return new RoadPicture(window, lux);
  }

  /**
   * Rings about all that is lit so brightly, in mm of the road: across is x, along is y. What goes
   * on beyond the window is closed at its border.
   */
  public List<Contours.Line> isolux(double level) {
    double[][] framed = new double[lux.length + 2][window.columns() + 2];
    for (int row = 0; row < lux.length; row++) {
      System.arraycopy(lux[row], 0, framed[row + 1], 1, lux[row].length);
    }
    return Contours.of(framed, level).stream()
        .map(
            line ->
                line.moved(
                    point ->
                        new Contours.Point(
                            window.xMm(
                                Math.max(0, Math.min(window.columns() - 1.0, point.across() - 1))),
                            window.yMm(
                                Math.max(0, Math.min(window.rows() - 1.0, point.along() - 1))))))
        .toList();
  }
}

package mellow.core.photometry.road;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Lines of equal value through a grid: where it is crossed on the sides of each cell, between its
 * corners in proportion, joined from cell to cell. Where a cell is crossed twice, the mean of its
 * corners decides which sides belong together.
 */
public final class Contours {
  private final double[][] values;
  private final double level;
  private final Map<Integer, List<Integer>> joins = new HashMap<>();
  private final int columns;

  private Contours(double[][] values, double level) {
    this.values = values;
    this.level = level;
    this.columns = values[0].length;
  }

  /** A point: across is the column, along the row, or what they were moved to. */
  public record Point(double across, double along) {}

  /**
   * One line.
   *
   * @param closed its end is its beginning; an open one ends at the grid's border
   */
  public record Line(List<Point> points, boolean closed) {
    public Line {
      points = List.copyOf(points);
    }

    /** The same line with so few points that none is left out that stands farther from it. */
    public Line thinned(double within) {
      Coordinate[] all =
          points.stream()
              .map(point -> new Coordinate(point.across(), point.along()))
              .toArray(Coordinate[]::new);
      return new Line(
          Stream.of(
                  DouglasPeuckerSimplifier.simplify(
                          new GeometryFactory().createLineString(all), within)
                      .getCoordinates())
              .map(kept -> new Point(kept.x, kept.y))
              .toList(),
          closed);
    }

    Line moved(UnaryOperator<Point> move) {
      return new Line(points.stream().map(move).toList(), closed);
    }
  }

  /** All lines of a level, in rows and columns of the grid. */
  public static List<Line> of(double[][] values, double level) {
    Contours contours = new Contours(values, level);
    for (int row = 0; row + 1 < values.length; row++) {
      for (int column = 0; column + 1 < contours.columns; column++) {
        contours.cell(row, column);
      }
    }
    return contours.lines();
  }

  private boolean over(int row, int column) {
    return values[row][column] >= level;
  }

  /** Sides of cells are numbered: even ones run along a row, odd ones along a column. */
  private int alongRow(int row, int column) {
    return 2 * (row * columns + column);
  }

  private int alongColumn(int row, int column) {
    return alongRow(row, column) + 1;
  }

  private void cell(int row, int column) {
    boolean nearLeft = over(row, column);
    boolean nearRight = over(row, column + 1);
    boolean farLeft = over(row + 1, column);
    boolean farRight = over(row + 1, column + 1);
    int near = alongRow(row, column);
    int far = alongRow(row + 1, column);
    int left = alongColumn(row, column);
    int right = alongColumn(row, column + 1);
    List<Integer> crossed = new ArrayList<>();
    add(crossed, nearLeft != nearRight, near);
    add(crossed, nearRight != farRight, right);
    add(crossed, farLeft != farRight, far);
    add(crossed, nearLeft != farLeft, left);
    if (crossed.size() == 2) {
      join(crossed.get(0), crossed.get(1));
    } else if (crossed.size() == 4) {
      double mean =
          (values[row][column]
                  + values[row][column + 1]
                  + values[row + 1][column]
                  + values[row + 1][column + 1])
              / 4;
      // the corners that are like the middle hang together; the others are cut off
      boolean cutsNearLeft = nearLeft != mean >= level;
      join(near, cutsNearLeft ? left : right);
      join(far, cutsNearLeft ? right : left);
    }
  }

  private static void add(List<Integer> to, boolean is, int side) {
    if (is) {
      to.add(side);
    }
  }

  private void join(int one, int other) {
    joins.computeIfAbsent(one, side -> new ArrayList<>(2)).add(other);
    joins.computeIfAbsent(other, side -> new ArrayList<>(2)).add(one);
  }

  private List<Line> lines() {
    List<Line> lines = new ArrayList<>();
    // the ends of open lines first, so that what is left are rings
    for (int side :
        joins.keySet().stream().filter(side -> joins.get(side).size() == 1).sorted().toList()) {
      if (!joins.get(side).isEmpty()) {
        lines.add(follow(side, false));
      }
    }
    for (int side : joins.keySet().stream().sorted().toList()) {
      if (!joins.get(side).isEmpty()) {
        lines.add(follow(side, true));
      }
    }
    return lines;
  }

  private Line follow(int from, boolean closed) {
    Deque<Point> points = new ArrayDeque<>();
    int at = from;
    points.add(crossing(at));
    while (!joins.get(at).isEmpty()) {
      int next = joins.get(at).remove(0);
      joins.get(next).remove(Integer.valueOf(at));
      points.add(crossing(next));
      at = next;
    }
    return new Line(List.copyOf(points), closed);
  }

  private Point crossing(int side) {
    int row = side / 2 / columns;
    int column = side / 2 % columns;
    boolean across = side % 2 == 0;
    double from = values[row][column];
    double to = across ? values[row][column + 1] : values[row + 1][column];
    double share = (level - from) / (to - from);
    return across ? new Point(column + share, row) : new Point(column, row + share);
  }
}

package mellow.core.placement.template;

import java.util.List;
import mellow.core.placement.Point;

/** Something drawn on a sheet; millimetres from the sheet's lower left corner, y upwards. */
public sealed interface Stroke {
  /** How a line is drawn. */
  enum Pen {
    /** What is cut or drilled. */
    SOLID,
    /** Centre lines. */
    DASH_DOT,
    /** Where the next sheet joins. */
    DOTTED
  }

  /** A straight line. */
  record Line(double fromX, double fromY, double toX, double toY, Pen pen) implements Stroke {}

  /** A circle. */
  record Circle(double x, double y, double diameterMm) implements Stroke {}

  /** A closed outline. */
  record Path(List<Point> corners) implements Stroke {
    public Path {
      corners = List.copyOf(corners);
    }
  }

  /**
   * A line of text, its left end and baseline at the given place.
   *
   * @param sizeMm height of its capitals
   */
  record Text(double x, double y, double sizeMm, String words) implements Stroke {
    /** Mean width of a letter in a line of words, as a share of the capitals' height, at most. */
    static final double WIDEST_MEAN_LETTER = 0.78;
  }
}

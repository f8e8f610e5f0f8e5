package mellow.server.feed.paper;

import java.util.List;
import mellow.server.feed.drawing.Drawing.Spot;

/** What a drawing is drawn with: black on white, y down. */
interface Ink {
  /** How a line is drawn. */
  enum Pen {
    THIN(0.8),
    WIRE(1.6),
    BAR(4),
    DOTTED(0.8);

    private final double weight;

    Pen(double weight) {
      this.weight = weight;
    }

    double weight() {
      return weight;
    }
  }

  void line(List<Spot> spots, Pen pen);

  void circle(Spot centre, double radius, boolean filled);

  /** Words from their baseline's beginning. */
  void words(Spot at, double size, String words);
}

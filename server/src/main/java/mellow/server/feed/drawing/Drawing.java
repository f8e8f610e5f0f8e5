package mellow.server.feed.drawing;

import java.util.List;

/**
 * A circuit's drawing, laid out from the battery's bar above to the ground's below.
 *
 * @param width in pixels at 100 %
 * @param height the same; the bars are its edges
 * @param links from a relay's coil to its contact
 */
public record Drawing(
    double width, double height, List<Placed> symbols, List<Path> paths, List<Link> links) {

  /** A place on the drawing: x to the right, y down. */
  public record Spot(double x, double y) {}

  /** A symbol; x and y are those of its upper left corner. */
  public record Placed(
      String id,
      String part,
      Symbol symbol,
      double x,
      double y,
      double width,
      double height,
      List<PlacedPin> pins) {}

  /** A pin of a symbol. */
  public record PlacedPin(String terminal, String node, Spot at) {}

  /**
   * A line.
   *
   * @param wire the part that it stands for; empty where things are joined directly
   * @param label where a wire's words begin; the corner of the drawing for one without
   */
  public record Path(String id, String wire, String node, List<Spot> spots, Spot label) {}

  /** What moves what: from a relay's coil to its contact. */
  public record Link(String part, List<Spot> spots) {}
}

package mellow.server.feed.paper;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import mellow.server.feed.FeedView;
import mellow.server.feed.FeedWords;
import mellow.server.feed.drawing.Drawing.Spot;
import mellow.server.print.Markup;
import mellow.server.wire.Spoken;

/** A circuit's drawing as SVG, black on white. */
public final class WiringSvg implements Ink {
  private static final double MARGIN = 28;

  /** A small circuit is not blown up beyond this. */
  private static final double LARGEST = 1.5;

  private final StringBuilder lines = new StringBuilder();

  private WiringSvg() {}

  /** A file of its own. */
  public static byte[] of(FeedView sheet) {
    return drawn(sheet, 1).getBytes(StandardCharsets.UTF_8);
  }

  /**
   * As part of a printed sheet.
   *
   * @param width that there is room for, in CSS pixels
   * @param height likewise
   */
  static String fitted(FeedView sheet, double width, double height) {
    return drawn(
        sheet,
        Math.min(
            LARGEST,
            Math.min(
                width / (sheet.drawing().width() + 2 * MARGIN),
                height / (sheet.drawing().height() + 2 * MARGIN))));
  }

  private static String drawn(FeedView sheet, double scale) {
    WiringSvg ink = new WiringSvg();
    CircuitPen.draw(ink, sheet);
    ink.words(new Spot(0, -8), 12, Spoken.words(FeedWords.batteryPlus()));
    ink.words(new Spot(0, sheet.drawing().height() + 16), 12, Spoken.words(FeedWords.bodyGround()));
    double width = sheet.drawing().width() + 2 * MARGIN;
    double height = sheet.drawing().height() + 2 * MARGIN;
    return text(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.0f\" height=\"%.0f\""
            + " viewBox=\"%.0f %.0f %.0f %.0f\" fill=\"none\" stroke=\"black\""
            + " font-family=\"Barlow, sans-serif\"><title>%s</title>"
            + "<rect x=\"%.0f\" y=\"%.0f\" width=\"100%%\" height=\"100%%\" fill=\"white\""
            + " stroke=\"none\"/>\n%s</svg>\n",
        width * scale,
        height * scale,
        -MARGIN,
        -MARGIN,
        width,
        height,
        Markup.escaped(sheet.plan().title()),
        -MARGIN,
        -MARGIN,
        ink.lines);
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }

  @Override
  public void line(List<Spot> spots, Pen pen) {
    lines.append(
        text(
            "<polyline points=\"%s\" stroke-width=\"%.1f\"%s/>\n",
            spots.stream()
                .map(spot -> text("%.1f,%.1f", spot.x(), spot.y()))
                .collect(Collectors.joining(" ")),
            pen.weight(),
            pen == Pen.DOTTED ? " stroke-dasharray=\"1 4\"" : ""));
  }

  @Override
  public void circle(Spot centre, double radius, boolean filled) {
    lines.append(
        text(
            "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\"%s/>\n",
            centre.x(), centre.y(), radius, filled ? " fill=\"black\"" : ""));
  }

  @Override
  public void words(Spot at, double size, String words) {
    lines.append(
        text(
            "<text x=\"%.1f\" y=\"%.1f\" font-size=\"%.0f\" fill=\"black\" stroke=\"none\">%s</text>\n",
            at.x(), at.y(), size, Markup.escaped(words)));
  }
}

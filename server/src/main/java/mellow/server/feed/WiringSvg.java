package mellow.server.feed;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import mellow.server.feed.Drawing.Spot;
import mellow.server.wire.Spoken;
import org.springframework.web.util.HtmlUtils;

/** A circuit's drawing as SVG, black on white. */
final class WiringSvg implements Ink {
  private static final double MARGIN = 28;

  private final StringBuilder lines = new StringBuilder();

  private WiringSvg() {}

  static byte[] of(FeedView sheet) {
    WiringSvg ink = new WiringSvg();
    CircuitPen.draw(ink, sheet);
    ink.words(new Spot(0, -8), 12, Spoken.typed("battery +"));
    ink.words(new Spot(0, sheet.drawing().height() + 16), 12, Spoken.words(FeedWords.bodyGround()));
    double width = sheet.drawing().width() + 2 * MARGIN;
    double height = sheet.drawing().height() + 2 * MARGIN;
    return text(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.0f\" height=\"%.0f\""
                + " viewBox=\"%.0f %.0f %.0f %.0f\" fill=\"none\" stroke=\"black\""
                + " font-family=\"sans-serif\"><title>%s</title>"
                + "<rect x=\"%.0f\" y=\"%.0f\" width=\"100%%\" height=\"100%%\" fill=\"white\""
                + " stroke=\"none\"/>\n%s</svg>\n",
            width,
            height,
            -MARGIN,
            -MARGIN,
            width,
            height,
            escaped(sheet.plan().title()),
            -MARGIN,
            -MARGIN,
            ink.lines)
        .getBytes(StandardCharsets.UTF_8);
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }

  private static String escaped(String words) {
    return HtmlUtils.htmlEscape(words, "UTF-8");
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
            at.x(), at.y(), size, escaped(words)));
  }
}

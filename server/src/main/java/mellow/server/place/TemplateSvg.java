package mellow.server.place;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.stream.Collectors;
import mellow.core.placement.template.DrillTemplate;
import mellow.core.placement.template.Paper;
import mellow.core.placement.template.Stroke;
import org.springframework.web.util.HtmlUtils;

/** Writes one sheet of a template as SVG, sized in millimetres. */
final class TemplateSvg {
  private static final double CAPITALS = 0.7;

  private final double heightMm;

  private TemplateSvg(double heightMm) {
    this.heightMm = heightMm;
  }

  static byte[] of(DrillTemplate.Sheet sheet, Paper paper) {
    TemplateSvg pen = new TemplateSvg(paper.heightMm());
    String strokes =
        sheet.strokes().stream().map(pen::stroke).collect(Collectors.joining("\n", "", "\n"));
    String size =
        text(
            "width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\"",
            paper.widthMm(), paper.heightMm(), paper.widthMm(), paper.heightMm());
    return ("<svg xmlns=\"http://www.w3.org/2000/svg\" "
            + size
            + " fill=\"none\" stroke=\"black\" stroke-width=\"0.25\" font-family=\"sans-serif\">\n"
            + strokes
            + "</svg>\n")
        .getBytes(StandardCharsets.UTF_8);
  }

  private String stroke(Stroke stroke) {
    if (stroke instanceof Stroke.Line line) {
      return text(
          "<line x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\"%s/>",
          line.fromX(), down(line.fromY()), line.toX(), down(line.toY()), dash(line.pen()));
    }
    if (stroke instanceof Stroke.Circle circle) {
      return text(
          "<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\"/>",
          circle.x(), down(circle.y()), circle.diameterMm() / 2);
    }
    if (stroke instanceof Stroke.Path path) {
      return path.corners().stream()
          .map(corner -> text("%.3f,%.3f", corner.outMm(), down(corner.upMm())))
          .collect(Collectors.joining(" ", "<polygon points=\"", "\"/>"));
    }
    Stroke.Text words = (Stroke.Text) stroke;
    return text(
        "<text x=\"%.3f\" y=\"%.3f\" font-size=\"%.3f\" fill=\"black\" stroke=\"none\">%s</text>",
        words.x(),
        down(words.y()),
        words.sizeMm() / CAPITALS,
        HtmlUtils.htmlEscape(words.words(), "UTF-8"));
  }

  private double down(double y) {
    return heightMm - y;
  }

  private static String dash(Stroke.Pen pen) {
    return switch (pen) {
      case SOLID -> "";
      case DASH_DOT -> " stroke-dasharray=\"6 1.5 0.5 1.5\"";
      case DOTTED -> " stroke-dasharray=\"0.5 1.5\"";
    };
  }

  private static String text(String pattern, Object... values) {
    return String.format(Locale.ROOT, pattern, values);
  }
}

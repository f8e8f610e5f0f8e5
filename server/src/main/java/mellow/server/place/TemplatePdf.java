package mellow.server.place;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import mellow.core.placement.Point;
import mellow.core.placement.template.DrillTemplate;
import mellow.core.placement.template.Paper;
import mellow.core.placement.template.Stroke;
import mellow.server.platform.PdfFile;
import mellow.server.platform.PrintFont;
import mellow.server.wire.Spoken;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/** Draws a template's sheets as PDF pages; one unit on the page is one millimetre. */
final class TemplatePdf {
  private static final float POINTS_PER_MM = 72 / 25.4f;
  private static final float LINE_MM = 0.25f;

  /** How far a curve's handles reach for a quarter circle. */
  private static final double QUARTER = 4 * (Math.sqrt(2) - 1) / 3;

  /** Height of capitals as a share of the font's size. */
  private static final double CAPITALS = 0.7;

  private final PDPageContentStream page;
  private final PrintFont font;

  private TemplatePdf(PDPageContentStream page, PrintFont font) {
    this.page = page;
    this.font = font;
  }

  static byte[] of(List<DrillTemplate.Sheet> sheets, Paper paper) {
    try (PDDocument document = PdfFile.begun();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      document.getDocumentInformation().setTitle(Spoken.words(PlaceWords.template()));
      PrintFont font = PrintFont.in(document);
      for (DrillTemplate.Sheet sheet : sheets) {
        PDPage page =
            new PDPage(
                new PDRectangle(
                    (float) paper.widthMm() * POINTS_PER_MM,
                    (float) paper.heightMm() * POINTS_PER_MM));
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
          content.transform(Matrix.getScaleInstance(POINTS_PER_MM, POINTS_PER_MM));
          content.setLineWidth(LINE_MM);
          TemplatePdf pen = new TemplatePdf(content, font);
          for (Stroke stroke : sheet.strokes()) {
            pen.draw(stroke);
          }
        }
      }
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void draw(Stroke stroke) throws IOException {
    if (stroke instanceof Stroke.Line line) {
      page.setLineDashPattern(dash(line.pen()), 0);
      page.moveTo((float) line.fromX(), (float) line.fromY());
      page.lineTo((float) line.toX(), (float) line.toY());
      page.stroke();
      page.setLineDashPattern(new float[0], 0);
    } else if (stroke instanceof Stroke.Circle circle) {
      circle(circle);
    } else if (stroke instanceof Stroke.Path path) {
      Point first = path.corners().get(0);
      page.moveTo((float) first.outMm(), (float) first.upMm());
      for (Point corner : path.corners()) {
        page.lineTo((float) corner.outMm(), (float) corner.upMm());
      }
      page.closeAndStroke();
    } else if (stroke instanceof Stroke.Text text) {
      page.beginText();
      page.setFont(font.font(), (float) (text.sizeMm() / CAPITALS));
      page.newLineAtOffset((float) text.x(), (float) text.y());
      page.showText(font.shown(text.words()));
      page.endText();
    }
  }

  private void circle(Stroke.Circle circle) throws IOException {
    float x = (float) circle.x();
    float y = (float) circle.y();
    float r = (float) circle.diameterMm() / 2;
    float k = (float) (r * QUARTER);
    page.moveTo(x + r, y);
    page.curveTo(x + r, y + k, x + k, y + r, x, y + r);
    page.curveTo(x - k, y + r, x - r, y + k, x - r, y);
    page.curveTo(x - r, y - k, x - k, y - r, x, y - r);
    page.curveTo(x + k, y - r, x + r, y - k, x + r, y);
    page.closeAndStroke();
  }

  private static float[] dash(Stroke.Pen pen) {
    return switch (pen) {
      case SOLID -> new float[0];
      case DASH_DOT -> new float[] {6, 1.5f, 0.5f, 1.5f};
      case DOTTED -> new float[] {0.5f, 1.5f};
    };
  }
}

package mellow.server.feed;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import mellow.server.feed.Drawing.Spot;
import mellow.server.platform.PdfFile;
import mellow.server.platform.PrintedPages;
import mellow.server.wire.Spoken;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The wiring sheet on A4, landscape: the circuit first, then what is read beside it. */
final class WiringPdf implements Ink {
  private static final PDRectangle PAPER =
      new PDRectangle(PDRectangle.A4.getHeight(), PDRectangle.A4.getWidth());
  private static final float MARGIN = PrintedPages.MARGIN;
  private static final float LINE = 14;

  /** How far a curve's handles reach for a quarter circle. */
  private static final double QUARTER = 4 * (Math.sqrt(2) - 1) / 3;

  private final PrintedPages pages;
  private PDPageContentStream page;
  private double scale = 1;
  private double left = MARGIN;
  private double top;

  private WiringPdf(PDDocument document) throws IOException {
    pages = new PrintedPages(document, PAPER);
    page = pages.page();
  }

  static byte[] of(WiringSheet sheet) {
    try (PDDocument document = PdfFile.begun();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      document
          .getDocumentInformation()
          .setTitle(Spoken.words(FeedWords.wiringSheet(sheet.title())));
      WiringPdf pdf = new WiringPdf(document);
      pdf.print(sheet);
      pdf.pages.close();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void print(WiringSheet sheet) throws IOException {
    pages.line(18, sheet.title());
    pages.line(10, sheet.under());
    circuit(sheet.sheet());
    pages.turn();
    for (WiringSheet.Block block : sheet.blocks()) {
      pages.table(block.heading(), block.rows(), block.widths());
    }
  }

  private void circuit(FeedView sheet) {
    Drawing drawing = sheet.drawing();
    double roomX = pages.width();
    double roomY = pages.y() - 2 * MARGIN - LINE;
    scale = Math.min(1.1, Math.min(roomX / drawing.width(), roomY / drawing.height()));
    left = MARGIN + (roomX - scale * drawing.width()) / 2;
    top = pages.y() - MARGIN;
    words(new Spot(0, -6), 11, Spoken.typed("battery +"));
    words(new Spot(0, drawing.height() + 14), 11, Spoken.words(FeedWords.bodyGround()));
    CircuitPen.draw(this, sheet);
  }

  private float x(double of) {
    return (float) (left + scale * of);
  }

  private float up(double of) {
    return (float) (top - scale * of);
  }

  @Override
  public void line(List<Spot> spots, Pen pen) {
    try {
      page.setLineWidth((float) (pen.weight() * scale));
      page.setLineDashPattern(pen == Pen.DOTTED ? new float[] {1, 3} : new float[0], 0);
      page.moveTo(x(spots.get(0).x()), up(spots.get(0).y()));
      for (Spot spot : spots.subList(1, spots.size())) {
        page.lineTo(x(spot.x()), up(spot.y()));
      }
      page.stroke();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void circle(Spot centre, double radius, boolean filled) {
    try {
      float cx = x(centre.x());
      float cy = up(centre.y());
      float r = (float) (radius * scale);
      float k = (float) (r * QUARTER);
      page.setLineWidth((float) (Pen.THIN.weight() * scale));
      page.setLineDashPattern(new float[0], 0);
      page.moveTo(cx + r, cy);
      page.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
      page.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
      page.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
      page.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
      if (filled) {
        page.fill();
      } else {
        page.closeAndStroke();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void words(Spot at, double size, String words) {
    try {
      page.beginText();
      page.setFont(pages.font().font(), (float) (size * scale));
      page.newLineAtOffset(x(at.x()), up(at.y()));
      page.showText(pages.font().shown(words));
      page.endText();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

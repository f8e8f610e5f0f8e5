package mellow.server.feed;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import mellow.server.feed.Drawing.Spot;
import mellow.server.platform.PrintFont;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The wiring sheet on A4, landscape: the circuit first, then what is read beside it. */
final class WiringPdf implements Ink {
  private static final float WIDTH = PDRectangle.A4.getHeight();
  private static final float HEIGHT = PDRectangle.A4.getWidth();
  private static final float MARGIN = 36;
  private static final float TEXT = 10;
  private static final float LINE = 14;
  private static final float HEAD = 13;

  /** How far a curve's handles reach for a quarter circle. */
  private static final double QUARTER = 4 * (Math.sqrt(2) - 1) / 3;

  private final PDDocument document;
  private final PrintFont font;
  private PDPageContentStream page;
  private float y;
  private double scale = 1;
  private double left = MARGIN;
  private double top;

  private WiringPdf(PDDocument document) throws IOException {
    this.document = document;
    font = PrintFont.in(document);
    page = fresh();
  }

  static byte[] of(WiringSheet sheet) {
    try (PDDocument document = new PDDocument();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      document.getDocumentInformation().setTitle("Wiring sheet: " + sheet.title());
      WiringPdf pdf = new WiringPdf(document);
      pdf.print(sheet);
      pdf.page.close();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private PDPageContentStream fresh() throws IOException {
    PDPage sheet = new PDPage(new PDRectangle(WIDTH, HEIGHT));
    document.addPage(sheet);
    y = HEIGHT - MARGIN;
    return new PDPageContentStream(document, sheet);
  }

  private void print(WiringSheet sheet) throws IOException {
    text(MARGIN, 18, sheet.title());
    y -= 18;
    text(MARGIN, TEXT, sheet.under());
    circuit(sheet.sheet());
    page.close();
    page = fresh();
    for (WiringSheet.Block block : sheet.blocks()) {
      block(block);
    }
  }

  private void circuit(FeedView sheet) {
    Drawing drawing = sheet.drawing();
    double roomX = WIDTH - 2 * MARGIN;
    double roomY = y - 2 * MARGIN - LINE;
    scale = Math.min(1.1, Math.min(roomX / drawing.width(), roomY / drawing.height()));
    left = MARGIN + (roomX - scale * drawing.width()) / 2;
    top = y - MARGIN;
    words(new Spot(0, -6), 11, "battery +");
    words(new Spot(0, drawing.height() + 14), 11, "body ground");
    CircuitPen.draw(this, sheet);
  }

  private void block(WiringSheet.Block block) throws IOException {
    if (y < MARGIN + 4 * LINE) {
      page.close();
      page = fresh();
    }
    y -= HEAD;
    text(MARGIN, HEAD, block.heading());
    y -= 6;
    for (List<String> row : block.rows()) {
      row(row, block.widths());
    }
    y -= LINE;
  }

  /** A row of cells, each broken to its width; a row is never torn over two pages. */
  private void row(List<String> cells, List<Double> widths) throws IOException {
    List<List<String>> broken = new ArrayList<>();
    int most = 1;
    for (int i = 0; i < cells.size(); i++) {
      List<String> lines = broken(cells.get(i), widths.get(i) * (WIDTH - 2 * MARGIN) - 8);
      broken.add(lines);
      most = Math.max(most, lines.size());
    }
    if (y - most * LINE < MARGIN) {
      page.close();
      page = fresh();
    }
    double x = MARGIN;
    float start = y;
    for (int i = 0; i < broken.size(); i++) {
      y = start;
      for (String line : broken.get(i)) {
        y -= LINE;
        text((float) x, TEXT, line);
      }
      x += widths.get(i) * (WIDTH - 2 * MARGIN);
    }
    y = start - most * LINE;
  }

  private List<String> broken(String words, double width) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : words.split(" ", -1)) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (font.width(longer) * TEXT > width && !line.isEmpty()) {
        lines.add(line.toString());
        line = new StringBuilder(word);
      } else {
        line = new StringBuilder(longer);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  private void text(float x, float size, String words) throws IOException {
    page.beginText();
    page.setFont(font.font(), size);
    page.newLineAtOffset(x, y);
    page.showText(font.shown(words));
    page.endText();
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
      page.setFont(font.font(), (float) (size * scale));
      page.newLineAtOffset(x(at.x()), up(at.y()));
      page.showText(font.shown(words));
      page.endText();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

package mellow.server.platform;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Pages that are filled from top to bottom with headings, tables of text and pictures. */
public final class PrintedPages implements AutoCloseable {
  public static final float MARGIN = 36;
  private static final float TEXT = 10;
  private static final float LINE = 14;
  private static final float HEAD = 13;
  private static final float GUTTER = 8;

  private final PDDocument document;
  private final PDRectangle paper;
  private final PrintFont font;
  private PDPageContentStream page;
  private float y;

  /** Begins with an empty first page. */
  public PrintedPages(PDDocument document, PDRectangle paper) throws IOException {
    this.document = document;
    this.paper = paper;
    this.font = PrintFont.in(document);
    this.page = opened();
  }

  private PDPageContentStream opened() throws IOException {
    PDPage sheet = new PDPage(paper);
    document.addPage(sheet);
    y = paper.getHeight() - MARGIN;
    return new PDPageContentStream(document, sheet);
  }

  /** Goes on at the top of a new page. */
  public void turn() throws IOException {
    page.close();
    page = opened();
  }

  public PDPageContentStream page() {
    return page;
  }

  public PrintFont font() {
    return font;
  }

  /** Between the margins. */
  public float width() {
    return paper.getWidth() - 2 * MARGIN;
  }

  /** How far above the lower edge the next line begins. */
  public float y() {
    return y;
  }

  /** Leaves some room free. */
  public void skip(float points) {
    y -= points;
  }

  private void keepTogether(float points) throws IOException {
    if (y - points < MARGIN) {
      turn();
    }
  }

  /** A line in a size of its own. */
  public void line(float size, String words) throws IOException {
    keepTogether(size * 1.3f);
    y -= size;
    text(MARGIN, size, words);
    y -= size * 0.3f;
  }

  /** A heading that is not left alone at the foot of a page. */
  public void heading(String words) throws IOException {
    keepTogether(4 * LINE);
    y -= HEAD;
    text(MARGIN, HEAD, words);
    y -= 6;
  }

  /** A paragraph over the whole width. */
  public void paragraph(float size, String words) throws IOException {
    for (String line : broken(words, width(), size)) {
      keepTogether(size * 1.4f);
      y -= size * 1.4f;
      text(MARGIN, size, line);
    }
  }

  /**
   * A row of cells, each broken to its width; a row is never torn over two pages.
   *
   * @param widths of the columns, as shares of the page
   */
  public void row(List<String> cells, List<Double> widths) throws IOException {
    List<List<String>> columns = new ArrayList<>();
    int most = 1;
    for (int i = 0; i < cells.size(); i++) {
      List<String> lines = broken(cells.get(i), widths.get(i) * width() - GUTTER, TEXT);
      columns.add(lines);
      most = Math.max(most, lines.size());
    }
    keepTogether(most * LINE);
    double x = MARGIN;
    float start = y;
    for (int i = 0; i < columns.size(); i++) {
      y = start;
      for (String line : columns.get(i)) {
        y -= LINE;
        text((float) x, TEXT, line);
      }
      x += widths.get(i) * width();
    }
    y = start - most * LINE;
  }

  /** Rows under a heading. */
  public void table(String heading, List<List<String>> rows, List<Double> widths)
      throws IOException {
    heading(heading);
    for (List<String> row : rows) {
      row(row, widths);
    }
    y -= LINE;
  }

  /**
   * Pictures two in a row, each with words below it.
   *
   * @param heightMost of a picture, in points
   */
  public void pictures(List<PDImageXObject> pictures, List<String> words, float heightMost)
      throws IOException {
    float room = (width() - GUTTER) / 2;
    for (int i = 0; i < pictures.size(); i += 2) {
      keepTogether(heightMost + 2 * LINE);
      float top = y;
      for (int column = 0; column < 2 && i + column < pictures.size(); column++) {
        PDImageXObject picture = pictures.get(i + column);
        float scale = Math.min(room / picture.getWidth(), heightMost / picture.getHeight());
        float x = MARGIN + column * (room + GUTTER);
        float height = picture.getHeight() * scale;
        page.drawImage(picture, x, top - height, picture.getWidth() * scale, height);
        y = top - heightMost - LINE;
        text(x, TEXT, broken(words.get(i + column), room, TEXT).get(0));
      }
      y = top - heightMost - 2 * LINE;
    }
  }

  private List<String> broken(String words, double width, float size) {
    List<String> lines = new ArrayList<>();
    for (String paragraph : words.split("\n", -1)) {
      StringBuilder line = new StringBuilder();
      for (String word : paragraph.split(" ", -1)) {
        String longer = line.isEmpty() ? word : line + " " + word;
        if (font.width(longer) * size > width && !line.isEmpty()) {
          lines.add(line.toString());
          line = new StringBuilder(word);
        } else {
          line = new StringBuilder(longer);
        }
      }
      lines.add(line.toString());
    }
    return lines;
  }

  /** Words at a place of the line that is written now. */
  public void text(float x, float size, String words) throws IOException {
    page.beginText();
    page.setFont(font.font(), size);
    page.newLineAtOffset(x, y);
    page.showText(font.shown(words));
    page.endText();
  }

  @Override
  public void close() throws IOException {
    page.close();
  }
}

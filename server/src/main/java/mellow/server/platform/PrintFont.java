package mellow.server.platform;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The font of printed sheets: the library's own, since names may have letters that a PDF's standard
 * fonts lack.
 */
public record PrintFont(PDFont font) {
  private static final String FILE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

  /** The font, as part of a document. */
  public static PrintFont in(PDDocument document) throws IOException {
    try (InputStream in = PDDocument.class.getResourceAsStream(FILE)) {
      if (in == null) {
        throw new IllegalStateException("the product was built without its print font");
      }
      return new PrintFont(PDType0Font.load(document, in));
    }
  }

  /** The text with what the font lacks as a question mark. */
  public String shown(String words) {
    StringBuilder shown = new StringBuilder();
    words
        .codePoints()
        .forEach(
            letter -> {
              String one = Character.toString(letter);
              try {
                font.encode(one);
                shown.append(one);
              } catch (IOException | IllegalArgumentException lacking) {
                shown.append(Character.isSpaceChar(letter) ? " " : "?");
              }
            });
    return shown.toString();
  }
}

package mellow.server.handover;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import mellow.server.photo.Photos;
import mellow.server.platform.PdfFile;
import mellow.server.platform.PrintedPages;
import mellow.server.wire.Spoken;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** The pack on paper. */
final class PackPdf {
  private static final float PICTURE_HEIGHT = 190;
  private static final int PICTURE_PX = 1000;
  private static final String BLANK = "______________________";

  private PackPdf() {}

  /** The papers that workshops have. */
  enum Paper {
    A4(PDRectangle.A4),
    LETTER(PDRectangle.LETTER);

    private final PDRectangle size;

    Paper(PDRectangle size) {
      this.size = size;
    }
  }

  static byte[] of(Pack pack, Paper paper) {
    try (PDDocument document = PdfFile.begun();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      document
          .getDocumentInformation()
          .setTitle(Spoken.words(HandoverWords.packTitle(pack.title())));
      try (PrintedPages pages = new PrintedPages(document, paper.size)) {
        owner(pack, pages);
        pages.turn();
        pages.line(18, Spoken.words(HandoverWords.forTheFile(pack.title())));
        pages.skip(8);
        for (Pack.Block block : pack.file()) {
          pages.table(block.heading(), block.rows(), block.widths());
        }
        if (!pack.photos().isEmpty()) {
          pages.heading(Spoken.words(HandoverWords.pictures()));
          pages.pictures(pictures(document, pack.photos()), pack.captions(), PICTURE_HEIGHT);
        }
      }
      if (pack.feed().isPresent()) {
        try (PDDocument wiring = Loader.loadPDF(pack.feed().get().pdf())) {
          new PDFMergerUtility().appendDocument(document, wiring);
        }
      }
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void owner(Pack pack, PrintedPages pages) throws IOException {
    pages.line(22, pack.title());
    pages.line(12, pack.page().job().work());
    pages.skip(14);
    for (Pack.Block block : pack.owner()) {
      pages.heading(block.heading());
      for (List<String> row : block.rows()) {
        if (row.size() == 1) {
          pages.paragraph(12, row.get(0));
        } else {
          pages.row(row, block.widths());
        }
      }
      pages.skip(14);
    }
    pages.paragraph(10, Spoken.words(HandoverWords.lawDecides()));
    pages.skip(30);
    HandOverPage.ClosedView closed = pack.page().closed();
    pages.line(
        11,
        closed == null
            ? Spoken.words(HandoverWords.signatures(BLANK, BLANK))
            : Spoken.words(
                HandoverWords.handedOverBy(
                    closed.by(), closed.at().toString().substring(0, 10), BLANK)));
  }

  /** Upright, and no larger than print shows: a telephone's picture would swell the paper. */
  private static List<PDImageXObject> pictures(PDDocument document, List<Photos.FileOf> photos)
      throws IOException {
    List<PDImageXObject> pictures = new ArrayList<>();
    for (Photos.FileOf photo : photos) {
      pictures.add(JPEGFactory.createFromImage(document, photo.small(PICTURE_PX)));
    }
    return pictures;
  }
}

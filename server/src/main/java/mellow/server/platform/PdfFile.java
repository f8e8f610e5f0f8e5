package mellow.server.platform;

import org.apache.pdfbox.pdmodel.PDDocument;

/** PDF files say in their description what made them. */
public final class PdfFile {
  private PdfFile() {}

  /** An empty document. */
  public static PDDocument begun() {
    PDDocument document = new PDDocument();
    document.getDocumentInformation().setProducer(Product.NAMED);
    return document;
  }
}

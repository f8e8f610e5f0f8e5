package mellow.server.print;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import mellow.core.finding.Verdict;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class PrintedTest {
  private static final String FOOT = "Quenby Loft, van · Valley workshop";

  private static byte[] pdf(Block block, Map<String, ?> more, Map<String, byte[]> pictures) {
    Map<String, Object> content = new HashMap<>(more);
    content.putIfAbsent("picture", "");
    content.putAll(
        Map.of(
            "title", "Sample",
            "paper", Paper.A4.size(),
            "acrossMm", Paper.A4.acrossMm(),
            "foot", FOOT,
            "blocks", List.of(block)));
    return Printed.pdf("sample.html", content, pictures);
  }

  private static String text(PDDocument document, int page) throws IOException {
    PDFTextStripper text = new PDFTextStripper();
    text.setStartPage(page);
    text.setEndPage(page);
    return text.getText(document);
  }

  @Test
  void eachPageHasItsFootAndNumber() throws IOException {
    Block block = Block.lines("Long", Collections.nCopies(120, "a line"));
    try (PDDocument document = Loader.loadPDF(pdf(block, Map.of(), Map.of()))) {
      int pages = document.getNumberOfPages();
      assertThat(pages).isGreaterThan(2);
      for (int page = 1; page <= pages; page++) {
        assertThat(text(document, page)).contains(FOOT, page + " / " + pages);
      }
    }
  }

  /** Letters of the page's fonts in them; what they lack in another; nothing is lost. */
  @Test
  void everyLetterIsPrinted() throws IOException {
    String words = "Żółć Größe fitted baffle 4.7 Ω ≤ 0.5 mm² Привет";
    Block block = Block.lines("Letters", List.of(words, "a\u0001b <script> & \uFFFE"));
    try (PDDocument document = Loader.loadPDF(pdf(block, Map.of(), Map.of()))) {
      assertThat(text(document, 1)).contains(words, "a b <script> &");
      List<String> fonts = new ArrayList<>();
      for (PDPage page : document.getPages()) {
        for (var name : page.getResources().getFontNames()) {
          PDFont font = page.getResources().getFont(name);
          assertThat(font.isEmbedded()).as(font.getName()).isTrue();
          fonts.add(font.getName());
        }
      }
      assertThat(fonts)
          .anyMatch(name -> name.endsWith("Barlow-Regular"))
          .anyMatch(name -> name.endsWith("BarlowSemiCondensed-SemiBold"));
    }
  }

  @Test
  void shapesAreDrawnAndNotWritten() throws IOException {
    Block block =
        Block.shaped(
            "Shapes",
            List.of(1.0),
            List.of(new Block.Shaped(Shapes.of(Verdict.OUT), List.of("too high"))));
    try (PDDocument document = Loader.loadPDF(pdf(block, Map.of(), Map.of()))) {
      assertThat(text(document, 1)).contains("too high").doesNotContain("svg");
      assertThat(document.getPage(0).getResources().getXObjectNames()).isNotEmpty();
    }
  }

  @Test
  void onlyTheDocumentsOwnPicturesAreFetched() throws IOException {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new java.awt.image.BufferedImage(8, 8, 1), "png", png);
    AtomicInteger asked = new AtomicInteger();
    HttpServer outside =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    outside.createContext(
        "/",
        exchange -> {
          asked.incrementAndGet();
          exchange.sendResponseHeaders(200, png.size());
          exchange.getResponseBody().write(png.toByteArray());
          exchange.close();
        });
    outside.start();
    try {
      Block none = Block.lines("Picture", List.of());
      assertThat(pictures("http://127.0.0.1:" + outside.getAddress().getPort() + "/a.png", none))
          .isZero();
      assertThat(asked).hasValue(0);
      assertThat(pictures("file:///etc/hostname", none)).isZero();
    } finally {
      outside.stop(0);
    }
    Map<String, byte[]> own = Map.of("0", png.toByteArray());
    try (PDDocument document =
        Loader.loadPDF(
            pdf(Block.lines("Picture", List.of()), Map.of("picture", "picture:0"), own))) {
      assertThat(document.getPage(0).getResources().getXObjectNames()).hasSize(1);
    }
  }

  private static int pictures(String address, Block block) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf(block, Map.of("picture", address), Map.of()))) {
      List<Object> drawn = new ArrayList<>();
      document.getPage(0).getResources().getXObjectNames().forEach(drawn::add);
      return drawn.size();
    }
  }
}

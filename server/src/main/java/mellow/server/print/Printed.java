package mellow.server.print;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.logging.Level;
import mellow.server.platform.Product;

/** Fills a template of the folder {@code print} and makes a PDF of it; nothing else is fetched. */
public final class Printed {
  /** Pictures of a document are named so in its template. */
  private static final String PICTURE = "picture:";

  private static final String TEMPLATES = "/print/";
  private static final String FONTS = "/static/print/";

  /** Has letters and signs that the page's own fonts lack. */
  private static final String REST = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

  private static final Set<FSFontUseCase> EVERYWHERE =
      EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);

  private static final Mustache.Compiler COMPILER =
      Mustache.compiler()
          .withEscaper(Markup::escaped)
          .emptyStringIsFalse(true)
          .withLoader(name -> new StringReader(text(name)));

  private static final Map<String, Template> TEMPLATE = new ConcurrentHashMap<>();

  private static final Map<String, byte[]> FONT = new ConcurrentHashMap<>();

  static {
    // each font and style sheet that is read is told at this level
    com.openhtmltopdf.util.XRLog.listRegisteredLoggers()
        .forEach(logger -> com.openhtmltopdf.util.XRLog.setLevel(logger, Level.WARNING));
  }

  private Printed() {}

  /**
   * A document of one template.
   *
   * @param content what the template names
   * @param pictures files by the names that the template asks for
   */
  public static byte[] pdf(String template, Object content, Map<String, byte[]> pictures) {
    PdfRendererBuilder builder = new PdfRendererBuilder();
    font(builder, "barlow-latin-400.ttf", "Barlow", 400);
    font(builder, "barlow-latin-600.ttf", "Barlow", 600);
    font(builder, "barlow-latin-ext-400.ttf", "Barlow Ext", 400);
    font(builder, "barlow-latin-ext-600.ttf", "Barlow Ext", 600);
    font(builder, "barlow-semi-condensed-latin-600.ttf", "Barlow Semi Condensed", 600);
    font(builder, "barlow-semi-condensed-latin-ext-600.ttf", "Barlow Semi Condensed Ext", 600);
    font(builder, REST, "Rest", 400);
    builder.withHtmlContent(filled(template, content), null);
    builder.useSVGDrawer(new BatikSVGDrawer());
    builder.useReplacementText("?");
    builder.withProducer(Product.NAMED);
    builder.useUriResolver((base, uri) -> uri);
    builder.useProtocolsStreamImplementation(
        uri -> new Picture(pictures.get(uri.substring(PICTURE.length()))), "picture");
    builder.useExternalResourceAccessControl(
        (uri, type) -> uri.startsWith(PICTURE),
        ExternalResourceControlPriority.RUN_AFTER_RESOLVING_URI);
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      builder.toStream(out);
      builder.run();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A picture as the library reads it. */
  private record Picture(byte[] file) implements com.openhtmltopdf.extend.FSStream {
    @Override
    public InputStream getStream() {
      return new ByteArrayInputStream(file);
    }

    @Override
    public java.io.Reader getReader() {
      return new java.io.InputStreamReader(getStream(), StandardCharsets.UTF_8);
    }
  }

  static String filled(String template, Object content) {
    return TEMPLATE
        .computeIfAbsent(template, name -> COMPILER.compile(text(name)))
        .execute(content);
  }

  private static String text(String template) {
    return new String(read(TEMPLATES + template), StandardCharsets.UTF_8);
  }

  private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
    String from = file.startsWith("/") ? file : FONTS + file;
    byte[] font = FONT.computeIfAbsent(from, Printed::read);
    builder.useFont(
        () -> new ByteArrayInputStream(font), family, weight, FontStyle.NORMAL, true, EVERYWHERE);
  }

  private static byte[] read(String file) {
    try (InputStream in = Printed.class.getResourceAsStream(file)) {
      if (in == null) {
        throw new IllegalStateException("the product was built without " + file);
      }
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

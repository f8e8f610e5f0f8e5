package mellow.server.platform;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/**
 * What the product is called, and which version of it this is: at the head of files, and on the
 * page.
 */
public final class Product {
  /** Alike in every language. */
  public static final String NAME = "Mellow Horizon";

  /** "0.1.0". */
  public static final String VERSION = version();

  /** "Mellow Horizon 0.1.0". */
  public static final String NAMED = NAME + " " + VERSION;

  private Product() {}

  /** As the build wrote it down. */
  private static String version() {
    try (InputStream in = Product.class.getResourceAsStream("/META-INF/build-info.properties")) {
      Properties build = new Properties();
      if (in != null) {
        build.load(in);
      }
      return build.getProperty("build.version", "");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

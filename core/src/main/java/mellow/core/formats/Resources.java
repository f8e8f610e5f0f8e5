package mellow.core.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Text files that ship inside the product. */
final class Resources {
  private Resources() {}

  static String text(String path) {
    try (InputStream in = Resources.class.getResourceAsStream(path)) {
      if (in == null) {
        throw new IllegalStateException("the product was built without " + path);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

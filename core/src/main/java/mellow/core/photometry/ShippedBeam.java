package mellow.core.photometry;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import mellow.core.photometry.lm63.BeamFile;
import mellow.core.photometry.lm63.Lm63Reader;
import mellow.core.photometry.lm63.Lm63Reading;

/** The beam files of invented lamps that ship with the product. */
public final class ShippedBeam {
  /** Their names, in the order in which they are offered. */
  public static final List<String> NAMES =
      List.of(
          "projector",
          "reflector",
          "reflector-arc",
          "reflector-chips",
          "projector-vol",
          "projector-vor",
          "fog-b",
          "fog-f3",
          "running",
          "spot",
          "wide");

  private ShippedBeam() {}

  /** The text of a file. */
  public static String text(String name) {
    String path = "/mellow/beams/" + name + ".ies";
    try (InputStream in = ShippedBeam.class.getResourceAsStream(path)) {
      if (in == null) {
        throw new IllegalStateException("the product was built without " + path);
      }
      return new String(in.readAllBytes(), StandardCharsets.US_ASCII);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A file that ships, read. */
  public static BeamFile file(String name) {
    if (Lm63Reader.read(text(name)) instanceof Lm63Reading.Read read) {
      return read.file();
    }
    throw new IllegalStateException(name + " ships unreadable");
  }
}

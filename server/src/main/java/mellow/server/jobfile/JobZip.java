package mellow.server.jobfile;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import mellow.server.platform.Product;

/** A ZIP that goes out: files are asked for one after the other while it is written. */
final class JobZip {
  static final String JOB = "job.json";
  static final String PHOTOS = "photos.json";

  /** The same content gives the same file, whenever it is written. */
  private static final long NO_TIME = Instant.parse("2000-01-01T00:00:00Z").toEpochMilli();

  private final Map<String, Supplier<byte[]>> files = new LinkedHashMap<>();

  void add(String name, byte[] bytes) {
    add(name, () -> bytes);
  }

  void add(String name, Supplier<byte[]> bytes) {
    files.put(name, bytes);
  }

  void writeTo(OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    zip.setComment(Product.NAMED);
    // most of it is photos, which are small for their content already
    zip.setLevel(Deflater.BEST_SPEED);
    for (Map.Entry<String, Supplier<byte[]>> file : files.entrySet()) {
      ZipEntry entry = new ZipEntry(file.getKey());
      entry.setTime(NO_TIME);
      zip.putNextEntry(entry);
      zip.write(file.getValue().get());
      zip.closeEntry();
    }
    zip.finish();
  }

  /** A number in a name, so that files stay in order. */
  static String numbered(String directory, int number, String ending) {
    return String.format(Locale.ROOT, "%s/%03d.%s", directory, number, ending);
  }
}

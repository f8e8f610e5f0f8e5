package mellow.server.jobfile;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import mellow.server.platform.Refusal;

/** A ZIP as names and bytes; reading refuses what climbs out, swells up or is damaged. */
final class JobZip {
  static final String JOB = "job.json";
  static final String PHOTOS = "photos.json";

  private static final int MOST_FILES = 500;
  private static final long MOST_BYTES = 150L * 1024 * 1024;

  /** The same content gives the same file, whenever it is written. */
  private static final long NO_TIME = Instant.parse("2000-01-01T00:00:00Z").toEpochMilli();

  private JobZip() {}

  static byte[] written(Map<String, byte[]> files) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        ZipEntry entry = new ZipEntry(file.getKey());
        entry.setTime(NO_TIME);
        zip.putNextEntry(entry);
        zip.write(file.getValue());
        zip.closeEntry();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  static Map<String, byte[]> read(byte[] sent) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    long left = MOST_BYTES;
    try (ZipInputStream zip =
        new ZipInputStream(new ByteArrayInputStream(sent), StandardCharsets.UTF_8)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName();
        if (name.contains("..") || name.startsWith("/") || name.contains("\\")) {
          throw Refusal.inFile(shown(name), "A name in the ZIP leads out of it.");
        }
        if (files.size() >= MOST_FILES) {
          throw Refusal.inFile("", "The ZIP holds more than %d files.".formatted(MOST_FILES));
        }
        if (!entry.isDirectory()) {
          byte[] bytes = zip.readNBytes((int) Math.min(left + 1, Integer.MAX_VALUE - 8));
          left -= bytes.length;
          if (left < 0) {
            throw Refusal.inFile(
                shown(name), "Unpacked, the ZIP is larger than %d MB.".formatted(MOST_BYTES >> 20));
          }
          files.put(name, bytes);
        }
      }
    } catch (IOException | IllegalArgumentException damaged) {
      throw Refusal.inFile("", "The ZIP is damaged and cannot be read.");
    }
    if (!files.containsKey(JOB)) {
      throw Refusal.inFile("", "This is no ZIP of a job: it holds no job.json.");
    }
    return files;
  }

  private static String shown(String name) {
    return name.length() > 80 ? name.substring(0, 80) + "…" : name;
  }

  static JsonNode json(ObjectMapper json, String name, byte[] bytes) {
    try {
      return json.readTree(new String(bytes, StandardCharsets.UTF_8));
    } catch (JsonProcessingException e) {
      throw Refusal.inFile(name, "It is no JSON.");
    }
  }

  /** A number in a name, so that files stay in order. */
  static String numbered(String directory, int number, String ending) {
    return String.format(Locale.ROOT, "%s/%03d.%s", directory, number, ending);
  }
}

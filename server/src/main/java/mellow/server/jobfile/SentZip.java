package mellow.server.jobfile;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import mellow.core.photo.PhotoFile;
import mellow.server.platform.Refusal;

/**
 * A ZIP that came in. It lies on the disk while it is read, and nothing is unpacked but what is
 * asked for, so that neither a large one nor one that swells up fills the memory. What is damaged
 * or leads out of it is refused.
 */
final class SentZip implements AutoCloseable {
  private static final int MOST_FILES = 500;
  private static final int LONGEST_SHOWN = 80;

  private final Path path;
  private final ZipFile zip;

  private SentZip(Path path, ZipFile zip) {
    this.path = path;
    this.zip = zip;
  }

  /** Takes in what is sent, to its end. */
  static SentZip of(InputStream sent) throws IOException {
    Path path = Files.createTempFile("mellow-", ".zip");
    try {
      Files.copy(sent, path, StandardCopyOption.REPLACE_EXISTING);
      ZipFile zip = new ZipFile(path.toFile(), StandardCharsets.UTF_8);
      try {
        refuseUnlessSound(zip);
        return new SentZip(path, zip);
      } catch (RuntimeException e) {
        zip.close();
        throw e;
      }
    } catch (ZipException damaged) {
      Files.delete(path);
      throw Refusal.inFile("", JobfileWords.notZip());
    } catch (IOException | RuntimeException e) {
      Files.delete(path);
      throw e;
    }
  }

  private static void refuseUnlessSound(ZipFile zip) {
    if (zip.size() > MOST_FILES) {
      throw Refusal.inFile("", JobfileWords.tooManyFiles(MOST_FILES));
    }
    zip.stream()
        .map(ZipEntry::getName)
        .filter(name -> name.contains("..") || name.startsWith("/") || name.contains("\\"))
        .findFirst()
        .ifPresent(
            name -> {
              throw Refusal.inFile(shown(name), JobfileWords.leadsOut());
            });
    if (zip.getEntry(JobZip.JOB) == null) {
      throw Refusal.inFile("", JobfileWords.noJobJson());
    }
  }

  private static String shown(String name) {
    return name.length() > LONGEST_SHOWN ? name.substring(0, LONGEST_SHOWN) + "…" : name;
  }

  /** A file of it; empty where it is not there. */
  Optional<byte[]> file(String name) {
    ZipEntry entry = zip.getEntry(name);
    if (entry == null || entry.isDirectory()) {
      return Optional.empty();
    }
    byte[] bytes;
    try (InputStream in = zip.getInputStream(entry)) {
      bytes = in.readNBytes(PhotoFile.MOST_BYTES + 1);
    } catch (ZipException damaged) {
      throw Refusal.inFile(shown(name), JobfileWords.damaged());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    if (bytes.length > PhotoFile.MOST_BYTES) {
      throw Refusal.inFile(
          shown(name), JobfileWords.unpackedTooLarge(PhotoFile.MOST_BYTES / 1_000_000));
    }
    return Optional.of(bytes);
  }

  /** A JSON file of it; empty where it is not there. */
  Optional<JsonNode> json(ObjectMapper json, String name) {
    return file(name)
        .map(
            bytes -> {
              try {
                return json.readTree(new String(bytes, StandardCharsets.UTF_8));
              } catch (JsonProcessingException e) {
                throw Refusal.inFile(name, JobfileWords.notJson());
              }
            });
  }

  @Override
  public void close() throws IOException {
    zip.close();
    Files.delete(path);
  }
}

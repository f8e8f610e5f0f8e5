package mellow.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where the files of photos lie, each named by what is in it. */
@Component
class PhotoFiles {
  private final Path root;

  private final Disk disk;

  /** Writes a file so that it is on the disk. */
  interface Disk {
    void write(Path file, byte[] bytes) throws IOException;
  }

  @Autowired
  PhotoFiles(@Value("${mellow.photos}") String directory) {
    this(Path.of(directory), PhotoFiles::onToTheDisk);
  }

  PhotoFiles(Path root, Disk disk) {
    this.root = root.toAbsolutePath();
    this.disk = disk;
  }

  private static void onToTheDisk(Path file, byte[] bytes) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      ByteBuffer rest = ByteBuffer.wrap(bytes);
      while (rest.hasRemaining()) {
        channel.write(rest);
      }
      channel.force(true);
    }
  }

  /** The two files of a photo. */
  enum Kind {
    IMAGE(""),
    THUMBNAIL(".thumbnail.jpg");

    private final String ending;

    Kind(String ending) {
      this.ending = ending;
    }
  }

  private Path path(String content, Kind kind) {
    return root.resolve(content.substring(0, 2)).resolve(content + kind.ending);
  }

  /** Whether a photo of that content lies here, its small one with it. */
  boolean has(String content) {
    return Files.exists(path(content, Kind.IMAGE)) && Files.exists(path(content, Kind.THUMBNAIL));
  }

  /** Writes a file where none of that content lies yet; it is on the disk when this returns. */
  void keep(String content, Kind kind, byte[] bytes) {
    Path file = path(content, kind);
    try {
      if (Files.exists(file)) {
        return;
      }
      Files.createDirectories(file.getParent());
      Path part = Files.createTempFile(file.getParent(), content, ".part");
      try {
        disk.write(part, bytes);
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
      } finally {
        // gone already where all went well
        Files.deleteIfExists(part);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  byte[] read(String content, Kind kind) {
    try {
      return Files.readAllBytes(path(content, kind));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

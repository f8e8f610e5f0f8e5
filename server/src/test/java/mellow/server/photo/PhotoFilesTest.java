package mellow.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PhotoFilesTest {
  private static final String CONTENT = "ab".repeat(32);

  @TempDir private Path root;

  @Test
  void whatCouldNotBeWrittenLeavesNothingBehind() throws IOException {
    PhotoFiles full =
        new PhotoFiles(
            root,
            (file, bytes) -> {
              Files.write(file, List.of("half"));
              throw new IOException("No space left on device");
            });
    assertThatThrownBy(() -> full.keep(CONTENT, PhotoFiles.Kind.IMAGE, new byte[10]))
        .isInstanceOf(UncheckedIOException.class);
    try (Stream<Path> left = Files.walk(root)) {
      assertThat(left.filter(Files::isRegularFile)).isEmpty();
    }
  }

  /** 64 MB in a text chunk of some 64 kB: whoever inflates it takes that room. */
  @Test
  void nothingIsInflatedToLearnWhichWayIsUp() throws IOException {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    packed.writeBytes("Comment\0\0".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
    try (OutputStream deflate =
        new DeflaterOutputStream(packed, new Deflater(Deflater.BEST_SPEED), 64 * 1024)) {
      byte[] spaces = new byte[1024 * 1024];
      for (int i = 0; i < 64; i++) {
        deflate.write(spaces);
      }
    }
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    png.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
    chunk(png, "IHDR", new byte[] {0, 0, 0, 1, 0, 0, 0, 1, 8, 0, 0, 0, 0});
    chunk(png, "zTXt", packed.toByteArray());
    chunk(png, "IEND", new byte[0]);
    byte[] file = png.toByteArray();
    var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
    long before = threads.getCurrentThreadAllocatedBytes();
    assertThat(Picture.orientation(file)).isEqualTo(1);
    assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(16_000_000);
  }

  private static void chunk(ByteArrayOutputStream png, String type, byte[] content) {
    byte[] named = new byte[content.length + 4];
    System.arraycopy(type.getBytes(java.nio.charset.StandardCharsets.US_ASCII), 0, named, 0, 4);
    System.arraycopy(content, 0, named, 4, content.length);
    CRC32 sum = new CRC32();
    sum.update(named);
    png.writeBytes(ByteBuffer.allocate(4).putInt(content.length).array());
    png.writeBytes(named);
    png.writeBytes(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
  }
}

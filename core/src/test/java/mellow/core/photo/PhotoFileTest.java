package mellow.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class PhotoFileTest {
  private static final byte[] SECRET = "serial 4711".getBytes(StandardCharsets.US_ASCII);

  private static byte[] picture(String format) throws IOException {
    BufferedImage image = new BufferedImage(64, 40, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setColor(Color.ORANGE);
    pen.fillOval(5, 5, 40, 30);
    pen.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  private static byte[] joined(byte[]... parts) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Arrays.stream(parts).forEach(out::writeBytes);
    return out.toByteArray();
  }

  private static byte[] segment(int marker) {
    byte[] head = {(byte) 0xFF, (byte) marker, 0, (byte) (SECRET.length + 2)};
    return joined(head, SECRET);
  }

  /** A file as cameras write it: Exif, more Exif, comment in front, another picture behind. */
  private static byte[] told(byte[] jpeg) {
    return joined(
        Arrays.copyOf(jpeg, 2),
        segment(0xE1),
        segment(0xE2),
        segment(0xED),
        segment(0xFE),
        Arrays.copyOfRange(jpeg, 2, jpeg.length),
        SECRET);
  }

  private static boolean holds(byte[] file, byte[] part) {
    return new String(file, StandardCharsets.ISO_8859_1)
        .contains(new String(part, StandardCharsets.ISO_8859_1));
  }

  private static BufferedImage drawn(byte[] file) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(file));
  }

  private static void assertSamePicture(byte[] one, byte[] other) throws IOException {
    BufferedImage a = drawn(one);
    BufferedImage b = drawn(other);
    assertThat(a.getRGB(0, 0, 64, 40, null, 0, 64)).isEqualTo(b.getRGB(0, 0, 64, 40, null, 0, 64));
  }

  @Test
  void aJpegLosesAllThatIsNoPictureAndNothingElse() throws Exception {
    byte[] jpeg = picture("jpg");
    PhotoFile clean = PhotoFile.clean(told(jpeg), 1);
    assertThat(clean.format()).isEqualTo(PhotoFile.Format.JPEG);
    assertThat(holds(clean.bytes(), SECRET)).isFalse();
    assertThat(clean.bytes()).isEqualTo(jpeg);
  }

  /** JFIF may hold a small picture of its own, in its header or in one beside it: of the whole. */
  @Test
  void smallPicturesInTheHeaderGoToo() throws Exception {
    byte[] jpeg = picture("jpg");
    assertThat(Arrays.copyOfRange(jpeg, 2, 11))
        .containsExactly(0xFF, 0xE0, 0, 16, 'J', 'F', 'I', 'F', 0);
    byte[] thumb = new byte[3 * 4];
    System.arraycopy(SECRET, 0, thumb, 0, SECRET.length);
    byte[] header = Arrays.copyOfRange(jpeg, 2, 20);
    header[3] = (byte) (16 + thumb.length);
    header[16] = 2;
    header[17] = 2;
    byte[] beside =
        joined(
            new byte[] {(byte) 0xFF, (byte) 0xE0, 0, (byte) (8 + SECRET.length)},
            "JFXX\0\20".getBytes(StandardCharsets.US_ASCII),
            SECRET);
    byte[] told =
        joined(
            Arrays.copyOf(jpeg, 2),
            header,
            thumb,
            beside,
            Arrays.copyOfRange(jpeg, 20, jpeg.length));
    assertThat(holds(told, SECRET)).isTrue();
    assertThat(PhotoFile.clean(told, 1).bytes()).isEqualTo(jpeg);
  }

  @Test
  void whichWayIsUpStays() throws Exception {
    byte[] jpeg = picture("jpg");
    byte[] turned = PhotoFile.clean(told(jpeg), 6).bytes();
    assertSamePicture(turned, jpeg);
    assertThat(holds(turned, SECRET)).isFalse();
    // an Exif segment of 34 bytes with one entry: tag 0x0112, a short, one of it, 6
    assertThat(Arrays.copyOfRange(turned, 2, 6)).containsExactly(0xFF, 0xE1, 0, 34);
    assertThat(holds(turned, new byte[] {0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6})).isTrue();
    // and again: cleaning a clean file changes nothing
    assertThat(PhotoFile.clean(turned, 6).bytes()).isEqualTo(turned);
  }

  @Test
  void aPngLosesItsTextsAndKeepsItsPicture() throws Exception {
    byte[] png = picture("png");
    byte[] type = "tEXt".getBytes(StandardCharsets.US_ASCII);
    CRC32 sum = new CRC32();
    sum.update(type);
    sum.update(SECRET);
    int crc = (int) sum.getValue();
    byte[] chunk =
        joined(
            new byte[] {0, 0, 0, (byte) SECRET.length},
            type,
            SECRET,
            new byte[] {(byte) (crc >>> 24), (byte) (crc >>> 16), (byte) (crc >>> 8), (byte) crc});
    // behind the signature (8) and the header chunk (25)
    byte[] told =
        joined(Arrays.copyOf(png, 33), chunk, Arrays.copyOfRange(png, 33, png.length), SECRET);
    byte[] clean = PhotoFile.clean(told, 1).bytes();
    assertThat(holds(clean, SECRET)).isFalse();
    assertSamePicture(clean, png);
    told[45]++;
    assertThatThrownBy(() -> PhotoFile.clean(told, 1)).hasMessageContaining("photo.damaged");
  }

  /** Wherever a file breaks off, it is refused with a sentence: no other error, no half picture. */
  @Test
  void aFileThatBreaksOffAnywhereIsRefused() throws Exception {
    for (byte[] file : new byte[][] {told(picture("jpg")), picture("png")}) {
      int whole = file.length - (JpegFile.is(file) ? SECRET.length : 0);
      for (int length = 0; length < whole; length++) {
        byte[] part = Arrays.copyOf(file, length);
        assertThatThrownBy(() -> PhotoFile.clean(part, 1)).isInstanceOf(PhotoProblem.class);
      }
    }
  }

  @Test
  void otherFormatsAndTooLargeFilesAreRefusedWithTheirReason() {
    assertThatThrownBy(() -> PhotoFile.clean("<svg onload='x'/>".getBytes(), 1))
        .hasMessageContaining("photo.otherFormat");
    assertThatThrownBy(() -> PhotoFile.clean(new byte[30_000_001], 1))
        .hasMessageContaining("photo.tooLarge");
  }
}

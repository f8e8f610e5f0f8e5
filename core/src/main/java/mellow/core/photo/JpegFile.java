package mellow.core.photo;

import static java.nio.charset.StandardCharsets.US_ASCII;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;

/**
 * Takes out of a JPEG file what is no picture: place, time, serial numbers, thumbnails, comments,
 * and whatever hangs behind its end. The picture itself is not touched; a note of which way is up
 * stays.
 *
 * <p>Source: ITU-T T.81, annex B (segments); JFIF 1.02 (APP0); Exif 2.3, 4.6.4 (orientation), all
 * from memory.
 */
final class JpegFile {
  private static final int SOI = 0xD8;
  private static final int EOI = 0xD9;
  private static final int SOS = 0xDA;
  private static final int RST0 = 0xD0;
  private static final int RST7 = 0xD7;
  private static final int TEM = 0x01;
  private static final int APP0 = 0xE0;
  private static final int APP2 = 0xE2;
  private static final int APP14 = 0xEE;
  private static final int APP15 = 0xEF;
  private static final int COMMENT = 0xFE;
  private static final byte[] COLOUR_PROFILE = "ICC_PROFILE\0".getBytes(US_ASCII);
  private static final byte[] JFIF = "JFIF\0".getBytes(US_ASCII);

  /** Of a JFIF header that holds no picture, its own two bytes counted. */
  private static final int JFIF_LENGTH = 16;

  private final byte[] file;
  private final ByteArrayOutputStream out;
  private int at = 2;

  private JpegFile(byte[] file) {
    this.file = file;
    this.out = new ByteArrayOutputStream(file.length);
  }

  static boolean is(byte[] file) {
    return file.length > 3 && (file[0] & 0xFF) == 0xFF && (file[1] & 0xFF) == SOI;
  }

  /**
   * The cleaned file.
   *
   * @param orientation 1 to 8 as in Exif; 1 for upright
   * @throws PhotoProblem where the file breaks off or is no sound JPEG
   */
  static byte[] cleaned(byte[] file, int orientation) throws PhotoProblem {
    return new JpegFile(file).clean(orientation);
  }

  private byte[] clean(int orientation) throws PhotoProblem {
    out.write(0xFF);
    out.write(SOI);
    if (orientation != 1) {
      out.writeBytes(orientationOnly(orientation));
    }
    boolean sawScan = false;
    while (true) {
      int marker = nextMarker();
      if (marker == EOI) {
        if (!sawScan) {
          throw broken();
        }
        out.write(0xFF);
        out.write(EOI);
        return out.toByteArray();
      }
      if (marker == TEM || (marker >= RST0 && marker <= RST7)) {
        continue;
      }
      int length = segmentLength();
      if (marker == APP0) {
        header(length);
      } else if (stays(marker, length)) {
        out.write(0xFF);
        out.write(marker);
        out.write(file, at, length);
      }
      at += length;
      if (marker == SOS) {
        sawScan = true;
        scan();
      }
    }
  }

  private int nextMarker() throws PhotoProblem {
    if (at >= file.length || (file[at] & 0xFF) != 0xFF) {
      throw broken();
    }
    while (at < file.length && (file[at] & 0xFF) == 0xFF) {
      at++;
    }
    if (at >= file.length) {
      throw broken();
    }
    return file[at++] & 0xFF;
  }

  private int segmentLength() throws PhotoProblem {
    if (at + 2 > file.length) {
      throw broken();
    }
    int length = (file[at] & 0xFF) << 8 | file[at + 1] & 0xFF;
    if (length < 2 || at + length > file.length) {
      throw broken();
    }
    return length;
  }

  private boolean stays(int marker, int length) {
    if (marker == COMMENT) {
      return false;
    }
    if (marker < APP0 || marker > APP15) {
      return true;
    }
    return marker == APP14 || (marker == APP2 && starts(length, COLOUR_PROFILE));
  }

  /** The JFIF header without the small picture that it may hold; what else APP0 holds goes. */
  private void header(int length) {
    if (length >= JFIF_LENGTH && starts(length, JFIF)) {
      out.write(0xFF);
      out.write(APP0);
      out.write(0);
      out.write(JFIF_LENGTH);
      out.write(file, at + 2, JFIF_LENGTH - 4);
      out.write(0);
      out.write(0);
    }
  }

  private boolean starts(int length, byte[] name) {
    return length >= 2 + name.length
        && Arrays.equals(file, at + 2, at + 2 + name.length, name, 0, name.length);
  }

  /** Copies coded picture data up to the next marker that is not part of it. */
  private void scan() throws PhotoProblem {
    int from = at;
    while (at + 1 < file.length) {
      int next = file[at + 1] & 0xFF;
      if ((file[at] & 0xFF) == 0xFF && next != 0 && !(next >= RST0 && next <= RST7)) {
        if (next != 0xFF) {
          out.write(file, from, at - from);
          return;
        }
      }
      at++;
    }
    throw broken();
  }

  private static PhotoProblem broken() {
    return new PhotoProblem(PhotoWords.damaged());
  }

  /** An Exif segment that says which way is up and nothing else. */
  private static byte[] orientationOnly(int orientation) {
    return new byte[] {
      (byte) 0xFF,
      (byte) 0xE1,
      0,
      34,
      'E',
      'x',
      'i',
      'f',
      0,
      0,
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      0x01,
      0x12,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) orientation,
      0,
      0,
      0,
      0,
      0,
      0
    };
  }
}

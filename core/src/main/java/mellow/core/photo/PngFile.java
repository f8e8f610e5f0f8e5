package mellow.core.photo;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.zip.CRC32;

/**
 * Takes out of a PNG file what is no picture, and checks each of its chunks.
 *
 * <p>Source: ISO/IEC 15948 (PNG), clause 5 and 11, from memory.
 */
final class PngFile {
  private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
  private static final int CHUNK_FRAME = 12;
  private static final Set<String> PICTURE =
      Set.of(
          "IHDR", "PLTE", "IDAT", "IEND", "tRNS", "gAMA", "cHRM", "sRGB", "iCCP", "sBIT", "pHYs",
          "bKGD");

  private static final String PROFILE = "iCCP";

  /** Colour profiles are packed, to a thousandth at most; usual ones are a few thousand bytes. */
  private static final int MOST_PROFILE_BYTES = 64 * 1024;

  private PngFile() {}

  static boolean is(byte[] file) {
    return file.length >= SIGNATURE.length
        && Arrays.equals(file, 0, SIGNATURE.length, SIGNATURE, 0, SIGNATURE.length);
  }

  /**
   * The cleaned file.
   *
   * @throws PhotoProblem where a chunk breaks off or was changed on its way
   */
  static byte[] cleaned(byte[] file) throws PhotoProblem {
    ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
    out.writeBytes(SIGNATURE);
    int at = SIGNATURE.length;
    while (at + CHUNK_FRAME <= file.length) {
      long length = Integer.toUnsignedLong(word(file, at));
      if (length > file.length - at - CHUNK_FRAME) {
        throw broken();
      }
      int whole = (int) length + CHUNK_FRAME;
      CRC32 sum = new CRC32();
      sum.update(file, at + 4, (int) length + 4);
      if ((int) sum.getValue() != word(file, at + whole - 4)) {
        throw broken();
      }
      String type = new String(file, at + 4, 4, StandardCharsets.US_ASCII);
      if (PICTURE.contains(type) && !(type.equals(PROFILE) && length > MOST_PROFILE_BYTES)) {
        out.write(file, at, whole);
      }
      if (type.equals("IEND")) {
        return out.toByteArray();
      }
      at += whole;
    }
    throw broken();
  }

  private static int word(byte[] file, int at) {
    return (file[at] & 0xFF) << 24
        | (file[at + 1] & 0xFF) << 16
        | (file[at + 2] & 0xFF) << 8
        | file[at + 3] & 0xFF;
  }

  private static PhotoProblem broken() {
    return new PhotoProblem(PhotoWords.damaged());
  }
}

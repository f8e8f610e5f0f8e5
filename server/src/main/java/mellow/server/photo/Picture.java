package mellow.server.photo;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import mellow.core.photo.PhotoFile;
import mellow.core.photo.PhotoProblem;

/**
 * A photo that was looked at: cleaned, drawn once to see that it can be, and made small.
 *
 * @param content what is in the cleaned file, as a SHA-256 in hexadecimal
 * @param bytes of the cleaned file
 * @param widthPx as shown, the right way up
 * @param heightPx the same
 */
record Picture(
    PhotoFile.Format format,
    String content,
    int bytes,
    int widthPx,
    int heightPx,
    byte[] thumbnail) {
  private static final int THUMBNAIL_PX = 480;

  /** The file with everything taken out of it that is no picture. */
  static PhotoFile cleaned(byte[] sent) throws PhotoProblem {
    return PhotoFile.clean(sent, orientation(sent));
  }

  static Picture of(byte[] sent) throws PhotoProblem {
    int orientation = orientation(sent);
    PhotoFile file = PhotoFile.clean(sent, orientation);
    int upright = file.format() == PhotoFile.Format.JPEG ? orientation : 1;
    try {
      return drawn(file, upright);
    } catch (IOException | RuntimeException unreadable) {
      throw new PhotoProblem(PhotoWords.damaged());
    }
  }

  private static Picture drawn(PhotoFile file, int orientation) throws IOException, PhotoProblem {
    SmallPicture small = SmallPicture.of(file.bytes(), orientation, THUMBNAIL_PX);
    return new Picture(
        file.format(),
        sha256(file.bytes()),
        file.bytes().length,
        small.widthPx(),
        small.heightPx(),
        small.jpeg());
  }

  /** Which way is up, as the camera noted it; upright where it noted nothing. */
  static int orientation(byte[] file) {
    try {
      // Exif alone, and of JPEG files alone: other parts may inflate to more than there is room for
      Metadata metadata =
          JpegMetadataReader.readMetadata(
              new ByteArrayInputStream(file), List.of(new ExifReader()));
      ExifIFD0Directory first = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
      if (first == null || !first.containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
        return 1;
      }
      int noted = first.getInt(ExifIFD0Directory.TAG_ORIENTATION);
      return noted >= 1 && noted <= 8 ? noted : 1;
    } catch (JpegProcessingException | MetadataException | IOException unreadable) {
      return 1;
    }
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}

package mellow.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import mellow.core.photo.PhotoFile;
import mellow.core.photo.PhotoProblem;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.filters.Flip;

/**
 * A photo that was looked at: cleaned, drawn once to see that it can be, and made small.
 *
 * @param content what is in the file, as a SHA-256 in hexadecimal
 * @param widthPx as shown, the right way up
 * @param heightPx the same
 */
record Picture(PhotoFile file, String content, int widthPx, int heightPx, byte[] thumbnail) {
  private static final int THUMBNAIL_PX = 480;
  private static final long MOST_PIXELS = 120_000_000;

  /** One at a time: a large picture takes its room while it is drawn. */
  private static final Semaphore ONE = new Semaphore(1);

  static Picture of(byte[] sent) throws PhotoProblem {
    int orientation = orientation(sent);
    PhotoFile file = PhotoFile.clean(sent, orientation);
    int upright = file.format() == PhotoFile.Format.JPEG ? orientation : 1;
    ONE.acquireUninterruptibly();
    try {
      return drawn(file, upright);
    } catch (IOException | RuntimeException unreadable) {
      throw new PhotoProblem("The picture in this file cannot be drawn: it is damaged.");
    } finally {
      ONE.release();
    }
  }

  private static Picture drawn(PhotoFile file, int orientation) throws IOException, PhotoProblem {
    try (ImageInputStream in =
        ImageIO.createImageInputStream(new ByteArrayInputStream(file.bytes()))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IOException("no reader");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > MOST_PIXELS) {
          throw new PhotoProblem(
              "This picture has %d million pixels; at most %d are taken."
                  .formatted((long) width * height / 1_000_000, MOST_PIXELS / 1_000_000));
        }
        BufferedImage image = coarse(reader, width, height);
        boolean onItsSide = orientation >= 5;
        return new Picture(
            file,
            sha256(file.bytes()),
            onItsSide ? height : width,
            onItsSide ? width : height,
            thumbnail(image, orientation));
      } finally {
        reader.dispose();
      }
    }
  }

  /** The picture with so many points left out that it takes little room; every line is read. */
  private static BufferedImage coarse(ImageReader reader, int width, int height)
      throws IOException {
    AtomicBoolean warned = new AtomicBoolean();
    IIOReadWarningListener listener = (source, warning) -> warned.set(true);
    reader.addIIOReadWarningListener(listener);
    ImageReadParam param = reader.getDefaultReadParam();
    int every = Math.max(1, Math.max(width, height) / (2 * THUMBNAIL_PX));
    param.setSourceSubsampling(every, every, 0, 0);
    BufferedImage image = reader.read(0, param);
    if (warned.get()) {
      throw new IOException("read with warnings");
    }
    return image;
  }

  private static byte[] thumbnail(BufferedImage image, int orientation) throws IOException {
    Thumbnails.Builder<BufferedImage> small =
        Thumbnails.of(image).size(THUMBNAIL_PX, THUMBNAIL_PX).imageType(BufferedImage.TYPE_INT_RGB);
    switch (orientation) {
      case 2 -> small.addFilter(Flip.HORIZONTAL);
      case 3 -> small.rotate(180);
      case 4 -> small.addFilter(Flip.VERTICAL);
      case 5 -> small.rotate(90).addFilter(Flip.HORIZONTAL);
      case 6 -> small.rotate(90);
      case 7 -> small.rotate(270).addFilter(Flip.HORIZONTAL);
      case 8 -> small.rotate(270);
      default -> {
        // upright already
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    small.outputFormat("jpg").outputQuality(0.85).toOutputStream(out);
    return out.toByteArray();
  }

  /** Which way is up, as the camera noted it; upright where it noted nothing. */
  private static int orientation(byte[] file) {
    try {
      Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
      ExifIFD0Directory first = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
      if (first == null || !first.containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
        return 1;
      }
      int noted = first.getInt(ExifIFD0Directory.TAG_ORIENTATION);
      return noted >= 1 && noted <= 8 ? noted : 1;
    } catch (ImageProcessingException | MetadataException | IOException unreadable) {
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

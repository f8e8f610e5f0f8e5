package mellow.server.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import mellow.core.photo.PhotoProblem;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.filters.Flip;

/**
 * A picture drawn small and upright.
 *
 * @param widthPx of the picture in the file, as shown
 * @param heightPx the same
 */
record SmallPicture(int widthPx, int heightPx, BufferedImage image) {
  private static final int MOST_MEGAPIXELS = 120;
  private static final double QUALITY = 0.85;

  /** A picture takes its room while it is drawn: together no more than the largest one. */
  private static final Semaphore MEGAPIXELS = new Semaphore(MOST_MEGAPIXELS, true);

  /**
   * Draws the picture of a file.
   *
   * @param orientation which way is up, 1 to 8 as in Exif
   * @param mostPx its longer side, pixels; a smaller picture keeps its size
   */
  static SmallPicture of(byte[] file, int orientation, int mostPx)
      throws IOException, PhotoProblem {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IOException("no reader");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        BufferedImage image = upright(coarse(reader, width, height, mostPx), orientation, mostPx);
        boolean onItsSide = orientation >= 5;
        return new SmallPicture(onItsSide ? height : width, onItsSide ? width : height, image);
      } finally {
        reader.dispose();
      }
    }
  }

  /** Written as JPEG. */
  byte[] jpeg() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    // scale 1: only its form changes
    Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
    return out.toByteArray();
  }

  private static BufferedImage coarse(ImageReader reader, int width, int height, int mostPx)
      throws IOException, PhotoProblem {
    int megapixels = (int) Math.min(Integer.MAX_VALUE, (long) width * height / 1_000_000);
    if (megapixels > MOST_MEGAPIXELS) {
      throw new PhotoProblem(PhotoWords.tooManyPixels(megapixels, MOST_MEGAPIXELS));
    }
    int room = Math.max(1, megapixels);
    MEGAPIXELS.acquireUninterruptibly(room);
    try {
      return coarse(reader, Math.max(1, Math.max(width, height) / (2 * mostPx)));
    } finally {
      MEGAPIXELS.release(room);
    }
  }

  /** The picture with so many points left out that it takes little room; every line is read. */
  private static BufferedImage coarse(ImageReader reader, int every) throws IOException {
    AtomicBoolean warned = new AtomicBoolean();
    IIOReadWarningListener listener = (source, warning) -> warned.set(true);
    reader.addIIOReadWarningListener(listener);
    ImageReadParam param = reader.getDefaultReadParam();
    param.setSourceSubsampling(every, every, 0, 0);
    BufferedImage image = reader.read(0, param);
    if (warned.get()) {
      throw new IOException("read with warnings");
    }
    return image;
  }

  private static BufferedImage upright(BufferedImage image, int orientation, int mostPx)
      throws IOException {
    Thumbnails.Builder<BufferedImage> small =
        Thumbnails.of(image).imageType(BufferedImage.TYPE_INT_RGB);
    if (Math.max(image.getWidth(), image.getHeight()) > mostPx) {
      small.size(mostPx, mostPx);
    } else {
      small.scale(1);
    }
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
    return small.asBufferedImage();
  }
}

package mellow.core.photo;

/**
 * A photo's file with everything taken out of it that is no picture.
 *
 * @param format what it is
 * @param bytes the file
 */
public record PhotoFile(Format format, byte[] bytes) {
  /** The largest file that is taken: 30 MB. */
  public static final int MOST_BYTES = 30_000_000;

  /** The formats that are taken. */
  public enum Format {
    JPEG("image/jpeg"),
    PNG("image/png");

    private final String mediaType;

    Format(String mediaType) {
      this.mediaType = mediaType;
    }

    public String mediaType() {
      return mediaType;
    }
  }

  /**
   * Cleans a file. Whether its picture can be drawn is not looked at.
   *
   * @param orientation which way is up, 1 to 8 as in Exif; heeded for JPEG only
   * @throws PhotoProblem where it is too large, of another format, or damaged
   */
  public static PhotoFile clean(byte[] file, int orientation) throws PhotoProblem {
    if (orientation < 1 || orientation > 8) {
      throw new IllegalArgumentException("an orientation is 1 to 8, not " + orientation);
    }
    if (file.length > MOST_BYTES) {
      throw new PhotoProblem(PhotoWords.tooLarge());
    }
    if (JpegFile.is(file)) {
      return new PhotoFile(Format.JPEG, JpegFile.cleaned(file, orientation));
    }
    if (PngFile.is(file)) {
      return new PhotoFile(Format.PNG, PngFile.cleaned(file));
    }
    throw new PhotoProblem(PhotoWords.otherFormat());
  }
}

package mellow.core.photo;

/**
 * Two tape marks on a photo, by which another is laid over it.
 *
 * @param leftX px
 * @param leftY px
 * @param rightX px
 * @param rightY px
 */
public record Marks(double leftX, double leftY, double rightX, double rightY) {
  double apart() {
    return Math.hypot(rightX - leftX, rightY - leftY);
  }
}

package mellow.core.photometry.lm63;

/**
 * A line before the tilt.
 *
 * @param keyword in capitals, without brackets, such as {@code LUMINAIRE}; empty for free text
 * @param text what stands behind it; a {@code [MORE]} line is a label of its own
 */
public record Label(String keyword, String text) {
  /** As it stands in a file. */
  String line() {
    return keyword.isEmpty() ? text : "[" + keyword + "] " + text;
  }
}

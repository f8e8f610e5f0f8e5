package mellow.server.print;

import java.util.Locale;

/** The papers that workshops have. */
public enum Paper {
  A4("A4", 297),
  LETTER("letter", 279.4);

  private static final double MARGINS_MM = 30;

  private final String size;
  private final double longerMm;

  Paper(String size, double longerMm) {
    this.size = size;
    this.longerMm = longerMm;
  }

  /** As style sheets name it. */
  public String size() {
    return size;
  }

  /** Between the margins where it lies on its side. */
  public String acrossMm() {
    return String.format(Locale.ROOT, "%.1f", longerMm - MARGINS_MM);
  }
}

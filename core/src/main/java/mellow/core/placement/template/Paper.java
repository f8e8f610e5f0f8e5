package mellow.core.placement.template;

/** Paper to print on, upright. */
public enum Paper {
  A4("A4", 210, 297),
  LETTER("Letter", 215.9, 279.4);

  private final String title;
  private final double widthMm;
  private final double heightMm;

  Paper(String title, double widthMm, double heightMm) {
    this.title = title;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
  }

  public String title() {
    return title;
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }
}

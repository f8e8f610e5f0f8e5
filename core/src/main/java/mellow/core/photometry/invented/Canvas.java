package mellow.core.photometry.invented;

/** Light put together on a fine grid of directions; outside it there is only what is strewn. */
final class Canvas {
  private static final double RIGHT_DEG = 60;
  private static final double LOWEST_DEG = -20;
  private static final double HIGHEST_DEG = 12;
  private static final double WIDE_DEG = 0.5;
  private static final double HIGH_DEG = 0.05;

  /** A bell is nothing beyond so many of its widths. */
  private static final double REACH = 3.2;

  private final int columns = (int) Math.round(2 * RIGHT_DEG / WIDE_DEG) + 1;
  private final int rows = (int) Math.round((HIGHEST_DEG - LOWEST_DEG) / HIGH_DEG) + 1;
  private final double[] candela = new double[columns * rows];
  private double strewnPeak;
  private double strewnDeg = 1;

  /** Adds so much light as a bell about a direction. */
  void bell(double hDeg, double vDeg, double wideDeg, double highDeg, double lumens) {
    double steradian = Math.toRadians(1) * Math.toRadians(1);
    double peak = lumens / (2 * Math.PI * wideDeg * highDeg * steradian);
    int fromRow = row(vDeg - REACH * highDeg);
    int toRow = row(vDeg + REACH * highDeg);
    double[] down = new double[Math.max(0, toRow - fromRow + 1)];
    for (int i = 0; i < down.length; i++) {
      double y = (LOWEST_DEG + (fromRow + i) * HIGH_DEG - vDeg) / highDeg;
      down[i] = Math.exp(-y * y / 2);
    }
    for (int column = column(hDeg - REACH * wideDeg);
        column <= column(hDeg + REACH * wideDeg);
        column++) {
      double x = (column * WIDE_DEG - RIGHT_DEG - hDeg) / wideDeg;
      double across = peak * Math.exp(-x * x / 2);
      for (int i = 0; i < down.length; i++) {
        candela[column * rows + fromRow + i] += across * down[i];
      }
    }
  }

  private int row(double vDeg) {
    return (int) Math.max(0, Math.min(rows - 1, Math.round((vDeg - LOWEST_DEG) / HIGH_DEG)));
  }

  private int column(double hDeg) {
    return (int) Math.max(0, Math.min(columns - 1, Math.round((hDeg + RIGHT_DEG) / WIDE_DEG)));
  }

  /** Strews so much light as a wide bell about straight ahead. */
  void strew(double lumens, double widthDeg) {
    strewnPeak = lumens / (2 * Math.PI * Math.pow(Math.toRadians(widthDeg), 2));
    strewnDeg = widthDeg;
  }

  /** The light at the nearest point of the grid, and what is strewn. */
  double candela(double hDeg, double vDeg) {
    double strewn =
        strewnPeak * Math.exp(-(hDeg * hDeg + vDeg * vDeg) / (2 * strewnDeg * strewnDeg));
    boolean within = Math.abs(hDeg) <= RIGHT_DEG && vDeg >= LOWEST_DEG && vDeg <= HIGHEST_DEG;
    return strewn + (within ? candela[column(hDeg) * rows + row(vDeg)] : 0);
  }
}

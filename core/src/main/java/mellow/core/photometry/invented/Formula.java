package mellow.core.photometry.invented;

import java.util.List;
import java.util.Optional;

/**
 * A lamp written down as a sum of bells of light, cut off by an edge:
 *
 * <p>I(h, v) = Σ peak × exp(−½((h − h₀) ÷ σh)²) × exp(−½((v − v₀) ÷ σv)²) × pass(h, v) + stray,
 *
 * <p>pass = 1 ÷ (1 + exp((v − edge(h)) ÷ width)), so that log I falls steepest above the edge by
 * little; stray = stray share × the first bell's peak × exp(−½(h ÷ 25)² − ½(v ÷ 12)²).
 *
 * @param bells the light
 * @param edge the cutoff; empty for a lamp without
 * @param widthDeg how soft it is
 * @param strayShare what leaks above it
 */
record Formula(List<Bell> bells, Optional<Edge> edge, double widthDeg, double strayShare)
    implements Light {
  private static final double STRAY_ASIDE_DEG = 25;
  private static final double STRAY_UP_DEG = 12;

  /** One bell; all angles in degrees. */
  record Bell(double peakCd, double hDeg, double vDeg, double wideDeg, double highDeg) {
    double at(double h, double v) {
      return peakCd * bell((h - hDeg) / wideDeg) * bell((v - vDeg) / highDeg);
    }
  }

  private static double bell(double x) {
    return Math.exp(-x * x / 2);
  }

  @Override
  public double candela(double hDeg, double vDeg) {
    double sum = 0;
    for (Bell bell : bells) {
      sum += bell.at(hDeg, vDeg);
    }
    double pass =
        edge.map(line -> 1 / (1 + Math.exp((vDeg - line.heightDeg(hDeg)) / widthDeg))).orElse(1.0);
    double stray =
        strayShare
            * bells.get(0).peakCd()
            * bell(hDeg / STRAY_ASIDE_DEG)
            * bell(vDeg / STRAY_UP_DEG);
    return sum * pass + stray;
  }
}

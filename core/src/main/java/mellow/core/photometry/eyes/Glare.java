package mellow.core.photometry.eyes;

import java.util.List;

/**
 * What glare does to somebody who looks past it.
 *
 * @param sources each lamp as the eye has it
 */
public record Glare(List<Source> sources) {
  /** A driver in the middle of life. Judged. */
  public static final double USUAL_AGE_YEARS = 40;

  /** What the eye is used to on a country road under low beams, cd/m². Judged. */
  public static final double USUAL_ADAPTATION = 1;

  private static final double MINUTES_PER_DEG = 60;

  /**
   * A source of glare.
   *
   * @param lux that it gives at the eye, on a face across the line of sight
   * @param thetaDeg between the line of sight and the source
   */
  public record Source(double lux, double thetaDeg) {}

  public Glare {
    sources = List.copyOf(sources);
  }

  public double lux() {
    return sources.stream().mapToDouble(Source::lux).sum();
  }

  /**
   * Veiling luminance after Stiles and Holladay, with age: 10 × E ÷ θ² × (1 + (age ÷ 70)⁴), cd/m².
   * Said to hold from 1° to 30° (CIE 146:2002, age-adjusted, from memory).
   */
  public double stilesHolladay(double ageYears) {
    double age = 1 + Math.pow(ageYears / 70, 4);
    return sources.stream()
        .mapToDouble(s -> 10 * s.lux() / (s.thetaDeg() * s.thetaDeg()) * age)
        .sum();
  }

  /**
   * Veiling luminance by the CIE equation for small angles: E × (10 ÷ θ³ + 5 ÷ θ² × (1 + (age ÷
   * 62.5)⁴)), cd/m². Said to hold from 0.1° to 30° (CIE 146:2002, from memory): for lamps far away,
   * which stand nearly in the line of sight.
   */
  public double smallAngles(double ageYears) {
    double age = 1 + Math.pow(ageYears / 62.5, 4);
    return sources.stream()
        .mapToDouble(
            s -> s.lux() * (10 / Math.pow(s.thetaDeg(), 3) + 5 / Math.pow(s.thetaDeg(), 2) * age))
        .sum();
  }

  /**
   * Discomfort on the scale of de Boer, from 1 (unbearable) to 9 (just noticeable), after
   * Schmidt-Clausen and Bindels 1974 (from memory): W = 5 − 2 log₁₀ Σ E ÷ (0.003 × (1 + √(L ÷
   * 0.04)) × θ^0.46), θ in minutes of arc. Not cut off at the ends of the scale.
   *
   * @param adaptation luminance that the eye is used to, cd/m²
   */
  public double deBoer(double adaptation) {
    double sum =
        sources.stream()
            .mapToDouble(
                s ->
                    s.lux()
                        / (0.003
                            * (1 + Math.sqrt(adaptation / 0.04))
                            * Math.pow(s.thetaDeg() * MINUTES_PER_DEG, 0.46)))
            .sum();
    return 5 - 2 * Math.log10(sum);
  }
}

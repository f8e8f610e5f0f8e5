package mellow.core.photometry.lm63;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What an LM-63 file says.
 *
 * @param labels the lines before the tilt, in order
 * @param source the light source's own figures
 * @param factors what each intensity is multiplied by
 * @param grid the intensities
 * @param inputWatts what the lamp draws
 */
public record BeamFile(
    Edition edition,
    List<Label> labels,
    Tilt tilt,
    Source source,
    Factors factors,
    Opening opening,
    Grid grid,
    double inputWatts) {

  public BeamFile {
    labels = List.copyOf(labels);
  }

  /**
   * @param lamps how many light sources
   * @param lumens of each; empty where the file is absolute (−1)
   */
  public record Source(int lamps, OptionalDouble lumens) {}

  /**
   * @param multiplier of the whole table
   * @param ballast ballast factor
   * @param third ballast-lamp factor in 1986 and 1991, for future use in 1995 and 2002, how the
   *     file came about in 2019 (from memory)
   */
  public record Factors(double multiplier, double ballast, double third) {}

  /** What every intensity of the table is multiplied by. */
  public double factor() {
    return factors.multiplier()
        * factors.ballast()
        * (edition.hasLampFactor() ? factors.third() : 1);
  }

  /** The text of the first label with this keyword. */
  public Optional<String> label(String keyword) {
    return labels.stream()
        .filter(label -> label.keyword().equals(keyword))
        .map(Label::text)
        .findFirst();
  }
}

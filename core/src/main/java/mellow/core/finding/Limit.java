package mellow.core.finding;

import java.util.Optional;

/**
 * What a measured value is held against; the clause that sets it is the finding's source.
 *
 * @param least the smallest value allowed; empty where there is none
 * @param most the largest value allowed; empty where there is none
 */
public record Limit(Optional<Figure> least, Optional<Figure> most) {

  public static Limit least(Figure least) {
    return new Limit(Optional.of(least), Optional.empty());
  }

  public static Limit most(Figure most) {
    return new Limit(Optional.empty(), Optional.of(most));
  }

  public static Limit between(Figure least, Figure most) {
    return new Limit(Optional.of(least), Optional.of(most));
  }
}

package mellow.core.photometry.lm63;

import java.util.Optional;
import java.util.stream.Stream;

/** Editions of the standard, by the line that opens their files. */
public enum Edition {
  /** Has no opening line; its labels are free text. */
  LM_63_1986(""),
  LM_63_1991("IESNA91"),
  LM_63_1995("IESNA:LM-63-1995"),
  LM_63_2002("IESNA:LM-63-2002"),
  LM_63_2019("IES:LM-63-2019");

  private final String opening;

  Edition(String opening) {
    this.opening = opening;
  }

  /** The first line of a file; empty for the edition of 1986. */
  public String opening() {
    return opening;
  }

  /** Whether the figure behind the ballast factor is one more factor. */
  boolean hasLampFactor() {
    return this == LM_63_1986 || this == LM_63_1991;
  }

  static Optional<Edition> opening(String line) {
    return Stream.of(values())
        .filter(edition -> edition != LM_63_1986 && edition.opening.equalsIgnoreCase(line.strip()))
        .findFirst();
  }
}

package mellow.core.photometry.lm63;

import java.util.List;

/** What reading a file came to. */
public sealed interface Lm63Reading {
  /**
   * @param file as it was read
   * @param notices where it departs from the standard and what was made of it
   */
  record Read(BeamFile file, List<Lm63Fault> notices) implements Lm63Reading {
    public Read {
      notices = List.copyOf(notices);
    }
  }

  /** Not a file that can be used; at least one fault, by line. */
  record Unreadable(List<Lm63Fault> faults) implements Lm63Reading {
    public Unreadable {
      faults = List.copyOf(faults);
    }
  }
}

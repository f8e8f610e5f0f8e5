package mellow.core.hunt;

import java.util.Set;
import mellow.core.fault.Fault;
import mellow.core.fault.FaultKind;
import mellow.core.fault.Hypothesis;

/**
 * What hands were on before a fault is looked for.
 *
 * @param touched the parts that were open or changed lately
 * @param mended the parts that an earlier search on the vehicle ended at
 */
public record Lately(Set<String> touched, Set<String> mended) {
  /** Nothing. */
  public static final Lately NOTHING = new Lately(Set.of(), Set.of());

  /** What a hand may have done is suspected so many times as often. Judged. */
  private static final double TOUCHED = 6;

  /** A new part fails less often than an old one. Judged. */
  private static final double NEW = 0.2;

  private static final Set<FaultKind> BY_HAND =
      Set.of(
          FaultKind.PLUG_OUT,
          FaultKind.REVERSED,
          FaultKind.PIN_OPEN,
          FaultKind.GROUND_OPEN,
          FaultKind.TURNED,
          FaultKind.PINS_SWAPPED,
          FaultKind.WRONG_SLOT,
          FaultKind.WRONG_RELAY,
          FaultKind.WRONG_SOCKET,
          FaultKind.SET_WRONG,
          FaultKind.CHAFED_TO_GROUND);

  public Lately {
    touched = Set.copyOf(touched);
    mended = Set.copyOf(mended);
  }

  /** How much likelier a hypothesis is by it. */
  double times(Hypothesis hypothesis) {
    boolean byHand =
        hypothesis.faults().stream()
            .anyMatch(
                fault ->
                    BY_HAND.contains(fault.kind())
                        && (touched.contains(fault.part()) || mended.contains(fault.part())));
    if (byHand) {
      return TOUCHED;
    }
    return hypothesis.faults().stream().map(Fault::part).anyMatch(mended::contains) ? NEW : 1;
  }
}

package mellow.core.fault;

import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/** What may be wrong, in words. */
public final class CauseWords {
  private CauseWords() {}

  /**
   * Of one fault, or of all at once.
   *
   * @param under what is known of when it comes and goes; {@link Condition#ANY} for nothing
   */
  public static Sentence of(Hypothesis hypothesis, Condition under) {
    if (!hypothesis.isInTheModel()) {
      return FaultWords.causeNotInModel();
    }
    if (hypothesis.isNothing()) {
      return FaultWords.causeNothing();
    }
    Sentence cause = Sentence.listed(hypothesis.faults().stream().map(CauseWords::of).toList());
    if (hypothesis.present() == 1) {
      return cause;
    }
    return under == Condition.ANY
        ? FaultWords.causeWanders(cause)
        : FaultWords.causeWandersUnder(cause, under);
  }

  private static Sentence of(Fault fault) {
    return fault.ohms() > 0 && fault.kind() != FaultKind.BATTERY_WEAK
        ? FaultWords.causeOhms(fault.part(), fault.kind(), Figure.ohms(fault.ohms()))
        : FaultWords.cause(fault.part(), fault.kind());
  }
}

package mellow.core.fault;

import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/** What may be wrong, in words. */
public final class CauseWords {
  private CauseWords() {}

  /** Of one fault, or of all at once. */
  public static Sentence of(Hypothesis hypothesis) {
    if (!hypothesis.isInTheModel()) {
      return FaultWords.causeNotInModel();
    }
    Sentence cause = Sentence.inTurn(hypothesis.faults().stream().map(CauseWords::of).toList());
    if (hypothesis.present() == 1) {
      return cause;
    }
    return hypothesis.condition() == Condition.ANY
        ? FaultWords.causeWanders(cause)
        : FaultWords.causeWandersUnder(cause, hypothesis.condition());
  }

  private static Sentence of(Fault fault) {
    return fault.ohms() > 0 && fault.kind() != FaultKind.BATTERY_WEAK
        ? FaultWords.causeOhms(fault.part(), fault.kind(), Figure.ohms(fault.ohms()))
        : FaultWords.cause(fault.part(), fault.kind());
  }
}

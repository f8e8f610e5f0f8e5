package mellow.core.workflow.ledger;

import mellow.core.finding.Refused;
import mellow.core.finding.Sentence;

/** An entry that the ledger cannot take. */
@SuppressWarnings("serial")
public final class LedgerProblem extends Refused {
  LedgerProblem(Sentence why) {
    super(why);
  }
}

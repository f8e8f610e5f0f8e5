package mellow.core.workflow.ledger;

import mellow.core.workflow.ledger.LedgerRow.AsFound;

/**
 * A row and what became of it.
 *
 * @param back how many went back as they were
 * @param tight how many of those that are in were tightened
 * @param broken how many broke or were lost, ever
 * @param replaced how many new ones went in
 * @param stays how many were only loosened
 */
public record LedgerLine(LedgerRow row, int back, int tight, int broken, int replaced, int stays) {

  static LedgerLine of(LedgerRow row) {
    return new LedgerLine(row, 0, 0, wanting(row), 0, captive(row));
  }

  /** What is captive never leaves its place. */
  private static int captive(LedgerRow row) {
    return row.captive() ? row.count() - wanting(row) : 0;
  }

  /** What was broken or missing as it came needs a new one as well. */
  private static int wanting(LedgerRow row) {
    return row.asFound() == AsFound.BROKEN || row.asFound() == AsFound.MISSING ? row.count() : 0;
  }

  /** The same with its row put right. */
  LedgerLine with(LedgerRow changed) throws LedgerProblem {
    LedgerLine line =
        new LedgerLine(
            changed,
            back,
            changed.what().kind().threaded() ? tight : 0,
            broken - wanting(row) + wanting(changed),
            replaced,
            stays - captive(row) + captive(changed));
    if (line.out() < 0 || line.awaiting() < 0 || line.awaiting() > line.out()) {
      throw new LedgerProblem(LedgerWords.moreBack(row.words()));
    }
    return line;
  }

  /** How many are still out: neither in again nor left in their holes. */
  public int out() {
    return row.count() - back - replaced - stays;
  }

  /** How many broken ones have no new one yet. */
  public int awaiting() {
    return broken - replaced;
  }

  /** How many are in by hand only. */
  public int byHand() {
    return row.what().kind().threaded() ? back + replaced + stays - tight : 0;
  }

  /** Everything of it is where it belongs, and tight. */
  public boolean isDone() {
    return out() == 0 && byHand() == 0;
  }

  LedgerLine after(LedgerMove move, int count) throws LedgerProblem {
    int sound = out() - awaiting();
    return switch (move) {
      case BACK -> {
        require(count, sound, awaiting() > 0 ? Which.SOUND : Which.OUT);
        yield new LedgerLine(row, back + count, tight, broken, replaced, stays);
      }
      case STAYS -> {
        require(count, sound, Which.OUT);
        yield new LedgerLine(row, back, tight, broken, replaced, stays + count);
      }
      case BROKEN -> {
        require(count, sound, Which.SOUND);
        yield new LedgerLine(row, back, tight, broken + count, replaced, stays);
      }
      case REPLACED -> {
        require(count, awaiting(), Which.BROKEN);
        yield new LedgerLine(row, back, tight, broken, replaced + count, stays);
      }
      case TIGHT -> {
        if (!row.what().kind().threaded()) {
          throw new LedgerProblem(LedgerWords.nothingTightened(row.words()));
        }
        require(count, byHand(), Which.BY_HAND);
        yield new LedgerLine(row, back, tight + count, broken, replaced, stays);
      }
    };
  }

  /** Of which something can be done. */
  enum Which {
    SOUND,
    OUT,
    BROKEN,
    BY_HAND
  }

  private void require(int count, int most, Which which) throws LedgerProblem {
    if (count < 1 || count > most) {
      throw new LedgerProblem(LedgerWords.notThatMany(count, most, which, row.words()));
    }
  }
}

package mellow.core.fault;

import java.util.Collection;
import java.util.Optional;
import mellow.core.fault.Suspects.Answer;

/**
 * What a check of a bad contact truly shows where its resistance lies between sizes of the model:
 * what one of them says, or another, and then always that. So what was seen of it before tells what
 * is seen when somebody looks once more.
 */
final class BetweenSizes {
  /** How often something else than what the nearest size says is true. Judged. */
  private static final double OTHERWISE = 0.3;

  private final CheckTable table;
  private final int check;

  /** How often each answer was seen. */
  private final int[] seen;

  private final int seenInAll;
  private final double misread;

  /**
   * At a check after what was seen before, of any check; empty for one that is measured.
   *
   * @param check its place in the table
   */
  static Optional<BetweenSizes> of(CheckTable table, int check, Collection<Answer> earlier) {
    return table.checks().get(check) instanceof Check.ByMeter
        ? Optional.empty()
        : Optional.of(new BetweenSizes(table, check, earlier));
  }

  private BetweenSizes(CheckTable table, int check, Collection<Answer> earlier) {
    this.table = table;
    this.check = check;
    this.seen = new int[table.answers(check)];
    int all = 0;
    for (Answer answer : earlier) {
      if (answer.check() == check) {
        seen[(int) answer.shown()]++;
        all++;
      }
    }
    this.seenInAll = all;
    this.misread = Suspects.MISREAD / (seen.length - 1);
  }

  /** Whether a hypothesis leaves more than one true answer. */
  boolean isOpen(int hypothesis) {
    return table.betweenSizes(check, hypothesis) != 0;
  }

  /**
   * How likely each answer is the true one under a hypothesis.
   *
   * @param hypothesis the place of one that leaves several
   */
  double[] truths(int hypothesis) {
    int answers = table.betweenSizes(check, hypothesis);
    double others = OTHERWISE / (Integer.bitCount(answers) - 1);
    int own = (int) table.shows(check, hypothesis);
    double[] truths = new double[seen.length];
    double sum = 0;
    for (int answer = 0; answer < truths.length; answer++) {
      if ((answers >> answer & 1) != 0) {
        truths[answer] = (answer == own ? 1 - OTHERWISE : others) * asSeen(answer, hypothesis);
        sum += truths[answer];
      }
    }
    for (int answer = 0; answer < truths.length; answer++) {
      truths[answer] /= sum;
    }
    return truths;
  }

  /** What comes and goes shows now this, now that: earlier looks tell nothing of its resistance. */
  private double asSeen(int truth, int hypothesis) {
    if (seenInAll == 0 || table.hypotheses().get(hypothesis).present() < 1) {
      return 1;
    }
    return Math.pow(1 - Suspects.MISREAD, seen[truth]) * Math.pow(misread, seenInAll - seen[truth]);
  }

  /** How likely an answer is seen under a hypothesis that leaves several. */
  double likelihood(int hypothesis, double shown) {
    double[] truths = truths(hypothesis);
    double likelihood = 0;
    for (int truth = 0; truth < truths.length; truth++) {
      likelihood += truths[truth] * (truth == (int) shown ? 1 - Suspects.MISREAD : misread);
    }
    return likelihood;
  }
}

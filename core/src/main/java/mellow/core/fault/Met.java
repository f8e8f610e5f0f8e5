package mellow.core.fault;

import java.util.Collection;
import java.util.Optional;
import mellow.core.fault.Suspects.Answer;

/**
 * An answer that was met, and how likely it is under each hypothesis. Hypotheses are named by their
 * places in the table.
 */
final class Met {
  private final CheckTable table;
  private final Answer answer;
  private final Check check;
  private final Optional<BetweenSizes> between;

  /**
   * For what was met after something else.
   *
   * @param earlier all that was seen before it
   */
  Met(CheckTable table, Answer answer, Collection<Answer> earlier) {
    this.table = table;
    this.answer = answer;
    this.check = table.checks().get(answer.check());
    this.between = BetweenSizes.of(table, answer.check(), earlier);
  }

  Answer answer() {
    return answer;
  }

  /** Whether it is of what work on the vehicle alone changes. */
  boolean isOfWhatStays() {
    return check.isOfWhatStays();
  }

  /** How likely it is where nothing is wrong. */
  double asSound() {
    return likelihood(table.soundPlace());
  }

  /**
   * How likely it is while what a hypothesis says is wrong: a share, or for a meter its density.
   */
  double likelihood(int hypothesis) {
    if (between.isPresent() && between.get().isOpen(hypothesis)) {
      return between.get().likelihood(hypothesis, answer.shown());
    }
    double said = table.shows(answer.check(), hypothesis);
    if (check instanceof Check.ByMeter meter) {
      return density(meter, hypothesis, said);
    } else if (Double.isNaN(said)) {
      return 1.0 / check.answers();
    }
    return said == answer.shown() ? 1 - Suspects.MISREAD : Suspects.MISREAD / (check.answers() - 1);
  }

  private double density(Check.ByMeter meter, int hypothesis, double said) {
    double anywhere = 1 / meter.span();
    if (Double.isNaN(said)) {
      return anywhere;
    }
    double sigma = table.sigma(answer.check(), hypothesis);
    double off = (answer.shown() - said) / sigma;
    double normal = Math.exp(-off * off / 2) / (sigma * Math.sqrt(2 * Math.PI));
    return (1 - Suspects.MISREAD) * normal + Suspects.MISREAD * anywhere;
  }
}

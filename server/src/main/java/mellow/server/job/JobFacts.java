package mellow.server.job;

import java.util.List;
import mellow.core.logbook.Logbook;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleSet;
import mellow.server.rulebook.RuleBooks;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.VehicleView;

/**
 * What is known of a job apart from its stages' documents.
 *
 * @param book the rule sets that it is judged by
 * @param log its readings that count
 * @param bayLog those of its bay
 */
public record JobFacts(
    JobView job,
    VehicleView vehicle,
    List<AdjusterView> adjusters,
    RuleBook book,
    Logbook log,
    Logbook bayLog) {

  /** The rule set that the job's aim goes by. */
  public RuleSet market() {
    return RuleBooks.aimSet(book, job.ruleSet());
  }
}

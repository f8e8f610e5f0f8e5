package mellow.server.job;

import java.util.List;
import java.util.function.Supplier;
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
 * @param reads its readings that count, read when they are first asked for: the yard knows most
 *     standings without them
 * @param bayLog those of its bay
 */
public record JobFacts(
    JobView job,
    VehicleView vehicle,
    List<AdjusterView> adjusters,
    RuleBook book,
    Supplier<Logbook> reads,
    Logbook bayLog) {

  /** The job's readings that count. */
  public Logbook log() {
    return reads.get();
  }

  /** The rule set that the job's aim goes by. */
  public RuleSet market() {
    return RuleBooks.aimSet(book, job.ruleSet());
  }
}

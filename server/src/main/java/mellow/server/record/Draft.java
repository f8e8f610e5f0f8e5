package mellow.server.record;

import java.time.Instant;
import java.util.Optional;
import mellow.core.record.Fact;
import mellow.core.record.Line;
import mellow.core.workflow.Stage;

/**
 * A line that is not kept yet.
 *
 * @param id made by whoever sends it
 * @param strikes the line that it takes back, or stands instead of
 * @param at when it was
 */
public record Draft(String id, Stage stage, Fact fact, Optional<String> strikes, Instant at) {

  /** The same with another fact: what is noted beside what was said. */
  public Draft with(Fact other) {
    return new Draft(id, stage, other, strikes, at);
  }

  /** Whether a line that was kept says the same: then it comes twice. */
  boolean isSame(Line kept) {
    return kept.stage() == stage
        && kept.strikes().equals(strikes)
        && kept.fact().said().equals(fact.said());
  }
}

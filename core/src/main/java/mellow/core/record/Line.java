package mellow.core.record;

import java.time.Instant;
import java.util.Optional;
import mellow.core.subject.Subject;
import mellow.core.workflow.Stage;

/**
 * A fact as it was kept.
 *
 * @param id made by whoever sent it, unique among all lines
 * @param number in the order in which lines were kept; larger is later
 * @param stage on whose page it was kept
 * @param strikes the line that it takes back, or stands instead of
 * @param by who kept it
 * @param device on which; empty where that was not noted
 * @param at when it was, by the server's clock: what waited in a page was earlier than it was kept
 */
public record Line(
    String id,
    long number,
    Stage stage,
    Fact fact,
    Optional<String> strikes,
    String by,
    String device,
    Instant at) {

  /** What it is about. */
  public Subject subject() {
    return fact.subject(id);
  }

  /** Whether it only takes another one back. */
  public boolean isUndoing() {
    return fact instanceof Fact.Undone;
  }
}

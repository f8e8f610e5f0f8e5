package mellow.core.workflow.schedule;

import java.util.Map;
import java.util.Set;
import mellow.core.workflow.Stage;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;

/**
 * What is remembered of a job that was worked before.
 *
 * @param kinds what was done
 * @param access how far the front came apart
 * @param minutes time taken at each stage that was timed
 */
public record PastJob(Set<WorkKind> kinds, TakeIn.Access access, Map<Stage, Integer> minutes) {
  public PastJob {
    kinds = Set.copyOf(kinds);
    minutes = Map.copyOf(minutes);
  }
}

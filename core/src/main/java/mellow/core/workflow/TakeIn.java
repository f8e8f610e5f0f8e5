package mellow.core.workflow;

import java.util.List;
import java.util.Set;

/**
 * What is settled when a vehicle is taken in.
 *
 * @param kinds what is wanted; empty while not said
 * @param access how far the front comes apart for it
 * @param secondSet a second set of lamps is built on the bench while the vehicle stays in use
 * @param headlampsLoosened headlamps come loose for access, though nothing is done to them
 * @param reachableClosed every adjuster can be reached with the front closed, as far as is known
 * @param changes what was changed before
 * @param stanceNoted lift, tyres or load are noted already
 * @param checks how the lamps work today, at most one for each function and side
 */
public record TakeIn(
    Set<WorkKind> kinds,
    Access access,
    boolean secondSet,
    boolean headlampsLoosened,
    boolean reachableClosed,
    Set<PriorChange> changes,
    boolean stanceNoted,
    List<LampCheck> checks) {

  /** How far the front comes apart. */
  public enum Access {
    LAMPS_ONLY,
    GRILLE_ONLY,
    BUMPER_OFF
  }

  public TakeIn {
    kinds = Set.copyOf(kinds);
    changes = Set.copyOf(changes);
    checks = List.copyOf(checks);
    if (checks.stream().map(check -> List.of(check.function(), check.side())).distinct().count()
        != checks.size()) {
      throw new IllegalArgumentException("a function of a lamp stands twice in the grid");
    }
  }
}

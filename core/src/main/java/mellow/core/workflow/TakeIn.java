package mellow.core.workflow;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
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
 * @param leftOut stages that are left out though the work brings them, each with its reason
 */
public record TakeIn(
    Set<WorkKind> kinds,
    Access access,
    boolean secondSet,
    boolean headlampsLoosened,
    boolean reachableClosed,
    Set<PriorChange> changes,
    boolean stanceNoted,
    List<LampCheck> checks,
    Map<Stage, String> leftOut) {
  private static final Set<Stage> NEVER_LEFT_OUT =
      EnumSet.of(Stage.TAKE_IN, Stage.PROVE, Stage.HAND_OVER);

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
    leftOut = Map.copyOf(leftOut);
    if (!leftOut.keySet().stream().allMatch(TakeIn::canBeLeftOut)) {
      throw new IllegalArgumentException("what works is proved, and every job is handed over");
    }
    if (checks.stream().map(check -> List.of(check.function(), check.side())).distinct().count()
        != checks.size()) {
      throw new IllegalArgumentException("a function of a lamp stands twice in the grid");
    }
  }

  /** With nothing left out. */
  public TakeIn(
      Set<WorkKind> kinds,
      Access access,
      boolean secondSet,
      boolean headlampsLoosened,
      boolean reachableClosed,
      Set<PriorChange> changes,
      boolean stanceNoted,
      List<LampCheck> checks) {
    this(
        kinds,
        access,
        secondSet,
        headlampsLoosened,
        reachableClosed,
        changes,
        stanceNoted,
        checks,
        Map.of());
  }

  /** The same with stages left out. */
  public TakeIn without(Map<Stage, String> stages) {
    return new TakeIn(
        kinds,
        access,
        secondSet,
        headlampsLoosened,
        reachableClosed,
        changes,
        stanceNoted,
        checks,
        stages);
  }

  /** Whether a stage can be left out as a whole; single steps of any stage can. */
  public static boolean canBeLeftOut(Stage stage) {
    return !NEVER_LEFT_OUT.contains(stage);
  }
}

package mellow.core.proof;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.feed.DrivingState;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** Something that a proof comes from, or that undoes one; in the order in which it happened. */
public sealed interface ProofEvent {

  /**
   * What lamps did when a state was tried.
   *
   * @param state that was tried
   * @param function of the lamps
   * @param side of the lamps; empty for both
   * @param name which of several on a side; empty for each of them
   * @param tries how often it was tried until it worked; 0 where that says nothing
   * @param seen in words; may be empty
   * @param basis of each lamp, by its key, what it stood on then; a lamp that is not named there
   *     was tried before that was noted
   */
  record Tried(
      DrivingState state,
      LampFunction function,
      Optional<Side> side,
      Optional<String> name,
      Outcome outcome,
      int tries,
      String seen,
      Map<String, String> basis)
      implements ProofEvent {
    public Tried {
      basis = Map.copyOf(basis);
    }

    /** Whether it says anything of that lamp. */
    public boolean covers(ProofLamp lamp) {
      return function == lamp.function()
          && side.map(lamp.side()::equals).orElse(true)
          && name.map(lamp.name()::equals).orElse(true);
    }

    boolean standsOn(ProofLamp lamp, String now) {
      return basis.getOrDefault(lamp.key(), now).equals(now);
    }
  }

  /**
   * A connector was opened, or a lamp taken off.
   *
   * @param functions that hang on it
   * @param side of it; empty for both
   * @param what it was, in words
   */
  record Unplugged(Set<LampFunction> functions, Optional<Side> side, Sentence what)
      implements ProofEvent {
    public Unplugged {
      functions = Set.copyOf(functions);
    }

    boolean touches(ProofLamp lamp) {
      return functions.contains(lamp.function()) && side.map(lamp.side()::equals).orElse(true);
    }
  }
}

package mellow.core.parts;

import java.util.Optional;
import java.util.Set;
import mellow.core.vehicle.LampFunction;
import mellow.core.workflow.Stage;
import mellow.core.workflow.WorkKind;

/**
 * A part that a kind of work usually takes.
 *
 * @param notWith kinds of work whose own parts have it built in
 * @param kind what is looked at follows from it
 * @param sided one for each side
 * @param neededFor the stage that cannot begin without it
 * @param circuit the function that switches it; empty where it is no lamp
 */
public record UsualPart(
    String name,
    Set<WorkKind> kinds,
    Set<WorkKind> notWith,
    Part.Kind kind,
    boolean sided,
    Stage neededFor,
    Optional<LampFunction> circuit) {
  public UsualPart {
    kinds = Set.copyOf(kinds);
    notWith = Set.copyOf(notWith);
  }
}

package mellow.core.feed;

import java.util.LinkedHashSet;
import java.util.Set;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Supply;

/**
 * The nodes that everything hangs between, whatever a plan calls them.
 *
 * @param plus where a source is
 * @param ground the battery's own negative, and what is joined to it, the body first
 */
public record Rails(Set<String> plus, Set<String> ground) {
  /** As the ready plans call the vehicle's body; its strap may be what is missing. */
  private static final String BODY = "body";

  static Rails of(Circuit circuit) {
    Set<String> plus = new LinkedHashSet<>();
    circuit.of(Supply.class).forEach(supply -> plus.add(supply.plus()));
    Set<String> ground = new LinkedHashSet<>();
    circuit
        .of(Joining.Joint.class)
        .filter(joint -> joint.to().equals(Circuit.GROUND) || joint.from().equals(Circuit.GROUND))
        .forEach(
            joint -> ground.add(joint.to().equals(Circuit.GROUND) ? joint.from() : joint.to()));
    ground.add(BODY);
    ground.add(Circuit.GROUND);
    return new Rails(plus, ground);
  }

  /** Whether a node is the body, or the battery's own negative. */
  static boolean isBody(String node) {
    return node.equals(BODY) || node.equals(Circuit.GROUND);
  }

  public boolean isOne(String node) {
    return plus.contains(node) || ground.contains(node);
  }
}

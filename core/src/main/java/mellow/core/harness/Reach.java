package mellow.core.harness;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Part;

/** What current reaches behind a part, wherever switches and relays may stand. */
final class Reach {
  private static final List<String> NOT_CARRYING = List.of("coil", "suppression");

  private Reach() {}

  /**
   * The parts behind another, in the circuit's order from place to place.
   *
   * @param enters whether current may go into a part
   * @param leaves whether it may go on from there
   */
  static Set<Part> behind(
      Circuit circuit, Joining from, Predicate<Part> enters, Predicate<Part> leaves) {
    Set<Part> behind = new LinkedHashSet<>();
    Set<String> seen = new HashSet<>(Set.of(from.from(), from.to(), Circuit.GROUND));
    Deque<String> open = new ArrayDeque<>(Set.of(from.to()));
    while (!open.isEmpty()) {
      String node = open.pop();
      circuit.parts().stream()
          .filter(part -> part != from && enters.test(part))
          .forEach(
              part ->
                  part.branches().stream()
                      .filter(branch -> !NOT_CARRYING.contains(branch.name()))
                      .filter(branch -> branch.from().equals(node) || branch.to().equals(node))
                      .forEach(
                          branch -> {
                            behind.add(part);
                            if (leaves.test(part)) {
                              for (String next : List.of(branch.from(), branch.to())) {
                                if (seen.add(next)) {
                                  open.push(next);
                                }
                              }
                            }
                          }));
    }
    return behind;
  }
}

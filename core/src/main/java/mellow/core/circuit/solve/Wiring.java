package mellow.core.circuit.solve;

import java.nio.IntBuffer;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import mellow.core.circuit.Circuit;

/**
 * What circuits share that are nearly alike, as one with a hundred faults in turn: the numbers of
 * their nodes and the orders of elimination. It is one thread's.
 */
public final class Wiring {
  private final Map<String, Integer> nodes = new LinkedHashMap<>();
  private final Map<IntBuffer, Elimination> eliminations = new HashMap<>();

  private Wiring() {}

  /** Of a circuit that the others are like. */
  public static Wiring of(Circuit circuit) {
    Wiring wiring = new Wiring();
    circuit
        .parts()
        .forEach(part -> part.branches().forEach(branch -> wiring.add(branch.from(), branch.to())));
    return wiring;
  }

  private void add(String... names) {
    for (String name : names) {
      if (!name.equals(Circuit.GROUND)) {
        nodes.putIfAbsent(name, nodes.size());
      }
    }
  }

  /** The number of a node, the same in all of them; -1 for ground and for what it does not have. */
  public int number(String node) {
    return nodes.getOrDefault(node, -1);
  }

  /** How many nodes all of them have. */
  int size() {
    return nodes.size();
  }

  /**
   * The order in which a circuit's nodes are eliminated.
   *
   * @param size number of its nodes, those among them that others do not have
   * @param pairs the two nodes of each place that may be filled, one pair after the other
   * @param last nodes that are eliminated after all others
   */
  Elimination elimination(int size, int[] pairs, BitSet last) {
    int[] key = Arrays.copyOf(pairs, pairs.length + 1 + last.cardinality());
    int n = pairs.length;
    key[n++] = size;
    for (int node = last.nextSetBit(0); node >= 0; node = last.nextSetBit(node + 1)) {
      key[n++] = node;
    }
    return eliminations.computeIfAbsent(
        IntBuffer.wrap(key), fresh -> new Elimination(size, pairs, last));
  }
}

package mellow.core.proof;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mellow.core.circuit.Controls;

/**
 * The order of states that moves the fewest switches, beginning with everything off. The shortest
 * one up to twelve states (Held and Karp, 1962); beyond that the nearest next state, bettered by
 * turning stretches round.
 */
public final class ProofOrder {
  private static final int MOST_EXACT = 12;

  private ProofOrder() {}

  /** How many controls have to be moved between two positions; a key is turned in one movement. */
  public static int movements(Controls from, Controls to) {
    return (from.key() == to.key() ? 0 : 1)
        + (from.lights() == to.lights() ? 0 : 1)
        + (from.fog() == to.fog() ? 0 : 1)
        + (from.turn() == to.turn() ? 0 : 1)
        + (from.auxiliary() == to.auxiliary() ? 0 : 1);
  }

  /** All movements of an order, from everything off to its last state. */
  public static int length(List<Controls> order) {
    int length = 0;
    Controls at = Controls.OFF;
    for (Controls next : order) {
      length += movements(at, next);
      at = next;
    }
    return length;
  }

  /** The places of the states in the order in which to go through them. */
  public static List<Integer> of(List<Controls> states) {
    return states.size() <= MOST_EXACT ? exact(states) : bettered(states, nearest(states));
  }

  private static List<Integer> exact(List<Controls> states) {
    int n = states.size();
    if (n == 0) {
      return List.of();
    }
    // best[set][last]: fewest movements through that set of states, ending at one of them
    int[][] best = new int[1 << n][n];
    int[][] before = new int[1 << n][n];
    for (int[] row : best) {
      Arrays.fill(row, Integer.MAX_VALUE / 2);
    }
    for (int i = 0; i < n; i++) {
      best[1 << i][i] = movements(Controls.OFF, states.get(i));
    }
    for (int set = 1; set < 1 << n; set++) {
      for (int last = 0; last < n; last++) {
        for (int next = 0; next < n; next++) {
          boolean free = (set & 1 << last) != 0 && (set & 1 << next) == 0;
          int length =
              free
                  ? best[set][last] + movements(states.get(last), states.get(next))
                  : Integer.MAX_VALUE;
          if (free && length < best[set | 1 << next][next]) {
            best[set | 1 << next][next] = length;
            before[set | 1 << next][next] = last;
          }
        }
      }
    }
    int set = (1 << n) - 1;
    int last = 0;
    for (int i = 1; i < n; i++) {
      last = best[set][i] < best[set][last] ? i : last;
    }
    Integer[] order = new Integer[n];
    for (int place = n - 1; place >= 0; place--) {
      order[place] = last;
      int earlier = before[set][last];
      set ^= 1 << last;
      last = earlier;
    }
    return List.of(order);
  }

  private static List<Integer> nearest(List<Controls> states) {
    List<Integer> order = new ArrayList<>();
    Controls at = Controls.OFF;
    while (order.size() < states.size()) {
      int nearest = -1;
      for (int i = 0; i < states.size(); i++) {
        if (!order.contains(i)
            && (nearest < 0 || movements(at, states.get(i)) < movements(at, states.get(nearest)))) {
          nearest = i;
        }
      }
      order.add(nearest);
      at = states.get(nearest);
    }
    return order;
  }

  private static List<Integer> bettered(List<Controls> states, List<Integer> order) {
    List<Integer> best = new ArrayList<>(order);
    boolean better = true;
    while (better) {
      better = false;
      for (int from = 0; from < best.size(); from++) {
        for (int to = from + 1; to < best.size(); to++) {
          List<Integer> turned = new ArrayList<>(best.subList(0, from));
          for (int i = to; i >= from; i--) {
            turned.add(best.get(i));
          }
          turned.addAll(best.subList(to + 1, best.size()));
          if (length(turned.stream().map(states::get).toList())
              < length(best.stream().map(states::get).toList())) {
            best = turned;
            better = true;
          }
        }
      }
    }
    return List.copyOf(best);
  }
}

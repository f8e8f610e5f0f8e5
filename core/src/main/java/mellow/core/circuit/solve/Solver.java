package mellow.core.circuit.solve;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Law;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Situation;
import mellow.core.effort.Effort;

/**
 * Solves a circuit in any position of its controls.
 *
 * <p>Relays and modules are moved by the voltages that they see until none wants to move; where a
 * pattern of their states comes back, it is tried once more with one moving at a time, as contacts
 * do that are not equally quick; where it comes back again, they chatter. What is pulsed is solved
 * with its contacts closed, then open with the moving parts held: they are slower than a dimmer.
 * Parts of the same duty pulse in step. A solver is one thread's: it works in the same memory
 * again.
 */
public final class Solver {
  private static final int MOST_ROUNDS = 200;

  private final List<Moving> moving;
  private final List<Pulsed> pulsed;
  private final Network network;

  public Solver(Circuit circuit) {
    this(circuit, Wiring.of(circuit), Network.LEAK_SIEMENS);
  }

  private Solver(Circuit circuit, Wiring wiring, double leak) {
    moving = circuit.of(Moving.class).toList();
    pulsed = circuit.of(Pulsed.class).toList();
    network = new Network(circuit, wiring, leak);
  }

  /**
   * A solver of a circuit that is measured: a meter's resistance goes from every node to ground, so
   * that a node that hangs in the air reads nothing.
   *
   * @param wiring of circuits like it
   * @param meterOhms of the meter, Ω
   */
  public static Solver metered(Circuit circuit, Wiring wiring, double meterOhms) {
    return new Solver(circuit, wiring, 1 / meterOhms);
  }

  /** Solves it with every relay at rest beforehand. */
  public Solution solve(Controls controls) {
    return solve(controls, Map.of(), new double[network.size()]);
  }

  /** Solves it as it follows on another position: relays hold on, and most voltages are near. */
  public Solution solve(Controls controls, Solution before) {
    return solve(controls, before.states(), before.on().volts());
  }

  /** Solves positions one after the other, as a hand moves the controls. */
  public List<Solution> inTurn(List<Controls> positions) {
    List<Solution> solutions = new ArrayList<>();
    for (Controls controls : positions) {
      solutions.add(
          solutions.isEmpty()
              ? solve(controls)
              : solve(controls, solutions.get(solutions.size() - 1)));
    }
    return List.copyOf(solutions);
  }

  /** A solved position while its lamps start. */
  public Point starting(Solution solution, Situation.Start start) {
    Law[] laws =
        network.laws(new Situation(solution.controls(), solution.states(), Set.of(), start));
    return new Point(network, laws, network.settle(laws, solution.on().volts()).volts());
  }

  private Solution solve(Controls controls, Map<String, Integer> states, double[] start) {
    Rest rest = comeToRest(controls, states, start, true);
    if (!rest.restless().isEmpty()) {
      rest = comeToRest(controls, states, start, false);
    }
    List<Solution.Phase> phases = new ArrayList<>();
    boolean converged = rest.converged();
    double[] near = rest.point().volts();
    for (Map.Entry<Set<String>, Double> phase : phases(rest.states()).entrySet()) {
      if (phase.getKey().isEmpty()) {
        phases.add(new Solution.Phase(phase.getValue(), Set.of(), false, rest.point()));
      } else {
        Law[] laws = network.laws(new Situation(controls, rest.states(), phase.getKey()));
        Network.Settled settled = network.settle(laws, near);
        converged &= settled.converged();
        phases.add(
            new Solution.Phase(
                phase.getValue(),
                phase.getKey(),
                pulsed.stream().anyMatch(part -> isDark(part, phase.getKey())),
                new Point(network, laws, settled.volts())));
      }
    }
    return new Solution(controls, rest.states(), phases, rest.restless(), converged);
  }

  private static boolean isDark(Pulsed part, Set<String> off) {
    return part instanceof Pulsed.Flasher && off.contains(part.id());
  }

  private record Rest(
      Map<String, Integer> states, Point point, Set<String> restless, boolean converged) {}

  private Rest comeToRest(
      Controls controls, Map<String, Integer> states, double[] start, boolean together) {
    Map<String, Integer> now = new HashMap<>(states);
    Set<Map<String, Integer>> seen = new HashSet<>();
    double[] near = start;
    for (int round = 0; ; round++) {
      Effort.spend();
      Law[] laws = network.laws(new Situation(controls, now, Set.of()));
      Network.Settled settled = network.settle(laws, near);
      near = settled.volts();
      Point point = new Point(network, laws, near);
      Map<String, Integer> next = moved(controls, now, point, together);
      if (next.equals(now)) {
        return new Rest(now, point, Set.of(), settled.converged());
      }
      if (!seen.add(Map.copyOf(next)) && round > 0 || round == MOST_ROUNDS) {
        return new Rest(now, point, differing(now, next), settled.converged());
      }
      now = next;
    }
  }

  private Map<String, Integer> moved(
      Controls controls, Map<String, Integer> now, Point point, boolean together) {
    Map<String, Integer> next = new HashMap<>(now);
    for (Moving part : moving) {
      int state = now.getOrDefault(part.id(), 0);
      int wanted = part.next(state, point, controls);
      if (wanted != state) {
        next.put(part.id(), wanted);
        if (!together) {
          return next;
        }
      }
    }
    return next;
  }

  private static Set<String> differing(Map<String, Integer> one, Map<String, Integer> other) {
    Set<String> ids = new TreeSet<>(one.keySet());
    ids.addAll(other.keySet());
    ids.removeIf(id -> one.getOrDefault(id, 0).equals(other.getOrDefault(id, 0)));
    return ids;
  }

  /** Which pulsed parts are open in each phase, with its share of the time; all closed first. */
  private Map<Set<String>, Double> phases(Map<String, Integer> states) {
    Map<Double, Set<String>> byDuty = new LinkedHashMap<>();
    for (Pulsed part : pulsed) {
      byDuty.computeIfAbsent(part.duty(), duty -> new TreeSet<>()).add(part.id());
    }
    for (Moving part : moving) {
      double duty = part.duty(states.getOrDefault(part.id(), 0));
      if (duty > 0) {
        byDuty.computeIfAbsent(duty, fresh -> new TreeSet<>()).add(part.id());
      }
    }
    Map<Set<String>, Double> phases = new LinkedHashMap<>();
    phases.put(Set.of(), 1.0);
    byDuty.forEach(
        (duty, ids) -> {
          if (duty < 1) {
            Map<Set<String>, Double> split = new LinkedHashMap<>();
            phases.forEach(
                (off, share) -> {
                  Set<String> more = new TreeSet<>(off);
                  more.addAll(ids);
                  split.put(off, share * duty);
                  split.put(more, share * (1 - duty));
                });
            phases.clear();
            phases.putAll(split);
          }
        });
    return phases;
  }
}

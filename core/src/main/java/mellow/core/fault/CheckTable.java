package mellow.core.fault;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;

/** What every check would show under every hypothesis: made once for a circuit, and kept. */
public final class CheckTable {
  /** Voltages that lie nearer than so many deviations are one answer. */
  private static final double APART = 4;

  /** What goes with a part that is exchanged; what is wrong around it stays. */
  private static final Set<FaultKind> WITHIN =
      EnumSet.of(
          FaultKind.LAMP_DEAD,
          FaultKind.REVERSED,
          FaultKind.PLUG_OUT,
          FaultKind.FUSE_BLOWN,
          FaultKind.COIL_OPEN,
          FaultKind.CONTACT_WELDED,
          FaultKind.CONTACT_DEAD,
          FaultKind.CONTACT_WORN,
          FaultKind.TURNED);

  private final List<Check> checks;
  private final List<Hypothesis> hypotheses;
  private final double[][] shows;
  private final double[] sound;

  /** By check: which hypotheses give the same answer; the last one is that of a sound circuit. */
  private final int[][] groups;

  private CheckTable(
      List<Check> checks, List<Hypothesis> hypotheses, double[][] shows, double[] sound) {
    this.checks = List.copyOf(checks);
    this.hypotheses = List.copyOf(hypotheses);
    this.shows = shows;
    this.sound = sound;
    this.groups = new int[shows.length][];
    for (int check = 0; check < shows.length; check++) {
      groups[check] = groups(checks.get(check), shows[check], sound[check]);
    }
  }

  /** Which hypotheses give the same answer, by number; -1 where the model cannot tell. */
  private static int[] groups(Check check, double[] row, double sound) {
    double[] shows = Arrays.copyOf(row, row.length + 1);
    shows[row.length] = sound;
    if (check.answers() > 0) {
      return Arrays.stream(shows).mapToInt(said -> Double.isNaN(said) ? -1 : (int) said).toArray();
    }
    int[] groups = new int[shows.length];
    int group = 0;
    double before = Double.NaN;
    for (int h :
        IntStream.range(0, shows.length)
            .boxed()
            .sorted(Comparator.comparingDouble(h -> shows[h]))
            .toList()) {
      if (Double.isNaN(shows[h])) {
        groups[h] = -1;
      } else {
        if (shows[h] - before > APART * Suspects.sigma(shows[h])) {
          group++;
        }
        groups[h] = group;
        before = shows[h];
      }
    }
    return groups;
  }

  /** In the order in which they were found. */
  public List<Check> checks() {
    return checks;
  }

  /** What may be wrong. */
  public List<Hypothesis> hypotheses() {
    return hypotheses;
  }

  /**
   * What a check shows under a hypothesis, by their places; not a number where the model cannot
   * tell.
   */
  public double shows(int check, int hypothesis) {
    return shows[check][hypothesis];
  }

  /** What a check shows while nothing is wrong. */
  public double sound(int check) {
    return sound[check];
  }

  /** Which answer of a check a hypothesis gives, by number; -1 where the model cannot tell. */
  int group(int check, int hypothesis) {
    return groups[check][hypothesis];
  }

  /** Which answer of a check a sound circuit gives. */
  int soundGroup(int check) {
    return groups[check][hypotheses.size()];
  }

  /** How many answers of a check are told apart, at least two. */
  int answers(int check) {
    int said = checks.get(check).answers();
    return said > 0 ? said : Math.max(2, Arrays.stream(groups[check]).max().orElse(0) + 1);
  }

  /**
   * Solves the circuit under every hypothesis, in every state.
   *
   * @param states positions of the controls in which checks are made
   */
  public static CheckTable of(Circuit circuit, List<Controls> states, List<Hypothesis> hypotheses) {
    Solved solved = new Solved(circuit, states, new HashMap<>());
    List<Check> checks = checks(solved);
    double[][] shows = new double[checks.size()][hypotheses.size()];
    for (int h = 0; h < hypotheses.size(); h++) {
      Hypothesis hypothesis = hypotheses.get(h);
      for (int c = 0; c < shows.length; c++) {
        shows[c][h] =
            hypothesis.isInTheModel()
                ? solved.shown(checks.get(c), hypothesis.faults())
                : Double.NaN;
      }
    }
    double[] sound = checks.stream().mapToDouble(check -> solved.shown(check, List.of())).toArray();
    return new CheckTable(checks, hypotheses, shows, sound);
  }

  /** A circuit solved with faults, each set of them once. */
  private record Solved(
      Circuit circuit, List<Controls> states, Map<List<Fault>, FaultyCircuit> known) {

    FaultyCircuit with(List<Fault> faults) {
      return known.computeIfAbsent(faults, these -> FaultyCircuit.of(circuit, these, states));
    }

    double shown(Check check, List<Fault> faults) {
      if (check instanceof Check.LampSeen seen) {
        return with(faults).look(seen.state(), seen.lamp()).answer();
      }
      if (check instanceof Check.Measured measured) {
        return with(faults).volts(measured.state(), measured.from(), measured.to());
      }
      if (check instanceof Check.RelayHeard heard) {
        return with(faults).solutions().get(heard.state()).states().getOrDefault(heard.relay(), 0);
      }
      if (check instanceof Check.FuseLooked looked) {
        return with(faults).isBlown(looked.part()) ? 1 : 0;
      }
      if (check instanceof Check.PlugLooked looked) {
        return has(faults, looked.part(), FaultKind.PLUG_OUT) ? 0 : 1;
      }
      if (check instanceof Check.Inspected inspected) {
        return isTraceOf(faults, inspected.part()) ? 1 : 0;
      }
      return shownAfterWork(check, faults);
    }

    private static boolean isTraceOf(List<Fault> faults, String part) {
      return faults.stream()
          .anyMatch(fault -> fault.part().equals(part) && fault.kind().leavesATrace());
    }

    /** A lamp is looked at after something was exchanged, unplugged or turned. */
    private double shownAfterWork(Check check, List<Fault> faults) {
      if (check instanceof Check.Exchanged exchanged) {
        return seen(exchanged.state(), exchanged.lamp(), without(faults, exchanged.part()));
      }
      if (check instanceof Check.Unplugged unplugged) {
        List<Fault> left = new ArrayList<>(without(faults, unplugged.part()));
        left.add(SingleFaults.unplugged(circuit.part(unplugged.part()).orElseThrow()));
        return seen(unplugged.state(), unplugged.lamp(), left);
      }
      Check.PlugTurned turned = (Check.PlugTurned) check;
      List<Fault> left = new ArrayList<>(faults);
      boolean wasReversed =
          left.removeIf(
              fault -> fault.part().equals(turned.lamp()) && fault.kind() == FaultKind.REVERSED);
      // what was the right way round is dark the other way
      return wasReversed ? seen(turned.state(), turned.lamp(), left) : Look.OUT.answer();
    }

    private double seen(int state, String lamp, List<Fault> faults) {
      return with(faults).look(state, lamp).answer();
    }

    private static List<Fault> without(List<Fault> faults, String part) {
      return faults.stream()
          .filter(fault -> !fault.part().equals(part) || !WITHIN.contains(fault.kind()))
          .toList();
    }

    private static boolean has(List<Fault> faults, String part, FaultKind kind) {
      return faults.stream().anyMatch(fault -> fault.part().equals(part) && fault.kind() == kind);
    }
  }

  /**
   * What can be checked: plugs, fuses, relays and lamps; every node, and what is lost over each
   * joining; each lamp and relay against a good one, unplugged or turned.
   */
  private static List<Check> checks(Solved solved) {
    Circuit circuit = solved.circuit();
    List<Check> checks = new ArrayList<>();
    List<Moving.Relay> relays = circuit.of(Moving.Relay.class).toList();
    List<Joining.Guard> fuses = circuit.of(Joining.Guard.class).toList();
    fuses.forEach(fuse -> checks.add(new Check.FuseLooked(fuse.id())));
    List<Fault> faults = SingleFaults.of(circuit);
    faults.stream()
        .filter(fault -> fault.kind().leavesATrace())
        .map(Fault::part)
        .distinct()
        .forEach(part -> checks.add(new Check.Inspected(part)));
    faults.stream()
        .filter(fault -> fault.kind() == FaultKind.PLUG_OUT)
        .forEach(fault -> checks.add(new Check.PlugLooked(fault.part())));
    FaultyCircuit healthy = solved.with(List.of());
    for (int state = 0; state < solved.states().size(); state++) {
      boolean anyLit = false;
      for (Emitter lamp : circuit.of(Emitter.class).toList()) {
        checks.add(new Check.LampSeen(state, lamp.id()));
        if (healthy.look(state, lamp.id()) != Look.OUT) {
          anyLit = true;
          checks.add(new Check.Exchanged(lamp.id(), state, lamp.id()));
          if (SingleFaults.isPolarised(lamp)) {
            checks.add(new Check.PlugTurned(state, lamp.id()));
          }
          for (Moving.Relay relay : relays) {
            checks.add(new Check.Exchanged(relay.id(), state, lamp.id()));
          }
          for (Joining.Guard fuse : fuses) {
            checks.add(new Check.Exchanged(fuse.id(), state, lamp.id()));
          }
        } else {
          for (Moving.Relay relay : relays) {
            checks.add(new Check.Unplugged(relay.id(), state, lamp.id()));
          }
        }
      }
      for (Moving.Relay relay : relays) {
        checks.add(new Check.RelayHeard(state, relay.id()));
      }
      if (anyLit) {
        measured(circuit, state, checks);
      }
    }
    return checks;
  }

  /** Against ground, and over each joining under load: what is lost there is read more finely. */
  private static void measured(Circuit circuit, int state, List<Check> checks) {
    for (String node : FaultyCircuit.nodes(circuit)) {
      checks.add(new Check.Measured(state, node, Circuit.GROUND));
    }
    circuit
        .of(Joining.class)
        .filter(
            joining ->
                !joining.from().equals(Circuit.GROUND) && !joining.to().equals(Circuit.GROUND))
        .forEach(joining -> checks.add(new Check.Measured(state, joining.from(), joining.to())));
  }
}

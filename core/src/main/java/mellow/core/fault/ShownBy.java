package mellow.core.fault;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;

/**
 * What a check shows under a hypothesis: the circuit is solved with its faults, once. Whoever asks
 * shares what was worked out, one at a time.
 */
final class ShownBy {
  /** What goes with a part that is exchanged; what is wrong around it stays. */
  private static final Set<FaultKind> WITHIN =
      EnumSet.of(
          FaultKind.LAMP_DEAD,
          FaultKind.AGED,
          FaultKind.SOME_CHIPS,
          FaultKind.WRONG_WATTAGE,
          FaultKind.WRONG_SOCKET,
          FaultKind.BALLAST_SLOW,
          FaultKind.REVERSED,
          FaultKind.PLUG_OUT,
          FaultKind.FUSE_BLOWN,
          FaultKind.COIL_OPEN,
          FaultKind.CONTACT_WELDED,
          FaultKind.CONTACT_DEAD,
          FaultKind.CONTACT_WORN,
          FaultKind.TURNED,
          FaultKind.WRONG_SLOT,
          FaultKind.WRONG_RELAY,
          FaultKind.RESISTOR_OPEN);

  /** What a helper battery's own leads pass by; a bulb in a neighbour's socket is fed as itself. */
  private static final Set<FaultKind> BY_ITS_PLUG =
      EnumSet.of(FaultKind.REVERSED, FaultKind.PLUG_OUT, FaultKind.WRONG_SOCKET);

  /** A part that turns so much into heat is warm to the hand. Judged. */
  private static final double WARM_WATTS = 1.2;

  /** A wire of the shop's with clips at its ends. */
  private static final double LEAD_OHMS = 0.02;

  /** A test light's bulb: 12 V, 5 W. Common practice. */
  private static final double TEST_LIGHT_WATTS = 5;

  private static final double TEST_LIGHT_VOLTS = 12;

  private static final String LIGHT = "test light";

  /** So many figures fill a line of a processor's cache. */
  private static final int TOGETHER = 8;

  private final Circuit circuit;
  private final List<Controls> states;
  private final List<Hypothesis> hypotheses;
  private final FaultyCircuit sound;
  private final FaultyCircuit.Model model;
  private final Twins twins;

  /** By hypothesis. */
  private final FaultyCircuit[] faulty;

  /** The first hypothesis of the same faults. */
  private final int[] first;

  private final Map<Alone, FaultyCircuit> alone = new HashMap<>();

  /** A lamp at a battery of its own. */
  private record Alone(String lamp, List<Fault> within) {}

  /** After something was done to the circuit, in one state. */
  private final Map<Worked, InState> worked = new HashMap<>();

  /** Solved circuits by what is wrong with them. */
  private final Map<List<Fault>, FaultyCircuit> known = new HashMap<>();

  /** A solved circuit in one of its states. */
  private record InState(FaultyCircuit circuit, int state) {}

  /**
   * Something that was done to a circuit.
   *
   * @param found the circuit before: itself, for it is solved once
   * @param at what it was done to, or where its lead begins
   * @param to where its lead ends; empty for what has none
   */
  private record Worked(FaultyCircuit found, Class<?> what, String at, String to, int state) {}

  ShownBy(Circuit circuit, List<Controls> states, List<Hypothesis> hypotheses) {
    this(FaultyCircuit.Model.of(circuit), states, hypotheses, new FaultyCircuit[0]);
  }

  private ShownBy(
      FaultyCircuit.Model model,
      List<Controls> states,
      List<Hypothesis> hypotheses,
      FaultyCircuit[] solved) {
    this.circuit = model.healthy();
    this.states = List.copyOf(states);
    this.twins = new Twins(circuit);
    this.hypotheses = List.copyOf(hypotheses);
    this.model = model;
    this.sound = FaultyCircuit.of(model, List.of(), Set.of(), states);
    this.faulty = Arrays.copyOf(solved, hypotheses.size());
    this.first = new int[faulty.length];
    known.put(List.of(), sound);
    Map<List<Fault>, Integer> places = new HashMap<>();
    for (int h = 0; h < faulty.length; h++) {
      List<Fault> faults = hypotheses.get(h).faults();
      first[h] = places.getOrDefault(faults, h);
      places.putIfAbsent(faults, h);
      if (faulty[h] == null) {
        faulty[h] =
            known.computeIfAbsent(
                faults, fresh -> FaultyCircuit.of(model, faults, Set.of(), states));
      } else {
        known.putIfAbsent(faults, faulty[h]);
      }
    }
  }

  /** The same with more hypotheses behind the others; what was solved stays. */
  ShownBy and(List<Hypothesis> more) {
    List<Hypothesis> all = new ArrayList<>(hypotheses);
    all.addAll(more);
    return new ShownBy(model, states, all, faulty);
  }

  Circuit circuit() {
    return circuit;
  }

  FaultyCircuit sound() {
    return sound;
  }

  List<Hypothesis> hypotheses() {
    return hypotheses;
  }

  /**
   * What each check shows under each hypothesis, the sound circuit last: a few hypotheses after a
   * few others, for what was solved under one lies together, and so does what a check shows.
   */
  synchronized double[][] shown(List<Check> checks) {
    double[][] shows = new double[checks.size()][hypotheses.size() + 1];
    int[] solved = IntStream.rangeClosed(0, hypotheses.size()).filter(h -> !isKnown(h)).toArray();
    for (int from = 0; from < solved.length; from += TOGETHER) {
      int to = Math.min(from + TOGETHER, solved.length);
      for (int check = 0; check < shows.length; check++) {
        for (int i = from; i < to; i++) {
          shows[check][solved[i]] = shownBy(checks.get(check), solved[i]);
        }
      }
    }
    for (int check = 0; check < shows.length; check++) {
      // the same fault shows the same, whether it comes and goes or not, but for being shaken
      boolean isAlike = !(checks.get(check) instanceof Check.Wiggled);
      for (int h = 0; h < hypotheses.size(); h++) {
        if (isKnown(h)) {
          shows[check][h] = isAlike ? shows[check][first[h]] : shownBy(checks.get(check), h);
        }
      }
    }
    return shows;
  }

  /** Whether another hypothesis has the same faults. */
  private boolean isKnown(int h) {
    return h < faulty.length && first[h] < h && hypotheses.get(h).isInTheModel();
  }

  /**
   * What a check shows; not a number where the model cannot tell.
   *
   * @param h the hypothesis, by its place; the last one and one is a sound circuit
   */
  synchronized double shown(Check check, int h) {
    return shownBy(check, h);
  }

  private double shownBy(Check check, int h) {
    boolean isSound = h == hypotheses.size();
    if (!isSound && !hypotheses.get(h).isInTheModel()) {
      return Double.NaN;
    }
    FaultyCircuit found = isSound ? sound : faulty[h];
    if (check instanceof Check.LampSeen || check instanceof Check.LampUnder) {
      Check.OfLamp seen = (Check.OfLamp) check;
      return found.look(seen.state(), seen.lamp()).answer();
    } else if (check instanceof Check.Felt felt) {
      return found.watts(felt.state(), felt.part()) >= WARM_WATTS ? 1 : 0;
    } else if (check instanceof Check.Measured measured) {
      return found.volts(measured.state(), measured.from(), measured.to());
    } else if (check instanceof Check.Clamped clamped) {
      return found.amps(clamped.state(), clamped.part());
    } else if (check instanceof Check.RelayHeard heard) {
      return found.isIn(heard.state(), heard.relay()) ? 1 : 0;
    } else if (check instanceof Check.Wiggled wiggled) {
      return !isSound && isShaken(wiggled, hypotheses.get(h), found) ? 1 : 0;
    }
    List<Fault> faults = isSound ? List.of() : hypotheses.get(h).faults();
    if (check instanceof Check.FuseLooked looked) {
      return found.isBlown(looked.part()) || has(faults, looked.part(), FaultKind.WRONG_SLOT)
          ? 1
          : 0;
    } else if (check instanceof Check.PlugLooked looked) {
      return has(faults, looked.part(), FaultKind.PLUG_OUT) ? 0 : 1;
    } else if (check instanceof Check.Inspected inspected) {
      return any(
              faults, fault -> fault.part().equals(inspected.part()) && fault.kind().leavesATrace())
          ? 1
          : 0;
    } else if (check instanceof Check.TestLight light) {
      return testLight(light, faults);
    } else if (check instanceof Check.Resistance resistance) {
      return new PoweredOff(circuit, faults, found.blown())
          .ohms(states.get(resistance.state()), resistance.from(), resistance.to());
    } else if (check instanceof Check.FedAlone fed) {
      return fedAlone(fed.lamp(), faults);
    }
    return lookAfterWork((Check.OfLamp) check, faults, found);
  }

  private boolean isShaken(Check.Wiggled wiggled, Hypothesis hypothesis, FaultyCircuit found) {
    return hypothesis.present() < 1
        && any(hypothesis.faults(), fault -> fault.part().equals(wiggled.part()))
        && found.look(wiggled.state(), wiggled.lamp())
            != sound.look(wiggled.state(), wiggled.lamp());
  }

  private double testLight(Check.TestLight light, List<Fault> faults) {
    Part bulb =
        new Load(
            LIGHT,
            light.node(),
            Circuit.GROUND,
            TEST_LIGHT_VOLTS * TEST_LIGHT_VOLTS / TEST_LIGHT_WATTS,
            TEST_LIGHT_WATTS);
    Circuit lit = new Circuit(joined(circuit.parts(), bulb));
    double volts =
        FaultyCircuit.of(lit, faults, List.of(states.get(light.state())))
            .volts(0, light.node(), Circuit.GROUND);
    return volts < TEST_LIGHT_VOLTS / 4 ? 0 : volts < TEST_LIGHT_VOLTS * 0.8 ? 1 : 2;
  }

  /** Only what is wrong within the lamp counts; who feeds it puts plus to plus. */
  private double fedAlone(String lamp, List<Fault> faults) {
    Emitter healthy = (Emitter) circuit.part(lamp).orElseThrow();
    List<Part> parts = new ArrayList<>(List.of(healthy));
    parts.add(Supply.Battery.charged("helper battery", healthy.plus()));
    if (!healthy.minus().equals(Circuit.GROUND)) {
      parts.add(Joining.Joint.good("helper lead", healthy.minus(), Circuit.GROUND));
    }
    List<Fault> within =
        faults.stream()
            .filter(fault -> goesWith(fault, lamp))
            .filter(fault -> !BY_ITS_PLUG.contains(fault.kind()))
            .toList();
    return alone
        .computeIfAbsent(
            new Alone(lamp, within),
            fed -> FaultyCircuit.of(new Circuit(parts), within, List.of(Controls.OFF)))
        .look(0, lamp)
        .answer();
  }

  private static List<Part> joined(List<Part> parts, Part more) {
    List<Part> all = new ArrayList<>(parts);
    all.add(more);
    return all;
  }

  /**
   * A lamp is looked at after something was exchanged, unplugged, turned or bridged. What the work
   * cannot change is not solved again: a part without a fault is as good as a new one, a dark lamp
   * does not shine for something being pulled, one that shines does not go out for a lead.
   */
  private double lookAfterWork(Check.OfLamp check, List<Fault> faults, FaultyCircuit found) {
    Look now = found.look(check.state(), check.lamp());
    if (check instanceof Check.Exchanged exchanged) {
      boolean wasGood =
          !found.isBlown(exchanged.part())
              && !any(faults, fault -> goesWith(fault, exchanged.part()));
      return wasGood ? now.answer() : after(check, exchanged.part(), faults, found);
    } else if (check instanceof Check.Swapped swapped) {
      return twins.isMoved(faults, swapped.part())
          ? after(check, swapped.part(), faults, found)
          : now.answer();
    } else if (check instanceof Check.Unplugged unplugged) {
      return now == Look.OUT ? now.answer() : after(check, unplugged.part(), faults, found);
    } else if (check instanceof Check.Bridged bridged) {
      return now == Look.LIT
          ? now.answer()
          : after(check, bridged.from(), bridged.to(), faults, found);
    }
    // what was the right way round is dark the other way
    return has(faults, check.lamp(), FaultKind.REVERSED)
        ? after(check, check.lamp(), faults, found)
        : Look.OUT.answer();
  }

  private static boolean goesWith(Fault fault, String part) {
    return fault.part().equals(part) && isWithin(fault.kind());
  }

  /** Whether what is wrong goes with the part that is taken out. */
  static boolean isWithin(FaultKind kind) {
    return WITHIN.contains(kind);
  }

  private double after(Check.OfLamp check, String at, List<Fault> faults, FaultyCircuit found) {
    return after(check, at, "", faults, found);
  }

  private double after(
      Check.OfLamp check, String at, String to, List<Fault> faults, FaultyCircuit found) {
    InState now =
        worked.computeIfAbsent(
            new Worked(found, check.getClass(), at, to, check.state()),
            work -> solved(check, faults, found));
    return now.circuit().look(now.state(), check.lamp()).answer();
  }

  /** What has blown before stays blown, unless it was exchanged. */
  private InState solved(Check.OfLamp check, List<Fault> faults, FaultyCircuit found) {
    List<Fault> left = new ArrayList<>(faults);
    Set<String> blown = new TreeSet<>(found.blown());
    if (check instanceof Check.Exchanged exchanged) {
      left.removeIf(fault -> goesWith(fault, exchanged.part()));
      blown.remove(exchanged.part());
    } else if (check instanceof Check.Swapped swapped) {
      left = twins.moved(faults, swapped.part());
    } else if (check instanceof Check.Unplugged unplugged) {
      left.removeIf(fault -> goesWith(fault, unplugged.part()));
      left.add(SingleFaults.unplugged(circuit.part(unplugged.part()).orElseThrow()));
    } else if (check instanceof Check.Bridged bridged) {
      left.add(lead(bridged));
    } else {
      left.removeIf(
          fault -> fault.part().equals(check.lamp()) && fault.kind() == FaultKind.REVERSED);
    }
    FaultyCircuit same = known.get(left);
    return same != null && same.blown().containsAll(blown)
        ? new InState(same, check.state())
        : new InState(FaultyCircuit.of(model, left, blown, List.of(states.get(check.state()))), 0);
  }

  private static Fault lead(Check.Bridged bridged) {
    Part lead = new Joining.Joint("lead", bridged.from(), bridged.to(), LEAD_OHMS, true);
    return new Fault("lead", FaultKind.CONTACT_WELDED, 0, LEAD_OHMS, List.of(), List.of(lead));
  }

  private static boolean has(List<Fault> faults, String part, FaultKind kind) {
    return any(faults, fault -> fault.part().equals(part) && fault.kind() == kind);
  }

  /** A loop, for a stream of one or two is made millions of times. */
  private static boolean any(List<Fault> faults, Predicate<Fault> such) {
    for (Fault fault : faults) {
      if (such.test(fault)) {
        return true;
      }
    }
    return false;
  }
}

package mellow.core.fault;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Supply;

/**
 * What is usually checked in a circuit: plugs, fuses, relays and lamps; every node, and what is
 * lost over each joining; each lamp and relay against a good one, unplugged, turned, bridged or
 * shaken.
 */
final class UsualChecks {
  private final Circuit circuit;
  private final FaultyCircuit sound;
  private final List<Moving.Relay> relays;
  private final List<Joining.Guard> fuses;
  private final List<Check> checks = new ArrayList<>();

  UsualChecks(Circuit circuit, FaultyCircuit sound) {
    this.circuit = circuit;
    this.sound = sound;
    this.relays = circuit.of(Moving.Relay.class).toList();
    this.fuses = circuit.of(Joining.Guard.class).toList();
  }

  List<Check> all() {
    ofWhatStays();
    for (int state = 0; state < sound.states(); state++) {
      inState(state);
    }
    circuit.of(Emitter.class).forEach(this::whereItShines);
    return checks;
  }

  private void ofWhatStays() {
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
  }

  private void inState(int state) {
    boolean anyLit = false;
    for (Emitter lamp : circuit.of(Emitter.class).toList()) {
      checks.add(new Check.LampSeen(state, lamp.id()));
      if (sound.look(state, lamp.id()) == Look.OUT) {
        relays.forEach(relay -> checks.add(new Check.Unplugged(relay.id(), state, lamp.id())));
      } else {
        anyLit = true;
        exchanged(state, lamp);
      }
    }
    relays.forEach(relay -> checks.add(new Check.RelayHeard(state, relay.id())));
    if (anyLit) {
      measured(state);
    }
  }

  private void exchanged(int state, Emitter lamp) {
    checks.add(new Check.Exchanged(lamp.id(), state, lamp.id()));
    if (SingleFaults.isPolarised(lamp)) {
      checks.add(new Check.PlugTurned(state, lamp.id()));
    }
    relays.forEach(relay -> checks.add(new Check.Exchanged(relay.id(), state, lamp.id())));
    fuses.forEach(fuse -> checks.add(new Check.Exchanged(fuse.id(), state, lamp.id())));
  }

  /** Against ground, and over each joining under load: what is lost there is read more finely. */
  private void measured(int state) {
    for (String node : FaultyCircuit.nodes(circuit)) {
      checks.add(new Check.Measured(state, node, Circuit.GROUND));
    }
    circuit
        .of(Joining.class)
        .filter(
            joining ->
                !joining.from().equals(Circuit.GROUND) && !joining.to().equals(Circuit.GROUND))
        .forEach(joining -> checks.add(new Check.Measured(state, joining.from(), joining.to())));
    fuses.forEach(fuse -> checks.add(new Check.Clamped(state, fuse.id())));
  }

  /** In the first state in which a lamp shines: with leads of the shop's own, and shaken. */
  private void whereItShines(Emitter lamp) {
    for (int state = 0; state < sound.states(); state++) {
      if (sound.look(state, lamp.id()) != Look.OUT) {
        bridged(state, lamp);
        shaken(state, lamp);
        underConditions(state, lamp);
        byItself(state, lamp);
        return;
      }
    }
  }

  private void bridged(int state, Emitter lamp) {
    if (!lamp.minus().equals(Circuit.GROUND)) {
      checks.add(new Check.Bridged(lamp.minus(), Circuit.GROUND, state, lamp.id()));
    }
    circuit
        .of(Supply.Battery.class)
        .findFirst()
        .ifPresent(
            battery ->
                checks.add(new Check.Bridged(battery.plus(), lamp.plus(), state, lamp.id())));
  }

  private void underConditions(int state, Emitter lamp) {
    Stream.of(Condition.WARM, Condition.COLD, Condition.WET, Condition.STILL)
        .forEach(condition -> checks.add(new Check.LampUnder(condition, state, lamp.id())));
  }

  /** The lamp alone at a battery, felt by hand, and its twin in its place. */
  private void byItself(int state, Emitter lamp) {
    if (!(lamp instanceof Emitter.Shutter)) {
      checks.add(new Check.FedAlone(lamp.id()));
      if (Sides.twin(circuit, lamp.id()).isPresent()) {
        checks.add(new Check.Swapped(lamp.id(), state, lamp.id()));
      }
    }
    if (lamp instanceof Emitter.Discharge) {
      checks.add(new Check.Felt(state, lamp.id()));
    }
    Stream.concat(relays.stream(), circuit.of(Load.class))
        .map(part -> new Check.Felt(state, part.id()))
        .filter(check -> !checks.contains(check))
        .forEach(checks::add);
  }

  /**
   * What an ohmmeter is put on with the battery off: over each joining, and from lamps to ground.
   */
  static List<Check> poweredOff(Circuit circuit, int state) {
    List<Check> checks = new ArrayList<>();
    circuit
        .of(Joining.class)
        .forEach(one -> checks.add(new Check.Resistance(state, one.from(), one.to())));
    circuit
        .of(Emitter.class)
        .forEach(
            lamp -> {
              checks.add(new Check.Resistance(state, lamp.plus(), lamp.minus()));
              if (!lamp.minus().equals(Circuit.GROUND)) {
                checks.add(new Check.Resistance(state, lamp.minus(), Circuit.GROUND));
              }
            });
    return checks;
  }

  private void shaken(int state, Emitter lamp) {
    SingleFaults.of(circuit).stream()
        .filter(fault -> fault.kind().mayWander())
        .map(Fault::part)
        .distinct()
        .forEach(part -> checks.add(new Check.Wiggled(part, state, lamp.id())));
  }
}

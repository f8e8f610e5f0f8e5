package mellow.core.proof;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mellow.core.circuit.Controls;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.DrivingState;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.Side;

/**
 * What has to be proved: each state with what each lamp should do, in the order that moves the
 * fewest switches. Every lamp is seen lit in one of them and out in another.
 *
 * @param footing what a proof of a lamp stands on; a lamp that is left out hangs on nothing new
 */
public record ProofList(List<Item> items, Map<ProofLamp, String> footing) {
  private static final Set<DrivingState> PLAIN =
      EnumSet.of(
          DrivingState.KEY_OUT,
          DrivingState.DAY,
          DrivingState.SIDE,
          DrivingState.LOW,
          DrivingState.MAIN,
          DrivingState.FLASH);

  public ProofList {
    items = List.copyOf(items);
    footing = Map.copyOf(footing);
  }

  /**
   * A state to be proved.
   *
   * @param moves what to move from the state before, in words
   * @param expected of each of the lamps
   */
  public record Item(
      DrivingState state, List<Sentence> moves, Map<ProofLamp, LightLevel> expected) {
    public Item {
      moves = List.copyOf(moves);
      expected = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(expected));
    }
  }

  /**
   * What a plan asks of its lamps in its own states, and what the vehicle's own lamps do in the
   * plain ones.
   *
   * @param plan empty where nothing is wired
   * @param own lamps of the vehicle; of those that the plan knows, the plan counts
   */
  public static ProofList of(Optional<PlanProof> plan, Collection<ProofLamp> own) {
    Map<DrivingState, Map<ProofLamp, LightLevel>> states = new EnumMap<>(DrivingState.class);
    plan.ifPresent(
        of -> of.states().forEach((state, lamps) -> states.put(state, new TreeMap<>(lamps))));
    Set<ProofLamp> planned =
        states.values().stream()
            .flatMap(state -> state.keySet().stream())
            .collect(Collectors.toSet());
    addOwn(own.stream().filter(lamp -> isAlone(lamp, planned)).toList(), states);
    return ordered(states, plan.map(PlanProof::footing).orElse(Map.of()));
  }

  /** The vehicle's own lamp is proved by itself where the plan has none such, or another one. */
  private static boolean isAlone(ProofLamp own, Set<ProofLamp> planned) {
    return !own.name().isEmpty()
        || planned.stream()
            .noneMatch(lamp -> lamp.function() == own.function() && lamp.side() == own.side());
  }

  private static void addOwn(
      List<ProofLamp> own, Map<DrivingState, Map<ProofLamp, LightLevel>> states) {
    Set<DrivingState> asked = EnumSet.noneOf(DrivingState.class);
    if (!own.isEmpty()) {
      asked.addAll(PLAIN);
    }
    for (ProofLamp lamp : own) {
      switch (lamp.function()) {
        case FRONT_FOG -> asked.add(DrivingState.SIDE_FOG);
        case DRIVING -> asked.add(DrivingState.MAIN_AUX);
        case TURN -> asked.addAll(List.of(DrivingState.TURN_LEFT, DrivingState.TURN_RIGHT));
        default -> {}
      }
    }
    for (DrivingState state : asked) {
      Map<ProofLamp, LightLevel> expected = states.computeIfAbsent(state, key -> new TreeMap<>());
      own.forEach(
          lamp -> expected.put(lamp, isLit(lamp, state) ? LightLevel.FULL : LightLevel.OUT));
    }
  }

  private static boolean isLit(ProofLamp lamp, DrivingState state) {
    Controls controls = state.controls();
    boolean side =
        controls.lights() != Controls.Lights.OFF && controls.lights() != Controls.Lights.FLASH;
    return switch (lamp.function()) {
      case DIPPED -> controls.lights() == Controls.Lights.DIPPED;
      case MAIN ->
          controls.lights() == Controls.Lights.MAIN || controls.lights() == Controls.Lights.FLASH;
      case POSITION, SIDE_MARKER -> side;
      case FRONT_FOG -> controls.fog() && side;
      case DRIVING -> controls.auxiliary() && controls.lights() == Controls.Lights.MAIN;
      case DRL -> controls.key() == Controls.Key.ENGINE && !side;
      case TURN ->
          state == (lamp.side() == Side.LEFT ? DrivingState.TURN_LEFT : DrivingState.TURN_RIGHT);
    };
  }

  private static ProofList ordered(
      Map<DrivingState, Map<ProofLamp, LightLevel>> states, Map<ProofLamp, String> footing) {
    List<DrivingState> names = List.copyOf(states.keySet());
    List<Item> items = new ArrayList<>();
    Controls at = Controls.OFF;
    for (int place : ProofOrder.of(names.stream().map(DrivingState::controls).toList())) {
      DrivingState state = names.get(place);
      items.add(new Item(state, moves(at, state.controls()), new TreeMap<>(states.get(state))));
      at = state.controls();
    }
    return new ProofList(items, footing);
  }

  /** The same after something was mended: what was proved of its lamps before stands on less. */
  public ProofList after(Mended mended) {
    Map<ProofLamp, String> changed = new LinkedHashMap<>(footing);
    lamps().stream()
        .filter(lamp -> mended.functions().contains(lamp.function()))
        .forEach(
            lamp ->
                changed.put(
                    lamp,
                    footing.getOrDefault(lamp, Footing.VEHICLE) + " mended " + mended.what()));
    return new ProofList(items, changed);
  }

  /** What a proof of a lamp in a state stands on now. */
  public String basis(ProofLamp lamp, LightLevel expected) {
    return footing.getOrDefault(lamp, Footing.VEHICLE) + " " + expected;
  }

  private static List<Sentence> moves(Controls from, Controls to) {
    List<Sentence> moves = new ArrayList<>();
    if (from.key() != to.key()) {
      moves.add(Sentence.term(to.key()));
    }
    if (from.lights() != to.lights()) {
      moves.add(Sentence.term(to.lights()));
    }
    if (from.fog() != to.fog()) {
      moves.add(ProofWords.moveFog(to.fog()));
    }
    if (from.turn() != to.turn()) {
      moves.add(Sentence.term(to.turn()));
    }
    if (from.auxiliary() != to.auxiliary()) {
      moves.add(ProofWords.moveAuxiliary(to.auxiliary()));
    }
    return moves;
  }

  /** Lamps that are not both seen lit and seen out on the way; a plan may want some never lit. */
  public Set<ProofLamp> halfSeen() {
    Set<ProofLamp> lit = new LinkedHashSet<>();
    Set<ProofLamp> out = new LinkedHashSet<>();
    for (Item item : items) {
      item.expected().forEach((lamp, level) -> (level == LightLevel.OUT ? out : lit).add(lamp));
    }
    Set<ProofLamp> half = new LinkedHashSet<>(lit);
    half.addAll(out);
    half.removeIf(lamp -> lit.contains(lamp) && out.contains(lamp));
    return half;
  }

  /** Every lamp, in order. */
  public List<ProofLamp> lamps() {
    return items.stream()
        .flatMap(item -> item.expected().keySet().stream())
        .distinct()
        .sorted()
        .toList();
  }

  /** How many switches are moved on the way through. */
  public int movements() {
    return ProofOrder.length(items.stream().map(item -> item.state().controls()).toList());
  }
}

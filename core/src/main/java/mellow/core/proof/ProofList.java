package mellow.core.proof;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.circuit.Controls;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.StateTable;
import mellow.core.circuit.StateTable.Lamps;
import mellow.core.feed.DrivingState;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * What has to be proved: each state with what its lamps should do, in the order that moves the
 * fewest switches. Every lamp is seen lit in one of them and out in another.
 */
public record ProofList(List<Item> items) {
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
  }

  /**
   * A state to be proved.
   *
   * @param name as people say it: "side lamps, fog"
   * @param moves what to move from the state before, in words
   * @param expected of each of the lamps
   */
  public record Item(
      String name, Controls controls, List<String> moves, Map<Lamps, LightLevel> expected) {
    public Item {
      moves = List.copyOf(moves);
      expected = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(expected));
    }
  }

  /** The state table of a planned feed, with the key out where the plan does not name it. */
  public static ProofList of(StateTable table) {
    Map<String, StateTable.State> states = new LinkedHashMap<>();
    Set<Lamps> lamps = new LinkedHashSet<>();
    for (StateTable.Row row : table.rows()) {
      states.put(row.state().name(), row.state());
      lamps.addAll(row.state().expected().keySet());
    }
    Map<Lamps, LightLevel> dark = new LinkedHashMap<>();
    lamps.forEach(lamp -> dark.put(lamp, LightLevel.OUT));
    states.putIfAbsent(
        DrivingState.KEY_OUT.words(),
        new StateTable.State(DrivingState.KEY_OUT.words(), Controls.OFF, dark));
    return ordered(List.copyOf(states.values()));
  }

  /** The vehicle's own functions, where nothing was wired. */
  public static ProofList of(Set<LampFunction> fitted) {
    Set<DrivingState> states = EnumSet.copyOf(PLAIN);
    if (fitted.contains(LampFunction.FRONT_FOG)) {
      states.add(DrivingState.SIDE_FOG);
    }
    if (fitted.contains(LampFunction.DRIVING)) {
      states.add(DrivingState.MAIN_AUX);
    }
    if (fitted.contains(LampFunction.TURN)) {
      states.addAll(List.of(DrivingState.TURN_LEFT, DrivingState.TURN_RIGHT));
    }
    return ordered(
        states.stream()
            .map(
                state ->
                    new StateTable.State(state.words(), state.controls(), usual(state, fitted)))
            .toList());
  }

  private static Map<Lamps, LightLevel> usual(DrivingState state, Set<LampFunction> fitted) {
    Map<Lamps, LightLevel> expected = new LinkedHashMap<>();
    for (LampFunction function : LampFunction.values()) {
      if (fitted.contains(function) && function == LampFunction.TURN) {
        expected.put(Lamps.of(function, Side.LEFT), level(state == DrivingState.TURN_LEFT));
        expected.put(Lamps.of(function, Side.RIGHT), level(state == DrivingState.TURN_RIGHT));
      } else if (fitted.contains(function)) {
        expected.put(Lamps.of(function), level(isLit(function, state)));
      }
    }
    return expected;
  }

  private static LightLevel level(boolean lit) {
    return lit ? LightLevel.FULL : LightLevel.OUT;
  }

  private static boolean isLit(LampFunction function, DrivingState state) {
    Controls controls = state.controls();
    boolean side =
        controls.lights() != Controls.Lights.OFF && controls.lights() != Controls.Lights.FLASH;
    return switch (function) {
      case DIPPED -> controls.lights() == Controls.Lights.DIPPED;
      case MAIN ->
          controls.lights() == Controls.Lights.MAIN || controls.lights() == Controls.Lights.FLASH;
      case POSITION, SIDE_MARKER -> side;
      case FRONT_FOG -> controls.fog() && side;
      case DRIVING -> controls.auxiliary() && controls.lights() == Controls.Lights.MAIN;
      case DRL -> controls.key() == Controls.Key.ENGINE && !side;
      case TURN -> false;
    };
  }

  private static ProofList ordered(List<StateTable.State> states) {
    List<Item> items = new ArrayList<>();
    Controls at = Controls.OFF;
    for (int place : ProofOrder.of(states.stream().map(StateTable.State::controls).toList())) {
      StateTable.State state = states.get(place);
      items.add(
          new Item(state.name(), state.controls(), moves(at, state.controls()), sorted(state)));
      at = state.controls();
    }
    return new ProofList(items);
  }

  private static Map<Lamps, LightLevel> sorted(StateTable.State state) {
    Map<Lamps, LightLevel> sorted = new LinkedHashMap<>();
    state.expected().entrySet().stream()
        .sorted(java.util.Comparator.comparing(one -> one.getKey().function()))
        .forEach(one -> sorted.put(one.getKey(), one.getValue()));
    return sorted;
  }

  private static List<String> moves(Controls from, Controls to) {
    List<String> moves = new ArrayList<>();
    if (from.key() != to.key()) {
      moves.add(
          switch (to.key()) {
            case OFF -> "key out";
            case ACCESSORY -> "key to accessory";
            case RUN -> "key to run";
            case ENGINE -> "engine on";
            case CRANKING -> "crank";
          });
    }
    if (from.lights() != to.lights()) {
      moves.add(
          switch (to.lights()) {
            case OFF -> "lights off";
            case SIDE -> "side lamps on";
            case DIPPED -> "low beam on";
            case MAIN -> "main beam on";
            case FLASH -> "pull and hold the flash";
          });
    }
    if (from.fog() != to.fog()) {
      moves.add("fog switch " + (to.fog() ? "on" : "off"));
    }
    if (from.turn() != to.turn()) {
      moves.add(
          switch (to.turn()) {
            case OFF -> "turn lever to the middle";
            case LEFT -> "turn left";
            case RIGHT -> "turn right";
            case HAZARD -> "hazard on";
          });
    }
    if (from.auxiliary() != to.auxiliary()) {
      moves.add("auxiliary switch " + (to.auxiliary() ? "on" : "off"));
    }
    return moves;
  }

  /** Lamps that are not both seen lit and seen out on the way; a plan may want some never lit. */
  public Set<Lamps> halfSeen() {
    Set<Lamps> lit = new LinkedHashSet<>();
    Set<Lamps> out = new LinkedHashSet<>();
    for (Item item : items) {
      item.expected().forEach((lamps, level) -> (level == LightLevel.OUT ? out : lit).add(lamps));
    }
    Set<Lamps> half = new LinkedHashSet<>(lit);
    half.addAll(out);
    half.removeIf(lamps -> lit.contains(lamps) && out.contains(lamps));
    return half;
  }

  /** How many switches are moved on the way through. */
  public int movements() {
    return ProofOrder.length(items.stream().map(Item::controls).toList());
  }
}

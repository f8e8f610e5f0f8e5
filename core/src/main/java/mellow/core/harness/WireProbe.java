package mellow.core.harness;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;

/**
 * What a wire is, found by probing it in several positions of key and light switch.
 *
 * @param readings volts against the battery's own negative post, in the order in which they were
 *     taken
 * @param flashing the positions in which it came and went a time or two a second
 * @param supplyVolts over the battery at the time
 */
public record WireProbe(
    Map<Position, Double> readings, Set<Position> flashing, double supplyVolts) {
  /** Above this share of the supply a test light is lit. Judged. */
  private static final double LIT = 0.9;

  /** Below this share it is dark. Judged. */
  private static final double DARK = 0.1;

  public WireProbe {
    if (!(supplyVolts > 0)) {
      throw new IllegalArgumentException("a supply has a voltage, not " + supplyVolts);
    }
    readings = new LinkedHashMap<>(readings);
    flashing = Set.copyOf(flashing);
  }

  /** Where key and light switch stand. */
  public record Position(Key key, Lights lights) {}

  /** What a wire can be. */
  public enum Kind {
    CONSTANT,
    ACCESSORY,
    IGNITION,
    /** Fed by the side lamps' switch, key or no key. */
    LAMPS_ON,
    /** Fed while the engine runs: charge-sensed. */
    ENGINE,
    /** Live with the engine and the lights off, dead with the lights on. */
    RUNNING_LAMPS,
    LOW_BEAM,
    MAIN_BEAM;

    boolean isLitAt(Position at) {
      return switch (this) {
        case CONSTANT -> true;
        // while the starter turns, accessories are let go
        case ACCESSORY -> at.key() != Key.OFF && at.key() != Key.CRANKING;
        case IGNITION -> at.key().compareTo(Key.RUN) >= 0;
        case LAMPS_ON -> at.lights() != Lights.OFF && at.lights() != Lights.FLASH;
        case ENGINE -> at.key() == Key.ENGINE;
        case RUNNING_LAMPS ->
            at.key() == Key.ENGINE && (at.lights() == Lights.OFF || at.lights() == Lights.FLASH);
        case LOW_BEAM -> at.lights() == Lights.DIPPED;
        case MAIN_BEAM -> at.lights() == Lights.MAIN || at.lights() == Lights.FLASH;
      };
    }
  }

  /** What can be said of the wire. */
  public sealed interface Answer {
    /** It can be nothing else. */
    record Is(Kind kind) implements Answer {}

    /** It was never live: whatever it may be, one reading would show it live. */
    record NotLiveYet(List<Kind> kinds, Position readNext) implements Answer {}

    /** It comes and goes a time or two a second: a turn signal's. */
    record Flashes(Position at) implements Answer {}

    /** It can be several things; one more reading tells most of them apart. */
    record StillOpen(List<Kind> kinds, Position readNext) implements Answer {}

    /** Between dark and lit: an output that is switched many times a second. */
    record Pulsed(Position at) implements Answer {}

    /** Nothing that is known here behaves so. */
    record Unknown() implements Answer {}
  }

  public Answer answer() {
    if (!flashing.isEmpty()) {
      return new Answer.Flashes(
          readings.keySet().stream().filter(flashing::contains).findFirst().orElseThrow());
    }
    Optional<Position> between =
        readings.entrySet().stream()
            .filter(
                reading ->
                    reading.getValue() > DARK * supplyVolts
                        && reading.getValue() < LIT * supplyVolts)
            .map(Map.Entry::getKey)
            .findFirst();
    if (between.isPresent()) {
      return new Answer.Pulsed(between.get());
    }
    List<Kind> kinds = Arrays.stream(Kind.values()).filter(this::agrees).toList();
    if (!readings.isEmpty()
        && !kinds.isEmpty()
        && readings.values().stream().noneMatch(this::isLive)) {
      return new Answer.NotLiveYet(kinds, showingMost(kinds));
    }
    return switch (kinds.size()) {
      case 0 -> new Answer.Unknown();
      case 1 -> new Answer.Is(kinds.get(0));
      default -> new Answer.StillOpen(kinds, tellingMost(kinds));
    };
  }

  private boolean agrees(Kind kind) {
    return readings.entrySet().stream()
        .allMatch(reading -> kind.isLitAt(reading.getKey()) == isLive(reading.getValue()));
  }

  private boolean isLive(double volts) {
    return volts >= LIT * supplyVolts;
  }

  /** The position in which most of the kinds are live; among equal ones the least movement. */
  private static Position showingMost(List<Kind> kinds) {
    Position best = new Position(Key.OFF, Lights.OFF);
    long most = 0;
    for (Key key : Key.values()) {
      for (Lights lights : Lights.values()) {
        Position at = new Position(key, lights);
        long live = kinds.stream().filter(kind -> kind.isLitAt(at)).count();
        if (live > most) {
          most = live;
          best = at;
        }
      }
    }
    return best;
  }

  /** The position that parts the kinds most evenly; among equal ones the least movement. */
  private static Position tellingMost(List<Kind> kinds) {
    Position best = new Position(Key.OFF, Lights.OFF);
    long bestWorst = Long.MAX_VALUE;
    for (Key key : Key.values()) {
      for (Lights lights : Lights.values()) {
        Position at = new Position(key, lights);
        long lit = kinds.stream().filter(kind -> kind.isLitAt(at)).count();
        long worst = Math.max(lit, kinds.size() - lit);
        if (worst < bestWorst) {
          bestWorst = worst;
          best = at;
        }
      }
    }
    return best;
  }
}

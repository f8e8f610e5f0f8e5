package mellow.core.circuit;

import java.util.Objects;
import java.util.Set;

/** How the driver's controls stand. */
public record Controls(Key key, Lights lights, boolean fog, Turn turn, boolean auxiliary) {
  /** Everything off, the key out. */
  public static final Controls OFF = new Controls(Key.OFF, Lights.OFF, false, Turn.OFF, false);

  public Controls {
    Objects.requireNonNull(key, "key");
    Objects.requireNonNull(lights, "lights");
    Objects.requireNonNull(turn, "turn");
  }

  /** The ignition, in the order in which it is turned. */
  public enum Key {
    OFF,
    ACCESSORY,
    RUN,
    ENGINE,
    CRANKING
  }

  /** The light switch; {@code FLASH} is the lever pulled with the lights off. */
  public enum Lights {
    OFF,
    SIDE,
    DIPPED,
    MAIN,
    FLASH
  }

  /** The turn lever, or the hazard button. */
  public enum Turn {
    OFF,
    LEFT,
    RIGHT,
    HAZARD
  }

  public Controls with(Key newKey) {
    return new Controls(newKey, lights, fog, turn, auxiliary);
  }

  public Controls with(Lights newLights) {
    return new Controls(key, newLights, fog, turn, auxiliary);
  }

  public Controls with(Turn newTurn) {
    return new Controls(key, lights, fog, newTurn, auxiliary);
  }

  public Controls withFog(boolean on) {
    return new Controls(key, lights, on, turn, auxiliary);
  }

  public Controls withAuxiliary(boolean on) {
    return new Controls(key, lights, fog, turn, on);
  }

  /**
   * In which positions something is on. An empty set asks nothing of that control.
   *
   * @param fog whether the fog switch has to be on
   * @param auxiliary whether the auxiliary switch has to be on
   */
  public record When(
      Set<Key> keys, Set<Lights> lights, Set<Turn> turns, boolean fog, boolean auxiliary) {
    public static final When ALWAYS = new When(Set.of(), Set.of(), Set.of(), false, false);

    public When {
      keys = Set.copyOf(keys);
      lights = Set.copyOf(lights);
      turns = Set.copyOf(turns);
    }

    public static When key(Key... keys) {
      return new When(Set.of(keys), Set.of(), Set.of(), false, false);
    }

    public static When lights(Lights... lights) {
      return new When(Set.of(), Set.of(lights), Set.of(), false, false);
    }

    public static When turn(Turn... turns) {
      return new When(Set.of(), Set.of(), Set.of(turns), false, false);
    }

    public static When fogOn() {
      return new When(Set.of(), Set.of(), Set.of(), true, false);
    }

    public static When auxiliaryOn() {
      return new When(Set.of(), Set.of(), Set.of(), false, true);
    }

    public boolean holds(Controls at) {
      return (keys.isEmpty() || keys.contains(at.key))
          && (lights.isEmpty() || lights.contains(at.lights))
          && (turns.isEmpty() || turns.contains(at.turn))
          && (!fog || at.fog)
          && (!auxiliary || at.auxiliary);
    }
  }
}

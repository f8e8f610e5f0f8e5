package mellow.core.parts;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.Side;

/**
 * A plug of a kit.
 *
 * @param id unique in its list
 * @param label what stands on it or its lead
 * @param socket what it goes to on the vehicle or the lamp
 * @param family the kind of connector; empty where not said
 * @param adapter what it needs in between; empty for nothing
 * @param use what is meant to become of it
 * @param matesWith the plug of this kit that it mates with
 * @param there where the kit has it
 * @param done how it stands on each side; a side that is left out was not looked at
 * @param once how one stands that the kit has once; empty where it was not looked at
 */
public record Plug(
    String id,
    String label,
    String socket,
    String family,
    Gender gender,
    String adapter,
    Use use,
    Optional<String> matesWith,
    There there,
    Map<Side, State> done,
    Optional<State> once) {
  public Plug {
    done = Map.copyOf(done);
  }

  /** What findings on it are about, at one side or as a whole. */
  Subject subject(Optional<Side> place) {
    return SubjectKind.PLUG.within(id, place.map(Side::name).orElse(""));
  }

  /** Where a kit has a plug. */
  public enum There {
    EACH_SIDE(Optional.of(Side.LEFT), Optional.of(Side.RIGHT)),
    LEFT(Optional.of(Side.LEFT)),
    RIGHT(Optional.of(Side.RIGHT)),
    ONCE(Optional.empty());

    private final List<Optional<Side>> places;

    @SafeVarargs
    There(Optional<Side>... places) {
      this.places = List.of(places);
    }

    /** Each place that is ticked by itself. */
    public List<Optional<Side>> places() {
      return places;
    }
  }

  /** How it stands at a place; empty where it was not looked at. */
  Optional<State> state(Optional<Side> place) {
    return place.map(side -> Optional.ofNullable(done.get(side))).orElse(once);
  }

  /** Whether it was looked at wherever the kit has it. */
  boolean isTicked() {
    return there.places().stream().allMatch(place -> state(place).isPresent());
  }

  /** Which half of a connector it is. */
  public enum Gender {
    NOT_SAID,
    MALE,
    FEMALE
  }

  /** What is meant to become of a plug. */
  public enum Use {
    CONNECT,
    /** Meant to stay unused: insulated and tied back. */
    INSULATE,
    /** Joined or parted on purpose: it chooses how the lamp behaves. */
    OPTION
  }

  /** How a plug stands. */
  public enum State {
    CONNECTED,
    INSULATED,
    PARTED
  }

  /** Whether such a state is what it is meant to come to. */
  boolean isMeant(State state) {
    return switch (use) {
      case CONNECT -> state == State.CONNECTED;
      case INSULATE -> state == State.INSULATED;
      case OPTION -> state == State.CONNECTED || state == State.PARTED;
    };
  }
}

package mellow.core.fault;

import java.util.List;
import java.util.Optional;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.feed.DrivingState;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/**
 * What a check showed, as it is kept: by names that stay when circuits are solved otherwise.
 *
 * @param state in which the controls stood; empty for what stays
 * @param part that was exchanged, unplugged, shaken, looked at, heard or clamped; else empty
 * @param from the node at the red probe, or at one end of a lead; else empty
 * @param to the node at the black probe, or at the other end of a lead; else empty
 * @param lamp that was looked at; else empty
 * @param value the answer's number, V or A
 */
public record Shown(
    Kind kind,
    Optional<DrivingState> state,
    String part,
    String from,
    String to,
    String lamp,
    double value) {
  /** What was done. */
  public enum Kind {
    LAMP(Answers.LOOKS),
    LAMP_WARM(Answers.LOOKS),
    LAMP_COLD(Answers.LOOKS),
    LAMP_WET(Answers.LOOKS),
    LAMP_STILL(Answers.LOOKS),
    FED_ALONE(Answers.LOOKS),
    SWAPPED(Answers.LOOKS),
    PLUG_TURNED(Answers.LOOKS),
    UNPLUGGED(Answers.LOOKS),
    EXCHANGED(Answers.LOOKS),
    BRIDGED(Answers.LOOKS),
    SHAKEN(Answers.YES_OR_NO),
    VOLTS(Answers.MEASURED),
    AMPS(Answers.MEASURED),
    OHMS(Answers.MEASURED),
    FELT(Answers.YES_OR_NO),
    TEST_LIGHT(Answers.DARK_DIM_OR_LIT),
    RELAY(Answers.YES_OR_NO),
    FUSE(Answers.YES_OR_NO),
    PLUG(Answers.YES_OR_NO),
    INSPECTED(Answers.YES_OR_NO);

    private final Answers answers;

    Kind(Answers answers) {
      this.answers = answers;
    }

    /** Whether it is answered by how something shines. */
    boolean isOfLight() {
      return answers == Answers.LOOKS || answers == Answers.DARK_DIM_OR_LIT;
    }

    /** How many answers it has; 0 for one that is measured. */
    public int answers() {
      return answers.count;
    }

    /** Whether it says nothing of how the controls stand. */
    boolean isWithoutState() {
      return this == FUSE || this == PLUG || this == INSPECTED || this == FED_ALONE;
    }

    /** The kind of part that it is made on. */
    public Class<? extends Part> of() {
      return switch (this) {
        case RELAY -> Moving.Relay.class;
        case FUSE -> Joining.Guard.class;
        default -> Part.class;
      };
    }
  }

  public Shown {
    // what is beyond what counts as open is open: any such figure says the same
    value = kind == Kind.OHMS ? Math.min(value, Check.Resistance.MOST_OHMS) : value;
  }

  private static final double MOST_VOLTS = 60;

  private static final double MOST_AMPS = 300;

  /** What can be answered. */
  private enum Answers {
    LOOKS(Look.values().length),
    DARK_DIM_OR_LIT(3),
    YES_OR_NO(2),
    MEASURED(0);

    private final int count;

    Answers(int count) {
      this.count = count;
    }
  }

  /** Why it cannot have been so; empty where it can. */
  public Optional<Sentence> refused() {
    boolean named =
        switch (kind) {
          case LAMP, LAMP_WARM, LAMP_COLD, LAMP_WET, LAMP_STILL, FED_ALONE, PLUG_TURNED ->
              !lamp.isEmpty();
          case UNPLUGGED, EXCHANGED, SWAPPED, SHAKEN -> !part.isEmpty() && !lamp.isEmpty();
          case BRIDGED -> !from.isEmpty() && !to.isEmpty() && !lamp.isEmpty();
          case VOLTS, OHMS -> !from.isEmpty() && !to.isEmpty() && !from.equals(to);
          case TEST_LIGHT -> !from.isEmpty();
          case AMPS, FELT, RELAY, FUSE, PLUG, INSPECTED -> !part.isEmpty();
        };
    if (!named || state.isEmpty() && !kind.isWithoutState()) {
      return Optional.of(FaultWords.sayWhatWasChecked());
    }
    int answers = kind.answers();
    if (answers > 0) {
      return value >= 0 && value < answers && value == Math.rint(value)
          ? Optional.empty()
          : Optional.of(FaultWords.noSuchAnswer());
    }
    if (kind == Kind.OHMS) {
      return value >= 0 ? Optional.empty() : Optional.of(FaultWords.noNegativeOhms());
    }
    double most = kind == Kind.VOLTS ? MOST_VOLTS : MOST_AMPS;
    return Math.abs(value) <= most
        ? Optional.empty()
        : Optional.of(
            kind == Kind.VOLTS
                ? FaultWords.tooManyVolts(Figure.volts(most))
                : FaultWords.tooManyAmps(Figure.amps(most)));
  }

  /** What is kept of a check and of what it showed. */
  public static Shown of(Check check, List<DrivingState> states, double value) {
    if (check instanceof Check.LampSeen seen) {
      return lamp(Kind.LAMP, "", states.get(seen.state()), seen.lamp(), value);
    } else if (check instanceof Check.LampUnder seen) {
      return lamp(under(seen.under()), "", states.get(seen.state()), seen.lamp(), value);
    } else if (check instanceof Check.Swapped one) {
      return lamp(Kind.SWAPPED, one.part(), states.get(one.state()), one.lamp(), value);
    } else if (check instanceof Check.FedAlone one) {
      return new Shown(Kind.FED_ALONE, Optional.empty(), "", "", "", one.lamp(), value);
    } else if (check instanceof Check.Felt one) {
      return lamp(Kind.FELT, one.part(), states.get(one.state()), "", value);
    } else if (check instanceof Check.Resistance one) {
      return new Shown(
          Kind.OHMS, Optional.of(states.get(one.state())), "", one.from(), one.to(), "", value);
    } else if (check instanceof Check.PlugTurned turned) {
      return lamp(Kind.PLUG_TURNED, "", states.get(turned.state()), turned.lamp(), value);
    } else if (check instanceof Check.Unplugged one) {
      return lamp(Kind.UNPLUGGED, one.part(), states.get(one.state()), one.lamp(), value);
    } else if (check instanceof Check.Exchanged one) {
      return lamp(Kind.EXCHANGED, one.part(), states.get(one.state()), one.lamp(), value);
    } else if (check instanceof Check.Wiggled one) {
      return lamp(Kind.SHAKEN, one.part(), states.get(one.state()), one.lamp(), value);
    } else if (check instanceof Check.Bridged one) {
      return new Shown(
          Kind.BRIDGED,
          Optional.of(states.get(one.state())),
          "",
          one.from(),
          one.to(),
          one.lamp(),
          value);
    } else if (check instanceof Check.Measured one) {
      return new Shown(
          Kind.VOLTS, Optional.of(states.get(one.state())), "", one.from(), one.to(), "", value);
    } else if (check instanceof Check.TestLight one) {
      return new Shown(
          Kind.TEST_LIGHT, Optional.of(states.get(one.state())), "", one.node(), "", "", value);
    } else if (check instanceof Check.Clamped one) {
      return lamp(Kind.AMPS, one.part(), states.get(one.state()), "", value);
    } else if (check instanceof Check.RelayHeard one) {
      return lamp(Kind.RELAY, one.relay(), states.get(one.state()), "", value);
    }
    return ofWhatStays((Check.OfWhatStays) check, value);
  }

  private static Kind under(Condition condition) {
    return switch (condition) {
      case ANY, ENGINE -> Kind.LAMP;
      case WARM -> Kind.LAMP_WARM;
      case COLD -> Kind.LAMP_COLD;
      case WET -> Kind.LAMP_WET;
      case STILL -> Kind.LAMP_STILL;
    };
  }

  private static Shown lamp(Kind kind, String part, DrivingState state, String lamp, double value) {
    return new Shown(kind, Optional.of(state), part, "", "", lamp, value);
  }

  private static Shown ofWhatStays(Check.OfWhatStays check, double value) {
    Kind kind =
        check instanceof Check.FuseLooked
            ? Kind.FUSE
            : check instanceof Check.PlugLooked ? Kind.PLUG : Kind.INSPECTED;
    return new Shown(kind, Optional.empty(), check.part(), "", "", "", value);
  }

  /**
   * The check that it was.
   *
   * @param states of the circuit, in their order
   * @return empty where the circuit has no such state
   */
  public Optional<Check> check(List<DrivingState> states) {
    return switch (kind) {
      case FUSE -> Optional.of(new Check.FuseLooked(part));
      case PLUG -> Optional.of(new Check.PlugLooked(part));
      case INSPECTED -> Optional.of(new Check.Inspected(part));
      case FED_ALONE -> Optional.of(new Check.FedAlone(lamp));
      default -> state.map(states::indexOf).filter(at -> at >= 0).map(this::inState);
    };
  }

  private Check inState(int at) {
    return switch (kind) {
      case LAMP -> new Check.LampSeen(at, lamp);
      case LAMP_WARM -> new Check.LampUnder(Condition.WARM, at, lamp);
      case LAMP_COLD -> new Check.LampUnder(Condition.COLD, at, lamp);
      case LAMP_WET -> new Check.LampUnder(Condition.WET, at, lamp);
      case LAMP_STILL -> new Check.LampUnder(Condition.STILL, at, lamp);
      case SWAPPED -> new Check.Swapped(part, at, lamp);
      case OHMS -> new Check.Resistance(at, from, to);
      case FELT -> new Check.Felt(at, part);
      case PLUG_TURNED -> new Check.PlugTurned(at, lamp);
      case UNPLUGGED -> new Check.Unplugged(part, at, lamp);
      case EXCHANGED -> new Check.Exchanged(part, at, lamp);
      case BRIDGED -> new Check.Bridged(from, to, at, lamp);
      case SHAKEN -> new Check.Wiggled(part, at, lamp);
      case VOLTS -> new Check.Measured(at, from, to);
      case AMPS -> new Check.Clamped(at, part);
      case TEST_LIGHT -> new Check.TestLight(at, from);
      case RELAY -> new Check.RelayHeard(at, part);
      case FUSE, PLUG, INSPECTED, FED_ALONE -> throw new IllegalStateException("it has no state");
    };
  }
}

package mellow.core.subject;

import java.util.List;
import java.util.Optional;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** What a fact or a finding is about. What belongs to one side names it. */
public sealed interface Subject {
  /** What tells it from others of its kind, in order; an empty part stands for "not said". */
  List<String> parts();

  /** Its kind. */
  SubjectKind kind();

  /** The lamp that it is, or belongs to. */
  default Optional<Lamp> lamp() {
    return Optional.empty();
  }

  /** Whether it is another one, or an end or pin of it. */
  default boolean isOf(Subject other) {
    return equals(other);
  }

  /** Its text form: the same for the same subject, and read back by {@link SubjectText#parse}. */
  default String text() {
    return SubjectText.of(this);
  }

  /** The job as a whole. */
  record Job() implements Subject {
    public static final Job WHOLE = new Job();

    @Override
    public SubjectKind kind() {
      return SubjectKind.JOB;
    }

    @Override
    public List<String> parts() {
      return List.of();
    }
  }

  /** The vehicle as a whole. */
  record Vehicle() implements Subject {
    public static final Vehicle WHOLE = new Vehicle();

    @Override
    public SubjectKind kind() {
      return SubjectKind.VEHICLE;
    }

    @Override
    public List<String> parts() {
      return List.of();
    }
  }

  /** An end of the vehicle. */
  record Axle(boolean front) implements Subject {
    @Override
    public SubjectKind kind() {
      return SubjectKind.AXLE;
    }

    @Override
    public List<String> parts() {
      return List.of(SubjectText.end(front));
    }
  }

  /** A wheel, or the tyre on it. */
  record Wheel(boolean front, Side side) implements Subject {
    @Override
    public SubjectKind kind() {
      return SubjectKind.WHEEL;
    }

    @Override
    public List<String> parts() {
      return List.of(SubjectText.end(front), side.name());
    }
  }

  /** The bay in which the vehicle stands: its floor as a whole. */
  record Bay() implements Subject {
    public static final Bay HERE = new Bay();

    @Override
    public SubjectKind kind() {
      return SubjectKind.BAY;
    }

    @Override
    public List<String> parts() {
      return List.of();
    }
  }

  /** A point of the bay's floor beside the tyres: the wall's foot, below a lamp. */
  record FloorPoint(String name, Side side) implements Subject {
    @Override
    public SubjectKind kind() {
      return SubjectKind.FLOOR_POINT;
    }

    @Override
    public List<String> parts() {
      return List.of(name, side.name());
    }
  }

  /**
   * A lamp, or a pair of lamps.
   *
   * @param side empty for the pair
   * @param which of several pairs of that function; empty where there is but one
   */
  record Lamp(LampFunction function, Optional<Side> side, String which) implements Subject {
    public static Lamp of(LampFunction function, Side side) {
      return new Lamp(function, Optional.of(side), "");
    }

    public static Lamp pair(LampFunction function) {
      return new Lamp(function, Optional.empty(), "");
    }

    /** It is the lamp itself. */
    @Override
    public Optional<Lamp> lamp() {
      return Optional.of(this);
    }

    /** The same of one of several pairs. */
    public Lamp which(String newWhich) {
      return new Lamp(function, side, newWhich);
    }

    @Override
    public SubjectKind kind() {
      return SubjectKind.LAMP;
    }

    @Override
    public List<String> parts() {
      return List.of(function.name(), side.map(Side::name).orElse(""), which);
    }
  }

  /** A lit surface or an edge of a lamp, or what stands beside it, by its name. */
  record Surface(Lamp of, String name) implements Subject {
    @Override
    public Optional<Lamp> lamp() {
      return Optional.of(of);
    }

    @Override
    public SubjectKind kind() {
      return SubjectKind.SURFACE;
    }

    @Override
    public List<String> parts() {
      return List.of(of.function().name(), of.side().map(Side::name).orElse(""), of.which(), name);
    }
  }

  /** An aiming screw of a lamp. */
  record Screw(LampFunction function, Side side, String id) implements Subject {
    @Override
    public SubjectKind kind() {
      return SubjectKind.SCREW;
    }

    @Override
    public List<String> parts() {
      return List.of(function.name(), side.name(), id);
    }
  }

  /** Whatever has an id or a name of its own. */
  record Named(SubjectKind kind, String id) implements Subject {
    public Named {
      if (!kind.isNamed()) {
        throw new IllegalArgumentException(kind + " is not told by one name");
      }
    }

    @Override
    public List<String> parts() {
      return List.of(id);
    }
  }

  /** Something within a named thing: a pin of a plug, an end of a component, a rule of a set. */
  record Within(SubjectKind kind, String id, String inner) implements Subject {
    public Within {
      if (!kind.isWithin()) {
        throw new IllegalArgumentException(kind + " is not told by two names");
      }
    }

    @Override
    public boolean isOf(Subject other) {
      return equals(other)
          || (other instanceof Named whole && kind.isWithin(whole.kind()) && whole.id().equals(id));
    }

    @Override
    public List<String> parts() {
      return List.of(id, inner);
    }
  }
}

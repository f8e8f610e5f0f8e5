package mellow.core.aim;

import java.util.OptionalDouble;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * One aiming screw of a lamp, as remembered for the vehicle.
 *
 * @param id stable name, referred to by turns
 * @param axis which way it moves the beam, as far as it is known
 * @param drive what turns it: "hex 6", "cross-head on a toothed wheel"; may be empty
 * @param place where it is; may be empty
 * @param reach when it can be got at
 * @param rememberedRate percent that one clockwise turn raises the beam (or moves it to the left),
 *     if known from before; negative where clockwise lowers it
 */
public record Adjuster(
    String id,
    Side side,
    LampKind lamp,
    Axis axis,
    String drive,
    String place,
    Reach reach,
    OptionalDouble rememberedRate) {

  /** What findings on it are about. */
  public Subject subject() {
    return new Subject.Screw(lamp.function(), side, id);
  }

  /** Which way a screw moves the beam. */
  public enum Axis {
    VERTICAL("vertical"),
    HORIZONTAL("horizontal"),
    /** Not known: found by turning and reading again. */
    TO_BE_TRIED("untried");

    private final String word;

    Axis(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  /** When a screw can be reached. */
  public enum Reach {
    ALWAYS,
    FRONT_OPEN_ONLY,
    NOT_KNOWN
  }
}

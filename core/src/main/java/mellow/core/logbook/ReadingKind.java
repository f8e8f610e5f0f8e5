package mellow.core.logbook;

import java.util.Set;

/** What can be read of a job or of a bay. */
public enum ReadingKind {
  DISTANCE(Form.LENGTH, 300, 60_000, Needs.SIDE),
  CENTRE(Form.LENGTH, 100, 3_000, Needs.LAMP, Needs.SIDE),
  LOWER_EDGE(Form.LENGTH, 50, 3_000, Needs.LAMP, Needs.SIDE),
  SPACING(Form.LENGTH, 200, 3_000, Needs.LAMP),
  CUTOFF_BELOW(Form.LENGTH, -3_000, 3_000, Needs.LAMP, Needs.SIDE),
  CUTOFF_HEIGHT(Form.LENGTH, -500, 5_000, Needs.LAMP, Needs.SIDE),
  CUTOFF_LADEN(Form.LENGTH, -3_000, 3_000, Needs.LAMP, Needs.SIDE),
  STEP_LEFT(Form.LENGTH, -5_000, 5_000, Needs.LAMP, Needs.SIDE),
  ROLL_RISE(Form.LENGTH, -1_000, 1_000, Needs.LAMP, Needs.SIDE),
  ROLL_RUN(Form.LENGTH, 50, 5_000, Needs.LAMP, Needs.SIDE),
  TURN(Form.TURNS, -50, 50, Needs.LAMP, Needs.SIDE, Needs.ADJUSTER),
  BEFORE_BELOW(Form.LENGTH, -3_000, 3_000, Needs.LAMP, Needs.SIDE),
  BEFORE_DISTANCE(Form.LENGTH, 300, 60_000),
  AXIS_MARK(Form.LENGTH, 100, 3_000, Needs.LAMP, Needs.SIDE),
  LIFT_FRONT(Form.LENGTH, -300, 600),
  LIFT_REAR(Form.LENGTH, -300, 600),
  LOAD_FRONT(Form.LENGTH, -300, 300),
  LOAD_REAR(Form.LENGTH, -300, 300),
  TYRE_FRONT_BEFORE(Form.TYRE, 300, 1_600),
  TYRE_FRONT(Form.TYRE, 300, 1_600),
  TYRE_REAR_BEFORE(Form.TYRE, 300, 1_600),
  TYRE_REAR(Form.TYRE, 300, 1_600),
  DIAL_BEFORE(Form.DIAL, 0, 9),
  DIAL(Form.DIAL, 0, 9),
  FLOOR_FRONT_LEFT(Form.LENGTH, -2_000, 2_000),
  FLOOR_FRONT_RIGHT(Form.LENGTH, -2_000, 2_000),
  FLOOR_REAR_LEFT(Form.LENGTH, -2_000, 2_000),
  FLOOR_REAR_RIGHT(Form.LENGTH, -2_000, 2_000),
  FOOT(Form.LENGTH, -2_000, 2_000, Needs.SIDE),
  UNDER_LAMP(Form.LENGTH, -2_000, 2_000, Needs.SIDE),
  PLAN_FRONT_TYRES(Form.LENGTH, 500, 60_000),
  PLAN_WHEELBASE(Form.LENGTH, 500, 10_000),
  PLAN_TRACK(Form.LENGTH, 500, 4_000),
  PLAN_FOOT_SPACING(Form.LENGTH, 100, 10_000);

  /** How a reading's text is read. */
  public enum Form {
    LENGTH,
    TURNS,
    /** A tyre's size; its value is the outer diameter, mm. */
    TYRE,
    /** The position of a levelling dial. */
    DIAL
  }

  /** What a reading has to say besides its number. */
  public enum Needs {
    LAMP,
    SIDE,
    ADJUSTER
  }

  private final Form form;
  private final double least;
  private final double most;
  private final Set<Needs> needs;

  ReadingKind(Form form, double least, double most, Needs... needs) {
    this.form = form;
    this.least = least;
    this.most = most;
    this.needs = Set.of(needs);
  }

  /** Whether it tells how the vehicle stands, or stood. */
  public boolean isOfStance() {
    return switch (this) {
      case LIFT_FRONT,
          LIFT_REAR,
          LOAD_FRONT,
          LOAD_REAR,
          TYRE_FRONT_BEFORE,
          TYRE_FRONT,
          TYRE_REAR_BEFORE,
          TYRE_REAR,
          DIAL_BEFORE,
          DIAL ->
          true;
      default -> false;
    };
  }

  /** Whether it can only be read once the work has come to the wall. */
  public boolean isOfTheWall() {
    return switch (this) {
      case DISTANCE,
          CUTOFF_BELOW,
          CUTOFF_HEIGHT,
          CUTOFF_LADEN,
          STEP_LEFT,
          ROLL_RISE,
          ROLL_RUN,
          TURN,
          AXIS_MARK ->
          true;
      default -> false;
    };
  }

  public Form form() {
    return form;
  }

  /** Smallest number that is taken, in mm, turns or positions. */
  public double least() {
    return least;
  }

  /** Largest number that is taken, in mm, turns or positions. */
  public double most() {
    return most;
  }

  public boolean needs(Needs what) {
    return needs.contains(what);
  }

  /** Whether it is read of a bay's floor rather than of a job. */
  public boolean isOfBay() {
    return compareTo(FLOOR_FRONT_LEFT) >= 0;
  }
}

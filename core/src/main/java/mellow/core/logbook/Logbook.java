package mellow.core.logbook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mellow.core.aim.AimEvent;
import mellow.core.aim.FloorSurvey;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.PairInput;
import mellow.core.aim.School;
import mellow.core.aim.WallInput;
import mellow.core.measure.Measured;
import mellow.core.stance.AxleChange;
import mellow.core.stance.LampRecord;
import mellow.core.stance.Stance;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/** The readings that count, in order; turns them into the computation's input. */
public final class Logbook {
  private static final Map<ReadingKind, FloorSurvey.Corner> CORNERS =
      Map.of(
          ReadingKind.FLOOR_FRONT_LEFT, FloorSurvey.Corner.FRONT_LEFT,
          ReadingKind.FLOOR_FRONT_RIGHT, FloorSurvey.Corner.FRONT_RIGHT,
          ReadingKind.FLOOR_REAR_LEFT, FloorSurvey.Corner.REAR_LEFT,
          ReadingKind.FLOOR_REAR_RIGHT, FloorSurvey.Corner.REAR_RIGHT);

  private final List<Reading> readings;

  public Logbook(List<Reading> readings) {
    this.readings = List.copyOf(readings);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Logbook log && log.readings.equals(readings);
  }

  @Override
  public int hashCode() {
    return readings.hashCode();
  }

  /** Whether anything was read. */
  public boolean isBegun() {
    return !readings.isEmpty();
  }

  /** Whether anything was read that only the wall gives. */
  public boolean isBegunAtTheWall() {
    return readings.stream().anyMatch(reading -> reading.kind().isOfTheWall());
  }

  /** The wall's input from this job's readings and its bay's. */
  public WallInput wall(JobSetup setup, Logbook bay) {
    List<PairInput> pairs = new ArrayList<>();
    pairs.add(pair(setup.dipped(), setup));
    setup.fog().ifPresent(fog -> pairs.add(pair(fog, setup)));
    if (setup.driving()) {
      pairs.add(pair(BeamClass.DRIVING, setup));
    }
    return new WallInput(
        setup.traffic(),
        setup.market(),
        setup.scope(),
        setup.compare(),
        setup.stanceChanged()
            || !stance(OptionalDouble.empty(), OptionalDouble.empty()).isUnchanged(),
        setup.frontClosed(),
        new MarkStyle(
            setup.markEdge(),
            setup.tapeWidthMm(),
            setup.markOrigin(),
            lengths(ReadingKind.AXIS_MARK, LampKind.DIPPED)),
        bay.survey(last(ReadingKind.SPACING, LampKind.DIPPED)),
        pairs);
  }

  /**
   * How the vehicle stands against how it came.
   *
   * @param wheelbaseMm of the vehicle; empty where not measured
   * @param lampAheadMm lamps ahead of its front axle; empty where not measured
   */
  public Stance stance(OptionalDouble wheelbaseMm, OptionalDouble lampAheadMm) {
    return new Stance(
        axle(
            ReadingKind.LIFT_FRONT,
            ReadingKind.LOAD_FRONT,
            ReadingKind.TYRE_FRONT_BEFORE,
            ReadingKind.TYRE_FRONT),
        axle(
            ReadingKind.LIFT_REAR,
            ReadingKind.LOAD_REAR,
            ReadingKind.TYRE_REAR_BEFORE,
            ReadingKind.TYRE_REAR),
        wheelbaseMm,
        lampAheadMm,
        last(ReadingKind.DIAL_BEFORE, LampKind.DIPPED),
        last(ReadingKind.DIAL, LampKind.DIPPED));
  }

  /**
   * Whether centre and cutoff of both low beams were read after what was noted last of the stance.
   * Without such a note the change is older than the job, and every reading comes after it.
   */
  public boolean readSinceStance() {
    int noted = -1;
    for (int i = 0; i < readings.size(); i++) {
      noted = readings.get(i).kind().isOfStance() ? i : noted;
    }
    Logbook since = new Logbook(readings.subList(noted + 1, readings.size()));
    return Stream.of(Side.values())
        .allMatch(
            side ->
                since.last(ReadingKind.CENTRE, LampKind.DIPPED, side).isPresent()
                    && Stream.of(ReadingKind.CUTOFF_BELOW, ReadingKind.CUTOFF_HEIGHT)
                        .anyMatch(kind -> since.last(kind, LampKind.DIPPED, side).isPresent()));
  }

  /** Whether the vehicle has a levelling dial, as far as somebody noted where it stands. */
  public boolean hasDial() {
    return readings.stream()
        .anyMatch(
            reading ->
                reading.kind() == ReadingKind.DIAL || reading.kind() == ReadingKind.DIAL_BEFORE);
  }

  /** What of the low beams was measured as they came. */
  public LampRecord lampRecord() {
    BySide<OptionalDouble> heights = bySide(ReadingKind.CENTRE, LampKind.DIPPED);
    return new LampRecord(
        BySide.of(side -> heights.on(side).isPresent()),
        last(ReadingKind.SPACING, LampKind.DIPPED).isPresent());
  }

  private AxleChange axle(
      ReadingKind lift, ReadingKind load, ReadingKind tyreBefore, ReadingKind tyreNow) {
    return new AxleChange(
        last(lift, LampKind.DIPPED).orElse(0),
        last(load, LampKind.DIPPED).orElse(0),
        last(tyreBefore, LampKind.DIPPED),
        last(tyreNow, LampKind.DIPPED));
  }

  /**
   * The floor as far as it was read; empty until the places of the readings are known.
   *
   * @param lampSpacing stands in for the spacing of the foot readings where that was not noted
   */
  public Optional<FloorSurvey> survey(OptionalDouble lampSpacing) {
    OptionalDouble front = last(ReadingKind.PLAN_FRONT_TYRES, LampKind.DIPPED);
    OptionalDouble wheelbase = last(ReadingKind.PLAN_WHEELBASE, LampKind.DIPPED);
    OptionalDouble track = last(ReadingKind.PLAN_TRACK, LampKind.DIPPED);
    List<FloorSurvey.TyreReading> tyres =
        readings.stream()
            .filter(reading -> CORNERS.containsKey(reading.kind()))
            .map(
                reading ->
                    new FloorSurvey.TyreReading(CORNERS.get(reading.kind()), reading.value()))
            .toList();
    if (front.isEmpty() || wheelbase.isEmpty() || track.isEmpty() || tyres.isEmpty()) {
      return Optional.empty();
    }
    double footSpacing =
        last(ReadingKind.PLAN_FOOT_SPACING, LampKind.DIPPED)
            .orElse(lampSpacing.orElse(track.getAsDouble()));
    return Optional.of(
        new FloorSurvey(
            new FloorSurvey.Plan(
                front.getAsDouble(), wheelbase.getAsDouble(), track.getAsDouble(), footSpacing),
            tyres,
            bySide(ReadingKind.FOOT, LampKind.DIPPED),
            bySide(ReadingKind.UNDER_LAMP, LampKind.DIPPED),
            heightsPlusMinusMm()));
  }

  private double heightsPlusMinusMm() {
    return readings.stream()
        .filter(
            reading ->
                CORNERS.containsKey(reading.kind())
                    || reading.kind() == ReadingKind.FOOT
                    || reading.kind() == ReadingKind.UNDER_LAMP)
        .mapToDouble(Reading::plusMinus)
        .max()
        .orElse(0);
  }

  private PairInput pair(BeamClass beam, JobSetup setup) {
    LampKind lamp = beam.kind();
    return new PairInput(
        beam,
        setup.steeperByMaker(),
        lengths(ReadingKind.CENTRE, lamp),
        lengths(ReadingKind.LOWER_EDGE, lamp),
        lastOf(ReadingKind.SPACING, lamp, Optional.empty()).map(Reading::length),
        lengths(ReadingKind.DISTANCE, LampKind.DIPPED),
        BySide.of(side -> before(lamp, side)),
        lamp == LampKind.DIPPED ? setup.school() : School.RULE,
        lamp == LampKind.DIPPED ? setup.labelPercent() : OptionalDouble.empty(),
        setup.adjusters(),
        events(lamp));
  }

  private Optional<PairInput.BeforeMark> before(LampKind lamp, Side side) {
    OptionalDouble below = last(ReadingKind.BEFORE_BELOW, lamp, side);
    OptionalDouble distance = last(ReadingKind.BEFORE_DISTANCE, LampKind.DIPPED);
    return below.isPresent() && distance.isPresent()
        ? Optional.of(new PairInput.BeforeMark(below.getAsDouble(), distance.getAsDouble()))
        : Optional.empty();
  }

  private List<AimEvent> events(LampKind lamp) {
    List<AimEvent> events = new ArrayList<>();
    for (Reading reading : readings) {
      if (reading.lamp() == lamp && reading.side().isPresent()) {
        event(reading, reading.side().get()).ifPresent(events::add);
      }
    }
    return events;
  }

  private Optional<AimEvent> event(Reading reading, Side side) {
    return switch (reading.kind()) {
      case CUTOFF_BELOW ->
          Optional.of(new AimEvent.CutoffRead(side, reading.length(), AimEvent.Datum.BELOW_LINE));
      case CUTOFF_HEIGHT ->
          Optional.of(new AimEvent.CutoffRead(side, reading.length(), AimEvent.Datum.ABOVE_FOOT));
      case CUTOFF_LADEN -> Optional.of(new AimEvent.LadenRead(side, reading.length()));
      case STEP_LEFT -> Optional.of(new AimEvent.StepRead(side, reading.length()));
      case TURN ->
          Optional.of(
              new AimEvent.Turned(side, reading.adjusterId().orElseThrow(), reading.value()));
      case ROLL_RISE -> {
        OptionalDouble run = last(ReadingKind.ROLL_RUN, reading.lamp(), side);
        yield run.isPresent()
            ? Optional.of(new AimEvent.RollRead(side, reading.length(), run.getAsDouble()))
            : Optional.empty();
      }
      default -> Optional.empty();
    };
  }

  private BySide<OptionalDouble> bySide(ReadingKind kind, LampKind lamp) {
    return BySide.of(side -> last(kind, lamp, side));
  }

  private BySide<Optional<Measured>> lengths(ReadingKind kind, LampKind lamp) {
    return BySide.of(side -> lastOf(kind, lamp, Optional.of(side)).map(Reading::length));
  }

  private OptionalDouble last(ReadingKind kind, LampKind lamp, Side side) {
    return lastOf(kind, lamp, Optional.of(side)).stream().mapToDouble(Reading::value).findFirst();
  }

  private OptionalDouble last(ReadingKind kind, LampKind lamp) {
    return lastOf(kind, lamp, Optional.empty()).stream().mapToDouble(Reading::value).findFirst();
  }

  private Optional<Reading> lastOf(ReadingKind kind, LampKind lamp, Optional<Side> side) {
    return readings.stream()
        .filter(
            reading ->
                reading.kind() == kind
                    && reading.lamp() == lamp
                    && (side.isEmpty() || reading.side().equals(side)))
        .reduce((earlier, later) -> later);
  }
}

package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.lamp.LampSheet;
import mellow.core.aim.wall.WallSheet;
import mellow.core.finding.Finding;
import mellow.core.formats.BuiltInRules;
import mellow.core.measure.Measured;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;

/** Builds walls for the tests: by default a pair 668 mm high, 1200 apart, 7620 from the wall. */
public final class Walls {
  public String market = "un-r48";
  public TrafficSide traffic = TrafficSide.RIGHT;
  VehicleScope scope = VehicleScope.OPEN;

  /** What every length was read to, ± mm. */
  public double readTo = 1;

  public BeamClass beam = BeamClass.UN_DIPPED;
  School school = School.RULE;
  public OptionalDouble label = OptionalDouble.empty();
  public BySide<OptionalDouble> centre = both(668);
  BySide<OptionalDouble> edge = both(600);
  BySide<OptionalDouble> distance = both(7620);
  OptionalDouble spacing = OptionalDouble.of(1200);
  public BySide<Optional<PairInput.BeforeMark>> before = BySide.of(side -> Optional.empty());
  public boolean stanceChanged;
  public boolean frontClosed;
  MarkStyle marks = MarkStyle.usual();
  Optional<FloorSurvey> survey = Optional.empty();
  final List<Adjuster> adjusters = new ArrayList<>();
  final List<AimEvent> events = new ArrayList<>();

  static BySide<OptionalDouble> both(double mm) {
    return BySide.of(side -> OptionalDouble.of(mm));
  }

  public Walls centre(double mm) {
    centre = both(mm);
    edge = both(mm - 60);
    return this;
  }

  public Walls distance(double left, double right) {
    distance = new BySide<>(OptionalDouble.of(left), OptionalDouble.of(right));
    return this;
  }

  public Walls school(School chosen) {
    school = chosen;
    return this;
  }

  public Walls reads(Side side, double belowMm) {
    events.add(new AimEvent.CutoffRead(side, read(belowMm), AimEvent.Datum.BELOW_LINE));
    return this;
  }

  public Walls step(Side side, double leftMm) {
    events.add(new AimEvent.StepRead(side, read(leftMm)));
    return this;
  }

  public Walls turns(Side side, String screw, double turns) {
    events.add(new AimEvent.Turned(side, screw, turns));
    return this;
  }

  public Walls screw(Side side, String id, Adjuster.Axis axis) {
    return screw(side, id, axis, Adjuster.Reach.ALWAYS, OptionalDouble.empty());
  }

  public Walls screw(
      Side side, String id, Adjuster.Axis axis, Adjuster.Reach reach, OptionalDouble rate) {
    adjusters.add(new Adjuster(id, side, LampKind.DIPPED, axis, "", "", reach, rate));
    return this;
  }

  public WallInput input() {
    RuleSet chosen = BuiltInRules.byId(market).orElseThrow();
    return new WallInput(
        traffic,
        chosen,
        scope,
        BuiltInRules.ofAim().stream().filter(set -> set != chosen).toList(),
        stanceChanged,
        frontClosed,
        marks,
        survey,
        List.of(
            new PairInput(
                beam,
                false,
                read(centre),
                read(edge),
                read(spacing),
                read(distance),
                before,
                school,
                label,
                adjusters,
                events)));
  }

  private Measured read(double mm) {
    return new Measured(mm, readTo);
  }

  private Optional<Measured> read(OptionalDouble mm) {
    return mm.stream().mapToObj(this::read).findFirst();
  }

  private BySide<Optional<Measured>> read(BySide<OptionalDouble> mm) {
    return BySide.of(side -> read(mm.on(side)));
  }

  public WallSheet sheet() {
    return WallSheet.of(input());
  }

  public LampSheet lamp(Side side) {
    return sheet().pairs().get(0).lamps().on(side);
  }

  /** Height of the aim mark above the wall's foot. */
  public double markMm(Side side) {
    LampSheet lamp = lamp(side);
    return lamp.place().orElseThrow().heightMm(lamp.target().orElseThrow().percent());
  }

  public Finding finding(String id) {
    return sheet().findings().stream()
        .filter(finding -> finding.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new AssertionError(
                    id + " is not among " + sheet().findings().stream().map(Finding::id).toList()));
  }
}

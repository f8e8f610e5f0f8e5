package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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
final class Walls {
  String market = "un-r48";
  TrafficSide traffic = TrafficSide.RIGHT;
  VehicleScope scope = VehicleScope.OPEN;

  /** What every length was read to, ± mm. */
  double readTo = 1;

  BeamClass beam = BeamClass.UN_DIPPED;
  School school = School.RULE;
  OptionalDouble label = OptionalDouble.empty();
  BySide<OptionalDouble> centre = both(668);
  BySide<OptionalDouble> edge = both(600);
  BySide<OptionalDouble> distance = both(7620);
  OptionalDouble spacing = OptionalDouble.of(1200);
  BySide<Optional<PairInput.BeforeMark>> before = BySide.of(side -> Optional.empty());
  boolean stanceChanged;
  boolean frontClosed;
  MarkStyle marks = MarkStyle.usual();
  Optional<FloorSurvey> survey = Optional.empty();
  final List<Adjuster> adjusters = new ArrayList<>();
  final List<AimEvent> events = new ArrayList<>();

  static BySide<OptionalDouble> both(double mm) {
    return BySide.of(side -> OptionalDouble.of(mm));
  }

  Walls centre(double mm) {
    centre = both(mm);
    edge = both(mm - 60);
    return this;
  }

  Walls distance(double left, double right) {
    distance = new BySide<>(OptionalDouble.of(left), OptionalDouble.of(right));
    return this;
  }

  Walls school(School chosen) {
    school = chosen;
    return this;
  }

  Walls reads(Side side, double belowMm) {
    events.add(new AimEvent.CutoffRead(side, read(belowMm), AimEvent.Datum.BELOW_LINE));
    return this;
  }

  Walls step(Side side, double leftMm) {
    events.add(new AimEvent.StepRead(side, read(leftMm)));
    return this;
  }

  Walls turns(Side side, String screw, double turns) {
    events.add(new AimEvent.Turned(side, screw, turns));
    return this;
  }

  Walls screw(Side side, String id, Adjuster.Axis axis) {
    return screw(side, id, axis, Adjuster.Reach.ALWAYS, OptionalDouble.empty());
  }

  Walls screw(Side side, String id, Adjuster.Axis axis, Adjuster.Reach reach, OptionalDouble rate) {
    adjusters.add(new Adjuster(id, side, LampKind.DIPPED, axis, "", "", reach, rate));
    return this;
  }

  WallInput input() {
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

  WallSheet sheet() {
    return WallSheet.of(input());
  }

  LampSheet lamp(Side side) {
    return sheet().pairs().get(0).lamps().on(side);
  }

  /** Height of the aim mark above the wall's foot. */
  double markMm(Side side) {
    LampSheet lamp = lamp(side);
    return lamp.place().orElseThrow().heightMm(lamp.target().orElseThrow().percent());
  }

  Finding finding(String id) {
    return sheet().findings().stream()
        .filter(finding -> finding.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new AssertionError(
                    id + " is not among " + sheet().findings().stream().map(Finding::id).toList()));
  }
}

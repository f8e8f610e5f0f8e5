package mellow.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.AimEvent;
import mellow.core.aim.FloorSurvey;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.PairInput;
import mellow.core.aim.School;
import mellow.core.aim.WallInput;
import mellow.core.aim.wall.WallSheet;
import mellow.core.entry.Entry;
import mellow.core.finding.Said;
import mellow.core.formats.BuiltInRules;
import mellow.core.measure.Measured;
import mellow.core.measure.UnitSystem;
import mellow.core.rules.VehicleScope;
import mellow.core.stance.Stance;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LogbookTest {
  private static final Logbook NO_BAY = new Logbook(List.of());

  private static Reading of(ReadingKind kind, double value) {
    return new Reading(kind, value, 1, LampKind.DIPPED, Optional.empty(), Optional.empty());
  }

  private static Reading on(ReadingKind kind, LampKind lamp, Side side, double value) {
    return new Reading(kind, value, 1, lamp, Optional.of(side), Optional.empty());
  }

  private static Reading low(ReadingKind kind, Side side, double value) {
    return on(kind, LampKind.DIPPED, side, value);
  }

  private static JobSetup setup(Optional<BeamClass> fog, MarkStyle.Origin origin) {
    return new JobSetup(
        TrafficSide.RIGHT,
        BuiltInRules.byId("un-r48").orElseThrow(),
        VehicleScope.OPEN,
        List.of(),
        School.EQUAL_DROP,
        OptionalDouble.empty(),
        false,
        false,
        MarkStyle.Edge.UPPER,
        25,
        origin,
        BeamClass.UN_DIPPED,
        fog,
        false,
        false,
        List.of());
  }

  private static WallInput wall(Reading... readings) {
    return new Logbook(List.of(readings))
        .wall(setup(Optional.empty(), MarkStyle.Origin.MEASURED), NO_BAY);
  }

  @Test
  void theLastReadingOfAThingCounts() {
    PairInput pair =
        wall(low(ReadingKind.CENTRE, Side.LEFT, 660), low(ReadingKind.CENTRE, Side.LEFT, 668))
            .pairs()
            .get(0);
    assertThat(pair.centre().left()).hasValue(Measured.toMm(668));
    assertThat(pair.centre().right()).isEmpty();
  }

  @Test
  void cutoffsAndTurnsKeepTheirOrder() {
    Reading turn =
        new Reading(
            ReadingKind.TURN, -0.5, 0, LampKind.DIPPED, Optional.of(Side.LEFT), Optional.of("v"));
    assertThat(
            wall(
                    low(ReadingKind.CUTOFF_BELOW, Side.LEFT, 10),
                    turn,
                    low(ReadingKind.CUTOFF_HEIGHT, Side.LEFT, 600))
                .pairs()
                .get(0)
                .events())
        .containsExactly(
            new AimEvent.CutoffRead(Side.LEFT, Measured.toMm(10), AimEvent.Datum.BELOW_LINE),
            new AimEvent.Turned(Side.LEFT, "v", -0.5),
            new AimEvent.CutoffRead(Side.LEFT, Measured.toMm(600), AimEvent.Datum.ABOVE_FOOT));
  }

  @Test
  void aRollNeedsBothItsNumbers() {
    Reading rise = low(ReadingKind.ROLL_RISE, Side.LEFT, 12);
    assertThat(wall(rise).pairs().get(0).events()).isEmpty();
    assertThat(wall(low(ReadingKind.ROLL_RUN, Side.LEFT, 600), rise).pairs().get(0).events())
        .containsExactly(new AimEvent.RollRead(Side.LEFT, Measured.toMm(12), 600));
  }

  @Test
  void marksFromBeforeNeedTheirDistance() {
    Reading below = low(ReadingKind.BEFORE_BELOW, Side.RIGHT, 30);
    assertThat(wall(below).pairs().get(0).before().right()).isEmpty();
    assertThat(wall(below, of(ReadingKind.BEFORE_DISTANCE, 3000)).pairs().get(0).before().right())
        .hasValueSatisfying(mark -> assertThat(mark.percent()).isCloseTo(-1.0, within(1e-12)));
  }

  @Test
  void aFogPairHasItsOwnHeightsAndTheSameDistanceAndGoesByTheRule() {
    List<Reading> readings =
        List.of(
            low(ReadingKind.DISTANCE, Side.LEFT, 7620),
            low(ReadingKind.CENTRE, Side.LEFT, 700),
            on(ReadingKind.CENTRE, LampKind.FRONT_FOG, Side.LEFT, 400),
            on(ReadingKind.LOWER_EDGE, LampKind.FRONT_FOG, Side.LEFT, 350),
            on(ReadingKind.CUTOFF_BELOW, LampKind.FRONT_FOG, Side.LEFT, 133));
    WallInput input =
        new Logbook(readings)
            .wall(setup(Optional.of(BeamClass.FOG_F3), MarkStyle.Origin.MEASURED), NO_BAY);
    PairInput fog = input.pairs().get(1);
    assertThat(fog.school()).isEqualTo(School.RULE);
    assertThat(fog.centre().left()).hasValue(Measured.toMm(400));
    assertThat(fog.distance().left()).hasValue(Measured.toMm(7620));
    // UN R48 (from memory): class F3 up to 800 mm, first setting −1.5 to −2.0 %: its middle
    assertThat(WallSheet.of(input).pairs().get(1).lamps().left().target().orElseThrow().percent())
        .isEqualTo(-1.75);
  }

  @Test
  void transferredAxesAreTakenOver() {
    WallInput input =
        new Logbook(
                List.of(
                    low(ReadingKind.DISTANCE, Side.LEFT, 7620),
                    low(ReadingKind.CENTRE, Side.LEFT, 668),
                    low(ReadingKind.AXIS_MARK, Side.LEFT, 655)))
            .wall(setup(Optional.empty(), MarkStyle.Origin.TRANSFERRED), NO_BAY);
    assertThat(WallSheet.of(input).pairs().get(0).lamps().left().place().orElseThrow().lineMm())
        .isEqualTo(655);
  }

  @Test
  void aSurveyNeedsToKnowWhereItWasRead() {
    List<Reading> heights =
        new ArrayList<>(
            List.of(
                of(ReadingKind.FLOOR_FRONT_LEFT, 0),
                of(ReadingKind.FLOOR_REAR_LEFT, 10),
                of(ReadingKind.PLAN_FRONT_TYRES, 8520),
                of(ReadingKind.PLAN_WHEELBASE, 2500)));
    assertThat(new Logbook(heights).survey(OptionalDouble.empty())).isEmpty();
    heights.add(of(ReadingKind.PLAN_TRACK, 1600));
    FloorSurvey survey = new Logbook(heights).survey(OptionalDouble.of(1200)).orElseThrow();
    assertThat(survey.plan().footSpacingMm()).isEqualTo(1200);
    assertThat(new Logbook(heights).survey(OptionalDouble.empty()).orElseThrow().plan())
        .isEqualTo(new FloorSurvey.Plan(8520, 2500, 1600, 1600));
  }

  @Test
  void aTyreReadTwiceCountsTwice() {
    List<Reading> twice = new ArrayList<>();
    for (ReadingKind kind :
        List.of(
            ReadingKind.FLOOR_FRONT_LEFT,
            ReadingKind.FLOOR_FRONT_RIGHT,
            ReadingKind.FLOOR_REAR_LEFT,
            ReadingKind.FLOOR_REAR_RIGHT)) {
      twice.add(of(kind, 0));
      twice.add(of(kind, 1));
    }
    twice.add(of(ReadingKind.PLAN_FRONT_TYRES, 8520));
    twice.add(of(ReadingKind.PLAN_WHEELBASE, 2500));
    twice.add(of(ReadingKind.PLAN_TRACK, 1600));
    assertThat(new Logbook(twice).survey(OptionalDouble.empty()).orElseThrow().tyres()).hasSize(8);
  }

  @Test
  void aReadingWithoutItsSideOrScrewIsABrokenContract() {
    assertThatThrownBy(() -> of(ReadingKind.CENTRE, 668)).hasMessageContaining("logbook.needsSide");
    assertThatThrownBy(() -> low(ReadingKind.TURN, Side.LEFT, 1))
        .hasMessageContaining("logbook.needsScrew");
    assertThatThrownBy(() -> of(ReadingKind.SPACING, Double.NaN)).hasMessageContaining("finite");
  }

  @ParameterizedTest
  @CsvSource({
    "DISTANCE, 25 ft, 7620",
    "CUTOFF_BELOW, -18, -18",
    "TURN, 1 1/2 anticlockwise, -1.5",
    "FLOOR_REAR_LEFT, +3/8 in, 9.525",
    "TYRE_FRONT, 31x10.5 R15, 787.4",
    "DIAL, '1,5', 1.5",
  })
  void whatIsTypedIsReadByItsKind(ReadingKind kind, String typed, double value) {
    assertThat(ReadingEntry.read(kind, typed, UnitSystem.METRIC))
        .isInstanceOfSatisfying(
            Entry.Accepted.class,
            entry ->
                assertThat(((ReadingEntry.Value) entry.value()).value())
                    .isCloseTo(value, within(1e-9)));
  }

  /** Each kind takes its own bounds and nothing beyond. */
  @ParameterizedTest
  @EnumSource(
      value = ReadingKind.class,
      mode = EnumSource.Mode.MATCH_NONE,
      names = {"TYRE_.*", "DIAL.*"})
  void boundsAreTakenAndWhatLiesBeyondIsNot(ReadingKind kind) {
    boolean turns = kind.form() == ReadingKind.Form.TURNS;
    for (double bound : new double[] {kind.least(), kind.most()}) {
      double beyond = bound + (bound == kind.least() ? -1 : 1);
      assertThat(ReadingEntry.read(kind, typed(bound, turns), UnitSystem.METRIC))
          .isInstanceOf(Entry.Accepted.class);
      assertThat(ReadingEntry.read(kind, typed(beyond, turns), UnitSystem.METRIC))
          .isInstanceOfSatisfying(
              Entry.Refused.class,
              entry -> assertThat(Said.key(entry.wouldBeRight())).isEqualTo("logbook.fromTo"));
    }
  }

  private static String typed(double value, boolean turns) {
    return (turns ? "%.0f" : "%.0f mm").formatted(value);
  }

  @Test
  void aLiftVoidsMarksFromBefore() {
    assertThat(wall(of(ReadingKind.LIFT_FRONT, 0)).stanceChanged()).isFalse();
    assertThat(wall(of(ReadingKind.LIFT_FRONT, 60)).stanceChanged()).isTrue();
    assertThat(wall(of(ReadingKind.TYRE_REAR, 787.4)).stanceChanged()).isTrue();
    assertThat(wall(of(ReadingKind.DIAL_BEFORE, 0), of(ReadingKind.DIAL, 2)).stanceChanged())
        .isTrue();
  }

  @Test
  void theStanceComesFromTheLatestReadings() {
    Stance stance =
        new Logbook(
                List.of(
                    of(ReadingKind.LIFT_FRONT, 10),
                    of(ReadingKind.LIFT_FRONT, 60),
                    of(ReadingKind.LIFT_REAR, 40),
                    of(ReadingKind.TYRE_FRONT_BEFORE, 733.5),
                    of(ReadingKind.TYRE_FRONT, 787.4)))
            .stance(OptionalDouble.of(2500), OptionalDouble.of(900));
    assertThat(stance.front().riseMm()).isCloseTo(60 + 26.95, within(1e-9));
    assertThat(stance.rear().riseMm()).isEqualTo(40);
  }
}

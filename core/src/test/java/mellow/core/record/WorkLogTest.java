package mellow.core.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.groups.Tuple.tuple;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.DrivingState;
import mellow.core.feed.sheet.TimedBattery;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.FlashRate;
import mellow.core.proof.Outcome;
import mellow.core.proof.ProofEvent;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.retrofit.WarmingCurve;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Stage;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.ledger.FastenerKind;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow;
import org.junit.jupiter.api.Test;

/** What was written down, read out of the record line by line. */
class WorkLogTest {
  private static final Instant NOON = Instant.parse("2026-11-30T12:00:00Z");
  private final List<Line> lines = new ArrayList<>();

  /** Writes a line a minute after the one before; its id is "id" and its number. */
  private String say(Fact fact, String strikes) {
    int number = lines.size() + 1;
    Stage stage = fact instanceof Fact.Revised ? Stage.PLACE : Stage.BENCH;
    lines.add(
        new Line(
            "id" + number,
            number,
            stage,
            fact,
            Optional.of(strikes).filter(id -> !id.isEmpty()),
            number % 2 == 0 ? "Teo" : "Runa",
            "",
            at(number)));
    return "id" + number;
  }

  private String say(Fact fact) {
    return say(fact, "");
  }

  private static Instant at(int number) {
    return NOON.plusSeconds(60L * number);
  }

  private WorkLog log() {
    return new WorkLog(new JobRecord(lines));
  }

  private static Fact.StepDone step(String step, Side side, boolean skipped) {
    return new Fact.StepDone(step, Optional.ofNullable(side), skipped, "", "");
  }

  private static LedgerRow row(String id, int count, FastenerKind kind, String name) {
    return new LedgerRow(
        id,
        count,
        new LedgerRow.What(kind, name, "", ""),
        Optional.empty(),
        "",
        "",
        "",
        LedgerRow.AsFound.SOUND,
        false,
        1,
        "",
        false,
        "");
  }

  private static Fact.BenchMeasured bench(BenchField field, Side side, String typed) {
    return new Fact.BenchMeasured(field, Optional.ofNullable(side), typed, UnitSystem.METRIC);
  }

  @Test
  void whatIsNoWorkIsNoneOfIt() {
    assertThat(log().isEmpty()).isTrue();
    String revised = say(new Fact.Revised(JobDocument.PLACE, 1, 1, "{}"));
    say(new Fact.Undone(), revised);
    assertThat(log().isEmpty()).isTrue();
    assertThat(log().isBegun(Stage.BENCH)).isFalse();
    String sanded = say(new Fact.Sanded(Side.LEFT, 1000));
    assertThat(log().isBegun(Stage.BENCH)).isTrue();
    assertThat(log().isBegun(Stage.APART)).isFalse();
    say(new Fact.Undone(), sanded);
    assertThat(log().all()).extracting(Line::id).containsExactly("id3", "id4");
    assertThat(log().living()).isEmpty();
    assertThat(log().isEmpty()).isFalse();
    assertThat(log().record().lines()).hasSize(4);
  }

  @Test
  void theLedgerHasWhatCameOffAndWhatBecameOfIt() {
    String clips = say(new Fact.TakenOff(row("id1", 4, FastenerKind.CLIP_PULL, ""), false));
    say(new Fact.TakenOff(row(clips, 5, FastenerKind.CLIP_PULL, ""), true));
    say(new Fact.Moved(clips, LedgerMove.BACK, 3));
    say(new Fact.Moved(clips, LedgerMove.BROKEN, 1));
    String undone = say(new Fact.Moved(clips, LedgerMove.BACK, 1));
    say(new Fact.Undone(), undone);
    assertThat(log().row(clips).count()).isEqualTo(5);
    assertThat(log().ledger().lines())
        .singleElement()
        .satisfies(
            line -> {
              assertThat(line.row().count()).isEqualTo(5);
              assertThat(line.back()).isEqualTo(3);
              assertThat(line.broken()).isEqualTo(1);
            });
  }

  @Test
  void aStepThatWasLeftOutIsNotDone() {
    say(step("bench.open", Side.LEFT, false));
    say(step("bench.open", Side.RIGHT, true));
    WorkLog log = log();
    assertThat(log.isDone("bench.open", Optional.of(Side.LEFT))).isTrue();
    assertThat(log.isDone("bench.open", Optional.of(Side.RIGHT))).isFalse();
    assertThat(log.isDone("bench.open", Optional.empty())).isFalse();
    assertThat(log.isDone("bench.cut", Optional.of(Side.LEFT))).isFalse();
    assertThat(log.marks())
        .extracting(mark -> mark.by() + " " + mark.at())
        .containsExactly("Runa " + at(1), "Teo " + at(2));
  }

  /** 220 °F are 104.4 °C: (220 - 32) ÷ 1.8. */
  @Test
  void anOvenIsATimerAndABake() {
    String oven =
        say(
            new Fact.Baked(
                Bake.Purpose.OPEN, Side.LEFT, "220 °F", "7 min", Set.of(Bake.Inside.WIRES)));
    String cure =
        say(
            new Fact.TimerStarted(
                "full epoxy",
                BenchTimer.Kind.CURE,
                Optional.of(Side.RIGHT),
                Optional.of(BenchTimer.Adhesive.FULL_EPOXY),
                "36 h"));
    say(new Fact.TimerStopped(oven));
    say(new Fact.TimerStopped(oven));
    assertThat(log().timers())
        .extracting(
            one -> one.timer().id(),
            one -> one.timer().kind(),
            one -> one.timer().length(),
            one -> one.timer().start(),
            one -> one.timer().stopped(),
            WorkLog.Timed::side,
            WorkLog.Timed::by)
        .containsExactly(
            tuple(
                oven,
                BenchTimer.Kind.BAKE,
                Duration.ofMinutes(7),
                at(1),
                Optional.of(at(3)),
                Optional.of(Side.LEFT),
                "Runa"),
            tuple(
                cure,
                BenchTimer.Kind.CURE,
                Duration.ofHours(36),
                at(2),
                Optional.empty(),
                Optional.of(Side.RIGHT),
                "Teo"));
    assertThat(log().bakes(Side.RIGHT)).isEmpty();
    Bake bake = log().bakes(Side.LEFT).get(0);
    assertThat(bake.celsius()).isCloseTo(104.44, within(0.01));
    assertThat(bake.minutes()).isEqualTo(7);
    assertThat(bake.notInside()).containsExactly(Bake.Inside.WIRES);
  }

  @Test
  void readingsOfOneThingThatWarmsBelongTogether() {
    say(new Fact.Warmed("driver box ", "0", "21 °C", Optional.of("85 °C")));
    say(new Fact.Warmed("pod", "3 min", "40 °C", Optional.empty()));
    say(new Fact.Warmed("driver box", "10 min", "50 °C", Optional.of("90 °C")));
    List<WorkLog.Heated> warmed = log().warmed();
    assertThat(warmed).extracting(one -> one.object().id()).containsExactly("driver-box", "pod");
    assertThat(warmed.get(0).object().what()).isEqualTo("driver box");
    assertThat(warmed.get(0).object().limitCelsius()).contains(90.0);
    assertThat(warmed.get(0).readings())
        .containsExactly(new WarmingCurve.At(0, 21), new WarmingCurve.At(10, 50));
    assertThat(warmed.get(1).object().limitCelsius()).isEmpty();
  }

  @Test
  void aPlugThatComesOffStandsBetweenProofs() {
    assertThat(log().hasProofs()).isFalse();
    ProofEvent.Tried tried =
        new ProofEvent.Tried(
            DrivingState.LOW,
            LampFunction.DIPPED,
            Optional.of(Side.LEFT),
            Optional.empty(),
            Outcome.WORKS,
            0,
            "",
            Map.of());
    say(new Fact.LampsTried(tried));
    String plug = say(new Fact.TakenOff(row("id2", 1, FastenerKind.CONNECTOR, "horn"), false));
    say(new Fact.TakenOff(row("id3", 1, FastenerKind.CONNECTOR, ""), false));
    say(new Fact.TakenOff(row("id3", 2, FastenerKind.CONNECTOR, ""), true));
    assertThat(plug).isEqualTo("id2");
    assertThat(log().hasProofs()).isTrue();
    List<ProofEvent> events = log().proofEvents();
    assertThat(events).hasSize(2);
    assertThat(events.get(0)).isEqualTo(tried);
    // a connector that nobody named may feed any lamp; that of the horn feeds none
    assertThat(((ProofEvent.Unplugged) events.get(1)).functions())
        .containsExactlyInAnyOrder(LampFunction.values());
  }

  @Test
  void theLastCountOfASideIsItsFlashRate() {
    say(new Fact.FlashesCounted(Side.LEFT, 20, "10 s"));
    say(new Fact.FlashesCounted(Side.RIGHT, 15, "10 s"));
    say(new Fact.FlashesCounted(Side.LEFT, 23, "15 s"));
    assertThat(log().flashRates())
        .containsExactlyInAnyOrder(
            new FlashRate(Side.LEFT, 23, 15), new FlashRate(Side.RIGHT, 15, 10));
  }

  @Test
  void stepsSayWhatBecameOfTheBattery() {
    say(step("apart.negative", null, false));
    say(step("prove.power", null, true));
    say(new Fact.BatteryChanged(BatteryTimeline.What.SECOND_ON));
    say(step("bench.open", Side.LEFT, false));
    say(step("prove.power", null, false));
    assertThat(log().battery())
        .containsExactly(
            new TimedBattery(at(1), BatteryTimeline.What.NEGATIVE_OFF, "", "Runa"),
            new TimedBattery(at(3), BatteryTimeline.What.SECOND_ON, "", "Runa"),
            new TimedBattery(at(5), BatteryTimeline.What.NEGATIVE_ON, "", "Runa"));
  }

  @Test
  void aLensIsDoneWhenItWasPolishedLast() {
    say(new Fact.Sanded(Side.LEFT, 1000));
    assertThat(log().lensDone()).isEmpty();
    say(new Fact.Sanded(Side.LEFT, 0));
    say(new Fact.Sanded(Side.RIGHT, 0));
    assertThat(log().rungs(Side.LEFT)).containsExactly(1000, 0);
    assertThat(log().rungs(Side.RIGHT)).containsExactly(0);
    assertThat(log().lensDone()).contains(at(3));
  }

  /** An inch is 25.4 mm. */
  @Test
  void theLastMeasurementCounts() {
    say(bench(BenchField.HOLE, null, "21"));
    say(new Fact.BenchMeasured(BenchField.LENS, Optional.empty(), "2 1/2", UnitSystem.IMPERIAL));
    say(bench(BenchField.HOLE, null, "21.5"));
    say(bench(BenchField.FACTORY_LEFT, Side.LEFT, "811"));
    WorkLog log = log();
    assertThat(log.measured(BenchField.HOLE)).hasValue(21.5);
    assertThat(log.measured(BenchField.LENS)).hasValue(63.5);
    assertThat(log.measured(BenchField.FACTORY_LEFT)).isEmpty();
    assertThat(log.measured(BenchField.FACTORY_LEFT, Optional.of(Side.RIGHT))).isEmpty();
    assertThat(
            log.measuredOf(
                Side.class, side -> side == Side.LEFT ? BenchField.HOLE : BenchField.FRONT))
        .isEqualTo(Map.of(Side.LEFT, 21.5));
  }

  @Test
  void theLastAnswerIsTheChoice() {
    say(new Fact.Chosen(WorkChoice.LENS, WorkChoice.Answer.RESTORE));
    say(new Fact.Chosen(WorkChoice.SEAL, WorkChoice.Answer.GLUED));
    say(new Fact.Chosen(WorkChoice.LENS, WorkChoice.Answer.AS_IT_IS));
    assertThat(log().choices())
        .isEqualTo(
            Map.of(
                WorkChoice.LENS, WorkChoice.Answer.AS_IT_IS,
                WorkChoice.SEAL, WorkChoice.Answer.GLUED));
  }
}

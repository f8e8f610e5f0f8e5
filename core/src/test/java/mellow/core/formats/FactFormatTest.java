package mellow.core.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.fault.Shown;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.DrivingState;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.Outcome;
import mellow.core.proof.ProofEvent;
import mellow.core.record.Fact;
import mellow.core.record.FactKind;
import mellow.core.record.JobDocument;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.ledger.FastenerKind;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.core.workflow.ledger.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is stored of a fact is read as the same fact; what earlier versions stored still is. */
class FactFormatTest {
  private static final String ID = "01900000-0000-7000-8000-00000000000a";
  private static final String OTHER = "01900000-0000-7000-8000-00000000000b";

  private static LedgerRow row(String id) {
    return new LedgerRow(
        id,
        4,
        new LedgerRow.What(FastenerKind.SCREW, "", "10 mm", "M6"),
        Optional.of(new Spot(Spot.View.FRONT, 0.25, 0.75)),
        "upper “edge”",
        "tray 2",
        "bumper",
        LedgerRow.AsFound.GLUED,
        true,
        2,
        "behind the flap\nrusty",
        true,
        "flap");
  }

  private static ProofEvent.Tried tried(Optional<Side> side, Optional<String> name) {
    return new ProofEvent.Tried(
        DrivingState.LOW_FOG,
        LampFunction.FRONT_FOG,
        side,
        name,
        Outcome.AFTER_TRIES,
        3,
        "when cold",
        Map.of("FRONT_FOG:LEFT", "a1b2"));
  }

  static Stream<Fact> facts() {
    return Stream.of(
        new Fact.Read(
            ReadingKind.TURN,
            LampKind.FRONT_FOG,
            Optional.of(Side.RIGHT),
            Optional.of(OTHER),
            "1/2",
            UnitSystem.IMPERIAL,
            0.5),
        new Fact.Read(
            ReadingKind.SPACING,
            LampKind.DIPPED,
            Optional.empty(),
            Optional.empty(),
            "1200.5",
            UnitSystem.METRIC,
            1200.5),
        new Fact.TakenOff(row(ID), false),
        new Fact.TakenOff(row(OTHER), true),
        new Fact.Moved(OTHER, LedgerMove.BACK, 4),
        new Fact.StepDone("bench.open", Optional.of(Side.LEFT), false, "", ""),
        new Fact.StepDone("apart.gate", Optional.empty(), true, "holes are there", "not lit"),
        new Fact.TimerStarted(
            "full epoxy",
            BenchTimer.Kind.CURE,
            Optional.of(Side.LEFT),
            Optional.of(BenchTimer.Adhesive.FULL_EPOXY),
            "24 h"),
        new Fact.TimerStarted(
            "lunch", BenchTimer.Kind.OTHER, Optional.empty(), Optional.empty(), "30 min"),
        new Fact.TimerStopped(OTHER),
        new Fact.Baked(
            Bake.Purpose.OPEN, Side.LEFT, "220 °F", "8 min", Set.of(Bake.Inside.values())),
        new Fact.Warmed("left resistor", "3 min", "47 °C", Optional.of("85 °C")),
        new Fact.Warmed("left resistor", "0", "20 °C", Optional.empty()),
        new Fact.LampsTried(tried(Optional.of(Side.LEFT), Optional.of("left inner pod"))),
        new Fact.LampsTried(tried(Optional.empty(), Optional.empty())),
        new Fact.Sanded(Side.RIGHT, 0),
        new Fact.BenchMeasured(
            BenchField.NOW_LEFT, Optional.of(Side.LEFT), "31 1/2 in", UnitSystem.IMPERIAL),
        new Fact.BenchMeasured(BenchField.HOLE, Optional.empty(), "40", UnitSystem.METRIC),
        new Fact.Chosen(WorkChoice.RESEAL, WorkChoice.Answer.BUTYL),
        new Fact.FlashesCounted(Side.LEFT, 15, "10 s"),
        new Fact.BatteryChanged(BatteryTimeline.What.SECOND_ON),
        new Fact.Checked(
            List.of(
                new Shown(
                    Shown.Kind.VOLTS,
                    Optional.of(DrivingState.LOW_FOG),
                    "",
                    "left fog +",
                    "ground",
                    "",
                    11.9),
                new Shown(Shown.Kind.FUSE, Optional.empty(), "fog fuse", "", "", "", 1))),
        new Fact.Undone(),
        new Fact.PhotoKept(OTHER, 2, Optional.empty()),
        new Fact.PhotoKept(OTHER, 3, Optional.of("{\"shows\":\"cutoff\"}")),
        new Fact.HandedOver("rain was coming", "de"),
        new Fact.Amended("80 mm, not 90", "misread"),
        new Fact.PutAside(true, "cannot be read"),
        new Fact.Revised(JobDocument.PLACE, 3, 2, "{\"readToMm\":0.5,\"note\":\"“a”\"}"));
  }

  @ParameterizedTest
  @MethodSource("facts")
  void isReadAsItWasWritten(Fact fact) {
    assertThat(FactFormat.read(ID, FactFormat.write(fact))).isEqualTo(fact);
  }

  @Test
  void everyKindIsAmongThem() {
    assertThat(facts().map(Fact::kind).collect(Collectors.toSet()))
        .containsExactlyInAnyOrder(FactKind.values());
    assertThat(List.of(FactKind.values()))
        .allSatisfy(kind -> assertThat(FactKind.of(kind.code())).isEqualTo(kind));
  }

  /** As the version before the record stored them, with empty fields as null. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "step | {\"step\":\"bench.open\",\"side\":\"LEFT\",\"skipped\":false,\"reason\":\" \",\"without\":null}"
            + " | StepDone[step=bench.open, side=Optional[LEFT], skipped=false, reason=, without=]",
        "heat | {\"what\":\"lamp\",\"after\":\"3 min\",\"temperature\":\"47 °C\",\"limit\":\" \"}"
            + " | Warmed[what=lamp, after=3 min, temperature=47 °C, limit=Optional.empty]",
        "lens | {\"side\":\"LEFT\",\"grit\":1000,\"colour\":\"a field that is gone\"}"
            + " | Sanded[side=LEFT, grit=1000]",
        "choice | {\"which\":\"MOUNT\",\"value\":\"RING\"} | Chosen[which=MOUNT, answer=RING]",
      })
  void whatTheVersionBeforeStoredIsRead(String kind, String content, String fact) {
    assertThat(FactFormat.read(ID, new FactFormat.Stored(kind, 1, content))).hasToString(fact);
  }

  /** Turn signals had their side under another name, and states were told by their words. */
  @Test
  void aProofOfAnEarlierVersionIsRead() {
    String content =
        "{\"state\":\"turn left\",\"function\":\"TURN\",\"lampsSide\":\"LEFT\",\"outcome\":\"WORKS\","
            + "\"side\":null,\"tries\":0,\"seen\":\"\",\"name\":null,\"basis\":null}";
    Fact.LampsTried proof =
        (Fact.LampsTried) FactFormat.read(ID, new FactFormat.Stored("proof", 1, content));
    assertThat(proof.tried().state()).isEqualTo(DrivingState.TURN_LEFT);
    assertThat(proof.tried().side()).contains(Side.LEFT);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "lens | 1 | {\"grit\":1000}",
        "lens | 1 | {",
        "lens | 2 | {\"side\":\"LEFT\",\"grit\":1000}",
        "smell | 1 | {}",
        "proof | 1 | {\"state\":\"flying\",\"function\":\"TURN\",\"outcome\":\"WORKS\"}",
      })
  void whatCannotBeReadIsNamedByItsLine(String kind, int shape, String content) {
    assertThatThrownBy(() -> FactFormat.read(ID, new FactFormat.Stored(kind, shape, content)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(ID);
  }
}

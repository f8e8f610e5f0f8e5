package mellow.core.harness;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Joining.BladeSize;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.harness.WireProbe.Answer;
import mellow.core.harness.WireProbe.Kind;
import mellow.core.harness.WireProbe.Position;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where power is taken from: fuse taps, and wires found by probing. Common practice. */
class SourcesTest {
  /** A 25 A slot tapped with 25 A for the old circuit and 15 A for the new one, met in practice. */
  @Test
  void tapOverloadsItsFeedOnceMoreIsDrawnThanItBears() {
    FuseTap tap = new FuseTap("F23", BladeSize.MINI, BladeSize.MINI, 25, 25, 15);
    Finding used = tap.findings(12, 8.6).get(0);
    assertThat(used.verdict()).isEqualTo(Verdict.AT_EDGE);
    assertThat(Said.figures(used.headline()).stream().map(figure -> figure.value()))
        .containsExactly(25.0, 15.0, 25.0, 20.6);
    assertThat(tap.findings(18, 8.6).get(0).verdict()).isEqualTo(Verdict.OUT);
    FuseTap small = new FuseTap("F23", BladeSize.MINI, BladeSize.MINI, 25, 10, 10);
    assertThat(small.findings(6, 7).get(0).verdict()).isEqualTo(Verdict.WITHIN);
    assertThat(small.findings(6, 7))
        .as("its feed bears 13 A, its slot was fused with 10")
        .extracting(Finding::id)
        .containsExactly("tap.sum@slot:F23", "tap.donor@slot:F23");
    assertThat(small.findings(6, 3)).noneMatch(finding -> finding.id().startsWith("tap.donor"));
  }

  @Test
  void tapOfAnotherSizeIsABodge() {
    FuseTap tap = new FuseTap("F23", BladeSize.STANDARD, BladeSize.MINI, 25, 10, 10);
    assertThat(tap.findings(1, 1))
        .extracting(Finding::id)
        .containsExactly("tap.size@slot:F23", "tap.sum@slot:F23");
    assertThatThrownBy(() -> new FuseTap("F1", BladeSize.MINI, BladeSize.MINI, 0, 1, 1))
        .hasMessageContaining("ratings");
  }

  private static WireProbe probe(Map<Position, Double> readings) {
    return new WireProbe(readings, Set.of(), 12.6);
  }

  private static Optional<Position> asked(Answer answer) {
    if (answer instanceof Answer.StillOpen open) {
      return Optional.of(open.readNext());
    }
    return answer instanceof Answer.NotLiveYet dead
        ? Optional.of(dead.readNext())
        : Optional.empty();
  }

  /**
   * Following what it asks to be read next, every kind of wire is told in at most five readings,
   * and never before it was seen live.
   */
  @ParameterizedTest
  @EnumSource(Kind.class)
  void wireIsFoundByTheReadingsAskedFor(Kind kind) {
    Map<Position, Double> readings = new LinkedHashMap<>();
    Answer answer = probe(readings).answer();
    for (Optional<Position> next = asked(answer); next.isPresent(); next = asked(answer)) {
      assertThat(readings).doesNotContainKey(next.get());
      readings.put(next.get(), kind.isLitAt(next.get()) ? 12.4 : 0.02);
      answer = probe(readings).answer();
    }
    assertThat(answer).isEqualTo(new Answer.Is(kind));
    assertThat(readings).hasSizeLessThanOrEqualTo(5).containsValue(12.4);
  }

  /**
   * Dark everywhere: main beam and flash were not tried, and nothing is called a main beam's wire.
   */
  @Test
  void wireThatWasNeverLiveIsNothingYet() {
    Map<Position, Double> dead = new LinkedHashMap<>();
    for (Key key : Key.values()) {
      for (Lights lights : List.of(Lights.OFF, Lights.SIDE, Lights.DIPPED)) {
        dead.put(new Position(key, lights), 0.0);
      }
    }
    Answer.NotLiveYet open = (Answer.NotLiveYet) probe(dead).answer();
    assertThat(open.kinds()).containsExactly(Kind.MAIN_BEAM);
    assertThat(open.readNext().lights()).isIn(Lights.MAIN, Lights.FLASH);
  }

  /** Live with the engine and the lights off, dead with the lights on. */
  @Test
  void runningLampOutputAndFlashingWireAreNamed() {
    Map<Position, Double> running = new LinkedHashMap<>();
    running.put(new Position(Key.RUN, Lights.OFF), 0.0);
    running.put(new Position(Key.ENGINE, Lights.OFF), 12.5);
    running.put(new Position(Key.ENGINE, Lights.SIDE), 0.1);
    assertThat(probe(running).answer()).isEqualTo(new Answer.Is(Kind.RUNNING_LAMPS));
    Position run = new Position(Key.RUN, Lights.OFF);
    assertThat(new WireProbe(Map.of(run, 12.5), Set.of(run), 12.6).answer())
        .isEqualTo(new Answer.Flashes(run));
  }

  /** 25 A old on a feed of 25 A leaves nothing: no fuse of 0 A is offered. */
  @Test
  void noFuseIsOfferedWhereNoneFits() {
    assertThatFinding(
            new FuseTap("F23", BladeSize.MINI, BladeSize.MINI, 25, 25, 15).findings(5, 8).get(0))
        .advises("harness.noFuseFits");
    Finding some =
        new FuseTap("F23", BladeSize.MINI, BladeSize.MINI, 25, 15, 15).findings(5, 7).get(0);
    assertThat(Said.figures(some.remedy().orElseThrow()).get(0).value()).isEqualTo(10);
  }

  /** Dark with the key out, lit in accessory: the accessory feed. */
  @Test
  void accessoryWireByHand() {
    Map<Position, Double> readings =
        Map.of(
            new Position(Key.OFF, Lights.OFF), 0.0,
            new Position(Key.ACCESSORY, Lights.OFF), 12.5);
    assertThat(probe(readings).answer()).isEqualTo(new Answer.Is(Kind.ACCESSORY));
  }

  @Test
  void halfAVoltageIsAPulsedOutputAndNonsenseIsUnknown() {
    Position run = new Position(Key.RUN, Lights.DIPPED);
    assertThat(probe(Map.of(run, 6.1)).answer()).isEqualTo(new Answer.Pulsed(run));
    Position off = new Position(Key.OFF, Lights.OFF);
    Position engine = new Position(Key.ENGINE, Lights.DIPPED);
    assertThat(probe(Map.of(off, 12.5, engine, 0.0)).answer()).isEqualTo(new Answer.Unknown());
    assertThat(((Answer.StillOpen) probe(Map.of()).answer()).kinds())
        .isEqualTo(List.of(Kind.values()));
  }
}

package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.vehicle.MarkFamily;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is written into plans and answered to them, and what comes of it. */
class PlanInputTest {
  private static PlannedFeed planned(String plan, Map<String, String> answers) throws FeedProblem {
    return PlannedFeed.of(FeedPlanBook.byId(plan).orElseThrow(), answers, Map.of());
  }

  @Test
  void conditionHoldsWhereEveryAnswerIsAmongThose() throws Exception {
    Condition both = Condition.read("source=accessory|run & outOnMain = yes");
    assertThat(both.holds(Map.of("source", "run", "outOnMain", "yes"))).isTrue();
    assertThat(both.holds(Map.of("source", "battery", "outOnMain", "yes"))).isFalse();
    assertThat(both.holds(Map.of("source", "run"))).isFalse();
    assertThat(Condition.read("  ").holds(Map.of())).isTrue();
  }

  @ParameterizedTest
  @ValueSource(strings = {"source", "=yes", "a=b=c", "source=", "a=b &", "a=b && c=d"})
  void whatIsNoConditionIsSaidSo(String text) {
    assertThatThrownBy(() -> Condition.read(text))
        .isInstanceOf(FeedProblem.class)
        .hasMessageContaining("feed.noCondition");
  }

  @ParameterizedTest
  @CsvSource({
    "watts, much, feed.noNumber",
    "watts, 0, feed.outsideRange",
    "watts, 1e400, feed.noNumber",
    "watts, NaN, feed.noNumber",
    "slot, HUGE, feed.noAnswer",
  })
  void answerThatCannotBe(String question, String answer, String says) {
    assertThatThrownBy(() -> planned("drl-tap", Map.of(question, answer)))
        .isInstanceOf(FeedProblem.class)
        .hasMessageContaining(says);
  }

  @ParameterizedTest
  @CsvSource({"dimmer, feed.noControl", "key NEVER, feed.notKnownHere"})
  void positionsThatAreNone(String text, String says) {
    assertThatThrownBy(() -> new Values("fog switch", Map.of()).when(text))
        .isInstanceOf(FeedProblem.class)
        .hasMessageContaining(says);
  }

  @Test
  void positionsAreRead() throws Exception {
    Controls.When when = new Values("x", Map.of()).when("key RUN ENGINE; lights side; fog");
    Controls side = Controls.OFF.with(Key.RUN).with(Lights.SIDE);
    assertThat(when.holds(side.withFog(true))).isTrue();
    assertThat(when.holds(side)).isFalse();
    assertThat(when.holds(side.withFog(true).with(Key.ACCESSORY))).isFalse();
  }

  /** What drl-tap joins: a tap with its fuse, two lamps; the factory's own is not bought. */
  @Test
  void billNamesWhatIsBoughtAndNoMore() throws Exception {
    FeedSheet sheet = FeedSheet.of(planned("drl-tap", Map.of()), Optional.empty());
    List<String> lines =
        sheet.bill().lines().stream()
            .map(line -> line.count() + " × " + Said.text(line.what()))
            .toList();
    assertThat(lines)
        .contains(
            "1 × fuse tap, mini, blade fuse 5 A, tan",
            "2 × daytime running lamp, LED, 8 W",
            "2 × ring M6")
        .noneMatch(line -> line.contains("ignition") || line.contains("battery"));
    // two branches and the feed, two returns: each end of each of five wires is labelled
    assertThat(lines).contains("10 × label");
  }

  private static List<String> out(String plan, Map<String, String> answers, MarkFamily market)
      throws FeedProblem {
    return FeedSheet.of(planned(plan, answers), Optional.of(market)).findings().stream()
        .filter(finding -> finding.verdict() == Verdict.OUT)
        .map(Finding::id)
        .filter(id -> id.startsWith("rule."))
        .toList();
  }

  /** Lit beside the headlamps: out of both books (UN R48 6.19, 49 CFR 571.108 S7.10, memory). */
  @Test
  void runningLampsBesideHeadlampsAreOutInBothMarkets() throws Exception {
    assertThat(out("drl-tap", Map.of(), MarkFamily.UN)).containsExactly("rule.drlBesideHeadlamps");
    assertThat(out("drl-tap", Map.of(), MarkFamily.SAE)).containsExactly("rule.drlBesideHeadlamps");
  }

  /** A driving pattern without main beam may be meant so off the road: no more than at the edge. */
  @Test
  void drivingLampsWithoutMainBeamAreAtTheEdge() throws Exception {
    assertThat(
            FeedSheet.of(planned("aux-pods", Map.of("withMain", "no")), Optional.empty())
                .findings())
        .filteredOn(finding -> finding.id().equals("rule.drivingAlone"))
        .extracting(Finding::verdict)
        .containsExactly(Verdict.AT_EDGE);
  }

  /** That fog lamps ask for side lamps is a rule of UN R48, 5.12 (from memory). */
  @Test
  void fogWithoutSideLampsIsARuleOfOneMarket() throws Exception {
    Map<String, String> alone = Map.of("source", "accessory wire");
    assertThat(out("fog-own-switch", alone, MarkFamily.UN)).contains("rule.fogAlone");
    assertThat(out("fog-own-switch", alone, MarkFamily.SAE)).doesNotContain("rule.fogAlone");
  }
}

package mellow.core.feed.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Said;
import mellow.core.formats.FeedPlanBook;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Common practice: battery side and branch lengths are what the second side does not mirror. */
class NotMirroredTest {
  private static PlannedFeed planned(
      String plan, Map<String, String> answers, Map<String, Map<String, String>> changes)
      throws FeedProblem {
    return PlannedFeed.of(FeedPlanBook.byId(plan).orElseThrow(), answers, changes);
  }

  @Test
  void shortBranchLiesWhereTheHarnessStarts() throws FeedProblem {
    Map<String, String> answers =
        Map.of("harnessSide", "RIGHT", "nearMetres", "0.4", "farMetres", "1.9");
    NotMirrored what = NotMirrored.of(planned("fog-own-switch", answers, Map.of()));
    assertThat(Said.texts(what.differ())).containsExactly("branch: left 1.9 m, right 0.4 m");
    assertThat(what.alone()).isEmpty();
    assertThat(Said.texts(what.once()))
        .contains("fog fuse", "fog relay", "fog switch")
        .as("wires lie somewhere; only what has a place is looked for")
        .doesNotContain("battery lead", "left branch");
  }

  @Test
  void whatWasChangedOnOneSideIsToldToo() throws FeedProblem {
    NotMirrored what =
        NotMirrored.of(
            planned(
                "fog-own-switch",
                Map.of("nearMetres", "1", "farMetres", "1"),
                Map.of("right branch", Map.of("size", "4 mm²"))));
    assertThat(what.differ())
        .singleElement()
        .extracting(Said::text, InstanceOfAssertFactories.STRING)
        .startsWith("branch: left ")
        .endsWith("right 4 mm²");
    assertThat(Said.text(NotMirrored.words(Optional.of(what))))
        .startsWith("Not mirrored: branch: left ")
        .contains("One for both sides: ");
  }

  /** An assembly on the factory plug brings nothing that could differ. */
  @Test
  void plugInIsAlikeOnBothSides() throws FeedProblem {
    NotMirrored what = NotMirrored.of(planned("plug-in", Map.of(), Map.of()));
    assertThat(what.differ()).isEmpty();
    assertThat(what.alone()).isEmpty();
  }

  static Iterable<FeedPlan> plans() {
    return FeedPlanBook.all();
  }

  /** Ready plans say "both sides" where they mean it: none forgets the other lamp. */
  @ParameterizedTest
  @MethodSource("plans")
  void noReadyPlanLeavesALampAlone(FeedPlan plan) throws FeedProblem {
    assertThat(NotMirrored.of(PlannedFeed.usual(plan)).alone()).isEmpty();
  }
}

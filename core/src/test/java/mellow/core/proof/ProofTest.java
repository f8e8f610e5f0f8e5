package mellow.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import mellow.core.circuit.Controls;
import mellow.core.circuit.StateTable.Lamps;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.proof.ProofResult.Outcome;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

class ProofTest {
  private static List<Controls> states(Random random, int count) {
    List<DrivingState> all = new ArrayList<>(Arrays.asList(DrivingState.values()));
    java.util.Collections.shuffle(all, random);
    return all.subList(0, count).stream().map(DrivingState::controls).toList();
  }

  private static int shortest(List<Controls> open, Controls at) {
    int best = open.isEmpty() ? 0 : Integer.MAX_VALUE;
    for (Controls next : open) {
      List<Controls> rest = new ArrayList<>(open);
      rest.remove(next);
      best = Math.min(best, ProofOrder.movements(at, next) + shortest(rest, next));
    }
    return best;
  }

  /** Every order of up to seven states was tried: none is shorter. */
  @Test
  void orderIsTheShortest() {
    Random random = new Random(11);
    for (int run = 0; run < 40; run++) {
      List<Controls> states = states(random, 2 + run % 6);
      List<Integer> order = ProofOrder.of(states);
      assertThat(order).hasSize(states.size()).doesNotHaveDuplicates();
      assertThat(ProofOrder.length(order.stream().map(states::get).toList()))
          .isEqualTo(shortest(states, Controls.OFF));
    }
  }

  /** All twenty states: each of the others differs from its neighbour by one movement at least. */
  @Test
  void longListIsGoneThroughWithFewMovements() {
    List<Controls> all = Arrays.stream(DrivingState.values()).map(DrivingState::controls).toList();
    List<Integer> order = ProofOrder.of(all);
    int found = ProofOrder.length(order.stream().map(all::get).toList());
    assertThat(order).hasSize(20).doesNotHaveDuplicates();
    assertThat(found).isBetween(19, 25).isLessThan(ProofOrder.length(all));
  }

  @Test
  void everyReadyPlanIsSeenLitAndOut() throws Exception {
    for (FeedPlan plan : FeedPlanBook.all()) {
      ProofList list = ProofList.of(PlannedFeed.of(plan, Map.of(), Map.of()).table());
      assertThat(list.halfSeen()).as(plan.id()).isEmpty();
      assertThat(list.items()).as(plan.id()).anyMatch(item -> item.controls().equals(Controls.OFF));
    }
  }

  @Test
  void vehicleWithoutWiringIsProvedByItsOwnFunctions() {
    Set<LampFunction> fitted =
        EnumSet.of(
            LampFunction.DIPPED,
            LampFunction.MAIN,
            LampFunction.POSITION,
            LampFunction.TURN,
            LampFunction.FRONT_FOG);
    ProofList list = ProofList.of(fitted);
    assertThat(list.halfSeen()).isEmpty();
    assertThat(list.items().get(0).moves()).hasSizeLessThanOrEqualTo(1);
    assertThat(list.items())
        .extracting(ProofList.Item::name)
        .contains("side lamps, fog", "turn left");
  }

  private static final Lamps LOW = Lamps.of(LampFunction.DIPPED);

  private static List<ProofResult> all(ProofList list, Outcome outcome) {
    List<ProofResult> results = new ArrayList<>();
    list.items()
        .forEach(
            item ->
                item.expected()
                    .keySet()
                    .forEach(
                        lamps ->
                            results.add(
                                new ProofResult(
                                    item.name(), lamps, outcome, Optional.empty(), 0, ""))));
    return results;
  }

  @Test
  void provedOnlyWhenAllWasSeenAndRight() {
    ProofList list = ProofList.of(EnumSet.of(LampFunction.DIPPED, LampFunction.MAIN));
    assertThat(ProofSheet.of(list, List.of()).findings(any -> Isolation.Light.FILAMENT))
        .extracting(Finding::id, Finding::verdict)
        .containsExactly(org.assertj.core.groups.Tuple.tuple("prove.open", Verdict.NOT_KNOWN));
    List<ProofResult> results = all(list, Outcome.WORKS);
    assertThat(ProofSheet.of(list, results).isProved()).isTrue();
    results.add(
        new ProofResult("low beam", LOW, Outcome.FLICKERS, Optional.of(Side.LEFT), 0, "cold"));
    ProofSheet flickers = ProofSheet.of(list, results);
    assertThat(flickers.isProved()).isFalse();
    Finding fault = flickers.findings(any -> Isolation.Light.DISCHARGE).get(0);
    assertThat(fault.verdict()).isEqualTo(Verdict.OUT);
    assertThat(fault.headline().pattern()).isEqualTo("Left low beam: flickers, low beam");
    // the trade's order: known-good ballast on a battery, each bulb, each ballast
    assertThat(fault.remedy().orElseThrow().pattern())
        .containsSubsequence(
            "known-good ballast and lamp straight from a battery", "each bulb", "each ballast");
    results.add(new ProofResult("low beam", LOW, Outcome.AFTER_TRIES, Optional.empty(), 3, ""));
    ProofSheet again = ProofSheet.of(list, results);
    assertThat(again.isProved()).isTrue();
    assertThat(again.findings(any -> Isolation.Light.FILAMENT))
        .singleElement()
        .satisfies(
            found -> {
              assertThat(found.verdict()).isEqualTo(Verdict.AT_EDGE);
              assertThat(found.headline().pattern()).contains("after {0} tries, low beam");
            });
    results.add(new ProofResult("low beam", LOW, Outcome.AFTER_TRIES, Optional.empty(), 1, ""));
    assertThat(ProofSheet.of(list, results).findings(any -> Isolation.Light.FILAMENT).get(0))
        .extracting(found -> found.headline().pattern())
        .asString()
        .contains("after one try, low beam");
  }

  @Test
  void lampThatShouldBeOutIsSoughtElsewhere() {
    assertThat(Isolation.firstThree(Outcome.LIT, Isolation.Light.LED).get(0))
        .startsWith("Pull its fuse");
    assertThat(Isolation.firstThree(Outcome.DEAD, Isolation.Light.LED).get(1)).contains("180°");
  }

  /** A fault that wanders is logged: it works now, and is looked at again. */
  @Test
  void faultThatWentAwayIsNotForgotten() {
    ProofList list = ProofList.of(EnumSet.of(LampFunction.DIPPED));
    List<ProofResult> results = new ArrayList<>();
    results.add(
        new ProofResult("low beam", LOW, Outcome.DEAD, Optional.of(Side.RIGHT), 0, "{0} cold"));
    Finding dead = ProofSheet.of(list, results).findings(any -> Isolation.Light.LED).get(0);
    assertThat(dead.detail().pattern()).startsWith("Seen: ").doesNotContain("{0}");
    results.addAll(all(list, Outcome.WORKS));
    ProofSheet sheet = ProofSheet.of(list, results);
    assertThat(sheet.isProved()).isTrue();
    assertThat(sheet.findings(any -> Isolation.Light.LED))
        .singleElement()
        .satisfies(
            wandering -> {
              assertThat(wandering.verdict()).isEqualTo(Verdict.AT_EDGE);
              assertThat(wandering.headline().pattern()).isEqualTo("Low beam works now, low beam");
              assertThat(wandering.remedy().orElseThrow().pattern()).contains("warm and cold");
            });
    assertThat(ProofSheet.of(list, all(list, Outcome.WORKS)).findings(any -> Isolation.Light.LED))
        .extracting(Finding::id)
        .containsExactly("prove.all");
  }
}

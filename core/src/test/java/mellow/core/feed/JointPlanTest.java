package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.feed.JointPlan.Beside;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.proof.PlanProof;
import mellow.core.proof.ProofLamp;
import mellow.core.proof.ProofList;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Several plans of one job stand in one circuit. */
class JointPlanTest {
  private static FeedPlan plan(String id) {
    return FeedPlanBook.byId(id).orElseThrow();
  }

  private static PlannedFeed joint(String first, Beside... beside) throws FeedProblem {
    return PlannedFeed.usual(JointPlan.of(plan(first), List.of(beside)));
  }

  private static Beside beside(int number, String id, String pair) {
    return new Beside("p" + number, plan(id), pair);
  }

  /** Lamp harness, running-lamp tap and fog lamps: a common front. */
  @Test
  void threePlansAreOneStateTableOneCutListOnePartsListAndOneProof() throws FeedProblem {
    PlannedFeed feed =
        joint("xenon-harness", beside(2, "drl-tap", ""), beside(3, "fog-own-switch", ""));
    FeedSheet sheet = FeedSheet.of(feed, Optional.of(MarkFamily.UN));

    assertThat(sheet.table().findings()).isEmpty();
    assertThat(feed.table().rows().get(0).cells().keySet())
        .extracting(Lamps::function)
        .contains(LampFunction.DIPPED, LampFunction.MAIN, LampFunction.DRL, LampFunction.FRONT_FOG)
        .doesNotHaveDuplicates();
    assertThat(sheet.cuts().reels().stream().flatMap(reel -> reel.pieces().stream()))
        .extracting(piece -> piece.label())
        .contains(
            "left ballast branch", "drl feed 2", "fog feed 3", "left branch 2", "left branch 3")
        .doesNotHaveDuplicates();
    assertThat(sheet.bill().lines().stream().map(line -> Said.text(line.what())))
        .anyMatch(what -> what.startsWith("fuse tap"))
        .anyMatch(what -> what.startsWith("front fog lamp"))
        .anyMatch(what -> what.contains("gas discharge"));
    assertThat(ProofList.of(Optional.of(PlanProof.of(feed)), List.of()).lamps())
        .contains(
            ProofLamp.of(LampFunction.DIPPED, Side.LEFT),
            ProofLamp.of(LampFunction.DRL, Side.RIGHT),
            ProofLamp.of(LampFunction.FRONT_FOG, Side.LEFT));
    assertThat(feed.circuit().of(Emitter.class).map(Emitter::use))
        .filteredOn(use -> use.function() == LampFunction.DIPPED)
        .as("the harness replaces the vehicle's own low beams")
        .hasSize(2);
  }

  /** What one plan says of its lamps holds with the others' switches in either position. */
  @Test
  void aLampIsExpectedInTheStatesOfTheOtherPlansToo() throws FeedProblem {
    PlannedFeed feed = joint("drl-tap", beside(2, "fog-own-switch", ""));
    Map<Lamps, LightLevel> fogOnByDay =
        feed.expected().get(feed.plan().states().indexOf(DrivingState.DAY_FOG)).expected();
    assertThat(fogOnByDay).containsEntry(Lamps.of(LampFunction.DRL), LightLevel.FULL);
    assertThat(feed.table().findings()).isEmpty();
  }

  @Test
  void aSwapWithChangedTurnSignalsDropsTheirFilaments() throws FeedProblem {
    PlannedFeed feed = joint("led-projector", beside(2, "turn-resistor", ""));
    assertThat(feed.part("left turn signal 2").orElseThrow().value("type")).isEqualTo("led");
    assertThat(feed.part("left load resistor 2")).isPresent();
    assertThat(feed.table().findings()).as("one pair of turn signals, and no two").isEmpty();
    assertThat(said(feed)).noneMatch(id -> id.startsWith("clash"));
    assertThat(FeedSheet.of(feed, Optional.empty()).bill().lines())
        .anyMatch(line -> Said.text(line.what()).startsWith("load resistor") && line.count() == 2);
  }

  @Test
  void twoPairsOfOneFunctionHaveNamesOfTheirOwn() throws FeedProblem {
    PlannedFeed feed = joint("fog-refed", beside(2, "fog-own-switch", "new"));
    assertThat(feed.table().rows().get(0).cells().keySet())
        .extracting(lamps -> Said.text(lamps.words()))
        .contains("front fog lamp", "front fog lamp, new");
    assertThat(ProofList.of(Optional.of(PlanProof.of(feed)), List.of()).lamps())
        .filteredOn(lamp -> lamp.function() == LampFunction.FRONT_FOG)
        .hasSize(4);
    assertThat(said(feed)).noneMatch(id -> id.startsWith("clash.lamps"));
  }

  @Test
  void twoFeedsOnOneLampAndTwoTapsInOneSlotAreOut() throws FeedProblem {
    assertThat(said(joint("drl-kit", beside(2, "drl-two-relays", ""))))
        .contains("clash.lamps@lamp:DRL");
    FeedPlan taps = JointPlan.of(plan("drl-tap"), List.of(beside(2, "grille-lamps", "grille")));
    PlannedFeed same =
        PlannedFeed.of(taps, Map.of("slotName", "slot 14", "p2_slotName", "Slot  14"), Map.of());
    assertThat(said(same)).contains("clash.slot@slot:slot%2014");
    PlannedFeed apart =
        PlannedFeed.of(taps, Map.of("slotName", "slot 14", "p2_slotName", "slot 9"), Map.of());
    assertThat(said(apart)).noneMatch(id -> id.startsWith("clash.slot"));
  }

  private static List<String> said(PlannedFeed feed) throws FeedProblem {
    return FeedSheet.of(feed, Optional.empty()).findings().stream()
        .filter(finding -> finding.verdict() == Verdict.OUT)
        .map(Finding::id)
        .toList();
  }

  /** Small heads side by side on one wire are lamps by themselves. */
  @Test
  void sixHeadsASideAreSixLamps() throws FeedProblem {
    PlannedFeed feed = PlannedFeed.of(plan("drl-tap"), Map.of("heads", "6"), Map.of());
    assertThat(feed.circuit().of(Emitter.class).map(Emitter::use))
        .filteredOn(use -> use.function() == LampFunction.DRL && use.side() == Side.LEFT)
        .hasSize(6);
    assertThat(FeedSheet.of(feed, Optional.empty()).bill().lines())
        .anyMatch(
            line ->
                Said.text(line.what()).startsWith("daytime running lamp") && line.count() == 12);
  }

  static Stream<List<String>> pairsOfPlans() {
    List<List<String>> pairs = new ArrayList<>();
    for (FeedPlan one : FeedPlanBook.all()) {
      for (FeedPlan other : FeedPlanBook.all()) {
        if (one.functions().stream().noneMatch(other.functions()::contains)) {
          pairs.add(List.of(one.id(), other.id()));
        }
      }
    }
    return pairs.stream();
  }

  /** Pods that are driving lamps take no fog lamps' place; those that are fog lamps have a name. */
  @Test
  void onlyLampsThatAreThereClash() throws FeedProblem {
    FeedPlan both = JointPlan.of(plan("fog-refed"), List.of(beside(2, "aux-pods", "")));
    PlannedFeed driving = PlannedFeed.usual(both);
    assertThat(said(driving)).noneMatch(id -> id.startsWith("clash.lamps"));
    PlannedFeed fog = PlannedFeed.of(both, Map.of("p2_function", "FRONT_FOG"), Map.of());
    assertThat(said(fog)).contains("clash.lamps@lamp:FRONT_FOG");
    assertThat(fog.table().findings()).isEmpty();
  }

  /** A vehicle's relay that two plans know stands there once; a plan's own is never another's. */
  @Test
  void whatTheVehicleHasStandsThereOnce() throws FeedProblem {
    PlannedFeed feed = joint("plug-in", beside(2, "led-projector", "second"));
    assertThat(feed.parts().stream().filter(part -> part.name().equals("flasher"))).hasSize(1);
    PlannedFeed xenon = joint("xenon-harness", beside(2, "led-projector", "second"));
    assertThat(xenon.parts().stream().map(PlannedPart::name))
        .filteredOn(name -> name.equals("factory low-beam plug"))
        .hasSize(1);
  }

  static Stream<List<String>> plansOfTheSameLamps() {
    List<List<String>> pairs = new ArrayList<>();
    for (FeedPlan one : FeedPlanBook.all()) {
      for (FeedPlan other : FeedPlanBook.all()) {
        if (one.functions().stream().anyMatch(other.functions()::contains)) {
          pairs.add(List.of(one.id(), other.id()));
        }
      }
    }
    return pairs.stream();
  }

  /** Two pairs that have names do what their plans promise, each on its own. */
  @ParameterizedTest
  @MethodSource("plansOfTheSameLamps")
  void namedPairsOfTheSameFunctionDoWhatTheirPlansPromise(List<String> pair) throws FeedProblem {
    PlannedFeed feed = joint(pair.get(0), beside(2, pair.get(1), "second"));
    assertThat(feed.table().findings()).as(String.join(" + ", pair)).isEmpty();
    assertThat(said(feed)).noneMatch(id -> id.startsWith("clash.lamps"));
  }

  /** Whatever two plans do for lamps of their own, they do beside each other. */
  @ParameterizedTest
  @MethodSource("pairsOfPlans")
  void plansOfDifferentLampsDoTheSameBesideEachOther(List<String> pair) throws FeedProblem {
    PlannedFeed feed = joint(pair.get(0), beside(2, pair.get(1), ""));
    assertThat(feed.table().findings()).as(String.join(" + ", pair)).isEmpty();
  }
}

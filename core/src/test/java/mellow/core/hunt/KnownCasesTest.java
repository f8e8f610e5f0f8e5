package mellow.core.hunt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.fault.Check;
import mellow.core.fault.CheckTable;
import mellow.core.fault.Condition;
import mellow.core.fault.FaultKind;
import mellow.core.fault.Hypotheses;
import mellow.core.fault.Look;
import mellow.core.fault.Shown;
import mellow.core.fault.Sides;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FactoryBook;
import mellow.core.formats.FeedPlanBook;
import org.junit.jupiter.api.Test;

/** Cases that the trade knows, told as they are met: common practice. */
class KnownCasesTest {
  private PlannedFeed feed;
  private CheckTable table;
  private final List<Shown> all = new ArrayList<>();

  private void search(String id, Map<String, String> answers) throws FeedProblem {
    FeedPlan plan = FactoryBook.byId(id).or(() -> FeedPlanBook.byId(id)).orElseThrow();
    feed = PlannedFeed.of(plan, answers, Map.of());
    List<Controls> controls = plan.states().stream().map(DrivingState::controls).toList();
    table = CheckTable.of(feed.circuit(), controls, Hypotheses.single(feed.circuit()));
  }

  private int state(DrivingState state) {
    return feed.plan().states().indexOf(state);
  }

  private void seen(DrivingState state, String lamp, Look look) {
    showed(new Check.LampSeen(state(state), lamp), look.answer());
  }

  private void showed(Check check, double value) {
    all.add(Shown.of(check, feed.plan().states(), value));
  }

  private Hunt hunt(String... touched) {
    return hunt(AtHand.USUAL, touched);
  }

  private Hunt hunt(AtHand atHand, String... touched) {
    List<Hunt.Moment> moments = new ArrayList<>();
    all.forEach(shown -> moments.add(new Hunt.Moment("line " + moments.size(), List.of(shown))));
    Lately lately = new Lately(Set.copyOf(Arrays.asList(touched)), Set.of());
    return Hunt.of(new Hunt.Case(feed, lately, Experience.NONE, atHand), table, moments);
  }

  private void names(Hunt hunt, String part, FaultKind kind) {
    Hunt.Candidate first = hunt.candidates().get(0);
    assertThat(first.parts()).containsExactly(part);
    assertThat(first.likeliest().faults().get(0).kind()).isEqualTo(kind);
  }

  @Test
  void aWeldedRelayIsFoundByPullingIt() throws FeedProblem {
    search("factory-main-relay", Map.of());
    seen(DrivingState.LOW, "left main beam", Look.LIT);
    seen(DrivingState.LOW, "right main beam", Look.LIT);
    showed(
        new Check.Unplugged("main-beam relay", state(DrivingState.LOW), "left main beam"),
        Look.OUT.answer());
    // a switch that is stuck would hold the relay in, and go dark with it as well
    showed(new Check.RelayHeard(state(DrivingState.LOW), "main-beam relay"), 0);
    names(hunt(), "main-beam relay", FaultKind.CONTACT_WELDED);
  }

  @Test
  void aReversedLedIsFoundByTurningItsPlug() throws FeedProblem {
    search("factory-drl-module", Map.of());
    seen(DrivingState.DAY, "left running lamp", Look.OUT);
    seen(DrivingState.DAY, "right running lamp", Look.LIT);
    showed(new Check.PlugTurned(state(DrivingState.DAY), "left running lamp"), Look.LIT.answer());
    names(hunt(), "left running lamp", FaultKind.REVERSED);
  }

  /**
   * 0.5 Ω under one side's ground: a 55 W filament and a 5 W one push 4.4 A through it, some 2.1 V.
   * The filament takes less as its voltage falls (I ∝ V^0.55): 4.6 A × (10.7 / 12.8)^0.55 = 4.2 A.
   */
  @Test
  void aBadSharedGroundIsFoundByItsDropUnderLoad() throws FeedProblem {
    search("factory-shared-ground", Map.of());
    seen(DrivingState.LOW, "right low beam", Look.LIT);
    seen(DrivingState.LOW, "left low beam", Look.WEAK);
    showed(new Check.Measured(state(DrivingState.LOW), "left ground point", Circuit.GROUND), 2.1);
    showed(new Check.Measured(state(DrivingState.LOW), "right ground point", Circuit.GROUND), 0.02);
    Hunt hunt = hunt();
    assertThat(hunt.unexplained()).isEmpty();
    names(hunt, "left shared ground", FaultKind.GROUND_CORRODED);
    // no other fault loses 2 V over it: nothing has to come off for it to be certain
    showed(new Check.Measured(state(DrivingState.LOW), "left ground point", "body"), 2.1);
    hunt = hunt();
    assertThat(hunt.standing()).isEqualTo(Hunt.Standing.FOUND);
  }

  @Test
  void aPlugThatWasOpenLatelyIsLookedAtFirst() throws FeedProblem {
    search("factory-fog-relay", Map.of());
    seen(DrivingState.LOW_FOG, "left fog lamp", Look.OUT);
    seen(DrivingState.LOW_FOG, "right fog lamp", Look.LIT);
    Check plug = new Check.PlugLooked("left fog lamp");
    double before = hunt().heat().get("left fog lamp");
    Hunt hunt = hunt("left fog lamp");
    assertThat(hunt.heat().get("left fog lamp")).isGreaterThan(before);
    assertThat(hunt.candidates().get(0).likeliest().faults().get(0).kind())
        .isEqualTo(FaultKind.PLUG_OUT);
    showed(plug, 0);
    hunt = hunt("left fog lamp");
    names(hunt, "left fog lamp", FaultKind.PLUG_OUT);
    assertThat(hunt.standing()).isEqualTo(Hunt.Standing.FOUND);
  }

  /**
   * A known-good lamp lights on the right, and not on the left: what is left lies in the wiring.
   */
  @Test
  void aGoodLampThatStaysDarkPutsTheFaultIntoTheWiring() throws FeedProblem {
    search("factory-low-discharge", Map.of());
    seen(DrivingState.LOW, "left ballast", Look.OUT);
    showed(
        new Check.Exchanged("left ballast", state(DrivingState.LOW), "left ballast"),
        Look.OUT.answer());
    Optional<Hunt.Candidate> dead =
        hunt().candidates().stream()
            .filter(one -> one.parts().equals(Set.of("left ballast")))
            .filter(one -> one.likeliest().faults().get(0).kind() == FaultKind.LAMP_DEAD)
            .findFirst();
    assertThat(dead.map(Hunt.Candidate::share).orElse(0.0)).isLessThan(0.1);
  }

  /** The known-good ballast lights both bulbs; the right ballast works, the left one does not. */
  @Test
  void aGoodBallastOnBothSidesLeavesTheLeftOneAndTheRightOutageOpen() throws FeedProblem {
    search("factory-low-discharge", Map.of());
    seen(DrivingState.LOW, "right ballast", Look.OUT);
    seen(DrivingState.LOW, "right ballast", Look.LIT);
    seen(DrivingState.LOW, "left ballast", Look.OUT);
    for (String side : List.of("left ballast", "right ballast")) {
      showed(new Check.Exchanged(side, state(DrivingState.LOW), side), Look.LIT.answer());
    }
    showed(new Check.Inspected("left ballast"), 1);
    Hunt.Candidate first = hunt().candidates().get(0);
    assertThat(first.parts()).containsExactly("left ballast");
    // that the right one was dark once is not explained by it
    assertThat(first.leavesOpen()).containsExactly("line 0");
  }

  @Test
  void pinsThatAreSwappedInAnAdapterLightTheOtherLamp() throws FeedProblem {
    search("factory-shared-ground", Map.of());
    seen(DrivingState.SIDE, "left position lamp", Look.OUT);
    seen(DrivingState.SIDE, "left low beam", Look.LIT);
    seen(DrivingState.SIDE, "right position lamp", Look.LIT);
    assertThat(hunt().candidates().get(0).likeliest().faults().get(0).kind())
        .isEqualTo(FaultKind.PINS_SWAPPED);
  }

  /** Running lamps that a drop-out relay feeds at rest: a make relay never feeds them. */
  @Test
  void aMakeRelayWhereAChangeOverBelongsNeverFeedsAtRest() throws FeedProblem {
    search("drl-two-relays", Map.of());
    seen(DrivingState.DAY, "left running lamp", Look.OUT);
    seen(DrivingState.DAY, "right running lamp", Look.OUT);
    Check relay =
        new Check.Exchanged("drop-out relay", state(DrivingState.DAY), "left running lamp");
    showed(relay, Look.LIT.answer());
    showed(new Check.Inspected("drop-out relay"), 1);
    // it was changed lately
    names(hunt("drop-out relay"), "drop-out relay", FaultKind.WRONG_RELAY);
  }

  @Test
  void aLampThatIsDeadOnlyWhenWarmIsFoundByWarmingIt() throws FeedProblem {
    search("factory-low-discharge", Map.of());
    int low = state(DrivingState.LOW);
    seen(DrivingState.LOW, "left ballast", Look.LIT);
    seen(DrivingState.LOW, "left ballast", Look.OUT);
    // it comes and goes; nobody has seen yet under what
    assertThat(hunt().candidates().get(0).under()).isEqualTo(Condition.ANY);
    for (int i = 0; i < 2; i++) {
      showed(new Check.LampUnder(Condition.WARM, low, "left ballast"), Look.OUT.answer());
      showed(new Check.LampUnder(Condition.COLD, low, "left ballast"), Look.LIT.answer());
    }
    showed(new Check.Inspected("left ballast"), 1);
    Hunt.Candidate first = hunt().candidates().get(0);
    assertThat(first.parts()).containsExactly("left ballast");
    assertThat(first.under()).isEqualTo(Condition.WARM);
  }

  /**
   * A bad ground of 12 Ω reads 12 Ω where nothing leads around it. Under lamps that share a feed it
   * reads as two cold filaments of 55 W: each a tenth to a twelfth of its hot 12.8² / 55 = 3 Ω.
   */
  @Test
  void withTheBatteryOffAnOhmmeterTellsWhatItCan() throws FeedProblem {
    search("factory-position-body-output", Map.of());
    Check alone = new Check.Resistance(0, "left ground bolt", Circuit.GROUND);
    table = table.with(List.of(alone));
    assertThat(table.sound(table.place(alone))).isLessThan(0.05);
    assertThat(shows(alone, "left ground", FaultKind.GROUND_CORRODED)).isCloseTo(12, within(0.1));
    assertThat(shows(alone, "left ground", FaultKind.GROUND_OPEN))
        .isEqualTo(Check.Resistance.MOST_OHMS);

    search("factory-shared-ground", Map.of());
    Check shared = new Check.Resistance(0, "left ground point", Circuit.GROUND);
    table = table.with(List.of(shared));
    assertThat(shows(shared, "left shared ground", FaultKind.GROUND_CORRODED)).isBetween(0.4, 0.8);
    table = table.withPoweredOff();
    AtHand off = new AtHand(Set.of(Reach.LAMPS), EnumSet.allOf(Tool.class), true, false);
    seen(DrivingState.LOW, "left low beam", Look.WEAK);
    assertThat(hunt(off).next().orElseThrow().next().check())
        .isInstanceOfAny(Check.Resistance.class, Check.OfWhatStays.class, Check.FedAlone.class);
  }

  /** What a check shows under the worst fault of a kind. */
  private double shows(Check check, String part, FaultKind kind) {
    return table.hypotheses().stream()
        .filter(one -> !one.faults().isEmpty())
        .filter(one -> one.parts().equals(Set.of(part)) && one.faults().get(0).kind() == kind)
        .max(Comparator.comparingDouble(one -> one.faults().get(0).ohms()))
        .map(one -> table.shows(table.place(check), table.hypotheses().indexOf(one)))
        .orElseThrow();
  }

  /** Twenty searches of a shop weigh as much as the judged weights do. */
  @Test
  void whatTheShopFoundBeforeIsSuspectedSooner() throws FeedProblem {
    search("factory-fog-relay", Map.of());
    double judged = share(Experience.NONE, PartSort.RELAY);
    double learnt = share(new Experience(Map.of(PartSort.RELAY, 20), Map.of()), PartSort.RELAY);
    assertThat(learnt).isCloseTo((judged + 1) / 2, within(0.03));
    // what failed on one like it is looked for on both sides
    assertThat(Sides.without("left fog lamp")).isEqualTo("fog lamp");
    assertThat(share(new Experience(Map.of(), Map.of("fog lamp", 1)), PartSort.LAMP))
        .isGreaterThan(share(Experience.NONE, PartSort.LAMP));
  }

  private double share(Experience experience, PartSort sort) {
    Hunt hunt =
        Hunt.of(new Hunt.Case(feed, Lately.NOTHING, experience, AtHand.USUAL), table, List.of());
    return hunt.heat().entrySet().stream()
        .filter(one -> PartSort.of(feed.circuit(), one.getKey()) == sort)
        .mapToDouble(Map.Entry::getValue)
        .sum();
  }

  /** A contact that comes and goes makes its lamp flicker: nothing has to be looked at again. */
  @Test
  void aLampThatFlickersIsExplainedByWhatComesAndGoes() throws FeedProblem {
    search("factory-low-switched-plus", Map.of());
    seen(DrivingState.LOW, "left low beam", Look.OUT);
    seen(DrivingState.LOW, "left low beam", Look.LIT);
    seen(DrivingState.LOW, "left low beam", Look.FLICKERS);
    Hunt hunt = hunt();
    assertThat(hunt.unexplained()).isEmpty();
    assertThat(hunt.candidates().get(0).explains()).contains("line 2");
  }

  @Test
  void aReadingThatNothingExplainsIsAskedForAgain() throws FeedProblem {
    search("factory-low-switched-plus", Map.of());
    seen(DrivingState.LOW, "left low beam", Look.OUT);
    Check volts = new Check.Measured(state(DrivingState.LOW), "low-beam wire", Circuit.GROUND);
    showed(volts, 47);
    Hunt hunt = hunt();
    assertThat(hunt.unexplained()).isPresent();
    assertThat(hunt.next().orElseThrow().why()).isEqualTo(Hunt.Why.AGAIN);
    assertThat(hunt.next().orElseThrow().next().check()).isEqualTo(volts);
  }
}

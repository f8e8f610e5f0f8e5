package mellow.core.hunt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.fault.Check;
import mellow.core.fault.CheckTable;
import mellow.core.fault.FaultKind;
import mellow.core.fault.Hypotheses;
import mellow.core.fault.Look;
import mellow.core.fault.Shown;
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
    List<Hunt.Moment> moments = new ArrayList<>();
    all.forEach(shown -> moments.add(new Hunt.Moment("line " + moments.size(), List.of(shown))));
    return new Hunt(feed, table, moments, Set.copyOf(Arrays.asList(touched)), AtHand.USUAL);
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

package mellow.core.feed.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.BatteryTimeline.Event;
import mellow.core.feed.BatteryTimeline.What;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.FeedWords;
import mellow.core.feed.OpenItem;
import mellow.core.feed.PlanStep;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.WiringOrder;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import org.junit.jupiter.api.Test;

/** From wishes to plans, and what happens beside a plan. Common practice. */
class ProposalTest {
  private static Wish fog(DrivingState state, LightLevel level) {
    return new Wish(LampFunction.FRONT_FOG, state, level);
  }

  private static Wish drl(DrivingState state, LightLevel level) {
    return new Wish(LampFunction.DRL, state, level);
  }

  private static List<Proposal> proposals(List<Wish> wishes) throws FeedProblem {
    return Proposal.of(FeedPlanBook.all(), wishes, Map.of(), Optional.of(MarkFamily.UN));
  }

  /** "Fog lamps that come on with side lamps and go out on main beam, own switch". */
  @Test
  void fogLampsWithSideLampsOutOnMainBeam() throws Exception {
    Proposal first =
        proposals(
                List.of(
                    fog(DrivingState.KEY_OUT_FOG, LightLevel.OUT),
                    fog(DrivingState.DAY_FOG, LightLevel.OUT),
                    fog(DrivingState.SIDE, LightLevel.OUT),
                    fog(DrivingState.SIDE_FOG, LightLevel.FULL),
                    fog(DrivingState.LOW_FOG, LightLevel.FULL),
                    fog(DrivingState.MAIN_FOG, LightLevel.OUT)))
            .get(0);
    assertThat(first.sheet().feed().plan().id()).isEqualTo("fog-own-switch");
    assertThat(first.answers()).containsExactly(Map.entry("outOnMain", "yes"));
    assertThat(first.misses()).isEmpty();
    assertThat(first.sources()).containsExactlyInAnyOrder("side-lamp wire", "main-beam wire");
    assertThat(first.out()).isZero();
  }

  @Test
  void runningLampsDimmedBesideTheLightsAndThoseThatGoOut() throws Exception {
    assertThat(
            proposals(
                    List.of(
                        drl(DrivingState.DAY, LightLevel.FULL),
                        drl(DrivingState.SIDE, LightLevel.REDUCED),
                        drl(DrivingState.MAIN, LightLevel.REDUCED)))
                .stream()
                .filter(one -> one.misses().isEmpty())
                .map(one -> one.sheet().feed().plan().id()))
        .containsExactlyInAnyOrder("drl-kit", "drl-module", "drl-dimmed");
    List<Proposal> never = proposals(List.of(drl(DrivingState.KEY_OUT, LightLevel.FULL)));
    assertThat(never).hasSizeGreaterThan(5).allMatch(one -> one.misses().size() == 1);
  }

  @Test
  void stepThatTheBatteryDoesNotAllowIsRefused() throws Exception {
    BatteryTimeline off =
        BatteryTimeline.of(
            List.of(
                new Event(What.LIVE_STEP, "probe the side lamps' wire"),
                new Event(What.NEGATIVE_OFF, ""),
                new Event(What.DEAD_STEP, "splice")));
    assertThat(off.connected()).isFalse();
    assertThat(off.refuses(What.LIVE_STEP)).contains(FeedWords.nothingLive());
    assertThat(off.with(new Event(What.NEGATIVE_ON, "")).refuses(What.LIVE_STEP)).isEmpty();
    assertThatThrownBy(() -> BatteryTimeline.of(List.of(new Event(What.POSITIVE_OFF, ""))))
        .hasMessageContaining("feed.negativeOffFirst");
    assertThatThrownBy(
            () ->
                BatteryTimeline.of(
                    List.of(new Event(What.LOOSENED, ""), new Event(What.DEAD_STEP, "splice"))))
        .hasMessageContaining("feed.loosenedOnly");
    BatteryTimeline two = off.with(new Event(What.SECOND_ON, "trigger on the bench battery"));
    assertThat(two.secondOn()).isTrue();
    assertThat(two.refuses(What.SECOND_ON)).isPresent();
    assertThat(two.with(new Event(What.SECOND_OFF, "")).secondOn()).isFalse();
    BatteryTimeline bothOff = off.with(new Event(What.POSITIVE_OFF, ""));
    assertThat(bothOff.refuses(What.NEGATIVE_ON)).contains(FeedWords.positiveOnFirst());
  }

  /** A lamp that gets 11 V where 13.7 are solved has a bad joint before it; 13.5 are well. */
  @Test
  void meterAgainstSolved() throws Exception {
    PlannedFeed feed = PlannedFeed.usual(FeedPlanBook.byId("fog-own-switch").orElseThrow());
    FeedWork work =
        new FeedWork(
            feed,
            List.of(),
            List.of(),
            List.of(
                new MeterReading(DrivingState.LOW_FOG, false, "left fog +", 13.6),
                new MeterReading(DrivingState.LOW_FOG, false, "right fog +", 11),
                new MeterReading(DrivingState.LOW_FOG, true, "fog fuse", 9.1)),
            List.of(
                new OpenItem("grommet", OpenItem.Kind.TEMPORARY, "tape for a grommet", false),
                new OpenItem("tail", OpenItem.Kind.UNCONNECTED, "trigger of the pods", true)));
    assertThat(work.findings())
        .extracting(Finding::verdict)
        .containsExactly(Verdict.OUT, Verdict.WITHIN, Verdict.WITHIN, Verdict.OUT, Verdict.WITHIN);
    assertThatThrownBy(
            () ->
                new FeedWork(
                        feed,
                        List.of(),
                        List.of(),
                        List.of(new MeterReading(DrivingState.LOW, false, "nowhere", 1)),
                        List.of())
                    .findings())
        .isInstanceOfSatisfying(
            FeedProblem.class,
            problem -> assertThat(problem.says()).isEqualTo(FeedWords.noPoint("nowhere")));
  }

  @Test
  void ordersOfConnectingBySchool() throws Exception {
    PlannedFeed feed = PlannedFeed.usual(FeedPlanBook.byId("drl-kit").orElseThrow());
    List<PlanStep> off = WiringOrder.NEGATIVE_OFF.of(feed);
    assertThat(Said.text(off.get(0).does())).startsWith("Probe the slot");
    assertThat(off.get(2).act()).isEqualTo(PlanStep.Act.NEGATIVE_OFF);
    assertThat(off.get(off.size() - 1).act()).isEqualTo(PlanStep.Act.PROVE);
    assertThat(WiringOrder.LIVE.of(feed))
        .extracting(PlanStep::act)
        .containsSubsequence(
            PlanStep.Act.FUSES_OUT,
            PlanStep.Act.POSITIVE_LEAD,
            PlanStep.Act.GROUND_LEADS,
            PlanStep.Act.FUSES_IN);
  }
}

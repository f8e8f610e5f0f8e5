package mellow.core.proof;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import mellow.core.circuit.Controls;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
      ProofList list = ProofList.of(Optional.of(PlanProof.of(PlannedFeed.usual(plan))), List.of());
      assertThat(list.halfSeen()).as(plan.id()).isEmpty();
      assertThat(list.items()).as(plan.id()).anyMatch(item -> item.state() == DrivingState.KEY_OUT);
    }
  }

  private static List<ProofLamp> both(LampFunction... functions) {
    return Arrays.stream(functions)
        .flatMap(of -> Arrays.stream(Side.values()).map(side -> ProofLamp.of(of, side)))
        .toList();
  }

  private static ProofList own(LampFunction... functions) {
    return ProofList.of(Optional.empty(), both(functions));
  }

  @Test
  void vehicleWithoutWiringIsProvedByItsOwnFunctions() {
    ProofList list =
        own(
            LampFunction.DIPPED,
            LampFunction.MAIN,
            LampFunction.POSITION,
            LampFunction.TURN,
            LampFunction.FRONT_FOG);
    assertThat(list.halfSeen()).isEmpty();
    assertThat(list.items().get(0).moves()).hasSizeLessThanOrEqualTo(1);
    assertThat(list.items())
        .extracting(ProofList.Item::state)
        .contains(DrivingState.SIDE_FOG, DrivingState.TURN_LEFT);
  }

  private static final ProofLamp LEFT_LOW = ProofLamp.of(LampFunction.DIPPED, Side.LEFT);
  private static final ProofLamp RIGHT_LOW = ProofLamp.of(LampFunction.DIPPED, Side.RIGHT);

  private static ProofEvent tried(DrivingState state, ProofLamp lamp, Outcome outcome, int tries) {
    return new ProofEvent.Tried(
        state,
        lamp.function(),
        Optional.of(lamp.side()),
        Optional.of(lamp.name()),
        outcome,
        tries,
        "",
        Map.of());
  }

  private static ProofEvent bothTried(DrivingState state, LampFunction function, Outcome outcome) {
    return new ProofEvent.Tried(
        state, function, Optional.empty(), Optional.empty(), outcome, 0, "{0} cold", Map.of());
  }

  /** As seen on the lamps as they are wired now. */
  private static List<ProofEvent> all(ProofList list) {
    List<ProofEvent> results = new ArrayList<>();
    for (ProofList.Item item : list.items()) {
      item.expected()
          .forEach(
              (lamp, level) ->
                  results.add(
                      new ProofEvent.Tried(
                          item.state(),
                          lamp.function(),
                          Optional.of(lamp.side()),
                          Optional.of(lamp.name()),
                          Outcome.WORKS,
                          0,
                          "",
                          Map.of(lamp.key(), list.basis(lamp, level)))));
    }
    return results;
  }

  private static List<Finding> findings(ProofList list, List<ProofEvent> events) {
    return ProofSheet.of(list, events).findings(any -> Isolation.Light.DISCHARGE);
  }

  @Test
  void whatWasMendedIsProvedAgainOnBothSidesAndNothingElse() {
    ProofList before = own(LampFunction.DIPPED, LampFunction.MAIN);
    List<ProofEvent> results = all(before);
    ProofList after = before.after(new Mended(Set.of(LampFunction.DIPPED), "left ground, cleaned"));
    assertThat(ProofSheet.of(after, results).cells())
        .filteredOn(cell -> cell.result().isEmpty())
        .isNotEmpty()
        .allMatch(cell -> cell.reopened().isPresent())
        .extracting(ProofSheet.Cell::lamp)
        .containsOnly(LEFT_LOW, RIGHT_LOW);
    results.addAll(all(after));
    assertThat(ProofSheet.of(after, results).isProved()).isTrue();
    // the search went on, and something else was mended
    assertThat(
            ProofSheet.of(
                    before.after(new Mended(Set.of(LampFunction.DIPPED), "left ground, new bolt")),
                    results)
                .isProved())
        .isFalse();
  }

  @Test
  void provedOnlyWhenAllWasSeenAndRight() {
    ProofList list = own(LampFunction.DIPPED, LampFunction.MAIN);
    assertThat(findings(list, List.of()))
        .extracting(finding -> Said.keyed(finding.headline()))
        .containsExactly(
            "proof.notTried lampSentence=Left low beam",
            "proof.notTried lampSentence=Right low beam",
            "proof.notTried lampSentence=Left main beam",
            "proof.notTried lampSentence=Right main beam");
    List<ProofEvent> results = all(list);
    assertThat(ProofSheet.of(list, results).isProved()).isTrue();
    results.add(tried(DrivingState.LOW, LEFT_LOW, Outcome.FLICKERS, 0));
    assertThat(ProofSheet.of(list, results).isProved()).isFalse();
    Finding fault = findings(list, results).get(0);
    assertThat(fault.verdict()).isEqualTo(Verdict.OUT);
    assertThatFinding(fault)
        .says("proof.fault", "lampSentence=Left low beam", "outcome=FLICKERS", "drivingState=LOW");
    // the trade's order: known-good ballast on a battery, each bulb, each ballast
    assertThat(Said.pattern(fault.remedy().orElseThrow()))
        .containsSubsequence(
            "known-good ballast and lamp straight from a battery", "each bulb", "each ballast");
    for (int tries : new int[] {3, 1}) {
      results.add(tried(DrivingState.LOW, LEFT_LOW, Outcome.AFTER_TRIES, tries));
      assertThat(ProofSheet.of(list, results).isProved()).isTrue();
      assertThat(findings(list, results))
          .singleElement()
          .satisfies(
              found -> {
                assertThat(found.verdict()).isEqualTo(Verdict.AT_EDGE);
                assertThatFinding(found)
                    .says("proof.worksNow", "tries=" + tries, "drivingState=LOW");
              });
    }
  }

  /** Left dead, then right works: that is one fault, and it is left open. */
  @Test
  void oneSideDoesNotSpeakForTheOther() {
    ProofList list = own(LampFunction.DIPPED);
    List<ProofEvent> results = all(list);
    results.add(tried(DrivingState.LOW, LEFT_LOW, Outcome.DEAD, 0));
    results.add(tried(DrivingState.LOW, RIGHT_LOW, Outcome.WORKS, 0));
    assertThat(findings(list, results))
        .singleElement()
        .satisfies(
            fault ->
                assertThatFinding(fault)
                    .says(
                        "proof.fault",
                        "lampSentence=Left low beam",
                        "outcome=DEAD",
                        "drivingState=LOW"));
  }

  /** Six pods are six lamps, each lit by itself. */
  @Test
  void eachOfSeveralLampsOfASideIsProvedByItself() throws Exception {
    ProofList list = ProofList.of(Optional.of(plan("aux-pods", Map.of())), List.of());
    List<ProofLamp> pods =
        list.lamps().stream().filter(lamp -> lamp.name().contains("pod")).toList();
    assertThat(pods).hasSize(6);
    List<ProofEvent> results = all(list);
    ProofLamp inner =
        pods.stream()
            .filter(lamp -> lamp.name().equals("left inner pod"))
            .findFirst()
            .orElseThrow();
    DrivingState lit =
        list.items().stream()
            .filter(item -> item.expected().getOrDefault(inner, LightLevel.OUT) != LightLevel.OUT)
            .findFirst()
            .orElseThrow()
            .state();
    results.add(tried(lit, inner, Outcome.DEAD, 0));
    assertThat(findings(list, results))
        .singleElement()
        .satisfies(
            fault ->
                assertThatFinding(fault)
                    .says("proof.fault", "lampSentence=Left inner pod", "outcome=DEAD"));
  }

  /** New fog lamps and those that the vehicle came with are two pairs. */
  @Test
  void factoryLampsBesideNewOnesAreProvedToo() throws Exception {
    List<ProofLamp> factory =
        both(LampFunction.FRONT_FOG, LampFunction.TURN).stream()
            .map(lamp -> lamp.function() == LampFunction.TURN ? lamp : lamp.factory())
            .toList();
    ProofList list = ProofList.of(Optional.of(plan("fog-own-switch", Map.of())), factory);
    assertThat(list.lamps())
        .extracting(lamp -> Said.text(lamp.words()))
        .contains(
            "left front fog lamp",
            "left factory front fog lamp",
            "left turn signal",
            "right front position lamp")
        .doesNotHaveDuplicates();
    assertThat(list.halfSeen()).isEmpty();
  }

  private static PlanProof plan(String id, Map<String, Map<String, String>> changes)
      throws Exception {
    FeedPlan plan =
        FeedPlanBook.all().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    return PlanProof.of(PlannedFeed.of(plan, Map.of(), changes));
  }

  private static List<String> reopened(ProofList list, List<ProofEvent> events) {
    return ProofSheet.of(list, events).cells().stream()
        .filter(cell -> cell.result().isEmpty())
        .map(cell -> Said.text(cell.lamp().words()))
        .distinct()
        .toList();
  }

  /** A changed part opens the lamps that hang on it, and no others. */
  @Test
  void aChangedPartReopensWhatHangsOnIt() throws Exception {
    ProofList before = ProofList.of(Optional.of(plan("fog-own-switch", Map.of())), List.of());
    List<ProofEvent> proved = all(before);
    assertThat(reopened(before, proved)).isEmpty();
    ProofList branch =
        ProofList.of(
            Optional.of(plan("fog-own-switch", Map.of("left branch", Map.of("size", "2.5 mm²")))),
            List.of());
    assertThat(reopened(branch, proved)).containsExactly("left front fog lamp");
    ProofList none = ProofList.of(Optional.empty(), before.lamps());
    assertThat(reopened(none, proved))
        .as("the plan was dropped")
        .contains("left front fog lamp", "right front fog lamp");
    assertThat(ProofSheet.of(branch, all(branch)).isProved()).isTrue();
  }

  /** The tap on the side lamps' wire is theirs as well. */
  @Test
  void aTapReopensTheLampsOfItsWire() throws Exception {
    ProofList bare = own(LampFunction.POSITION, LampFunction.MAIN);
    List<ProofEvent> proved = all(bare);
    ProofList tapped =
        ProofList.of(
            Optional.of(plan("drl-two-relays", Map.of())),
            both(LampFunction.POSITION, LampFunction.MAIN));
    assertThat(ProofSheet.of(tapped, proved).of(ProofLamp.of(LampFunction.POSITION, Side.LEFT)))
        .filteredOn(cell -> cell.state() == DrivingState.SIDE)
        .singleElement()
        .satisfies(cell -> assertThat(cell.result()).isEmpty());
    assertThat(ProofSheet.of(tapped, proved).of(ProofLamp.of(LampFunction.MAIN, Side.LEFT)))
        .filteredOn(cell -> cell.state() == DrivingState.MAIN)
        .singleElement()
        .satisfies(cell -> assertThat(cell.isProved()).isTrue());
  }

  @Test
  void anOpenedConnectorReopensItsSide() {
    ProofList list = own(LampFunction.DIPPED, LampFunction.TURN);
    List<ProofEvent> events = all(list);
    events.add(
        new ProofEvent.Unplugged(
            Set.of(LampFunction.DIPPED),
            Optional.of(Side.LEFT),
            Sentence.of("1 connector, left headlamp")));
    assertThat(reopened(list, events)).containsExactly("left low beam");
    events.add(bothTried(DrivingState.LOW, LampFunction.DIPPED, Outcome.WORKS));
    assertThat(ProofSheet.of(list, events).of(LEFT_LOW))
        .filteredOn(cell -> cell.state() == DrivingState.LOW)
        .allMatch(ProofSheet.Cell::isProved);
  }

  @Test
  void lampThatShouldBeOutIsSoughtElsewhere() {
    assertThat(Isolation.firstThree(Outcome.LIT, Isolation.Light.LED).get(0))
        .isEqualTo(ProofWords.pullFuse());
    assertThat(Isolation.firstThree(Outcome.DEAD, Isolation.Light.LED).get(1))
        .isEqualTo(ProofWords.turnPlug());
  }

  /** A fault that wanders is logged: it works now, and is looked at again. */
  @Test
  void faultThatWentAwayIsNotForgotten() {
    ProofList list = own(LampFunction.DIPPED);
    List<ProofEvent> results = new ArrayList<>();
    results.add(bothTried(DrivingState.LOW, LampFunction.DIPPED, Outcome.DEAD));
    Finding dead = findings(list, results).get(0);
    assertThat(Said.key(dead.detail())).isEqualTo("proof.seen");
    assertThat(Said.text(dead.detail())).doesNotContain("{0}");
    results.addAll(all(list));
    assertThat(ProofSheet.of(list, results).isProved()).isTrue();
    assertThat(findings(list, results))
        .hasSize(2)
        .allSatisfy(
            wandering -> {
              assertThat(wandering.verdict()).isEqualTo(Verdict.AT_EDGE);
              assertThatFinding(wandering)
                  .says("proof.worksNow", "tries=0", "drivingState=LOW")
                  .advises("proof.tryAgain");
            });
    assertThat(findings(list, all(list))).extracting(Finding::id).containsExactly("prove.all");
  }

  /** UN R48 6.5.9.1 (from memory): 90 ± 30 a minute; one flash is what counting cannot tell. */
  @ParameterizedTest
  @CsvSource({"15, 10, WITHIN", "20, 10, AT_EDGE", "30, 10, OUT", "8, 10, OUT", "30, 20, WITHIN"})
  void flashesAreCounted(int flashes, double seconds, Verdict verdict) {
    Finding finding = new FlashRate(Side.LEFT, flashes, seconds).finding();
    assertThat(finding.verdict()).isEqualTo(verdict);
    if (flashes == 30 && seconds == 10) {
      assertThatFinding(finding).advises("proof.tooFast");
    }
  }
}

package mellow.core.placement.free;

import static mellow.core.placement.Fronts.front;
import static mellow.core.placement.Fronts.named;
import static mellow.core.placement.Fronts.rules;
import static mellow.core.placement.Fronts.square;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import mellow.core.finding.Figure;
import mellow.core.finding.Verdict;
import mellow.core.placement.Front;
import mellow.core.placement.KeepOut;
import mellow.core.placement.LampPair;
import mellow.core.placement.Outline;
import mellow.core.placement.PlaceSheet;
import mellow.core.placement.PlacementWords;
import mellow.core.placement.Point;
import mellow.core.placement.Spot;
import mellow.core.rules.PlaceRule.Asks;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class NearestPlaceTest {
  private static final List<RuleSet> ROAD_AND_FITTERS = List.of(rules("un-r48"), rules("fitters"));

  private static NearestPlace.Moves moves(Front front, List<RuleSet> sets) {
    return (NearestPlace.Moves) NearestPlace.of(front, front.pairs().get(0), sets, 0);
  }

  @Test
  void tooCloseAndTooLowMovesOutAndUpByWhatIsMissing() {
    Front front = front(1700, square(LampFunction.DRL, 60, 300, 270));
    NearestPlace.Moves moves = moves(front, ROAD_AND_FITTERS);
    // inner edges 600 apart: 330 out; outer edge 400 from the side: 420 out; lower edge at 250
    assertThat(moves.outMm()).isCloseTo(420, within(1e-6));
    assertThat(moves.heightMm()).isCloseTo(280, within(1e-6));
    assertThat(moves.moveMm()).isCloseTo(Math.hypot(120, 10), within(1e-6));
  }

  @Test
  void aGoodPlaceStays() {
    Front front = front(1700, square(LampFunction.DRL, 60, 600, 500));
    assertThat(NearestPlace.of(front, front.pairs().get(0), ROAD_AND_FITTERS, 1))
        .isInstanceOf(NearestPlace.Stays.class);
  }

  @Test
  void limitsThatExcludeEachOtherAreNamedWithTheirDistance() {
    // California wants fog lamps at 12 in or more; a low beam whose top lies at 290 forbids that
    LampPair low = named("low", square(LampFunction.DIPPED, 80, 600, 250));
    LampPair fog = square(LampFunction.FRONT_FOG, 90, 600, 400);
    Front front = front(1700, fog, low);
    NearestPlace answer =
        NearestPlace.of(front, fog, List.of(rules("un-r48"), rules("us-ca-24403")), 0);
    assertThat(answer).isInstanceOf(NearestPlace.Nowhere.class);
    // 304.8 against 290 − 45 = 245
    assertThat(((NearestPlace.Nowhere) answer).clashes().get(0))
        .isEqualTo(
            PlacementWords.clash(
                PlacementWords.limitOf(rules("us-ca-24403").title(), Asks.CENTRE_HEIGHT),
                PlacementWords.limitOf(rules("un-r48").title(), Asks.ABOVE_DIPPED),
                Figure.lengthMm(12 * 25.4 - 245)));
  }

  @Test
  void whatIsInTheWayEverywhereIsNamed() {
    KeepOut all =
        new KeepOut(
            "bar",
            "crash bar",
            new Outline.Polygon(
                List.of(
                    new Point(-900, 0),
                    new Point(900, 0),
                    new Point(900, 5000 - 1001),
                    new Point(-900, 5000 - 1001))),
            0);
    LampPair drl = square(LampFunction.DRL, 60, 600, 500);
    Front front = new Front(1700, List.of(drl), List.of(all));
    NearestPlace answer = NearestPlace.of(front, drl, ROAD_AND_FITTERS, 0);
    assertThat(((NearestPlace.Nowhere) answer).clashes())
        .containsExactly(PlacementWords.allTaken("crash bar"));
  }

  @Test
  void sidesThatDifferMeetInTheMiddleAndDirectionsAreLeftAlone() {
    LampPair turned =
        square(LampFunction.DRL, 60, 600, 500)
            .at(new BySide<>(new Spot(600, 500, 13), new Spot(600, 500, 4)));
    assertThat(NearestPlace.of(front(1700, turned), turned, ROAD_AND_FITTERS, 1))
        .isInstanceOf(NearestPlace.Stays.class);
    LampPair uneven = turned.at(new BySide<>(new Spot(600, 500, 13), new Spot(620, 510, 4)));
    assertThat(NearestPlace.of(front(1700, uneven), uneven, ROAD_AND_FITTERS, 1))
        .isEqualTo(new NearestPlace.Moves(610, 505, 0));
  }

  @Test
  void onlyWhatIsInTheWayIsNamed() {
    LampPair drl = square(LampFunction.DRL, 60, 600, 500);
    KeepOut bar = box("bar", 0, 750, 900, 760, 0);
    KeepOut pump = box("washer pump", 300, 3800, 40, 40, 0);
    Front front = new Front(1700, List.of(drl), List.of(bar, pump));
    NearestPlace.Nowhere nowhere =
        (NearestPlace.Nowhere) NearestPlace.of(front, drl, ROAD_AND_FITTERS, 0);
    assertThat(nowhere.clashes()).containsExactly(PlacementWords.allTaken("bar"));
  }

  /**
   * By hand: a square of 40 about the origin against one of 60 clears it 50 away; round it, 30
   * more.
   */
  @Test
  void aLampKeepsTheClearanceFromACornerToo() {
    KeepOut eye = box("eye", 600, 500, 20, 20, 30);
    LampPair drl = square(LampFunction.DRL, 60, 652, 552);
    Front front = new Front(1700, List.of(drl), List.of(eye));
    NearestPlace.Moves moves = (NearestPlace.Moves) NearestPlace.of(front, drl, List.of(), 0);
    // it stood 2.83 mm out from the corner of the sum, at 650 / 550
    assertThat(Math.hypot(moves.outMm() - 650, moves.heightMm() - 550)).isCloseTo(30, within(0.02));
    assertThat(moves.moveMm()).isCloseTo(30 - 2 * Math.sqrt(2), within(0.02));
  }

  private static KeepOut box(
      String name, double left, double height, double halfWidth, double halfHeight, double away) {
    return new KeepOut(
        name.replace(' ', '-'),
        name,
        new Outline.Polygon(
            List.of(
                new Point(left - halfWidth, height - halfHeight),
                new Point(left + halfWidth, height - halfHeight),
                new Point(left + halfWidth, height + halfHeight),
                new Point(left - halfWidth, height + halfHeight))),
        away);
  }

  static IntStream seeds() {
    return IntStream.range(0, 24);
  }

  /**
   * Random fronts with things in the way: the answer holds every limit, and no nearer place does.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void theAnswerHoldsAllLimitsAndNoNearerPlaceOnAFineGridDoes(int seed) {
    Random random = new Random(seed);
    List<KeepOut> inTheWay = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      inTheWay.add(somewhere(random, "k" + i));
    }
    LampPair low = named("low", square(LampFunction.DIPPED, 120, 620, 640));
    LampPair fog =
        square(
            LampFunction.FRONT_FOG,
            60 + random.nextInt(60),
            200 + random.nextInt(600),
            150 + random.nextInt(600));
    Front front = new Front(1700, List.of(fog, low), inTheWay);
    List<RuleSet> sets = List.of(rules("un-r48"));
    NearestPlace answer = NearestPlace.of(front, fog, sets, 0);
    double reach = 700;
    if (answer instanceof NearestPlace.Moves moves) {
      assertThat(shortfall(front, fog, new Spot(moves.outMm(), moves.heightMm(), 0), sets))
          .isLessThan(0.05);
      reach = moves.moveMm();
    } else if (answer instanceof NearestPlace.Stays) {
      assertThat(shortfall(front, fog, fog.spots().left(), sets)).isLessThan(0.05);
      return;
    }
    Spot from = fog.spots().left();
    double step = Math.max(2, reach / 12);
    for (double dx = -reach; dx <= reach; dx += step) {
      for (double dy = -reach; dy <= reach; dy += step) {
        if (Math.hypot(dx, dy) < reach - 0.05) {
          Spot there = from.at(from.outMm() + dx, from.heightMm() + dy);
          assertThat(shortfall(front, fog, there, sets)).as("%s", there).isGreaterThan(0);
        }
      }
    }
  }

  /** How far a place misses the worst of its limits, mm; 0 where all hold. */
  private static double shortfall(Front front, LampPair fog, Spot spot, List<RuleSet> sets) {
    LampPair there = LampPair.mirrored(fog.id(), fog.name(), fog.lamp(), spot);
    return PlaceSheet.of(front.with(there), sets, 0).findings().stream()
        .filter(finding -> finding.subject().lamp().orElseThrow().which().equals("it"))
        .mapToDouble(
            finding ->
                finding
                    .margin()
                    .map(margin -> Math.max(0, -margin.amount().value()))
                    .orElse(finding.verdict() == Verdict.OUT ? 1000.0 : 0.0))
        .max()
        .orElse(0);
  }

  private static KeepOut somewhere(Random random, String id) {
    double x = -800 + random.nextInt(1500);
    double y = 150 + random.nextInt(600);
    double w = 40 + random.nextInt(250);
    double h = 40 + random.nextInt(250);
    // an L, so that hollows are met too
    return new KeepOut(
        id,
        id,
        new Outline.Polygon(
            List.of(
                new Point(x, y),
                new Point(x + w, y),
                new Point(x + w, y + h / 3),
                new Point(x + w / 3, y + h / 3),
                new Point(x + w / 3, y + h),
                new Point(x, y + h))),
        random.nextInt(40));
  }
}

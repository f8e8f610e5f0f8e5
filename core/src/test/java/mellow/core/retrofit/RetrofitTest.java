package mellow.core.retrofit;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static mellow.core.retrofit.Housing.Size.BEHIND;
import static mellow.core.retrofit.Housing.Size.BOWL_DEPTH;
import static mellow.core.retrofit.Housing.Size.BOWL_OPENING;
import static mellow.core.retrofit.Housing.Size.CUT_TO;
import static mellow.core.retrofit.Housing.Size.HOLE;
import static mellow.core.retrofit.Projector.Size.FRONT;
import static mellow.core.retrofit.Projector.Size.LENS;
import static mellow.core.retrofit.Projector.Size.SHROUD;
import static mellow.core.retrofit.Projector.Size.THREAD;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.measure.Temperature;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bench: what fits, how hot, how fine. */
class RetrofitTest {
  private static final Map<Housing.Size, Double> BOWL =
      Map.of(BOWL_OPENING, 80.0, BOWL_DEPTH, 110.0, BEHIND, 70.0);

  private static Housing housing(Map<Housing.Size, Double> mm) {
    return new Housing(mm, Housing.Seal.GLUED);
  }

  /** The bowl of these tests with another hole, or with how far it may be cut. */
  private static Housing bowl(Map<Housing.Size, Double> more) {
    Map<Housing.Size, Double> mm = new EnumMap<>(BOWL);
    mm.put(HOLE, 23.0);
    mm.putAll(more);
    return housing(mm);
  }

  private static Finding finding(List<Finding> findings, String id) {
    return findings.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
  }

  /** A projector of 3 in (76.2 mm) in a bowl of 80 mm: (80 − 76.2) ÷ 2 = 1.9 mm a side. */
  @Test
  void threeInchesInABowlOf80() {
    assertThat(Fit.aSideMm(80, 76.2)).isCloseTo(1.9, within(1e-9));
    List<Finding> fit =
        Fit.of(
            bowl(Map.of()),
            new Projector(
                Map.of(LENS, 76.2, FRONT, 85.0, Projector.Size.BEHIND, 60.0, THREAD, 22.0)),
            Mount.RING);
    assertThat(fit).allMatch(one -> one.verdict() == Verdict.WITHIN);
    assertThatFinding(finding(fit, "bench.fit@dimension:lens"))
        .says("retrofit.bowlClears", "room=1.9 mm", "shroud=false");
    assertThat(finding(fit, "bench.fit@dimension:ahead").margin().orElseThrow().amount().value())
        .isEqualTo(25);
  }

  /**
   * A shroud of 95 in a bowl of 80 opens it to 97: 8.5 mm off all round; a rib at 92 forbids it.
   */
  @Test
  void whatHasToBeCutAndWhatCannotBe() {
    Projector wide =
        new Projector(Map.of(LENS, 76.2, SHROUD, 95.0, FRONT, 85.0, Projector.Size.BEHIND, 60.0));
    Finding may = finding(Fit.of(bowl(Map.of(CUT_TO, 104.0)), wide, Mount.GLUED), "bench.cut");
    assertThatFinding(may).says("retrofit.cutTo", "more=8.5 mm", "needed=97.0 mm");
    assertThat(may.verdict()).isEqualTo(Verdict.WITHIN);
    assertThat(
            finding(
                    Fit.of(bowl(Map.of(CUT_TO, 104.0)), wide, Mount.GLUED),
                    "bench.fit@dimension:shroud")
                .verdict())
        .as("what can be cut is no fault of the pair")
        .isEqualTo(Verdict.AT_EDGE);
    assertThat(
            finding(
                    Fit.of(bowl(Map.of(CUT_TO, 104.0)), wide, Mount.RING),
                    "bench.fit@dimension:shroud")
                .verdict())
        .isEqualTo(Verdict.OUT);
    Finding rib = finding(Fit.of(bowl(Map.of(CUT_TO, 92.0)), wide, Mount.GLUED), "bench.cut");
    assertThat(rib.verdict()).isEqualTo(Verdict.OUT);
    assertThatFinding(rib).says("retrofit.cutImpossible");
    Finding unknown = finding(Fit.of(bowl(Map.of()), wide, Mount.GLUED), "bench.cut");
    assertThat(unknown.verdict()).isEqualTo(Verdict.NOT_KNOWN);
  }

  @Test
  void touchesTheLensOrSticksOut() {
    List<Finding> fit =
        Fit.of(
            housing(
                Map.of(
                    BOWL_OPENING, 80.0, BOWL_DEPTH, 80.0, BEHIND, 50.0, HOLE, 23.0, CUT_TO, 90.0)),
            new Projector(Map.of(LENS, 70.0, FRONT, 86.0, Projector.Size.BEHIND, 50.4)),
            Mount.GLUED);
    assertThat(finding(fit, "bench.fit@dimension:ahead").verdict()).isEqualTo(Verdict.OUT);
    assertThat(finding(fit, "bench.fit@dimension:behind").verdict())
        .as("0.4 mm too long by a gauge that reads to 1 mm")
        .isEqualTo(Verdict.AT_EDGE);
    assertThat(Fit.of(housing(Map.of()), new Projector(Map.of()), Mount.RING))
        .hasSize(4)
        .allMatch(one -> one.verdict() == Verdict.NOT_KNOWN && one.remedy().isPresent());
  }

  /**
   * A hole that is filed to fit a boss of 7/8 in (22.2 mm) is drilled to 22 mm, never wider, and
   * makes itself: nothing waits for it. Common practice.
   */
  @Test
  void holesInSizesOfDrills() {
    assertThat(HoleSize.metricMm(22.7)).hasValue(24);
    assertThat(HoleSize.metricMm(9.6)).hasValue(10);
    assertThat(HoleSize.metricMm(22)).hasValue(22);
    assertThat(HoleSize.metricMm(41)).isEmpty();
    assertThat(HoleSize.metricUpToMm(22.2)).hasValue(22);
    assertThat(HoleSize.metricUpToMm(9.6)).hasValue(9.5);
    assertThat(HoleSize.stepDrillInchesUpTo(22.225)).hasValue(7 / 8.0);
    assertThat(HoleSize.stepDrillInches(22.7)).hasValue(15 / 16.0);
    assertThat(HoleSize.stepDrillInches(22.225)).hasValue(7 / 8.0);
    Finding hole =
        finding(
            Fit.of(
                bowl(Map.of(HOLE, 19.0, CUT_TO, 90.0)),
                new Projector(
                    Map.of(LENS, 70.0, FRONT, 86.0, Projector.Size.BEHIND, 50.0, THREAD, 22.2)),
                Mount.RING),
            "bench.fit@dimension:hole");
    assertThatFinding(hole).advises("retrofit.drill", "metric=22", "inches=13/16 in");
    assertThat(hole.verdict()).isEqualTo(Verdict.AT_EDGE);
  }

  @Test
  void mountAndRollFollowFromBoss() {
    assertThat(
            Mount.advice(
                    bowl(Map.of(HOLE, 20.0, CUT_TO, 90.0)),
                    new Projector(
                        Map.of(
                            LENS,
                            70.0,
                            SHROUD,
                            80.0,
                            FRONT,
                            86.0,
                            Projector.Size.BEHIND,
                            50.0,
                            THREAD,
                            22.0)))
                .mount())
        .isEqualTo(Mount.RING);
    assertThat(
            Mount.advice(
                    bowl(Map.of(HOLE, 12.0, CUT_TO, 90.0)),
                    new Projector(
                        Map.of(
                            LENS,
                            70.0,
                            SHROUD,
                            80.0,
                            FRONT,
                            86.0,
                            Projector.Size.BEHIND,
                            50.0,
                            THREAD,
                            22.0)))
                .mount())
        .isEqualTo(Mount.GLUED);
    assertThat(
            Mount.advice(
                    bowl(Map.of(HOLE, 20.0, CUT_TO, 90.0)),
                    new Projector(
                        Map.of(LENS, 70.0, SHROUD, 80.0, FRONT, 86.0, Projector.Size.BEHIND, 50.0)))
                .mount())
        .isEqualTo(Mount.GLUED);
    assertThat(RollWay.usual(Mount.RING)).isEqualTo(RollWay.ON_VEHICLE);
  }

  /** 220, 225, 255, 290 °F, and 133 °F for the heat check. Arithmetic. */
  @ParameterizedTest
  @CsvSource({"220, 104.4", "225, 107.2", "255, 123.9", "290, 143.3", "133, 56.1"})
  void degrees(double fahrenheit, double celsius) {
    assertThat(Temperature.celsius(fahrenheit)).isCloseTo(celsius, within(0.05));
    assertThat(Temperature.fahrenheit(celsius)).isCloseTo(fahrenheit, within(0.1));
  }

  private static Bake open(double fahrenheit) {
    return new Bake(
        Bake.Purpose.OPEN, Temperature.celsius(fahrenheit), 5, EnumSet.allOf(Bake.Inside.class));
  }

  /** Cool first; twice at a school before the next; longer comes before hotter. Common practice. */
  @Test
  void ovenGoesUpASchoolOnlyWhereTheSealHolds() {
    assertThat(OvenAdvice.of(Bake.Purpose.OPEN, List.of()).school()).isEqualTo(OvenSchool.COOL);
    assertThat(OvenAdvice.of(Bake.Purpose.OPEN, List.of(open(220))).school())
        .isEqualTo(OvenSchool.COOL);
    List<Bake> stubborn = List.of(open(220), open(220));
    assertThat(OvenAdvice.of(Bake.Purpose.OPEN, stubborn).school()).isEqualTo(OvenSchool.MIDDLE);
    assertThat(OvenAdvice.of(Bake.Purpose.OPEN, stubborn).heat().fahrenheit()).isEqualTo(255);
    OvenAdvice reseal = OvenAdvice.of(Bake.Purpose.RESEAL, stubborn);
    assertThat(reseal.heat().fahrenheit()).isEqualTo(225);
    assertThat(reseal.because()).isEqualTo(RetrofitWords.coolFirst(false));
    assertThat(OvenAdvice.of(Bake.Purpose.OPEN, List.of(open(290), open(290))).because())
        .isEqualTo(RetrofitWords.didNotOpen());
  }

  @Test
  void ovenIsRefusedWhenTooHotOrNotLookedInto() {
    assertThat(open(290).refused()).isEmpty();
    assertThat(open(291).refused()).contains(RetrofitWords.tooHot());
    assertThat(new Bake(Bake.Purpose.OPEN, 104, 0, EnumSet.allOf(Bake.Inside.class)).refused())
        .isPresent();
    assertThat(
            new Bake(Bake.Purpose.RESEAL, 104, 5, Set.of(Bake.Inside.WIRES, Bake.Inside.SCREWS))
                .refused()
                .map(Said::text))
        .contains(
            "Check that these are out of the lamp: bulbs, ballasts and drivers, and tapes and film.");
  }

  /** 600, 1000, 1200, 2000, 3000, polish; none left out. Common practice. */
  @Test
  void ladderIsClimbedRungByRung() {
    assertThat(LensLadder.rungs())
        .extracting(LensLadder.Rung::grit)
        .containsExactly(600, 1000, 1200, 2000, 3000, LensLadder.POLISH);
    assertThat(LensLadder.refuses(List.of(), 600)).isEmpty();
    assertThat(LensLadder.refuses(List.of(), 1200)).as("a light haze starts higher up").isEmpty();
    assertThat(LensLadder.refuses(List.of(), LensLadder.POLISH)).isPresent();
    assertThat(LensLadder.refuses(List.of(600), 1200))
        .contains(RetrofitWords.comesBefore(LensLadder.rungs().get(1).words().capital()));
    assertThat(LensLadder.refuses(List.of(600), 600)).contains(RetrofitWords.stepDone());
    assertThat(LensLadder.refuses(List.of(), 800)).isPresent();
    assertThat(LensLadder.FollowUp.after(LocalDate.of(2027, 2, 28)).latest())
        .isEqualTo(LocalDate.of(2029, 2, 28));
  }
}

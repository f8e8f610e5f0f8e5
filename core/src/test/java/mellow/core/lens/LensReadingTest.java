package mellow.core.lens;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** UN R112, R98, R19, R87, R7, R6 and SAE J759: all from memory. */
class LensReadingTest {
  private static Finding finding(LensReading lens, String id, MarkFamily market, TrafficSide side) {
    return lens.findings(Optional.of(market), side).stream()
        .filter(found -> found.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "HCR, 'DIPPED,MAIN', UN_DIPPED",
    "HC/R, 'DIPPED,MAIN', UN_DIPPED",
    "DC/R, 'DIPPED,MAIN', UN_DIPPED",
    "dcr, 'DIPPED,MAIN', UN_DIPPED",
    "HR, 'MAIN', ",
    "RL, 'DRL', ",
    "A RL, 'POSITION,DRL', ",
    "SAE VOR DOT, 'DIPPED', SAE_VOR",
    "DOT VOL, 'DIPPED', SAE_VOL",
    "SAE Y2, 'DRL', ",
  })
  void marksSayWhatALampIsFor(String typed, String functions, BeamClass beam) {
    LensReading lens = LensReading.of(typed);
    assertThat(lens.functions())
        .extracting(LampFunction::name)
        .containsExactlyInAnyOrder(functions.split(","));
    assertThat(lens.beam(LampKind.DIPPED, Optional.empty()).orElse(null)).isEqualTo(beam);
    assertThat(lens.marks())
        .filteredOn(mark -> !mark.functions().isEmpty())
        .allMatch(mark -> mark.source().mark() == Source.Mark.FROM_MEMORY);
  }

  @ParameterizedTest
  @CsvSource({"B, FOG_B", "F3, FOG_F3", "SAE F, FOG_SAE"})
  void fogMarksNameTheRuleOfTheirAim(String typed, BeamClass beam) {
    assertThat(LensReading.of(typed).beam(LampKind.FRONT_FOG, Optional.empty())).contains(beam);
    assertThat(LensReading.of(typed).beam(LampKind.DIPPED, Optional.empty())).isEmpty();
  }

  @Test
  void theLetterAIsALampInOneFamilyAndAReflectorInTheOther() {
    assertThat(LensReading.of("E4 A").functions()).isEqualTo(Set.of(LampFunction.POSITION));
    assertThat(LensReading.of("SAE A").functions()).isEmpty();
  }

  /** Common practice: L, LH, R and RH say the side; "R" alone is a main beam of UN R112. */
  @Test
  void aSideLetterAddsNoFunction() {
    LensReading fog = LensReading.of("E4 B 02 R");
    assertThat(fog.functions()).isEqualTo(Set.of(LampFunction.FRONT_FOG));
    assertThat(fog.side()).contains(Side.RIGHT);
    assertThat(LensReading.of("LH E4 RL 00").side()).contains(Side.LEFT);
    assertThat(LensReading.of("E4 R 12345").functions()).isEqualTo(Set.of(LampFunction.MAIN));
    assertThat(LensReading.of("E4 HCR 12345").side()).isEmpty();
  }

  /** UN R112 and R98, from memory: marks of 12.5, 25 and 30 among others. */
  @ParameterizedTest
  @CsvSource({"E1 HCR 12.5, 12.5", "E1 HCR 25 PL, 25", "'E1 DCR 30', 30", "'E1 HR 17,5', 17.5"})
  void theReferenceMarkOfAMainBeamIsRead(String typed, double reference) {
    LensReading lens = LensReading.of(typed);
    assertThat(lens.reference()).hasValue(reference);
    assertThat(lens.marks()).allMatch(LensMark::isKnown);
  }

  @ParameterizedTest
  @ValueSource(strings = {"E1 HCR ←→", "E1 HCR ← →", "E1 HCR → ←", "E1 HCR <- ->", "E1 HCR <->"})
  void twoArrowsAreOneMarkForTrafficOnEitherSide(String typed) {
    LensReading lens = LensReading.of(typed);
    assertThat(lens.traffic()).isEqualTo(LensReading.Traffic.EITHER);
    assertThat(lens.marks()).allMatch(LensMark::isKnown);
  }

  @Test
  void anArrowIsForTheLeftBothWaysForEitherAndNoneForTheRight() {
    LensReading right = LensReading.of("E1 HCR 02 12345");
    LensReading left = LensReading.of("E1 HCR →");
    LensReading either = LensReading.of("E1 HCR <->");
    assertThatFinding(finding(right, "lens.traffic", MarkFamily.UN, TrafficSide.RIGHT))
        .is(Verdict.WITHIN);
    assertThatFinding(finding(right, "lens.traffic", MarkFamily.UN, TrafficSide.LEFT))
        .is(Verdict.OUT)
        .says("lens.wrongTraffic", "left=false");
    assertThatFinding(finding(left, "lens.traffic", MarkFamily.UN, TrafficSide.LEFT))
        .is(Verdict.WITHIN);
    assertThatFinding(finding(left, "lens.traffic", MarkFamily.UN, TrafficSide.RIGHT))
        .is(Verdict.OUT)
        .says("lens.wrongTraffic", "left=true");
    assertThatFinding(finding(either, "lens.traffic", MarkFamily.UN, TrafficSide.LEFT))
        .is(Verdict.WITHIN);
  }

  @Test
  void aLampOfAnotherMarketDoesNotSuit() {
    assertThatFinding(
            finding(LensReading.of("E4 HCR"), "lens.market", MarkFamily.SAE, TrafficSide.RIGHT))
        .is(Verdict.OUT)
        .says("lens.noMark", "un=false");
    assertThatFinding(
            finding(LensReading.of("SAE VOR DOT"), "lens.market", MarkFamily.UN, TrafficSide.RIGHT))
        .is(Verdict.OUT);
    assertThatFinding(
            finding(
                LensReading.of("E4 HCR SAE VOR DOT"),
                "lens.market",
                MarkFamily.SAE,
                TrafficSide.RIGHT))
        .is(Verdict.WITHIN);
  }

  @Test
  void anUnknownMarkIsSaidToBeUnknownAndNothingIsGuessed() {
    LensReading lens = LensReading.of("HCR QX7");
    assertThatFinding(finding(lens, "lens.unknown@mark::QX7", MarkFamily.UN, TrafficSide.RIGHT))
        .is(Verdict.NOT_KNOWN)
        .says("lens.unknown", "mark=QX7");
    assertThat(LensReading.of("").marks()).isEmpty();
    assertThat(LensReading.of("  ,; ").findings(Optional.of(MarkFamily.UN), TrafficSide.RIGHT))
        .isEmpty();
    assertThat(LensReading.of("X".repeat(100_000)).marks()).hasSize(1);
  }

  @Test
  void aLensWithMarksOfBothFamiliesIsAimedByThoseOfItsMarket() {
    LensReading lens = LensReading.of("E4 HCR SAE VOR DOT");
    assertThat(lens.beam(LampKind.DIPPED, Optional.of(MarkFamily.UN)))
        .contains(BeamClass.UN_DIPPED);
    assertThat(lens.beam(LampKind.DIPPED, Optional.of(MarkFamily.SAE))).contains(BeamClass.SAE_VOR);
  }

  @Test
  void aSetForAnyMarketAsksForNoFamilyAndABraceOfTheirsIsNoFigure() {
    assertThat(LensReading.of("E4 HCR").findings(Optional.empty(), TrafficSide.RIGHT))
        .extracting(Finding::id)
        .containsExactly("lens.traffic");
    Finding braced = LensReading.of("{0}").findings(Optional.empty(), TrafficSide.RIGHT).get(0);
    assertThatFinding(braced).says("lens.unknown", "mark={0}");
    assertThat(Said.text(braced.headline())).contains("(0)");
  }

  /** UN R98: marks that begin with D. */
  @Test
  void gasDischargeIsToldByTheLens() {
    assertThat(LensReading.of("E4 DCR PL 30").isDischarge()).isTrue();
    assertThat(LensReading.of("E4 HCR PL 30").isDischarge()).isFalse();
  }

  /** A number is a year behind SAE, and of an approval elsewhere. */
  @ParameterizedTest
  @CsvSource({
    "SAE Y2 09, lens.year",
    "E4 HCR 02, lens.series",
    "E4 HCR 12345, lens.number",
    "E4 HCR ->, lens.leftTraffic",
    "E4 HCR <->, lens.eitherTraffic",
  })
  void theLastMarkSays(String typed, String key) {
    List<LensMark> marks = LensReading.of(typed).marks();
    assertThat(Said.key(marks.get(marks.size() - 1).says())).isEqualTo(key);
  }

  @ParameterizedTest
  @CsvSource({"HCR, UN", "VOR, SAE", "SAE F, SAE", "QX7, "})
  void aFunctionTellsWhoseMarksTheyAre(String typed, MarkFamily family) {
    assertThat(LensReading.of(typed).families())
        .isEqualTo(family == null ? Set.of() : Set.of(family));
  }

  /** Common practice: a lamp of the other side fits the box, and not the vehicle. */
  @Test
  void aLampGoesOnTheSideThatItsLetterSays() {
    LensReading left = LensReading.of("LH E4 RL 00");
    assertThat(left.fits(Side.LEFT).orElseThrow().verdict()).isEqualTo(Verdict.WITHIN);
    assertThat(left.fits(Side.RIGHT).orElseThrow().verdict()).isEqualTo(Verdict.OUT);
    assertThat(LensReading.of("E4 RL 00").fits(Side.RIGHT)).isEmpty();
  }
}

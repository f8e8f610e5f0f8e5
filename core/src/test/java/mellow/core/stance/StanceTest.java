package mellow.core.stance;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.OptionalDouble;
import mellow.core.entry.Entry;
import mellow.core.entry.TyreSize;
import mellow.core.finding.Figure;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StanceTest {
  private static final OptionalDouble UNREAD = OptionalDouble.empty();

  private static AxleChange lift(double mm) {
    return new AxleChange(mm, 0, UNREAD, UNREAD);
  }

  private static AxleChange tyres(String before, String now) {
    return new AxleChange(
        0,
        0,
        OptionalDouble.of(size(before).diameterMm()),
        OptionalDouble.of(size(now).diameterMm()));
  }

  private static TyreSize size(String typed) {
    return ((Entry.Accepted<TyreSize>) TyreSize.read(typed)).value();
  }

  private static Stance stance(AxleChange front, AxleChange rear) {
    return new Stance(front, rear, OptionalDouble.of(2500), OptionalDouble.of(900), UNREAD, UNREAD);
  }

  /** Arithmetic: 60 + 20 × 900 ÷ 2500 = 67.2; 100 × 20 ÷ 2500 = 0.8. */
  @Test
  void frontUp60AndRearUp40RaisesTheCentre67AndTipsTheBeamUp() {
    Stance stance = stance(lift(60), lift(40));
    Stance.Effect effect = stance.effect().orElseThrow();
    assertThat(effect.centreRiseMm()).isCloseTo(67.2, within(1e-9));
    assertThat(effect.beamRisePercent()).isCloseTo(0.8, within(1e-9));
    assertThatFinding(stance.findings(false).get(0))
        .is(Verdict.OUT)
        .says(StanceWords.tipped(Figure.lengthMm(67.2), false, Figure.percent(0.8), false))
        .advises(StanceWords.aimAgain());
  }

  /** Arithmetic: 15 in + 2 × 235 × 0.75 = 733.5 mm; 31 in = 787.4 mm. */
  @Test
  void largerTyresOnBothAxlesLiftByHalfTheirGrowthAndTipNothing() {
    Stance stance = stance(tyres("235/75 R15", "31x10.5"), tyres("235/75 R15", "31x10.5"));
    assertThat(stance.effect().orElseThrow().centreRiseMm()).isCloseTo(26.95, within(1e-9));
    assertThat(stance.effect().orElseThrow().beamRisePercent()).isZero();
    assertThatFinding(stance.findings(false).get(0))
        .is(Verdict.AT_EDGE)
        .says(StanceWords.centres(Figure.lengthMm(26.95), false));
  }

  @Test
  void loadInTheRearTipsTheBeamUp() {
    AxleChange loaded = new AxleChange(0, 50, UNREAD, UNREAD);
    Stance.Effect effect = stance(AxleChange.NONE, loaded).effect().orElseThrow();
    assertThat(effect.beamRisePercent()).isCloseTo(2.0, within(1e-9));
    assertThat(effect.centreRiseMm()).isCloseTo(18, within(1e-9));
  }

  @Test
  void whatIsMissingIsAskedForAndNothingIsGuessed() {
    Stance noBase = new Stance(lift(60), lift(40), UNREAD, OptionalDouble.of(900), UNREAD, UNREAD);
    assertThat(noBase.effect()).isEmpty();
    assertThatFinding(noBase.findings(false).get(0))
        .is(Verdict.NOT_KNOWN)
        .advises(StanceWords.measureLever());
    AxleChange half = new AxleChange(0, 0, UNREAD, OptionalDouble.of(787.4));
    assertThatFinding(stance(half, AxleChange.NONE).findings(false).get(0))
        .is(Verdict.NOT_KNOWN)
        .advises(StanceWords.enterTyres());
  }

  @Test
  void aDialThatWasMovedIsSaidAndAnUntouchedVehicleStandsAsItCame() {
    Stance moved =
        new Stance(
            AxleChange.NONE,
            AxleChange.NONE,
            UNREAD,
            UNREAD,
            OptionalDouble.of(0),
            OptionalDouble.of(2));
    assertThatFinding(moved.findings(false).get(0))
        .is(Verdict.OUT)
        .says(StanceWords.dialMoved(Figure.dial(0), Figure.dial(2)));
    assertThatFinding(stance(AxleChange.NONE, AxleChange.NONE).findings(false).get(0))
        .is(Verdict.WITHIN);
  }

  @ParameterizedTest
  @CsvSource({
    "235/75 R15, 733.5",
    "235/75R15, 733.5",
    "P235/75 R15 105S, 733.5",
    "LT235/75R15C, 733.5",
    "235/75-15, 733.5",
    "205/55 ZR16 91W XL, 631.9",
    "31x10.5, 787.4",
    "31 x 10.50 R15 LT, 787.4",
    "'31x10,5 R15', 787.4",
    "245/45 R17.5, 665.0",
    // full series, 80 %: 355.6 + 2 × 148; tables have 650 for a van's (from memory)
    "185R14, 651.6",
    "185 R14C 102/100Q, 651.6",
  })
  void sizesAsTheyStandOnTheSide(String typed, double diameterMm) {
    assertThat(size(typed).diameterMm()).isCloseTo(diameterMm, within(1e-6));
  }

  /** Tables of cross-ply sizes, from memory: 775, 805, 755 and 730 mm, each to 1.5 %. */
  @ParameterizedTest
  @CsvSource({"7.00-16, 775", "7.50-16, 805", "'6,50-16', 755", "6.00 R16 88Q, 730"})
  void sizesOfWidthAndRimInInches(String typed, double diameterMm) {
    assertThat(size(typed).diameterMm()).isCloseTo(diameterMm, withinPercentage(1.5));
  }

  @ParameterizedTest
  @CsvSource({
    "985R14, 0, whatSentence=Width in mm",
    "635/75 R15, 0, whatSentence=Width in mm",
    "235/15 R15, 4, whatSentence=Side wall in percent",
    "235/75 R45, 8, whatSentence=Rim in inches",
    "99x10.5, 0, whatSentence=Diameter in inches",
    "round, 0, entry.noTyre",
    "'', 0, entry.nothingTyped",
  })
  void whatIsNoSizeIsRefusedWithThePlace(String typed, int at, String why) {
    Entry.Refused<TyreSize> refused = (Entry.Refused<TyreSize>) TyreSize.read(typed);
    assertThat(Said.keyed(refused.why())).contains(why);
    assertThat(refused.at()).isEqualTo(at);
    assertThat(refused.typed()).isEqualTo(typed);
  }

  /** What a lift did is told by the lamps themselves once they were read after it. */
  @Test
  void aLiftIsSettledOnceLampsWereReadAfterIt() {
    AxleChange lifted = new AxleChange(40, 0, OptionalDouble.empty(), OptionalDouble.empty());
    Stance stance = stance(lifted, AxleChange.NONE);
    assertThatFinding(stance.findings(false).get(0)).is(Verdict.OUT);
    assertThatFinding(stance.findings(true).get(0))
        .is(Verdict.WITHIN)
        .says(StanceWords.tippedRead(Figure.lengthMm(54.4), false, Figure.percent(1.6), false));
  }
}

package mellow.core.aim.lamp;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellow.core.aim.AimWords;
import mellow.core.aim.lamp.BenchAim.Bench;
import mellow.core.aim.lamp.BenchAim.Flat;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.measure.Measured;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A projector against the factory cutoff, taped from a bench 25 ft from its wall. */
class BenchAimTest {
  private static final Bench BENCH = new Bench(7620, 600, Roll.Holding.NUT);

  private static List<Finding> of(double nowLeft, double nowRight) {
    return on(BENCH, nowLeft, nowRight);
  }

  private static List<Finding> on(Bench bench, double nowLeft, double nowRight) {
    return BenchAim.of(
        Side.LEFT,
        bench,
        Optional.of(new Flat(Measured.toMm(800), Measured.toMm(800))),
        Optional.of(new Flat(Measured.toMm(nowLeft), Measured.toMm(nowRight))));
  }

  /** 7.62 mm at 7620 are 0.1 %; 12 mm over 600 are 1.146°, 5.2 over 600 half a degree. */
  @ParameterizedTest
  @CsvSource({
    "801, 801, WITHIN, WITHIN",
    "812, 812, OUT, WITHIN",
    "806, 794, WITHIN, OUT",
    "807.6, 807.6, AT_EDGE, WITHIN",
    "802.6, 797.4, WITHIN, AT_EDGE"
  })
  void heightAndRoll(double left, double right, Verdict height, Verdict roll) {
    assertThat(of(left, right)).extracting(Finding::verdict).containsExactly(height, roll);
  }

  @Test
  void saysWhichWayToTurn() {
    Finding roll = of(806, 794).get(1);
    assertThatFinding(roll).advises(AimWords.rollNut(angle(12), true));
    assertThat(roll.working().lines().get(0).result().value()).isCloseTo(1.146, within(0.001));
    assertThatFinding(of(794, 806).get(1)).advises(AimWords.rollNut(angle(12), false));
  }

  /** Of a rise over the 600 mm between both places. */
  private static Figure.Angle angle(double riseMm) {
    return Figure.degrees(Math.toDegrees(Math.atan(riseMm / 600)));
  }

  /** A glued one has no nut: it turns while only its tack holds it. Common practice. */
  @Test
  void saysWhatIsToBeLoosened() {
    assertThatFinding(of(806, 794).get(1)).advises(AimWords.rollNut(angle(12), true));
    Bench glued = new Bench(7620, 600, Roll.Holding.GLUE);
    assertThatFinding(on(glued, 806, 794).get(1)).advises(AimWords.rollGlue(angle(12), true));
  }

  @Test
  void factoryCutoffIsAskedForBeforeTheHousingIsOpened() {
    assertThat(BenchAim.of(Side.RIGHT, BENCH, Optional.empty(), Optional.empty()))
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.verdict()).isEqualTo(Verdict.NOT_KNOWN);
              assertThatFinding(one).advises(AimWords.tapeFactory());
            });
    // without a reference the roll can be judged all the same
    assertThat(
            BenchAim.of(
                Side.RIGHT,
                BENCH,
                Optional.empty(),
                Optional.of(new Flat(Measured.toMm(800), Measured.toMm(800)))))
        .extracting(Finding::verdict)
        .containsExactly(Verdict.NOT_KNOWN, Verdict.WITHIN);
  }

  @ParameterizedTest
  @CsvSource({"900, 600", "31000, 600", "7620, 20", "7620, 6000", "NaN, 600"})
  void benchThatCannotBe(double distance, double run) {
    assertThatThrownBy(() -> new Bench(distance, run, Roll.Holding.NUT))
        .isInstanceOf(IllegalArgumentException.class);
  }
}

package mellow.core.retrofit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import org.junit.jupiter.api.Test;

class WarmingCurveTest {
  private static final double[] MINUTES = {0, 1, 2, 3, 4, 5, 6, 8, 10};

  /** From 64 − 43 · e^(−t ÷ 4.2) with noise of 0.6 K, drawn once. */
  private static final double[] NOISY = {21.0, 30.3, 37.1, 42.4, 47.1, 50.3, 53.7, 58.4, 59.7};

  private static List<WarmingCurve.At> readings(double[] temperatures, int count) {
    List<WarmingCurve.At> readings = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      readings.add(new WarmingCurve.At(MINUTES[i], temperatures[i]));
    }
    return readings;
  }

  /** The same readings in SciPy 1.17 {@code curve_fit} (Levenberg–Marquardt, MINPACK). */
  @Test
  void agreesWithAReferenceLibrary() {
    WarmingCurve all = WarmingCurve.fit(readings(NOISY, 9), 0).orElseThrow();
    assertThat(all.endCelsius()).isCloseTo(64.6925, within(0.001));
    assertThat(all.startCelsius()).isCloseTo(21.1367, within(0.001));
    assertThat(all.tauMinutes()).isCloseTo(4.4033, within(0.001));
    assertThat(all.endDeviation()).isCloseTo(0.8050, within(0.001));
    assertThat(all.tauDeviation()).isCloseTo(0.1906, within(0.001));
    WarmingCurve first = WarmingCurve.fit(readings(NOISY, 6), 0).orElseThrow();
    assertThat(first.endCelsius()).isCloseTo(62.3447, within(0.001));
    assertThat(first.endDeviation()).isCloseTo(1.2020, within(0.001));
  }

  /** The truth lies within three standard deviations in nearly all of 200 noisy curves. */
  @Test
  void uncertaintyIsHonest() {
    Random random = new Random(4);
    int within = 0;
    for (int run = 0; run < 200; run++) {
      double end = 40 + 50 * random.nextDouble();
      double tau = 2 + 2 * random.nextDouble();
      List<WarmingCurve.At> readings = new ArrayList<>();
      for (double t : MINUTES) {
        readings.add(
            new WarmingCurve.At(t, end - (end - 20) * Math.exp(-t / tau) + random.nextGaussian()));
      }
      Optional<WarmingCurve> curve = WarmingCurve.fit(readings, 1);
      if (curve.isPresent()
          && Math.abs(curve.get().endCelsius() - end) < 3 * curve.get().endDeviation()) {
        within++;
      }
    }
    assertThat(within).isGreaterThan(190);
  }

  private static Finding judged(double... temperatures) {
    return HeatCheck.of(
        new HeatCheck.Object("left", "left resistor", Optional.empty()),
        readings(temperatures, temperatures.length));
  }

  /** After five minutes it is 50 °C, which was taken as fine; it ends at 65, which is not. */
  @Test
  void saysWhereItEndsAndNotWhereItIs() {
    Finding finding = judged(NOISY);
    assertThat(finding.verdict()).isEqualTo(Verdict.OUT);
    assertThat(judged(21.0, 30.3, 37.1, 42.4, 47.1, 50.3).verdict())
        .as("six readings of a thermometer of 1 K tell its end to 12 K")
        .isEqualTo(Verdict.AT_EDGE);
    assertThat(finding.remedy()).isPresent();
    assertThat(judged(20, 26, 30, 32.7, 34.5, 35.7).verdict()).isEqualTo(Verdict.WITHIN);
    assertThat(judged(20, 40, 59).verdict()).as("over it now").isEqualTo(Verdict.OUT);
  }

  @Test
  void straightLineTellsNoEnd() {
    assertThat(judged(20, 22, 24, 26, 28, 30).verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(judged(20, 22, 24).verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(judged().verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(judged(30, 30, 30, 30).verdict()).isEqualTo(Verdict.NOT_KNOWN);
  }
}

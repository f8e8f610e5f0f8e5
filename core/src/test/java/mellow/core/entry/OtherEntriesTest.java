package mellow.core.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellow.core.measure.Inclination;
import mellow.core.measure.TapeText;
import mellow.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OtherEntriesTest {
  @ParameterizedTest
  @CsvSource({
    "1.2 %, 1.2",
    "'1,2', 1.2",
    "-0.5 %, -0.5",
    "45°, 100",
    "0°34', 0.98907", // tan(34/60°), from a table of tangents
    "34', 0.98907",
    "0°34'12\", 0.99489", // tan(34.2/60°)
    "1:100, 1",
    "12 cm per 10 m, 1.2",
    "2 in at 25 ft, 0.66667",
    "'-12,5 cm in 10 m', -1.25",
    "1.2 % down, -1.2",
    "0.5 up, 0.5",
  })
  void inclinations(String typed, double percent) {
    assertThat(InclinationEntry.readPercent(typed))
        .isInstanceOfSatisfying(
            Entry.Accepted.class,
            entry -> assertThat((Double) entry.value()).isCloseTo(percent, within(1e-4)));
  }

  @ParameterizedTest
  @CsvSource({
    "1 3/4, 1.75",
    "1.75 turns, 1.75",
    "1/2 anticlockwise, -0.5",
    "-1/4, -0.25",
    "½ turn clockwise, 0.5",
    "2 ccw, -2",
    "270° cw, 0.75",
    "90 deg anticlockwise, -0.25",
  })
  void turns(String typed, double turns) {
    assertThat(TurnsEntry.readTurns(typed)).isEqualTo(new Entry.Accepted<>(typed, turns));
  }

  @ParameterizedTest
  @CsvSource({"-1/2 clockwise", "quarter", "1/2 up", "1000 turns"})
  void turnsThatCannotBe(String typed) {
    assertThat(TurnsEntry.readTurns(typed)).isInstanceOf(Entry.Refused.class);
  }

  @ParameterizedTest
  @CsvSource({"12 in", "0°75'", "200 %", "-1.2 % down", "1:0", "12 cm per 10", "0°10'70\""})
  void inclinationsThatCannotBe(String typed) {
    assertThat(InclinationEntry.readPercent(typed)).isInstanceOf(Entry.Refused.class);
  }

  @Test
  void figuresAreShownNoFinerThanTheyCanBeRead() {
    assertThat(TapeText.length(6100.4, UnitSystem.METRIC)).isEqualTo("6\u2009100");
    assertThat(TapeText.length(668.3375, UnitSystem.IMPERIAL)).isEqualTo("26 5/16");
    assertThat(TapeText.length(609.6, UnitSystem.IMPERIAL)).isEqualTo("24");
    assertThat(TapeText.length(-12.7, UnitSystem.IMPERIAL)).isEqualTo("−1/2");
    assertThat(TapeText.length(-0.3, UnitSystem.METRIC)).isEqualTo("0");
    assertThat(TapeText.lengthWithUnit(7708.9, UnitSystem.IMPERIAL)).isEqualTo("25 ft 3 1/2 in");
    assertThat(TapeText.turns(-1.49)).isEqualTo("1 1/2");
  }

  /** 2 in at 25 ft is 0.667 % and 0.382°; 2.1 in is 0.70 % and 0.40° (SAE J599 states 0.4°). */
  @Test
  void percentAndDegrees() {
    assertThat(Inclination.degreesOfPercent(100 * 2.0 / 300)).isCloseTo(0.382, within(5e-4));
    assertThat(Inclination.degreesOfPercent(100 * 2.1 / 300)).isCloseTo(0.40, within(5e-3));
    assertThat(Inclination.percentOfDegrees(Inclination.degreesOfPercent(-1.3)))
        .isCloseTo(-1.3, within(1e-12));
  }
}

package mellow.core.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellow.core.finding.Said;
import mellow.core.measure.LengthUnit;
import mellow.core.measure.Measured;
import mellow.core.measure.TapeText;
import mellow.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Expected values: the inch is 25.4 mm by the 1959 agreement; the rest is arithmetic. */
class LengthEntryTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "668 | 668",
        "59,7 cm | 597",
        "6.1 m | 6100",
        "1 1/2 m | 1500",
        "23 1/2 in | 596.9",
        "23½\" | 596.9",
        "26 5/16 in | 668.3375",
        "26-5/16\" | 668.3375",
        "25 ft | 7620",
        "25' | 7620",
        "25 ft 3 1/2 in | 7708.9",
        "1.250 m | 1250",
        "1.250 in | 31.75",
        "3/2 in | 38.1",
        "25 ft 3 | 7696.2",
        "25′ 3″ | 7696.2",
        "2 m 5 cm | 2050",
        "6 100 | 6100",
        "6\u2009100 mm | 6100",
        "-11 | -11",
        "−4.5 mm | -4.5",
        "+3 | 3",
        ".5 in | 12.7",
        "0,125 m | 125",
        "¾ in | 19.05",
      })
  void isReadAsPeopleWriteIt(String typed, double mm) {
    assertThat(LengthEntry.readMm(typed, LengthUnit.MM))
        .isInstanceOfSatisfying(
            Entry.Accepted.class,
            entry -> {
              assertThat((Double) entry.value()).isCloseTo(mm, within(1e-9));
              assertThat(entry.typed()).isEqualTo(typed);
            });
  }

  /** A tape of millimetres is read to 1 mm and one of inches to 1/16 in: common practice. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "668 | 668 | 1",
        "66.8 cm | 668 | 1",
        "6.1 m | 6100 | 1",
        "668.5 | 668.5 | 0.5",
        "668.25 | 668.25 | 0.5",
        "25 ft | 7620 | 1.5875",
        "26 1/4 in | 666.75 | 1.5875",
        "26 9/32 in | 667.54375 | 0.79375",
        "26.31 in | 668.274 | 0.5",
        "668 ±2 | 668 | 2",
        "-12 ± 0,5 mm | -12 | 0.5",
        "26 1/4 in ± 1/8 in | 666.75 | 3.175",
        "668 +/- 3 | 668 | 3",
        "7.62 m ± 1 cm | 7620 | 10",
      })
  void hasThePlusMinusOfItsTapeOrItsOwn(String typed, double mm, double plusMinus) {
    assertThat(LengthEntry.measured(typed, UnitSystem.METRIC))
        .isInstanceOfSatisfying(
            Entry.Accepted.class,
            entry -> {
              Measured read = (Measured) entry.value();
              assertThat(read.mm()).isCloseTo(mm, within(1e-9));
              assertThat(read.plusMinusMm()).isCloseTo(plusMinus, within(1e-9));
            });
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"668 ±", "668 ±0", "668 ± -1", "668 ± 2 m", "668 ± 2 ± 3", "± 2", "668 ~2"})
  void refusesAPlusMinusThatIsNone(String typed) {
    assertThat(LengthEntry.measured(typed, UnitSystem.METRIC)).isInstanceOf(Entry.Refused.class);
    assertThat(LengthEntry.readMm("668 ±2", LengthUnit.MM)).isInstanceOf(Entry.Refused.class);
  }

  @Test
  void aBareNumberHasTheJobsUnit() {
    assertThat(LengthEntry.readMm("23 1/2", UnitSystem.IMPERIAL.bareUnit()))
        .isEqualTo(new Entry.Accepted<>("23 1/2", 596.9));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'' | 0 | nothingTyped",
        "twelve | 0 | numberExpected",
        "12 furlongs | 3 | noLengthUnit",
        "12 % | 3 | noLengthUnit",
        "1,200 | 0 | twoWays",
        "1.250 | 0 | twoWays",
        "12.500 mm | 0 | twoWays",
        "12/10 in | 0 | mixed",
        "12..5 | 3 | digitsMissing",
        "1.2.3 | 3 | oneDecimal",
        "5 1/0 in | 4 | zeroBelow",
        "5 in 3 ft | 5 | unitOrder",
        "5 ft 30 cm | 5 | mixedUnits",
        "2 m 30 | 6 | unitMissing",
        "12 ft ft | 6 | numberExpected",
        "NaN | 0 | numberExpected",
        "Infinity | 0 | numberExpected",
        "1e9 | 1 | noLengthUnit",
        "99999999999 | 0 | kilometre",
      })
  void isRefusedWithPlaceAndReason(String typed, int at, String why) {
    assertThat(LengthEntry.readMm(typed, LengthUnit.MM))
        .isInstanceOfSatisfying(
            Entry.Refused.class,
            entry -> {
              assertThat(entry.at()).isEqualTo(at);
              assertThat(Said.key(entry.why())).isEqualTo("entry." + why);
              assertThat(Said.text(entry.wouldBeRight())).contains("26 5/16 in");
            });
  }

  @ParameterizedTest
  @ValueSource(strings = {"<script>alert(1)</script>", "5'; drop table reading; --"})
  void hostileTextIsOnlyText(String typed) {
    assertThat(LengthEntry.readMm(typed, LengthUnit.MM)).isInstanceOf(Entry.Refused.class);
  }

  @Test
  void anEndlessTextIsRefused() {
    assertThat(LengthEntry.readMm("9".repeat(10_000), LengthUnit.MM))
        .isInstanceOfSatisfying(
            Entry.Refused.class,
            entry -> assertThat(Said.key(entry.why())).isEqualTo("entry.tooLong"));
  }

  /** What the tape shows is read back as the same length. */
  @Test
  void whatIsShownCanBeTyped() {
    for (double mm = -2000; mm <= 9000; mm += 37) {
      String metric = TapeText.lengthWithUnit(mm, UnitSystem.METRIC);
      String imperial = TapeText.lengthWithUnit(mm, UnitSystem.IMPERIAL);
      assertThat(value(metric)).as(metric).isCloseTo(mm, within(0.5));
      assertThat(value(imperial)).as(imperial).isCloseTo(mm, within(25.4 / 32 + 1e-9));
    }
  }

  private static double value(String typed) {
    return (Double) ((Entry.Accepted<Double>) LengthEntry.readMm(typed, LengthUnit.MM)).value();
  }
}

package mellow.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import mellow.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FindingTest {
  private static final Limit NONE_LESS = Limit.least(Figure.lengthMm(0));

  @ParameterizedTest
  @CsvSource({
    "2, 1, WITHIN",
    "1, 1, AT_EDGE",
    "0, 0, AT_EDGE",
    "-1, 1, AT_EDGE",
    "-1.01, 1, OUT",
    "5, 0, WITHIN",
  })
  void theVerdictFollowsFromMarginAndUncertainty(
      double margin, double uncertainty, Verdict verdict) {
    assertThat(Verdict.of(margin, uncertainty)).isEqualTo(verdict);
  }

  @Test
  void theGraverVerdictWins() {
    assertThat(Verdict.WITHIN.or(Verdict.NOT_KNOWN)).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(Verdict.OUT.or(Verdict.AT_EDGE)).isEqualTo(Verdict.OUT);
  }

  @Test
  void aMarginNeedsRoom() {
    assertThat(Margin.of(Figure.lengthMm(5), 1, 20, NONE_LESS).share()).isEqualTo(0.25);
    assertThatThrownBy(() -> Margin.of(Figure.lengthMm(5), 1, 0, NONE_LESS))
        .hasMessageContaining("must be positive");
  }

  @Test
  void aFigureIsFinite() {
    assertThatThrownBy(() -> Figure.percent(Double.NaN)).hasMessageContaining("finite");
    assertThatThrownBy(() -> Figure.lengthMm(Double.POSITIVE_INFINITY))
        .hasMessageContaining("finite");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "LENGTH | 668.3375 | 668 mm | 26 5/16 in",
        "LENGTH | 7620 | 7\u2009620 mm | 25 ft",
        "LENGTH | -12.7 | −13 mm | −1/2 in",
        "FINE_LENGTH | 4.25 | 4.3 mm | 0.17 in",
        "REACH | 75000 | 75 m | 246 ft",
        "PERCENT | -1.2 | −1.20 % | −1.20 %",
        "PERCENT | -0.001 | 0.00 % | 0.00 %",
        "ANGLE | 0.382 | 0.38° | 0.38°",
        "TURNS | -1.5 | 1 1/2 turns | 1 1/2 turns",
        "TURNS | 0.25 | 1/4 turn | 1/4 turn",
        "VOLTAGE | 12.289 | 12.29 V | 12.29 V",
        "CURRENT | 4.297 | 4.30 A | 4.30 A",
        "CURRENT | -0.0621 | −62 mA | −62 mA",
        "RESISTANCE | 6.885 | 6.89 Ω | 6.89 Ω",
        "POWER | 30.375 | 30.4 W | 30.4 W",
        "NUMBER | 1234.5678 | 1\u2009234.568 | 1\u2009234.568",
      })
  void figuresAreShownInBothUnitSystems(
      Quantity quantity, double value, String metric, String imperial) {
    Figure figure = Figure.of(value, quantity);
    assertThat(figure.text(UnitSystem.METRIC)).isEqualTo(metric);
    assertThat(figure.text(UnitSystem.IMPERIAL)).isEqualTo(imperial);
  }

  /** 1234.5 of anything: each unit of length, area and temperature makes another text of it. */
  @ParameterizedTest
  @EnumSource
  void onlyQuantitiesOfTheUnitsHaveTwoTexts(Quantity quantity) {
    Figure figure = Figure.of(1234.5, quantity);
    assertThat(figure.text(UnitSystem.METRIC).equals(figure.text(UnitSystem.IMPERIAL)))
        .isNotEqualTo(quantity.followsUnits());
  }

  @Test
  void sentencesAreBuiltFromSentences() {
    Sentence inner = Sentence.of("{0} too high, {1} off", Figure.lengthMm(12), Figure.percent(1));
    Sentence whole =
        Sentence.build().figure(Figure.lengthMm(7)).text(" and ").sentence(inner).done();
    assertThat(Said.text(whole)).isEqualTo("7 mm and 12 mm too high, 1.00 % off");
    assertThatThrownBy(() -> Sentence.of("no place", Figure.percent(1)))
        .hasMessageContaining("no place for figure");
  }
}

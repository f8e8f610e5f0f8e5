package mellow.core.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import mellow.core.finding.Said;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RuleSetFormatTest {
  private static final String LOCAL =
      """
      {"id":"valley","version":1,"title":"Valley","scope":"Our own.","usualTraffic":"right",
       "document":{"name":"House rule","mark":"local"},
       "aim":[{"id":"valley.dipped","lamps":["un-dipped"],"unit":"percent",
               "limits":{"lowest":-2.0,"highest":-0.8},"aim":-1.2,"clause":"1"}]}
      """;

  @Test
  void aShopCanWriteItsOwn() throws FormatProblem {
    assertThat(RuleSetFormat.read(LOCAL).aimRules()).hasSize(1);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"aim\":-1.2 | \"aim\":-0.2 | rules.aimOutside",
        "\"lowest\":-2.0 | \"lowest\":-0.1 | rules.lowestAbove",
        "\"un-dipped\" | \"searchlight\" | formats.notAmong",
        "\"version\":1 | \"version\":0 | formats.atLeast",
        "\"clause\":\"1\" | \"clause\":\"1\",\"eval\":\"x\" | formats.unknown",
        "\"percent\" | \"furlongs\" | formats.notAmong",
        "\"id\":\"valley\", | '' | formats.missing",
      })
  void whatBreaksTheSchemaOrItselfIsRefused(String right, String wrong, String why) {
    assertThatThrownBy(() -> RuleSetFormat.read(LOCAL.replace(right, wrong)))
        .isInstanceOf(FormatProblem.class)
        .message()
        .containsIgnoringCase(why);
  }

  @ParameterizedTest
  @CsvSource({"''", "[", "null", "7"})
  void whatIsNoRuleSetIsRefused(String text) {
    assertThatThrownBy(() -> RuleSetFormat.read(text)).isInstanceOf(FormatProblem.class);
  }

  @Test
  void theSchemaIsPublishedAsItIsUsed() throws Exception {
    try (var in = getClass().getResourceAsStream("/mellow/rules/rule-set.schema.json")) {
      assertThat(RuleSetFormat.schema())
          .isEqualTo(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    }
  }

  private static final String PLACE =
      """
      {"id":"valley","version":1,"title":"Valley","scope":"Our own.","usualTraffic":"right",
       "document":{"name":"House rule","mark":"local"},
       "place":[
        {"id":"valley.low","functions":["front-fog"],"asks":"centre-height","unit":"in",
         "limits":{"least":12,"most":30},"clause":"1"},
        {"id":"valley.count","functions":["front-fog"],"asks":"count","unit":"lamp",
         "limits":{"most":2},"vehicleWidth":{"fromMm":1300,"belowMm":2000},"clause":"2"}]}
      """;

  @Test
  void aSetMayHoldRulesOfPlaceAlone() throws FormatProblem {
    var rules = RuleSetFormat.read(PLACE).placeRules();
    assertThat(rules).hasSize(2);
    assertThat(rules.get(0).limits().lowest().orElseThrow()).isCloseTo(304.8, within(1e-9));
    assertThat(rules.get(1).when().vehicleWidthMm().holdsFor(1299)).isFalse();
    assertThat(rules.get(1).when().vehicleWidthMm().holdsFor(1300)).isTrue();
    assertThat(rules.get(1).when().vehicleWidthMm().holdsFor(2000)).isFalse();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"unit\":\"in\" | \"unit\":\"cd\" | formats.noUnit",
        "\"least\":12 | \"least\":31 | rules.lowestAbove",
        "\"fromMm\":1300 | \"fromMm\":2300 | formats.widthContradicts",
        "\"id\":\"valley.count\" | \"id\":\"valley.low\" | formats.idTwice",
        "\"count\" | \"colour\" | formats.notAmong",
        "\"limits\":{\"most\":2}, | '' | formats.missing",
        "\"place\":[ | \"other\":[ | formats.unknown",
      })
  void rulesOfPlaceThatContradictThemselvesAreRefused(String right, String wrong, String why) {
    assertThatThrownBy(() -> RuleSetFormat.read(PLACE.replace(right, wrong)))
        .isInstanceOf(FormatProblem.class)
        .message()
        .containsIgnoringCase(why);
  }

  /**
   * What the library's arguments are is its own affair: each sentence has to show the right one.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"version\":1 | \"version\":0 | /version | This must be at least 1.",
        "\"version\":1 | \"version\":\"1\" | /version | This is of type string; it must be of type integer.",
        "\"id\":\"valley\", | '' | '' | “id” is missing.",
        "\"id\":\"valley\" | \"id\":\"valley\",\"x\":1 | '' | “x” isn’t a field of this format.",
        "\"clause\":\"1\" | \"clause\":\"\" | /place/0/clause | This text is too short; its least length is 1.",
        "\"usualTraffic\":\"right\" | \"usualTraffic\":\"up\" | /usualTraffic | This must be one of [\"right\", \"left\"].",
      })
  void aBreachOfTheSchemaIsSaidWithItsPlace(
      String right, String wrong, String place, String sentence) {
    assertThatThrownBy(() -> RuleSetFormat.read(PLACE.replace(right, wrong)))
        .isInstanceOfSatisfying(
            FormatProblem.class,
            problem -> {
              assertThat(problem.place()).isEqualTo(place);
              assertThat(Said.text(problem.says())).isEqualTo(sentence);
            });
  }

  @Test
  void theProblemNamesItsPlace() {
    assertThatThrownBy(() -> RuleSetFormat.read(PLACE.replace("\"most\":30", "\"most\":3")))
        .isInstanceOfSatisfying(
            FormatProblem.class, problem -> assertThat(problem.place()).isEqualTo("/place/0"));
  }
}

package mellow.core.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
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
        "\"aim\":-1.2 | \"aim\":-0.2 | lies outside the limits",
        "\"lowest\":-2.0 | \"lowest\":-0.1 | must be below highest",
        "\"un-dipped\" | \"searchlight\" | enumeration",
        "\"version\":1 | \"version\":0 | minimum",
        "\"clause\":\"1\" | \"clause\":\"1\",\"eval\":\"x\" | additional",
        "\"percent\" | \"furlongs\" | enumeration",
        "\"id\":\"valley\", | '' | required",
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
}

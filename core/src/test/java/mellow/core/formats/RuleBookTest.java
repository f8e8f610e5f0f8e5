package mellow.core.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Said;
import mellow.core.finding.Source;
import mellow.core.rules.Confirmation;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleChange;
import mellow.core.rules.RuleProblem;
import mellow.core.rules.RuleSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Local sets over built-in ones, and rules confirmed against the text. */
class RuleBookTest {
  private static final String VALLEY =
      """
      {"id":"valley","version":1,"title":"Valley","over":"fitters","reason":"snow banks",
       "off":["fitters.drl.outer-edge"],
       "place":[{"id":"fitters.drl.lower-edge","functions":["drl"],"asks":"lower-edge-height",
                 "unit":"mm","limits":{"least":400},"clause":"house rule 2"},
                {"id":"valley.fog","functions":["front-fog"],"asks":"lower-edge-height",
                 "unit":"mm","limits":{"least":300},"clause":"house rule 3"}]}
      """;

  private static RuleBook book(String... changes) throws Exception {
    List<RuleChange> read = new ArrayList<>();
    for (String change : changes) {
      read.add(RuleChangeFormat.read(change));
    }
    return RuleBook.of(BuiltInRules.all(), read, List.of());
  }

  private static RuleSet fitters() {
    return BuiltInRules.byId("fitters").orElseThrow();
  }

  private static List<String> ids(RuleSet set) {
    return set.placeRules().stream().map(PlaceRule::id).toList();
  }

  @Test
  void aLocalSetOverridesAddsAndSwitchesOffAndLeavesTheRest() throws Exception {
    RuleSet valley = book(VALLEY).byId("valley").orElseThrow();
    assertThat(ids(valley))
        .doesNotContain("fitters.drl.outer-edge")
        .contains("fitters.drl.lower-edge", "valley.fog")
        .hasSize(ids(fitters()).size());
    PlaceRule changed =
        valley.placeRules().stream()
            .filter(rule -> rule.id().equals("fitters.drl.lower-edge"))
            .findFirst()
            .get();
    assertThat(changed.limits().lowest()).hasValue(400);
    assertThat(changed.source().mark()).isEqualTo(Source.Mark.LOCAL);
    assertThat(Said.keyed(RuleBook.differences(fitters(), valley)))
        .containsExactly(
            "rules.becomes nowSentence=lower edge at least 400 mm, rule=fitters.drl.lower-edge,"
                + " wasSentence=lower edge at least 250 mm",
            "rules.noLonger rule=fitters.drl.outer-edge",
            "rules.isNew nowSentence=lower edge at least 300 mm, rule=valley.fog");
  }

  @Test
  void whatIsExportedComesBackTheSame() throws Exception {
    String text = RuleChangeFormat.withVersion(VALLEY, 7);
    assertThat(RuleChangeFormat.read(text).version()).isEqualTo(7);
    assertThat(RuleChangeFormat.withVersion(text, 7)).isEqualTo(text);
    assertThat(RuleChangeFormat.read(text).place())
        .isEqualTo(RuleChangeFormat.read(VALLEY).place());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"over\":\"fitters\" | \"over\":\"nowhere\" | /over | rules.noSet",
        "\"over\":\"fitters\" | \"over\":\"valley\" | /over | rules.overItself",
        "\"id\":\"valley\" | \"id\":\"un-r48\" | /id | rules.builtIn",
        "fitters.drl.outer-edge | fitters.nothing | /off/0 | rules.noRule",
      })
  void whatContradictsItsBaseIsRefusedWithThePlace(
      String right, String wrong, String place, String why) {
    assertThatThrownBy(() -> book(VALLEY.replace(right, wrong)))
        .isInstanceOfSatisfying(
            RuleProblem.class,
            problem -> {
              assertThat(problem.place()).isEqualTo(place);
              assertThat(problem.getMessage()).contains(why);
            });
  }

  @Test
  void setsThatStandOverEachOtherAreRefused() {
    String a = VALLEY.replace("\"over\":\"fitters\"", "\"over\":\"hill\"");
    String b =
        a.replace("\"id\":\"valley\"", "\"id\":\"hill\"")
            .replace("\"over\":\"hill\"", "\"over\":\"valley\"");
    assertThatThrownBy(() -> book(a, b))
        .isInstanceOf(RuleProblem.class)
        .hasMessageContaining("valley → hill → valley");
  }

  @Test
  void aRuleIsNotSwitchedOffAndChangedAtOnce() {
    assertThatThrownBy(
            () -> book(VALLEY.replace("fitters.drl.outer-edge", "fitters.drl.lower-edge")))
        .hasMessageContaining("rules.offAndChanged");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"reason\":\"snow banks\", | '' | formats.missing",
        "\"least\":400 | \"least\":\"400\" | formats.otherType",
        "\"clause\":\"house rule 2\" | \"clause\":\"\" | formats.tooShort",
        "\"title\":\"Valley\" | \"title\":\"Valley\",\"$defs\":{} | formats.unknown",
      })
  void whatBreaksTheSchemaIsRefused(String right, String wrong, String why) {
    assertThatThrownBy(() -> RuleChangeFormat.read(VALLEY.replace(right, wrong)))
        .isInstanceOf(FormatProblem.class)
        .message()
        .containsIgnoringCase(why);
  }

  /** A file made to exhaust its reader is refused like any other. */
  @Test
  void deepAndEndlessFilesAreRefused() {
    assertThatThrownBy(() -> RuleChangeFormat.read("[".repeat(200_000)))
        .isInstanceOf(FormatProblem.class);
    assertThatThrownBy(
            () -> RuleChangeFormat.read(VALLEY.replace("\"least\":400", "\"least\":1e999999")))
        .isInstanceOf(FormatProblem.class);
    String many = "\"x.%d\",".repeat(50_000);
    assertThatThrownBy(
            () ->
                RuleChangeFormat.read(
                    VALLEY.replace("\"fitters.drl.outer-edge\"", many + "\"last\"")))
        .isInstanceOf(FormatProblem.class);
  }

  @Test
  void aConfirmedRuleLosesItsMarkInThatVersionOnly() throws Exception {
    RuleSet un = BuiltInRules.byId("un-r48").orElseThrow();
    String rule = un.aimRules().get(0).id();
    LocalDate day = LocalDate.of(2026, 11, 25);
    Confirmation now = new Confirmation("un-r48", un.version(), rule, "p. 31", "Runa", day);
    Confirmation older = new Confirmation("un-r48", un.version() + 1, rule, "p. 31", "Runa", day);
    assertThat(mark(now)).isEqualTo(Source.Mark.PUBLISHED);
    assertThat(mark(older)).isEqualTo(Source.Mark.FROM_MEMORY);
  }

  private static Source.Mark mark(Confirmation confirmation) throws Exception {
    RuleSet set =
        RuleBook.of(BuiltInRules.all(), List.of(), List.of(confirmation))
            .byId("un-r48")
            .orElseThrow();
    return set.aimRules().get(0).source().mark();
  }
}

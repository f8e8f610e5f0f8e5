package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.ANY;
import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.saying;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.rules.RulesWords;
import mellow.e2e.screen.RulebookScreen;
import mellow.page.AppPage;
import mellow.page.RulebookPage;
import org.junit.jupiter.api.Test;

/** A shop writes rules of its own, takes a file in, and confirms a rule against the text. */
class RulebookIT extends BrowserTest {
  private static final String FITTERS = "Fitters’ summary";

  private RulebookScreen rulebook() {
    return open("/rulebook", Look.USUAL, RulebookScreen::new);
  }

  @Test
  void aSetOfOurOwnIsStartedChangedExportedAndTakenInAgain() throws IOException {
    RulebookScreen rules = rulebook();
    rules.button(FITTERS).click();
    rules.startOwnSet("Snow valley", "snow banks");
    assertThat(
            rules.text(
                say(
                    RulebookPage.versionVersionBasedOnBaseTitleBy(
                        "1", "Fitters’ summary", "Runa"))))
        .isVisible();

    Locator rule = rules.rule(say(AppPage.lowerEdge()));
    rules.change(rule);
    rules.atLeast("many");
    assertThat(rules.dialog()).containsText("a number");
    rules.atLeast("400");
    assertThat(rule).containsText(say(RulesWords.atLeast("400 mm")));
    assertThat(rule).containsText(say(Sentence.term(Source.Mark.LOCAL)));

    String text = new String(rules.download(say(RulebookPage.itsFile())), StandardCharsets.UTF_8);
    Path changed = Files.createTempFile("rules", ".json");
    Files.writeString(changed, text.replace("400", "450"));
    rules.importFile(changed);
    assertThat(rule).containsText(say(RulesWords.atLeast("450 mm")));
    Files.writeString(changed, text.replace("\"least\"", "\"leest\""));
    rules.importFile(changed);
    assertThat(rules.alert()).containsText("At /place/0");
    assertThat(rule).containsText(say(RulesWords.atLeast("450 mm")));
  }

  @Test
  void aRuleIsConfirmedWithItsPlaceInTheText() {
    RulebookScreen rules = rulebook();
    Locator rule = rules.rule("6.3.6, class B");
    rules.confirm(rule, "revision 12, page 41");
    assertThat(rule)
        .containsText(
            saying(RulesWords.checked(Sentence.typed(ANY), "Runa", ANY, "revision 12, page 41")));
    assertThat(rule).not().containsText(say(Sentence.term(Source.Mark.FROM_MEMORY)));
  }
}

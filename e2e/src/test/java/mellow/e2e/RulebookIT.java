package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import mellow.e2e.screen.RulebookScreen;
import org.junit.jupiter.api.Test;

/** A shop writes rules of its own, takes a file in, and confirms a rule against the text. */
class RulebookIT extends BrowserTest {
  private RulebookScreen rulebook() {
    return open("/rulebook", Look.USUAL, RulebookScreen::new);
  }

  @Test
  void aSetOfOurOwnIsStartedChangedExportedAndTakenInAgain() throws IOException {
    RulebookScreen rules = rulebook();
    rules.button("Fitters’ summary").click();
    rules.startOwnSet("Snow valley", "snow banks");
    assertThat(rules.text("based on Fitters’ summary, by Runa")).isVisible();

    Locator rule = rules.rule("lower edge");
    rules.change(rule);
    rules.atLeast("many");
    assertThat(rules.dialog()).containsText("a number");
    rules.atLeast("400");
    assertThat(rule).containsText("at least 400 mm");
    assertThat(rule).containsText("this shop’s own rule");

    String text = new String(rules.download("Its file"), StandardCharsets.UTF_8);
    Path changed = Files.createTempFile("rules", ".json");
    Files.writeString(changed, text.replace("400", "450"));
    rules.importFile(changed);
    assertThat(rule).containsText("at least 450 mm");
    Files.writeString(changed, text.replace("\"least\"", "\"leest\""));
    rules.importFile(changed);
    assertThat(rules.alert()).containsText("At /place/0");
    assertThat(rule).containsText("at least 450 mm");
  }

  @Test
  void aRuleIsConfirmedWithItsPlaceInTheText() {
    RulebookScreen rules = rulebook();
    Locator rule = rules.rule("6.3.6, class B");
    rules.confirm(rule, "revision 12, page 41");
    assertThat(rule).containsText("checked by Runa");
    assertThat(rule).not().containsText("from memory");
  }
}

package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** A shop writes rules of its own, takes a file in, and confirms a rule against the text. */
class RulebookIT extends BrowserTest {
  @Test
  void aSetOfOurOwnIsStartedChangedExportedAndTakenInAgain() throws Exception {
    Page page = open("/rulebook", Look.USUAL);
    button(page, "Fitters’ summary").click();
    page.keyboard().press("n");
    field(page, "Name").fill("Snow valley");
    field(page, "Reason").fill("snow banks");
    button(page, "Start the set").click();
    assertThat(page.getByText("based on Fitters’ summary, by Runa")).isVisible();

    Locator row = page.locator("tr").filter(new Locator.FilterOptions().setHasText("lower edge"));
    row.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("change")).click();
    field(page, "At least").fill("many");
    button(page, "Change the rule").click();
    assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ALERT)).containsText("a number");
    field(page, "At least").fill("400");
    button(page, "Change the rule").click();
    assertThat(row).containsText("at least 400 mm");
    assertThat(row).containsText("this shop’s own rule");

    Download download =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Its file"))
                    .click());
    String text = Files.readString(download.path());
    Path changed = Files.createTempFile("rules", ".json");
    Files.writeString(changed, text.replace("400", "450"));
    page.getByLabel("Import a file").setInputFiles(changed);
    assertThat(row).containsText("at least 450 mm");
    Files.writeString(changed, text.replace("\"least\"", "\"leest\""));
    page.getByLabel("Import a file").setInputFiles(changed);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("At /place/0");
    assertThat(row).containsText("at least 450 mm");
  }

  @Test
  void aRuleIsConfirmedWithItsPlaceInTheText() {
    Page page = open("/rulebook", Look.USUAL);
    Locator row =
        page.locator("tr").filter(new Locator.FilterOptions().setHasText("6.3.6, class B"));
    row.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("confirm")).click();
    field(page, "Edition and place in the text").fill("revision 12, page 41");
    button(page, "I checked it").click();
    assertThat(row).containsText("checked by Runa");
    assertThat(row).not().containsText("from memory");
  }
}

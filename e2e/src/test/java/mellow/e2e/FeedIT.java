package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** From what the lamps should do to a circuit that is solved, mended and printed. */
class FeedIT extends BrowserTest {
  @Test
  void fogLampsThatGoOutOnMainBeamAreWishedSolvedAndPrinted() throws IOException {
    Page page = open("/jobs/" + app().job("valley bus 4") + "/feed", Look.USUAL);
    assertThat(verdict(page)).containsText("No plan chosen yet");
    button(page, "low beams").click();
    button(page, "main beams").click();
    button(page, "fog lamps").click();
    // as it comes, lit, reduced, out
    button(page, "main beam, fog either way").click();
    button(page, "main beam, fog lit").click();
    button(page, "main beam, fog reduced").click();
    button(page, "Use this plan: Fog lamps with a switch of their own").click();
    assertThat(verdict(page)).containsText("Fuse guarding the lead behind a tap");
    page.keyboard().press("q");
    page.getByLabel("Is there a fuse in the lead behind the tap?").selectOption("3");
    button(page, "Save the answers").click();
    assertThat(verdict(page)).containsText("Every lamp does what the plan promises");

    Locator lights = page.getByRole(AriaRole.GROUP, named("Lights"));
    Locator front = page.locator("svg[aria-label^='The front, seen standing before it']");
    assertThat(front).hasAttribute("aria-label", lit(6));
    lights.getByText("main").click();
    assertThat(front).hasAttribute("aria-label", lit(4));

    buttonFrom(page, "Wire: left branch").press("Enter");
    Locator wire = page.getByRole(AriaRole.DIALOG).getByLabel("Wire");
    wire.selectOption("0.5 mm²");
    button(page, "Change it").click();
    assertThat(verdict(page)).containsText("fog fuse carries");
    button(page, "Use 1 mm² for the left branch").click();
    assertThat(verdict(page)).containsText("Every lamp does what the plan promises");

    page.keyboard().press("3");
    assertThat(page.getByText("Negative terminal off, laid where")).isVisible();
    Download pdf =
        page.waitForDownload(
            () ->
                page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName("Wiring sheet, PDF"))
                    .click());
    try (InputStream in = pdf.createReadStream()) {
      Assertions.assertThat(new String(in.readNBytes(5), StandardCharsets.US_ASCII))
          .isEqualTo("%PDF-");
    }
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static String lit(int lamps) {
    return "The front, seen standing before it: " + lamps + " lamps lit";
  }

  @Test
  void aStepThatTheBatteryDoesNotAllowIsRefusedAndTakenBack() {
    Page page = open("/jobs/" + app().job("Marten's hatch") + "/feed", Look.USUAL);
    forgiveComplaints();
    page.keyboard().press("6");
    button(page, "Clamp loosened only").click();
    buttonFrom(page, "Done: Move over what the old lamp keeps").click();
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("A loosened clamp does not isolate: take the negative terminal off first.");
    button(page, "Drop it").click();
    button(page, "Negative off").click();
    assertThat(page.getByText("The battery is off")).isVisible();
    buttonFrom(page, "Done: Move over what the old lamp keeps").click();
    assertThat(page.getByText("on dead wires")).isVisible();
  }
}

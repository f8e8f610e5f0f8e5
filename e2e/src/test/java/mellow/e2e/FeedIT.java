package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import mellow.e2e.screen.FeedScreen;
import org.junit.jupiter.api.Test;

/** From what the lamps should do to a circuit that is solved, mended and printed. */
class FeedIT extends BrowserTest {
  private FeedScreen feed(String vehicle) {
    return open("/jobs/" + app().job(vehicle) + "/feed", Look.USUAL, FeedScreen::new);
  }

  @Test
  void fogLampsThatGoOutOnMainBeamAreWishedSolvedAndPrinted() throws IOException {
    FeedScreen feed = feed("valley bus 4");
    assertThat(feed.verdict()).containsText("No plan chosen yet");
    feed.wish("low beams");
    feed.wish("main beams");
    feed.wish("fog lamps");
    // as it comes, lit, reduced, out
    feed.wish("main beam, fog either way");
    feed.wish("main beam, fog lit");
    feed.wish("main beam, fog reduced");
    feed.usePlan("Fog lamps with a switch of their own");
    assertThat(feed.verdict()).containsText("Fuse guarding the lead behind a tap");
    feed.answer("Is there a fuse in the lead behind the tap?", "3");
    assertThat(feed.verdict()).containsText("Every lamp does what the plan promises");

    assertThat(feed.front()).hasAttribute("aria-label", lit(6));
    feed.lights("main");
    assertThat(feed.front()).hasAttribute("aria-label", lit(4));

    feed.changeWire("left branch", "0.5 mm²");
    assertThat(feed.verdict()).containsText("fog fuse carries");
    feed.button("Use 1 mm² for the left branch").click();
    assertThat(feed.verdict()).containsText("Every lamp does what the plan promises");

    feed.lists();
    assertThat(feed.text("Negative terminal off, laid where")).isVisible();
    assertThat(feed.download("Wiring sheet, PDF"))
        .startsWith("%PDF-".getBytes(StandardCharsets.US_ASCII));
  }

  private static String lit(int lamps) {
    return "The front, seen standing before it: " + lamps + " lamps lit";
  }

  @Test
  void aStepThatTheBatteryDoesNotAllowIsRefusedAndTakenBack() {
    FeedScreen feed = feed("Marten's hatch");
    forgiveComplaints();
    feed.battery();
    feed.button("Clamp loosened only").click();
    feed.done("Move over what the old lamp keeps");
    assertThat(feed.alert())
        .containsText("A loosened clamp does not isolate: take the negative terminal off first.");
    feed.button("Drop it").click();
    feed.button("Negative off").click();
    assertThat(feed.text("The battery is off")).isVisible();
    feed.done("Move over what the old lamp keeps");
    assertThat(feed.text("on dead wires")).isVisible();
  }
}

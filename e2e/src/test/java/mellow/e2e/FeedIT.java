package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.sayingOf;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedWords;
import mellow.core.finding.Sentence;
import mellow.e2e.screen.FeedScreen;
import mellow.page.AppPage;
import mellow.page.FeedPage;
import mellow.page.KeptPage;
import org.junit.jupiter.api.Test;

/** From what the lamps should do to a circuit that is solved, mended and printed. */
class FeedIT extends BrowserTest {
  private FeedScreen feed(String vehicle) {
    return open("/jobs/" + app().job(vehicle) + "/feed", Look.USUAL, FeedScreen::new);
  }

  @Test
  void fogLampsThatGoOutOnMainBeamAreWishedSolvedAndPrinted() throws IOException {
    FeedScreen feed = feed("valley bus 4");
    assertThat(feed.verdict()).containsText(say(FeedPage.noPlanChosenYet()));
    feed.wish(say(FeedPage.lowBeams()));
    feed.wish(say(FeedPage.mainBeams()));
    feed.wish(say(AppPage.fogLamps()));
    // as it comes, lit, reduced, out
    feed.wish(wished(say(FeedPage.eitherWay())));
    feed.wish(wished(say(AppPage.lit())));
    feed.wish(wished(say(Sentence.term(LightLevel.REDUCED))));
    feed.usePlan("Fog lamps with a switch of their own");
    assertThat(feed.verdict()).containsText(sayingOf("harness.guardNotKnown"));
    feed.answer("Is there a fuse in the lead behind the tap?", "3");
    assertThat(feed.verdict()).containsText(sayingOf("feed.asPromised"));

    assertThat(feed.front()).hasAttribute("aria-label", lit(6));
    feed.lights("main");
    assertThat(feed.front()).hasAttribute("aria-label", lit(4));

    feed.changeWire("left branch", "0.5 mm²");
    assertThat(feed.verdict()).containsText("fog fuse carries");
    feed.button("Use 1 mm² for the left branch").click();
    assertThat(feed.verdict()).containsText(sayingOf("feed.asPromised"));

    feed.lists();
    assertThat(feed.text("Negative terminal off, laid where")).isVisible();
    assertThat(feed.download(say(FeedPage.wiringSheetPDF())))
        .startsWith("%PDF-".getBytes(StandardCharsets.US_ASCII));
  }

  /** The button of what the fog lamps should do beside the main beam. */
  private static String wished(String state) {
    return say(Sentence.term(DrivingState.MAIN_FOG)) + " " + state;
  }

  private static String lit(int lamps) {
    return say(FeedPage.theFrontSeenStandingBeforeIt(lamps + " lamps"));
  }

  @Test
  void aStepThatTheBatteryDoesNotAllowIsRefusedAndTakenBack() {
    FeedScreen feed = feed("Marten's hatch");
    forgiveComplaints();
    feed.battery();
    feed.button(say(FeedPage.clampLoosenedOnly())).click();
    feed.done("Move over what the old lamp keeps");
    assertThat(feed.alert()).containsText(say(FeedWords.loosenedOnly()));
    feed.button(say(KeptPage.dropIt())).click();
    feed.button(say(FeedPage.negativeOff())).click();
    assertThat(feed.text(say(FeedPage.theBatteryIsOffNothingIs()))).isVisible();
    feed.done("Move over what the old lamp keeps");
    assertThat(feed.text(say(FeedPage.onDeadWires()))).isVisible();
  }
}

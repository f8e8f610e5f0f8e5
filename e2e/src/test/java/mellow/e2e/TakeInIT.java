package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import mellow.e2e.screen.TakeInScreen;
import mellow.e2e.screen.YardScreen;
import org.junit.jupiter.api.Test;

/** A vehicle is taken in: the plan follows, and an earlier job on its model says what it found. */
class TakeInIT extends BrowserTest {
  @Test
  void theWorkWantedBringsItsStagesAndTheModelsEarlierJobsAreShown() {
    YardScreen yard = open("/", Look.USUAL, YardScreen::new);
    yard.newJob();
    yard.button("retrofit").click();
    TakeInScreen takeIn = yard.takeIn("Quenby Loft");

    assertThat(takeIn.plan()).containsText("Bench");
    assertThat(takeIn.plan()).not().containsText("Place");
    takeIn.button("fog lamps").click();
    assertThat(takeIn.plan()).containsText("Place");
    assertThat(takeIn.doneBefore()).containsText("grille: six clips");

    assertThat(takeIn.verdict()).containsText("8 functions not tried yet");
    takeIn.button("All standard lights work").click();
    assertThat(takeIn.verdict()).containsText("Everything tried works, as it came");
    takeIn.button("low beam, left: works").click();
    assertThat(takeIn.verdict()).containsText("Left low beam: dead, as it came");
    takeIn.reload();
    assertThat(takeIn.verdict()).containsText("Left low beam: dead, as it came");
  }

  @Test
  void twoPeopleTakingTheSameVehicleInAreTold() {
    String path = "/jobs/" + app().job("library van 1") + "/take-in";
    TakeInScreen mine = open(path, Look.USUAL, TakeInScreen::new);
    TakeInScreen theirs = open(path, Look.USUAL.person("Ilse"), TakeInScreen::new);
    Page page = mine.page();
    // the page goes on seeing what others keep; only its own change does not get through
    page.route(
        "**/take-in",
        route -> {
          if (route.request().method().equals("PUT")) {
            route.abort();
          } else {
            route.resume();
          }
        });
    forgiveComplaints();
    mine.button("tyres").click();
    assertThat(mine.verdict()).containsText("wait in this browser");
    // it is told of the change, and looks
    page.waitForResponse(
        answer -> answer.url().endsWith("/take-in") && answer.request().method().equals("GET"),
        () -> theirs.button("wiring").click());
    assertThat(theirs.verdict()).containsText("Changed before: wiring changed");
    // it goes out by itself
    page.unroute("**/take-in");
    assertThat(mine.verdict()).containsText("Changed meanwhile by Ilse");
    mine.button("See both").click();
    assertThat(mine.dialog()).containsText("Changes");
    mine.press("Escape");
    mine.button("Use mine").click();
    assertThat(mine.verdict()).containsText("Changed before: other tyres");
    forgiveComplaints();
  }
}

package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A vehicle is taken in: the plan follows, and an earlier job on its model says what it found. */
class TakeInIT extends BrowserTest {
  @Test
  void theWorkWantedBringsItsStagesAndTheModelsEarlierJobsAreShown() {
    Page page = open("/", Look.USUAL);
    button(page, "Take a vehicle in").click();
    button(page, "retrofit").click();
    field(page, "Make and model").fill("Quenby Loft");
    button(page, "Take it in").click();

    Locator plan =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Plan").setExact(true));
    assertThat(plan).containsText("Bench");
    assertThat(plan).not().containsText("Place");
    button(page, "fog lamps").click();
    assertThat(plan).containsText("Place");
    assertThat(
            page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Done before").setExact(true)))
        .containsText("grille: six clips");

    assertThat(verdict(page)).containsText("8 functions not tried yet");
    button(page, "All standard lights work").click();
    assertThat(verdict(page)).containsText("Everything tried works, as it came");
    button(page, "low beam, left: works").click();
    assertThat(verdict(page)).containsText("Left low beam: dead, as it came");
    page.reload();
    assertThat(verdict(page)).containsText("Left low beam: dead, as it came");
  }

  @Test
  void twoPeopleTakingTheSameVehicleInAreTold() {
    String path = "/jobs/" + app().job("library van 1") + "/take-in";
    Page mine = open(path, Look.USUAL);
    Page theirs = open(path, Look.USUAL.person("Ilse"));
    // the page goes on seeing what others keep; only its own change does not get through
    mine.route(
        "**/take-in",
        route -> {
          if (route.request().method().equals("PUT")) {
            route.abort();
          } else {
            route.resume();
          }
        });
    forgiveComplaints();
    button(mine, "tyres").click();
    assertThat(verdict(mine)).containsText("wait in this browser");
    // it is told of the change, and looks
    mine.waitForResponse(
        answer -> answer.url().endsWith("/take-in") && answer.request().method().equals("GET"),
        () -> button(theirs, "wiring").click());
    assertThat(verdict(theirs)).containsText("Changed before: wiring changed");
    // it goes out by itself
    mine.unroute("**/take-in");
    assertThat(verdict(mine)).containsText("Changed meanwhile by Ilse");
    button(mine, "See both").click();
    assertThat(mine.getByRole(AriaRole.DIALOG)).containsText("Changes");
    mine.keyboard().press("Escape");
    button(mine, "Use mine").click();
    assertThat(verdict(mine)).containsText("Changed before: other tyres");
    forgiveComplaints();
  }
}

package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import mellow.server.testing.Api;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The middle of jobs and their end, in the browser: a swap, a fog job and a retrofit. */
class WorkshopIT extends BrowserTest {
  /** Left overnight half together; goes together, is proved and handed over with its pack. */
  @Test
  void interruptedSwapIsTakenUpAndHandedOver() throws IOException {
    String job = "/jobs/" + app().job("nurse's estate");
    Page page = open(job + "/together", Look.USUAL);
    assertThat(region(page, "Where you stopped")).containsText("5 things are off the vehicle.");
    button(page, "All 3 tight: 3 bolts, 10 mm, middle, right").click();
    button(page, "Plugged: 2 left lamp connectors, middle, left").click();
    button(page, "Back: left headlamp").click();
    button(page, "All 3 back: 3 bolts, 10 mm, middle, left").click();
    assertThat(verdict(page)).containsText("in by hand only");
    button(page, "All 3 tight: 3 bolts, 10 mm, middle, left").click();
    assertThat(page.getByText("Everything is in its place and tight.")).isVisible();

    page.navigate(app().address() + job + "/prove");
    Locator all = button(page, "All as they should be");
    Locator states =
        page.getByRole(AriaRole.LIST, named("States in order")).getByRole(AriaRole.BUTTON);
    assertThat(states.first()).isVisible();
    for (int i = 0; i < states.count(); i++) {
      states.nth(i).click();
      if (!states.nth(i).textContent().contains("proved")) {
        all.click();
      }
      assertThat(states.nth(i)).containsText("proved");
    }
    Assertions.assertThat(
            app().api("").get("/api" + job + "/workshop").body().at("/proof/proved").asBoolean())
        .isTrue();

    page.navigate(app().address() + job + "/hand-over");
    assertThat(verdict(page)).containsText("not read at the wall since the work");
    readAtTheWall(job.substring("/jobs/".length()));
    page.reload();
    assertThat(verdict(page)).containsText("The parts were not checked");
    button(page, "Hand over").click();
    Locator dialog = page.getByRole(AriaRole.DIALOG, named("Hand over"));
    Locator sign = button(page, "Sign as Runa, with this reason");
    sign.click();
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("hand over only with a reason");
    dialog
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions()
                .setName(Pattern.compile("^Done: .*tight, then upper, left$")))
        .click();
    dialog.getByRole(AriaRole.TEXTBOX).fill("the nurse needs the car, shown to her");
    Locator together = dialog.getByRole(AriaRole.REGION, namedIn("Together"));
    assertThat(together).not().containsText("tight, then upper, left");
    together
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leave out all"))
        .click();
    assertThat(together).hasCount(0);
    sign.click();
    assertThat(verdict(page)).containsText("Handed over by Runa");
    Download pack =
        page.waitForDownload(() -> page.getByRole(AriaRole.LINK, named("Pack, A4")).click());
    try (InputStream in = pack.createReadStream()) {
      Assertions.assertThat(new String(in.readNBytes(5), StandardCharsets.US_ASCII))
          .isEqualTo("%PDF-");
    }
    button(page, "Add a correction").click();
    field(page, "What is right").fill("The left bolts are new");
    field(page, "Why it is corrected").fill("forgotten on the day");
    button(page, "Sign as Runa").click();
    assertThat(region(page, "With it and after it")).containsText("The left bolts are new");
  }

  /** The network is cut in the middle of entries: they wait, are shown, and go out once. */
  @Test
  void entriesWaitForTheNetworkAlsoOverAReload() {
    String job = "/jobs/" + app().job("valley bus 7");
    Page page = open(job + "/apart", Look.USUAL);
    int before = app().api("").get("/api" + job + "/workshop").body().get("ledger").size();
    page.locator("svg[data-view=FRONT]").click();
    page.context().setOffline(true);
    button(page, "3 screw").click();
    button(page, "2 clip, push").click();
    field(page, "Call it out").fill("1 rivet front edge");
    field(page, "Call it out").press("Enter");
    Locator tape = region(page, "Log, newest first");
    assertThat(tape.getByText("waits for the network")).hasCount(3);
    page.context().setOffline(false);
    page.reload();
    assertThat(
            tape.getByText("off: 3 screws", new Locator.GetByTextOptions().setExact(false)).first())
        .isVisible();
    assertThat(tape.getByText("waits for the network")).hasCount(0);
    page.reload();
    assertThat(
            tape.getByText("off: 2 clips", new Locator.GetByTextOptions().setExact(false)).first())
        .isVisible();
    Assertions.assertThat(app().api("").get("/api" + job + "/workshop").body().get("ledger"))
        .hasSize(before + 3);
    assertThat(region(page, "What is off")).containsText("1 rivet, front edge");
    forgiveComplaints();
  }

  @Test
  void typedLineIsReadAndUndone() {
    Page page = open("/jobs/" + app().job("club roadster") + "/apart", Look.USUAL);
    field(page, "Call it out").fill("2 bumper");
    field(page, "Call it out").press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Enter the left and the right one");
    field(page, "Call it out").fill("4 clip upper edge");
    field(page, "Call it out").press("Enter");
    assertThat(region(page, "What is off")).containsText("4 clips, pin pulled, upper edge");
    button(page, "Undo: off: 4 clips, pin pulled, upper edge").click();
    assertThat(region(page, "What is off")).not().containsText("4 clips");
  }

  /** The right projector leans; it is turned, the oven asks what is in it, a cure starts. */
  @Test
  void retrofitGoesOnAtTheBench() {
    Page page = open("/jobs/" + app().job("snow patrol 2") + "/bench", Look.USUAL);
    assertThat(verdict(page)).containsText("Right cutoff tilted");
    page.keyboard().press("3");
    Locator right = region(page, "right lamp");
    right
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("right lamp, projector, right place: 801.0 mm"))
        .or(
            right.getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions()
                    .setName("right lamp, projector, right place: 801.0")))
        .click();
    right.getByRole(AriaRole.TEXTBOX).fill("806");
    right.getByRole(AriaRole.TEXTBOX).press("Enter");
    assertThat(
            right.getByRole(
                AriaRole.BUTTON,
                new Locator.GetByRoleOptions()
                    .setName("right lamp, projector, right place: 806.0")))
        .isVisible();
    right
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("right lamp, projector, left place: 811.0"))
        .click();
    right.getByRole(AriaRole.TEXTBOX).fill("806");
    right.getByRole(AriaRole.TEXTBOX).press("Enter");
    assertThat(right).containsText("Right cutoff level");
    page.keyboard().press("2");
    button(page, "Into the oven").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Check that these are out of the lamp");
    for (String looked :
        new String[] {
          "no bulbs",
          "no ballast or driver",
          "no tape or film",
          "no loose wires or plugs",
          "no screw or clip holds the lens"
        }) {
      button(page, looked).click();
    }
    button(page, "Into the oven").click();
    assertThat(region(page, "Timers")).containsText("oven, left lamp");
    page.keyboard().press("t");
    Locator room = page.getByRole(AriaRole.DIALOG, named("Timers"));
    assertThat(room).containsText("oven, left lamp");
    room.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Back to work")).click();
  }

  private static Locator region(Page page, String name) {
    return page.getByRole(AriaRole.REGION, named(name));
  }

  private static Locator.GetByRoleOptions namedIn(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  /** Aimed as the label asks: 1.00 % down at 7620 mm is 76 mm. */
  private void readAtTheWall(String job) {
    Api api = app().api("Runa");
    for (String side : List.of("LEFT", "RIGHT")) {
      for (String reading :
          List.of("DISTANCE 7620", "CENTRE 690", "LOWER_EDGE 620", "CUTOFF_BELOW 76")) {
        String[] words = reading.split(" ");
        Api.expect(api.read(job, Api.newId(), words[0], side, words[1]), 200);
      }
    }
  }
}

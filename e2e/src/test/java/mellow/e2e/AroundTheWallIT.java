package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The survey, the stand-off view, the unit flip, a stale edit, a cut line. */
class AroundTheWallIT extends BrowserTest {
  @Test
  void aBaysFloorIsSurveyed() {
    Page page = open("/bays", Look.USUAL);
    field(page, "Name").fill("Shed");
    button(page, "Add the bay").click();
    assertThat(verdict(page)).containsText("Floor not measured");
    measure(page, "Front tyres to wall", "8520");
    measure(page, "Wheelbase", "2500");
    measure(page, "Track", "1600");
    measure(page, "Floor at the front left tyre", "0");
    measure(page, "Floor at the front right tyre", "0");
    measure(page, "Floor at the rear left tyre", "10");
    measure(page, "Floor at the rear right tyre", "10");
    measure(page, "Floor at the wall’s foot, left", "-5");
    measure(page, "Floor at the wall’s foot, right", "-5");
    // −10/2500 × 8520 + 5
    assertThat(page.getByText("mark moves 29.1 mm down").first()).isVisible();

    measure(page, "Floor at the rear right tyre", "30");
    assertThat(verdict(page)).containsText("Floor twisted by 5.0 mm");
    button(page, "Read the tyres again").click();
    measure(page, "Floor at the rear right tyre", "10");
    assertThat(page.getByText("Type each tyre again")).isVisible();
    assertThat(
            page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Readings, newest first")))
        .containsText("typed 30");
  }

  @Test
  void standingBackOneReadsAndTurnsWithLargeButtons() {
    Page page = open("/jobs/" + app().job("midwife's estate") + "/stand-back", Look.USUAL);
    assertThat(page.getByRole(AriaRole.HEADING)).containsText("Right lamp");
    button(page, "Read it").click();
    assertThat(page.locator("[data-figure]")).hasText("94");
    button(page, "+ 1").click();
    button(page, "+ 1").click();
    button(page, "Save").click();
    assertThat(page.getByText("within").first()).isVisible();
    double height =
        ((Number)
                page.locator("[data-figure]")
                    .evaluate("node => node.getBoundingClientRect().height"))
            .doubleValue();
    org.assertj.core.api.Assertions.assertThat(height).isGreaterThan(800 / 3.0);
    button(page, "Left lamp").click();
    assertThat(page.getByRole(AriaRole.HEADING)).containsText("Left lamp");
    button(page, "Back").click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .containsText("midwife's estate");
  }

  @Test
  void unitsFlipEverywhereByOneKey() {
    Page page = open("/jobs/" + app().job("library van 3"), Look.USUAL);
    assertThat(verdict(page)).containsText("12 mm");
    page.keyboard().press("u");
    assertThat(verdict(page)).containsText("1/2 in");
    assertThat(buttonFrom(page, "Between lamps: 51 9/16 in").first()).isVisible();
    assertThat(page.getByText("Between lamps").first()).isVisible();
    page.keyboard().press("u");
    assertThat(verdict(page)).containsText("12 mm");
  }

  @Test
  void aStaleEditShowsBothVersionsAndAChoice() {
    String job = app().job("valley bus 7");
    Page mine = open("/jobs/" + job, Look.USUAL);
    Page theirs = open("/jobs/" + job, Look.USUAL.person("Marten"));
    buttonFrom(mine, "Job").click();
    field(mine, "Work").fill("fog lamps, mine");
    buttonFrom(theirs, "Job").click();
    field(theirs, "Work").fill("fog lamps, theirs");
    button(theirs, "Save").click();
    assertThat(theirs.getByText("Saved.")).isVisible();

    button(mine, "Save").click();
    Locator choice = mine.getByRole(AriaRole.ALERT);
    assertThat(choice).containsText("Changed meanwhile by Marten");
    assertThat(choice).containsText("fog lamps, theirs");
    assertThat(choice).containsText("fog lamps, mine");
    button(mine, "Use mine").click();
    assertThat(mine.getByText("Saved.")).isVisible();
    assertThat(mine.getByText("fog lamps, mine").first()).isVisible();
  }

  @Test
  void schoolsAreComparedAndChosen() {
    Page page = open("/jobs/" + app().job("Ilse's roadster"), Look.USUAL);
    page.keyboard().press("c");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("Not usable for the left lamp");
    dialog
        .locator("tr", new Locator.LocatorOptions().setHasText("Split drop"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Choose"))
        .click();
    assertThat(buttonFrom(page, "Split drop")).isVisible();
    page.keyboard().press("c");
    dialog
        .locator("tr", new Locator.LocatorOptions().setHasText("Equal drop"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Choose"))
        .click();
    assertThat(buttonFrom(page, "Equal drop")).isVisible();
  }

  @Test
  void whatIsReadWithoutAConnectionWaitsAndIsTakenBack() {
    Page page = open("/jobs/" + app().job("snow patrol 1"), Look.USUAL);
    assertThat(verdict(page)).isVisible();
    Locator tape =
        page.getByRole(
            AriaRole.REGION, new Page.GetByRoleOptions().setName("Readings, newest first"));
    page.context().setOffline(true);
    page.keyboard().press("l");
    field(page, "Cutoff below").fill("7");
    button(page, "Save").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    assertThat(tape.getByText("waits for the network")).isVisible();
    assertThat(page.getByText("1 entry waits for the network")).isVisible();
    page.context().setOffline(false);
    assertThat(tape.getByText("waits for the network")).hasCount(0);
    assertThat(tape).containsText("typed 7");
    buttonFrom(page, "Undo").click();
    assertThat(tape).containsText("undone by Runa");
    forgiveComplaints();
  }

  @Test
  void everythingCanBeFoundByKeyboard() {
    Page page = open("/jobs/" + app().job("library van 3"), Look.USUAL);
    assertThat(verdict(page)).isVisible();
    page.keyboard().press("?");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("Compare the ways of aiming");
    field(page, "Find a command").fill("marks");
    field(page, "Find a command").press("Enter");
    assertThat(dialog).containsText("Tape the wall");
  }
}

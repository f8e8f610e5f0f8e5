package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import mellow.e2e.screen.BayScreen;
import mellow.e2e.screen.StandBackScreen;
import mellow.e2e.screen.WallScreen;
import org.junit.jupiter.api.Test;

/** The survey, the stand-off view, the unit flip, a stale edit, a cut line. */
class AroundTheWallIT extends BrowserTest {
  private WallScreen wall(String vehicle, Look look) {
    return open("/jobs/" + app().job(vehicle), look, WallScreen::new);
  }

  @Test
  void aBaysFloorIsSurveyed() {
    BayScreen bay = open("/bays", Look.USUAL, BayScreen::new);
    bay.add("Shed");
    assertThat(bay.verdict()).containsText("Floor not measured");
    bay.measure("Front tyres to wall", "8520");
    bay.measure("Wheelbase", "2500");
    bay.measure("Track", "1600");
    bay.floor("at the front left tyre", "0");
    bay.floor("at the front right tyre", "0");
    bay.floor("at the rear left tyre", "10");
    bay.floor("at the rear right tyre", "10");
    bay.floor("at the wall’s foot, left", "-5");
    bay.floor("at the wall’s foot, right", "-5");
    // −10/2500 × 8520 + 5
    assertThat(bay.text("mark moves 29.1 mm down").first()).isVisible();

    bay.floor("at the rear right tyre", "30");
    assertThat(bay.verdict()).containsText("Floor twisted by 5.0 mm");
    bay.button("Read the tyres again").click();
    bay.floor("at the rear right tyre", "10");
    assertThat(bay.text("Type each tyre again")).isVisible();
    assertThat(bay.readings()).containsText("typed 30");
  }

  @Test
  void standingBackOneReadsAndTurnsWithLargeButtons() {
    StandBackScreen lamp =
        open(
            "/jobs/" + app().job("midwife's estate") + "/stand-back",
            Look.USUAL,
            StandBackScreen::new);
    assertThat(lamp.heading()).containsText("Right lamp");
    lamp.button("Read it").click();
    assertThat(lamp.figure()).hasText("94");
    lamp.button("+ 1").click();
    lamp.button("+ 1").click();
    lamp.button("Save").click();
    assertThat(lamp.text("within").first()).isVisible();
    assertThat(lamp.figureHeightPx()).isGreaterThan(800 / 3.0);
    lamp.button("Left lamp").click();
    assertThat(lamp.heading()).containsText("Left lamp");
    lamp.button("Back").click();
    assertThat(lamp.title()).containsText("midwife's estate");
  }

  @Test
  void unitsFlipEverywhereByOneKey() {
    WallScreen wall = wall("library van 3", Look.USUAL);
    assertThat(wall.verdict()).containsText("12 mm");
    wall.press("u");
    assertThat(wall.verdict()).containsText("1/2 in");
    assertThat(wall.buttonFrom("Between lamps: 51 9/16 in").first()).isVisible();
    assertThat(wall.text("Between lamps").first()).isVisible();
    wall.press("u");
    assertThat(wall.verdict()).containsText("12 mm");
  }

  @Test
  void aStaleEditShowsBothVersionsAndAChoice() {
    WallScreen mine = wall("valley bus 7", Look.USUAL);
    WallScreen theirs = wall("valley bus 7", Look.USUAL.person("Marten"));
    mine.settings();
    mine.field("Work").fill("fog lamps, mine");
    theirs.settings();
    theirs.field("Work").fill("fog lamps, theirs");
    theirs.button("Save").click();
    assertThat(theirs.text("Saved.")).isVisible();

    mine.button("Save").click();
    assertThat(mine.alert()).containsText("Changed meanwhile by Marten");
    assertThat(mine.alert()).containsText("fog lamps, theirs");
    assertThat(mine.alert()).containsText("fog lamps, mine");
    mine.button("Use mine").click();
    assertThat(mine.text("Saved.")).isVisible();
    assertThat(mine.text("fog lamps, mine").first()).isVisible();
  }

  @Test
  void schoolsAreComparedAndChosen() {
    WallScreen wall = wall("Ilse's roadster", Look.USUAL);
    assertThat(wall.compareWays()).containsText("Not usable for the left lamp");
    wall.chooseWay("Split drop");
    assertThat(wall.buttonFrom("Split drop")).isVisible();
    wall.compareWays();
    wall.chooseWay("Equal drop");
    assertThat(wall.buttonFrom("Equal drop")).isVisible();
  }

  @Test
  void whatIsReadWithoutAConnectionWaitsAndIsTakenBack() {
    WallScreen wall = wall("snow patrol 1", Look.USUAL);
    assertThat(wall.verdict()).isVisible();
    Locator waits = wall.readings().getByText("waits for the network");
    wall.cutTheLine();
    wall.press("l");
    wall.cutoffIs("7");
    assertThat(wall.dialog()).isHidden();
    assertThat(waits).isVisible();
    assertThat(wall.text("1 entry waits for the network")).isVisible();
    wall.mendTheLine();
    assertThat(waits).hasCount(0);
    assertThat(wall.readings()).containsText("typed 7");
    wall.buttonFrom("Undo").click();
    assertThat(wall.readings()).containsText("undone by Runa");
    forgiveComplaints();
  }

  @Test
  void everythingCanBeFoundByKeyboard() {
    WallScreen wall = wall("library van 3", Look.USUAL);
    assertThat(wall.verdict()).isVisible();
    wall.press("?");
    assertThat(wall.dialog()).containsText("Compare the ways of aiming");
    wall.enter("Find a command", "marks");
    assertThat(wall.dialog()).containsText("Tape the wall");
  }
}

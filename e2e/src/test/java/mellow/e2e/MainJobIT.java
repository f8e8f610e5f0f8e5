package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import mellow.e2e.screen.TakeInScreen;
import mellow.e2e.screen.WallScreen;
import mellow.e2e.screen.YardScreen;
import org.junit.jupiter.api.Test;

/** A technician takes a vehicle in and aims it, from the yard to "within". */
class MainJobIT extends BrowserTest {
  private WallScreen wall(String vehicle) {
    return open("/jobs/" + app().job(vehicle), Look.USUAL, WallScreen::new);
  }

  @Test
  void fromTheYardToWithin() {
    YardScreen yard = open("/", Look.USUAL, YardScreen::new);
    yard.newJob();
    yard.field("What it is called here").fill("red one");
    TakeInScreen takeIn = yard.takeIn("Orlo Drift");
    assertThat(takeIn.verdict()).containsText("What is wanted is not known yet");
    WallScreen wall = takeIn.toWall();

    assertThat(wall.verdict()).containsText("Distance to the wall not measured");
    wall.button("Measure the distance").click();
    wall.distanceEntry().fill("25 ft");
    wall.distanceEntry().press("Enter");
    wall.measure("Distance from the right lamp", "7.62 m");
    wall.measure("Height of the left lamp centre", "668");
    wall.measure("Height of the right lamp centre", "26 5/16 in");
    wall.measure("Between lamps", "131 cm");
    wall.measure("Lower lens edge of the left lamp", "60 cm");
    wall.measure("Lower lens edge of the right lamp", "600");
    // UN R48 below 800 mm: the middle of the initial band, 1.25 % of 7620 mm
    assertThat(wall.buttonFrom("95 to tape, left lamp")).isVisible();

    assertThat(wall.verdict()).containsText("Left lamp not read");
    wall.readCutoff("96");
    assertThat(wall.verdict()).containsText("Right lamp not read");
    wall.readCutoff("18");

    // 0.5 % of 7620 is 38.1: 20 too high; 95.25 asked: 77 above the tape
    assertThat(wall.verdict()).containsText("Right lamp 20 mm too high for the rule, 77 mm above");
    assertThat(wall.verdict()).containsText("half a turn");
    wall.turnAndRead("1 clockwise", "58");
    // 40 mm a turn: 37.25 left
    assertThat(wall.verdict()).containsText("37 mm above the tape");
    assertThat(wall.verdict()).containsText("7/8 turn clockwise");
    assertThat(wall.advisedTurn()).hasValue("7/8 clockwise");
    wall.cutoffIs("95");
    assertThat(wall.verdict()).containsText("Both lamps within the rule");

    YardScreen after = open("/", Look.USUAL, YardScreen::new);
    assertThat(after.row("red one")).containsText("Not begun: Parts and Place");
  }

  @Test
  void aCutoffIsDraggedNudgedAndKept() {
    WallScreen wall = wall("road crew 2");
    Locator cutoff = wall.cutoff();
    cutoff.focus();
    cutoff.press("Shift+ArrowDown");
    cutoff.press("ArrowUp");
    // 2 1/8 in, ten sixteenths lower, one higher
    assertThat(wall.button("Save 2 11/16 in")).isVisible();
    cutoff.press("Escape");
    assertThat(wall.button("Save 2 11/16 in")).isHidden();
    wall.dragCutoffDown(40);
    assertThat(wall.verdict()).containsText("below the tape");
    cutoff.press("Escape");
  }

  @Test
  void theWorkingIsShownWithItsSource() {
    WallScreen wall = wall("library van 3");
    wall.buttonFrom("73 to tape, right lamp").click();
    assertThat(wall.dialog()).containsText("percent ÷ 100 × distance");
    assertThat(wall.dialog()).containsText("inclination on the vehicle’s label");
    wall.press("Escape");
    wall.press("f");
    assertThat(wall.dialog()).containsText("from memory, check the current text");
  }

  @Test
  void aRefusedEntrySaysWhyAndKeepsWhatWasTyped() {
    WallScreen wall = wall("library van 1");
    wall.measure("Distance from the left lamp", "12 furlongs");
    assertThat(wall.alert()).containsText("not a unit of length");
    assertThat(wall.distanceEntry()).hasValue("12 furlongs");
  }
}

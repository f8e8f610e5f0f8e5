package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.sayingAnyFigures;
import static mellow.e2e.screen.Said.sayingOf;

import com.microsoft.playwright.Locator;
import java.util.List;
import mellow.core.aim.AimWords;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;
import mellow.core.workflow.WorkflowWords;
import mellow.e2e.screen.TakeInScreen;
import mellow.e2e.screen.WallScreen;
import mellow.e2e.screen.YardScreen;
import mellow.page.AppPage;
import mellow.page.WallPage;
import org.junit.jupiter.api.Test;

/** A technician takes a vehicle in and aims it, from the yard to "within". */
class MainJobIT extends BrowserTest {
  private WallScreen wall(String vehicle) {
    return open("/jobs/" + app().job(vehicle), Look.USUAL, WallScreen::new);
  }

  private static String distance(String side) {
    return say(WallPage.distanceFromTheNameLampTo(side, ""));
  }

  @Test
  void fromTheYardToWithin() {
    YardScreen yard = open("/", Look.USUAL, YardScreen::new);
    yard.newJob();
    yard.field(say(AppPage.whatItIsCalledHere())).fill("red one");
    TakeInScreen takeIn = yard.takeIn("Orlo Drift");
    assertThat(takeIn.verdict()).containsText(say(WorkflowWords.wantedUnknown()));
    WallScreen wall = takeIn.toWall();

    assertThat(wall.verdict()).containsText(say(AimWords.distanceNotRead()));
    wall.button(say(WallPage.measureTheDistance())).click();
    wall.distanceEntry().fill("25 ft");
    wall.distanceEntry().press("Enter");
    wall.measure(distance("right"), "7.62 m");
    wall.measure(say(WallPage.heightOfTheNameLampCentre("left", "")), "668");
    wall.measure(say(WallPage.heightOfTheNameLampCentre("right", "")), "26 5/16 in");
    wall.measure(say(WallPage.betweenLamps("")), "131 cm");
    wall.measure(say(WallPage.lowerLensEdgeOfTheName("left", "")), "60 cm");
    wall.measure(say(WallPage.lowerLensEdgeOfTheName("right", "")), "600");
    // UN R48 below 800 mm: the middle of the initial band, 1.25 % of 7620 mm
    assertThat(wall.buttonFrom(say(WallPage.belowLineToTapeNameLampShow("95", "left"))))
        .isVisible();

    assertThat(wall.verdict()).containsText(say(AimWords.notRead(Side.LEFT, LampKind.DIPPED)));
    wall.readCutoff("96");
    assertThat(wall.verdict()).containsText(say(AimWords.notRead(Side.RIGHT, LampKind.DIPPED)));
    wall.readCutoff("18");

    // 0.5 % of 7620 is 38.1: 20 too high; 95.25 asked: 77 above the tape
    assertThat(wall.verdict())
        .containsText(
            say(
                AimWords.limitsOut(
                    Side.RIGHT, LampKind.DIPPED, false, new Figure.Length(20), true)));
    assertThat(wall.verdict()).containsText(sayingOf("aim.tryScrew"));
    wall.turnAndRead("1 clockwise", "58");
    // 40 mm a turn: 37.25 left
    assertThat(wall.verdict()).containsText(say(AimWords.alsoOffTape(new Figure.Length(37), true)));
    assertThat(wall.verdict()).containsText("7/8 turn clockwise");
    assertThat(wall.advisedTurn()).hasValue("7/8 clockwise");
    wall.cutoffIs("95");
    assertThat(wall.verdict()).containsText(say(AimWords.allWithin()));

    YardScreen after = open("/", Look.USUAL, YardScreen::new);
    assertThat(after.row("red one"))
        .containsText(
            say(
                WorkflowWords.notBegun(
                    List.of(Sentence.term(Stage.PARTS), Sentence.term(Stage.PLACE)))));
  }

  @Test
  void aCutoffIsDraggedNudgedAndKept() {
    WallScreen wall = wall("road crew 2");
    Locator cutoff = wall.cutoff();
    cutoff.focus();
    cutoff.press("Shift+ArrowDown");
    cutoff.press("ArrowUp");
    // 2 1/8 in, ten sixteenths lower, one higher
    assertThat(wall.button(say(WallPage.saveBelowMm("2 11/16 in")))).isVisible();
    cutoff.press("Escape");
    assertThat(wall.button(say(WallPage.saveBelowMm("2 11/16 in")))).isHidden();
    wall.dragCutoffDown(40);
    assertThat(wall.verdict())
        .containsText(sayingAnyFigures(AimWords.alsoOffTape(new Figure.Length(0), false)));
    cutoff.press("Escape");
  }

  @Test
  void theWorkingIsShownWithItsSource() {
    WallScreen wall = wall("library van 3");
    wall.buttonFrom(say(WallPage.belowLineToTapeNameLampShow("73", "right"))).click();
    assertThat(wall.dialog()).containsText(say(AimWords.inclinationOverDistanceFormula()));
    assertThat(wall.dialog()).containsText(say(AimWords.srcLabel()));
    wall.press("Escape");
    wall.press("f");
    assertThat(wall.dialog()).containsText(say(Sentence.term(Source.Mark.FROM_MEMORY)));
  }

  @Test
  void aRefusedEntrySaysWhyAndKeepsWhatWasTyped() {
    WallScreen wall = wall("library van 1");
    wall.measure(distance("left"), "12 furlongs");
    assertThat(wall.alert()).containsText(sayingOf("entry.noLengthUnit"));
    assertThat(wall.distanceEntry()).hasValue("12 furlongs");
  }
}

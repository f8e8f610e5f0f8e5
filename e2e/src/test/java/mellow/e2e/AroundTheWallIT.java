package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.sayingAnyFigures;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import mellow.core.aim.AimWords;
import mellow.core.aim.School;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.Side;
import mellow.e2e.screen.BayScreen;
import mellow.e2e.screen.StandBackScreen;
import mellow.e2e.screen.WallScreen;
import mellow.page.AppPage;
import mellow.page.BayPage;
import mellow.page.KeptPage;
import mellow.page.SettingsPage;
import mellow.page.StandbackPage;
import mellow.page.WallPage;
import mellow.page.WorkshopPage;
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
    assertThat(bay.verdict()).containsText(say(AimWords.floorNotRead()));
    bay.measure(say(BayPage.frontTyresToWall()), "8520");
    bay.measure(say(AppPage.wheelbase()), "2500");
    bay.measure(say(BayPage.trackLeftToRightTyres()), "1600");
    bay.floor(say(BayPage.floorAtTheFrontLeftTyre()), "0");
    bay.floor(say(BayPage.floorAtTheFrontRightTyre()), "0");
    bay.floor(say(BayPage.floorAtTheRearLeftTyre()), "10");
    bay.floor(say(BayPage.floorAtTheRearRightTyre()), "10");
    bay.floor(say(BayPage.floorAtTheWallsFootSide(say(AppPage.left()))), "-5");
    bay.floor(say(BayPage.floorAtTheWallsFootSide(say(AppPage.right()))), "-5");
    // −10/2500 × 8520 + 5
    assertThat(
            bay.text(
                    say(BayPage.markMovesValue2Uncertainty("29.1 mm", say(AppPage.down()), ""))
                        .strip())
                .first())
        .isVisible();

    bay.floor(say(BayPage.floorAtTheRearRightTyre()), "30");
    assertThat(bay.verdict()).containsText(say(AimWords.twisted(new Figure.FineLength(5))));
    bay.button(say(BayPage.readTheTyresAgain())).click();
    bay.floor(say(BayPage.floorAtTheRearRightTyre()), "10");
    assertThat(bay.text(say(BayPage.typeEachTyreAgainOnThe()))).isVisible();
    assertThat(bay.readings()).containsText(say(WallPage.typedTyped("30")));
  }

  @Test
  void lightOnTheRoadFollowsTheLamps() {
    WallScreen wall = wall("library van 3", Look.USUAL);
    wall.button(say(WallPage.roadTool())).click();
    Locator now = wall.region(say(WallPage.roadNow()));
    assertThat(now).containsText(say(WallPage.asMuchAsAsked()));
    wall.dialog()
        .getByLabel(say(WallPage.lampsNow()))
        .selectOption(say(WallPage.beamReflectorArc()));
    // the wrong source dazzles, whatever the aim; its test says where
    assertThat(now).not().containsText(say(WallPage.asMuchAsAsked()));
    assertThat(wall.text("zone III").first()).isVisible();
    assertThat(wall.text(say(WallPage.beamFile())).first()).hasAttribute("download", "");
  }

  @Test
  void standingBackOneReadsAndTurnsWithLargeButtons() {
    StandBackScreen lamp =
        open(
            "/jobs/" + app().job("midwife's estate") + "/stand-back",
            Look.USUAL,
            StandBackScreen::new);
    assertThat(lamp.heading()).containsText(say(WorkshopPage.rightLamp()));
    lamp.button(say(StandbackPage.readIt())).click();
    assertThat(lamp.figure()).hasText("94");
    lamp.button("+ 1").click();
    lamp.button("+ 1").click();
    lamp.button(say(AppPage.save())).click();
    assertThat(lamp.text(say(StandbackPage.within())).first()).isVisible();
    assertThat(lamp.figureHeightPx()).isGreaterThan(800 / 3.0);
    lamp.button(say(WorkshopPage.leftLamp())).click();
    assertThat(lamp.heading()).containsText(say(WorkshopPage.leftLamp()));
    lamp.button(say(AppPage.back())).click();
    assertThat(lamp.title()).containsText("midwife's estate");
  }

  @Test
  void unitsFlipEverywhereByOneKey() {
    WallScreen wall = wall("library van 3", Look.USUAL);
    assertThat(wall.verdict()).containsText("12 mm");
    wall.press("u");
    assertThat(wall.verdict()).containsText("1/2 in");
    assertThat(wall.buttonFrom(say(WallPage.betweenLamps(": 51 9/16 in"))).first()).isVisible();
    assertThat(wall.text(say(WallPage.betweenLamps(""))).first()).isVisible();
    wall.press("u");
    assertThat(wall.verdict()).containsText("12 mm");
  }

  @Test
  void aStaleEditShowsBothVersionsAndAChoice() {
    WallScreen mine = wall("valley bus 7", Look.USUAL);
    WallScreen theirs = wall("valley bus 7", Look.USUAL.person("Marten"));
    mine.settings();
    mine.field(say(SettingsPage.work())).fill("fog lamps, mine");
    theirs.settings();
    theirs.field(say(SettingsPage.work())).fill("fog lamps, theirs");
    theirs.button(say(AppPage.save())).click();
    assertThat(theirs.text(say(SettingsPage.saved()))).isVisible();

    mine.button(say(AppPage.save())).click();
    assertThat(mine.alert()).containsText(say(AppPage.changedMeanwhileByChangedBy("Marten")));
    assertThat(mine.alert()).containsText("fog lamps, theirs");
    assertThat(mine.alert()).containsText("fog lamps, mine");
    mine.button(say(AppPage.useMine())).click();
    assertThat(mine.text(say(SettingsPage.saved()))).isVisible();
    assertThat(mine.text("fog lamps, mine").first()).isVisible();
  }

  @Test
  void schoolsAreComparedAndChosen() {
    WallScreen wall = wall("Ilse's roadster", Look.USUAL);
    assertThat(wall.compareWays())
        .containsText(sayingAnyFigures(AimWords.bandRefused(Side.LEFT, new Figure.Percent(0))));
    wall.chooseWay(say(Sentence.term(School.SPLIT_DROP)));
    assertThat(wall.buttonFrom(say(Sentence.term(School.SPLIT_DROP)))).isVisible();
    wall.compareWays();
    wall.chooseWay(say(Sentence.term(School.EQUAL_DROP)));
    assertThat(wall.buttonFrom(say(Sentence.term(School.EQUAL_DROP)))).isVisible();
  }

  @Test
  void whatIsReadWithoutAConnectionWaitsAndIsTakenBack() {
    WallScreen wall = wall("snow patrol 1", Look.USUAL);
    assertThat(wall.verdict()).isVisible();
    Locator waits = wall.readings().getByText(say(KeptPage.waitsForTheNetwork()));
    wall.cutTheLine();
    wall.press("l");
    wall.cutoffIs("7");
    assertThat(wall.dialog()).isHidden();
    assertThat(waits).isVisible();
    assertThat(wall.text(say(KeptPage.waitHere(1)))).isVisible();
    wall.mendTheLine();
    assertThat(waits).hasCount(0);
    assertThat(wall.readings()).containsText(say(WallPage.typedTyped("7")));
    wall.buttonFrom(say(AppPage.undo())).click();
    assertThat(wall.readings()).containsText(say(WallPage.undoneBy("Runa", "")).strip());
    forgiveComplaints();
  }

  @Test
  void everythingCanBeFoundByKeyboard() {
    WallScreen wall = wall("library van 3", Look.USUAL);
    assertThat(wall.verdict()).isVisible();
    wall.press("?");
    assertThat(wall.dialog()).containsText(say(WallPage.compareTheWaysOfAiming()));
    wall.enter(say(AppPage.findACommand()), "marks");
    assertThat(wall.dialog()).containsText(say(WallPage.tapeTheWall()));
  }
}

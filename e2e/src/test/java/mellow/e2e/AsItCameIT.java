package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;

import mellow.core.entry.EntryWords;
import mellow.core.finding.Figure;
import mellow.core.lens.LensWords;
import mellow.core.stance.StanceWords;
import mellow.e2e.screen.CameScreen;
import mellow.e2e.screen.WallScreen;
import mellow.page.CamePage;
import mellow.page.SettingsPage;
import org.junit.jupiter.api.Test;

/** What was changed is noted at the axle where it was; the rule of aim follows the lens. */
class AsItCameIT extends BrowserTest {
  @Test
  void aLiftIsNotedAndTheMarksFromBeforeAreRefusedAtTheWall() {
    CameScreen came =
        open("/jobs/" + app().job("snow patrol 1") + "/as-it-came", Look.USUAL, CameScreen::new);
    assertThat(came.verdict())
        .containsText(
            say(StanceWords.tipped(new Figure.Length(78), false, new Figure.Percent(0.70), false)));
    came.measure(say(CamePage.frontAxle()) + ": " + say(CamePage.lift()), "60");
    came.measure(say(CamePage.frontTyreNow()) + ":", "round");
    assertThat(came.alert()).containsText(say(EntryWords.noTyre()));
    came.press("Escape");
    // front 60 + 26.95, rear 25 + 26.95, wheelbase 2850, lamps 820 ahead
    assertThat(came.verdict())
        .containsText(
            say(StanceWords.tipped(new Figure.Length(97), false, new Figure.Percent(1.23), false)));
  }

  @Test
  void theLensChoosesTheRuleOfAim() {
    WallScreen wall = open("/jobs/" + app().job("Marten's hatch"), Look.USUAL, WallScreen::new);
    wall.vehicle();
    wall.lensOfLowBeam().fill("SAE VOR DOT");
    assertThat(wall.text(say(LensWords.noMark(true)))).isVisible();
    assertThat(wall.classOfLowBeam()).hasValue("SAE_VOR");
    wall.lensOfLowBeam().fill("E4 DC/R QQ");
    assertThat(wall.text(say(SettingsPage.notKnownHere()))).isVisible();
    assertThat(wall.classOfLowBeam()).hasValue("UN_DIPPED");
  }
}

package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import mellow.e2e.screen.CameScreen;
import mellow.e2e.screen.WallScreen;
import org.junit.jupiter.api.Test;

/** What was changed is noted at the axle where it was; the rule of aim follows the lens. */
class AsItCameIT extends BrowserTest {
  @Test
  void aLiftIsNotedAndTheMarksFromBeforeAreRefusedAtTheWall() {
    CameScreen came =
        open("/jobs/" + app().job("snow patrol 1") + "/as-it-came", Look.USUAL, CameScreen::new);
    assertThat(came.verdict()).containsText("Lamp centres 78 mm higher, beam tilted 0.70 % up");
    came.measure("Front axle: lift", "60");
    came.measure("Front tyre now:", "round");
    assertThat(came.alert()).containsText("not a tyre");
    came.press("Escape");
    // front 60 + 26.95, rear 25 + 26.95, wheelbase 2850, lamps 820 ahead
    assertThat(came.verdict()).containsText("Lamp centres 97 mm higher, beam tilted 1.23 % up");
  }

  @Test
  void theLensChoosesTheRuleOfAim() {
    WallScreen wall = open("/jobs/" + app().job("Marten's hatch"), Look.USUAL, WallScreen::new);
    wall.vehicle();
    wall.lensOfLowBeam().fill("SAE VOR DOT");
    assertThat(wall.text("No UN approval mark: not made for this market")).isVisible();
    assertThat(wall.classOfLowBeam()).hasValue("SAE_VOR");
    wall.lensOfLowBeam().fill("E4 DC/R QQ");
    assertThat(wall.text("not known here")).isVisible();
    assertThat(wall.classOfLowBeam()).hasValue("UN_DIPPED");
  }
}

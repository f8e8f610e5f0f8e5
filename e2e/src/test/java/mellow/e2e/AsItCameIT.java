package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** What was changed is noted at the axle where it was; the rule of aim follows the lens. */
class AsItCameIT extends BrowserTest {
  @Test
  void aLiftIsNotedAndTheMarksFromBeforeAreRefusedAtTheWall() {
    Page page = open("/jobs/" + app().job("snow patrol 1") + "/as-it-came", Look.USUAL);
    assertThat(verdict(page)).containsText("Lamp centres 78 mm higher, beam tilted 0.70 % up");
    measure(page, "Front axle: lift", "60");
    measure(page, "Front tyre now:", "round");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("not a tyre");
    page.keyboard().press("Escape");
    // front 60 + 26.95, rear 25 + 26.95, wheelbase 2850, lamps 820 ahead
    assertThat(verdict(page)).containsText("Lamp centres 97 mm higher, beam tilted 1.23 % up");
  }

  @Test
  void theLensChoosesTheRuleOfAim() {
    Page page = open("/jobs/" + app().job("Marten's hatch"), Look.USUAL);
    page.keyboard().press("j");
    button(page, "Vehicle").click();
    field(page, "Low beam’s lens, as it stands there").fill("SAE VOR DOT");
    assertThat(page.getByText("No UN approval mark: not made for this market")).isVisible();
    assertThat(page.getByLabel("Low beam: follows its lens")).hasValue("SAE_VOR");
    field(page, "Low beam’s lens, as it stands there").fill("E4 DC/R QQ");
    assertThat(page.getByText("not known here")).isVisible();
    assertThat(page.getByLabel("Low beam: follows its lens")).hasValue("UN_DIPPED");
  }
}

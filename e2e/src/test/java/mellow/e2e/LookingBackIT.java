package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import mellow.server.testing.Api;
import org.junit.jupiter.api.Test;

/** A job is looked at as it stood earlier, from a line of its record. */
class LookingBackIT extends BrowserTest {
  private static final Pattern EARLIER = Pattern.compile("/at/\\d+/jobs/");

  @Test
  void theWallIsShownAsItStoodAndTakesNothingIn() {
    String id = app().job("Ilse's roadster");
    String job = "/jobs/" + id;
    for (String typed : List.of("61", "62")) {
      Api.expect(app().api("Runa").read(id, Api.newId(), "CUTOFF_BELOW", "LEFT", typed), 200);
    }
    Page page = open(job, Look.USUAL);
    Locator readings =
        page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Readings, newest first"))
            .getByRole(AriaRole.LISTITEM);
    int today = readings.count();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Whole record")).click();
    Locator lines = page.locator("li[data-line]");
    assertThat(lines.first()).isVisible();

    // the two readings came after it
    lines.nth(2).getByRole(AriaRole.LINK).click();
    assertThat(page).hasURL(EARLIER);
    page.navigate(page.url().replaceFirst("(/at/\\d+).*", "$1" + job));
    Locator earlier = page.getByRole(AriaRole.COMPLEMENTARY);
    assertThat(earlier).containsText("As it stood then");
    assertThat(readings).hasCount(today - 2);

    page.keyboard().press("l");
    field(page, "Cutoff below").fill("7");
    button(page, "Save").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Go back to today first");
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
    assertThat(earlier.getByRole(AriaRole.ALERT)).containsText("Go back to today first");

    earlier.getByRole(AriaRole.LINK).click();
    assertThat(page).not().hasURL(EARLIER);
    assertThat(readings).hasCount(today);
  }
}

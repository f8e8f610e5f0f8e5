package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import mellow.e2e.screen.RecordScreen;
import mellow.e2e.screen.WallScreen;
import mellow.page.RecordPage;
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
    WallScreen wall = open(job, Look.USUAL, WallScreen::new);
    Page page = wall.page();
    Locator readings = wall.readings().getByRole(AriaRole.LISTITEM);
    int today = readings.count();
    RecordScreen record = wall.toRecord();
    assertThat(record.lines().first()).isVisible();

    // the two readings came after it
    record.lookBackTo(2);
    assertThat(page).hasURL(EARLIER);
    page.navigate(page.url().replaceFirst("(/at/\\d+).*", "$1" + job));
    assertThat(record.moment()).containsText(say(RecordPage.asItStoodThen()));
    assertThat(readings).hasCount(today - 2);

    wall.press("l");
    wall.cutoffIs("7");
    assertThat(wall.dialog()).containsText(say(RecordPage.nothingThen()));
    wall.press("Escape");
    assertThat(wall.dialog()).not().isVisible();
    assertThat(record.moment().getByRole(AriaRole.ALERT))
        .containsText(say(RecordPage.nothingThen()));

    record.backToToday();
    assertThat(page).not().hasURL(EARLIER);
    assertThat(readings).hasCount(today);
  }
}

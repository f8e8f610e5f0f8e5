package mellow.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the pictures of the main views from the demo data: {@code ./mellow screenshots}. */
@EnabledIfSystemProperty(named = "screenshots", matches = "true")
class ScreenshotsIT extends BrowserTest {
  @Test
  void mainViews() {
    String job = "/jobs/" + app().job("library van 3");
    shoot("yard", "/", "", Look.USUAL);
    shoot("wall-dusk", job, "", Look.USUAL);
    shoot("wall-day", job, "", Look.USUAL.theme("day"));
    shoot("wall-inches", "/jobs/" + app().job("road crew 2"), "", Look.USUAL);
    shoot("schools", "/jobs/" + app().job("snow patrol 1"), "c", Look.USUAL);
    shoot("findings", job, "f", Look.USUAL);
    shoot("stand-back", job + "/stand-back", "", Look.USUAL);
    shoot("bay", "/bays/" + app().bay("Hall"), "", Look.USUAL);
    shoot("place-dusk", "/jobs/" + app().job("club roadster") + "/place", "", Look.USUAL);
    shoot(
        "place-day", "/jobs/" + app().job("valley bus 7") + "/place", "", Look.USUAL.theme("day"));
    shoot("as-it-came", "/jobs/" + app().job("snow patrol 1") + "/as-it-came", "", Look.USUAL);
    shoot("came-front", job + "/as-it-came", "v", Look.USUAL.theme("day"));
    shoot("take-in", job + "/take-in", "", Look.USUAL);
    shoot("parts", "/jobs/" + app().job("valley bus 7") + "/parts", "", Look.USUAL);
    shoot("feed", "/jobs/" + app().job("valley bus 7") + "/feed", "", Look.USUAL);
    shoot("photos", job + "/photos", "o", Look.USUAL);
    shoot("rulebook", "/rulebook", "", Look.USUAL);
    shoot("tablet", job, "", Look.USUAL.size(800, 1180));
    shoot("phone", job + "/stand-back", "", Look.USUAL.size(390, 844));
  }

  private void shoot(String name, String path, String key, Look look) {
    Page page = open(path, look);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    if (!key.isEmpty()) {
      page.keyboard().press(key);
    }
    page.waitForTimeout(900);
    page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(Path.of(System.getProperty("screenshots.directory"), name + ".png")));
    page.close();
  }
}

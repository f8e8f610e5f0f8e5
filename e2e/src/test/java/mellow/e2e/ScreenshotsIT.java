package mellow.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Takes the pictures of the main views from the demo data: {@code ./mellow screenshots}. */
@EnabledIfSystemProperty(named = "screenshots", matches = "true")
class ScreenshotsIT extends BrowserTest {
  @Test
  void mainViews() {
    String job = "/jobs/" + app().job("library van 3");
    shoot("yard", "/", Look.USUAL);
    shoot("wall-dusk", job, Look.USUAL);
    shoot("record", "/jobs/" + app().job("valley bus 7") + "/record", Look.USUAL);
    shoot("stand-back", job + "/stand-back", Look.USUAL);
    shoot("bay", "/bays/" + app().bay("Hall"), Look.USUAL);
    shoot("place-dusk", "/jobs/" + app().job("club roadster") + "/place", Look.USUAL);
    shoot("as-it-came", "/jobs/" + app().job("snow patrol 1") + "/as-it-came", Look.USUAL);
    shoot("find", "/jobs/" + app().job("valley bus 4") + "/find", Look.USUAL);
    shoot("take-in", job + "/take-in", Look.USUAL);
    shoot("parts", "/jobs/" + app().job("valley bus 7") + "/parts", Look.USUAL);
    shoot("feed", "/jobs/" + app().job("valley bus 7") + "/feed", Look.USUAL);
    shoot("apart", "/jobs/" + app().job("valley bus 7") + "/apart", Look.USUAL.theme("day"));
    shoot("bench", "/jobs/" + app().job("snow patrol 2") + "/bench", Look.USUAL);
    shoot("prove", "/jobs/" + app().job("road crew 5") + "/prove", Look.USUAL.theme("day"));
    shoot("together", "/jobs/" + app().job("nurse's estate") + "/together", Look.USUAL);
    shoot("hand-over", "/jobs/" + app().job("library van 2") + "/hand-over", Look.USUAL);
    shoot("history", "/history", Look.USUAL.theme("day"));
    shoot("rulebook", "/rulebook", Look.USUAL);
    shoot("road", job, Look.USUAL, "o");
  }

  private void shoot(String name, String path, Look look, String... keys) {
    Page page = open(path, look);
    settled(page);
    for (String key : keys) {
      page.keyboard().press(key);
      page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TABLE).waitFor();
      settled(page);
    }
    page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(Path.of(System.getProperty("screenshots.directory"), name + ".png")));
    page.close();
  }
}

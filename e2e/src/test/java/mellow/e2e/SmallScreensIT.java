package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From a workshop screen to a phone: nothing runs off the side, everything can be pressed. */
class SmallScreensIT extends BrowserTest {
  /** A workshop screen, a tablet held upright, a phone. */
  private static final int[][] SIZES = {{1280, 800}, {800, 1180}, {390, 844}};

  private static final String BEYOND_THE_SIDE =
      """
      () => document.documentElement.scrollWidth <= document.documentElement.clientWidth
        ? []
        : [...document.querySelectorAll('body *')]
          .filter((one) => one.getBoundingClientRect().right > document.documentElement.clientWidth)
          .map((one) => `${one.tagName} ${(one.getAttribute('aria-label') ?? one.textContent).slice(0, 40)}`)""";

  private static final String TOO_SMALL =
      """
      () => [...document.querySelectorAll('button, select, [role=slider]')]
        .filter((one) => one.offsetParent !== null)
        .map((one) => [one, one.getBoundingClientRect()])
        .filter(([one, box]) => box.height < 47.5 && box.height > 0
          && !one.closest('[data-dense]'))
        .map(([one, box]) => `${one.getAttribute('aria-label') ?? one.textContent}: ${box.height}`)""";

  @Test
  void nothingRunsOffTheSideAndAGlovedFingerFindsEverything() {
    String job = "/jobs/" + app().job("library van 3");
    Map<String, Integer> drawingsOf = new LinkedHashMap<>();
    drawingsOf.put("/", 0);
    drawingsOf.put(job, 1);
    drawingsOf.put("/jobs/" + app().job("club roadster") + "/place", 1);
    drawingsOf.put(job + "/take-in", 0);
    drawingsOf.put(job + "/as-it-came", 1);
    drawingsOf.put(job + "/photos", 0);
    drawingsOf.put(job + "/parts", 0);
    drawingsOf.put("/jobs/" + app().job("valley bus 7") + "/feed", 1);
    drawingsOf.put("/jobs/" + app().job("library van 1") + "/feed", 0);
    drawingsOf.put("/jobs/" + app().job("club roadster") + "/apart", 1);
    drawingsOf.put("/jobs/" + app().job("snow patrol 2") + "/bench", 1);
    drawingsOf.put("/jobs/" + app().job("road crew 5") + "/prove", 0);
    drawingsOf.put("/jobs/" + app().job("library van 2") + "/together", 1);
    drawingsOf.put("/jobs/" + app().job("library van 2") + "/hand-over", 0);
    drawingsOf.put("/history", 0);
    drawingsOf.put(job + "/stand-back", 0);
    drawingsOf.put("/bays/" + app().bay("Hall"), 1);
    drawingsOf.forEach(this::holds);
  }

  private void holds(String path, int drawings) {
    Page page = open(path, Look.USUAL);
    for (int[] size : SIZES) {
      page.setViewportSize(size[0], size[1]);
      page.waitForTimeout(250);
      String where = path + " at " + size[0];
      assertThat(page.evaluate(BEYOND_THE_SIDE)).as(where).isEqualTo(List.of());
      assertThat(page.evaluate(TOO_SMALL)).as(where).isEqualTo(List.of());
      leavesTheScreenToTheWork(page, size, where);
      Locator drawn = page.locator("main [data-drawing]");
      assertThat(drawn.count()).as("drawings: " + where).isEqualTo(drawings);
      drawn
          .all()
          .forEach(
              one ->
                  assertThat(one.boundingBox().height)
                      .as("height of the drawing: " + where)
                      .isGreaterThanOrEqualTo(280));
    }
    page.close();
  }

  /** What stands above the work and below it may not take the screen of a phone or a tablet. */
  private static void leavesTheScreenToTheWork(Page page, int[] size, String where) {
    if (!where.startsWith("/jobs/")) {
      return;
    }
    double head = page.locator("main").boundingBox().y;
    if (size[0] == 390) {
      assertThat(head).as("head: " + where).isLessThanOrEqualTo(110);
      page.locator("section[aria-label='Where it stands']")
          .all()
          .forEach(
              band ->
                  assertThat(band.boundingBox().height)
                      .as("band: " + where)
                      .isLessThanOrEqualTo(130));
    } else if (size[0] == 800) {
      assertThat(head).as("head: " + where).isLessThanOrEqualTo(150);
    }
  }

  @ParameterizedTest
  @CsvSource({"METRIC", "IMPERIAL"})
  void nothingMovesWhileAValueIsTyped(String units) {
    Page page = open("/jobs/" + app().job("library van 3"), Look.USUAL);
    if (units.equals("IMPERIAL")) {
      page.keyboard().press("u");
    }
    String places =
        "() => JSON.stringify([...document.querySelectorAll('main button, [role=slider]')]"
            + ".filter((one) => !(one.getAttribute('aria-label') ?? '').startsWith('Height of the left'))"
            + ".map((one) => { const box = one.getBoundingClientRect();"
            + " return [Math.round(box.x), Math.round(box.y)]; }))";
    page.waitForTimeout(500);
    Object before = page.evaluate(places);
    buttonFrom(page, "Height of the left lamp centre").click();
    page.keyboard().type("1234567");
    assertThat(page.evaluate(places)).isEqualTo(before);
    page.keyboard().press("Escape");
    assertThat(page.evaluate(places)).isEqualTo(before);
  }
}

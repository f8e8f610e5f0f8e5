package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From a workshop screen to a phone: nothing runs off the side, everything can be pressed. */
class SmallScreensIT extends BrowserTest {
  @ParameterizedTest
  @CsvSource({"1280, 800", "800, 1180", "390, 844"})
  void nothingRunsOffTheSideAndAGlovedFingerFindsEverything(int width, int height) {
    String job = "/jobs/" + app().job("library van 3");
    String front = "/jobs/" + app().job("club roadster") + "/place";
    for (String path :
        List.of(
            "/",
            job,
            front,
            job + "/as-it-came",
            job + "/stand-back",
            "/bays/" + app().bay("Hall"))) {
      Page page = open(path, Look.USUAL.size(width, height));
      Object overflow =
          page.evaluate(
              "document.documentElement.scrollWidth - document.documentElement.clientWidth");
      assertThat(((Number) overflow).intValue()).as(path + " at " + width).isLessThanOrEqualTo(0);
      Object small =
          page.evaluate(
              """
              () => [...document.querySelectorAll('button, select, [role=slider]')]
                .filter((one) => one.offsetParent !== null)
                .map((one) => [one, one.getBoundingClientRect()])
                .filter(([one, box]) => box.height < 47.5 && box.height > 0
                  && !one.closest('[data-dense]'))
                .map(([one, box]) => `${one.getAttribute('aria-label') ?? one.textContent}: ${box.height}`)""");
      assertThat((List<?>) small).as(path + " at " + width).isEmpty();
      page.close();
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

package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import mellow.e2e.screen.Screen;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a value is typed, nothing else gives way to it. */
class TypingInPlaceIT extends BrowserTest {
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
    settled(page);
    Object before = page.evaluate(places);
    new Screen(page).buttonFrom("Height of the left lamp centre").click();
    page.keyboard().type("1234567");
    assertThat(page.evaluate(places)).isEqualTo(before);
    page.keyboard().press("Escape");
    assertThat(page.evaluate(places)).isEqualTo(before);
  }
}

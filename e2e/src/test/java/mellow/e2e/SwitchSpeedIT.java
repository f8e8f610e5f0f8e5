package mellow.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Measures from a moved switch to the circuit drawn as solved: {@code ./mellow bench}. A figure is
 * no ground to fail, for it is the machine's as much as the page's.
 */
@EnabledIfSystemProperty(named = "measure", matches = ".+")
class SwitchSpeedIT extends BrowserTest {
  private static final int TURNS = 60;

  /** Presses a switch and waits until what the front shows of it has been drawn. */
  private static final String TURN =
      """
      async (words) => {
        const group = document.querySelector('[role=group][aria-label="Lights"]');
        const front = () => document.querySelector('svg[aria-label^="The front"]');
        const before = front().getAttribute('aria-label');
        const began = performance.now();
        [...group.querySelectorAll('button')].find((one) => one.textContent === words).click();
        while (front().getAttribute('aria-label') === before) {
          await new Promise((go) => requestAnimationFrame(go));
          if (performance.now() - began > 5000) throw new Error('nothing was drawn');
        }
        return performance.now() - began;
      }""";

  @Test
  void theLightSwitchIsTurned() throws IOException {
    Page page = open("/jobs/" + app().job("valley bus 7") + "/feed", Look.USUAL);
    page.locator("svg[aria-label^='The front'][aria-busy=false]").waitFor();
    settled(page);
    double[] times = new double[TURNS];
    for (int i = 0; i < TURNS; i++) {
      times[i] = ((Number) page.evaluate(TURN, i % 2 == 0 ? "off" : "low")).doubleValue();
    }
    Arrays.sort(times);
    Files.write(
        Path.of(System.getProperty("measure")),
        List.of(
            line("switch_drawn_p50 %.1f ms", times[TURNS / 2]),
            line("switch_drawn_p95 %.1f ms", times[TURNS * 95 / 100])),
        StandardOpenOption.CREATE,
        StandardOpenOption.APPEND);
  }

  private static String line(String format, double value) {
    return String.format(Locale.ROOT, format, value);
  }
}

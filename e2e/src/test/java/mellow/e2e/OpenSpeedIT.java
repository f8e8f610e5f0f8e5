package mellow.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mellow.server.testing.LongJob;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Measures how long a job of many facts takes to open beside one of few, by turns: {@code ./mellow
 * bench}. A figure is no ground to fail, for it is the machine's as much as the page's.
 */
@EnabledIfSystemProperty(named = "measure", matches = ".+")
class OpenSpeedIT extends BrowserTest {
  private static final int FEW = 50;
  private static final int MANY = 2_000;
  private static final int WARM_UP = 4;
  private static final int TURNS = 25;

  /** Notes when the band first says where the job stands, in ms since the page was asked for. */
  private static final String NOTE_WHEN_SHOWN =
      """
      new MutationObserver((_, observer) => {
        const band = document.querySelector('[aria-label="Where it stands"]');
        if (band && band.textContent) {
          window.shownAt = performance.now();
          observer.disconnect();
        }
      }).observe(document, { childList: true, subtree: true, characterData: true });""";

  @Test
  void aLongJobIsOpenedBesideAShortOne() throws IOException {
    String few = LongJob.of(app().api("Runa"), FEW);
    String many = LongJob.of(app().api("Runa"), MANY);
    List<String> lines = new ArrayList<>();
    for (String view : List.of("", "/prove")) {
      Page page = open("/jobs/" + few + view, Look.USUAL, NOTE_WHEN_SHOWN);
      List<Double> shortly = new ArrayList<>();
      List<Double> longly = new ArrayList<>();
      for (int i = 0; i < WARM_UP + TURNS; i++) {
        double one = opened(page, few + view);
        double other = opened(page, many + view);
        if (i >= WARM_UP) {
          shortly.add(one);
          longly.add(other);
        }
      }
      String name = view.isEmpty() ? "wall" : view.substring(1);
      lines.add(line(name + "_opened_of_" + FEW + " %.0f ms", median(shortly)));
      lines.add(line(name + "_opened_of_" + MANY + " %.0f ms", median(longly)));
      lines.add(line(name + "_opened_long_ratio %.2f", median(longly) / median(shortly)));
    }
    Files.write(
        Path.of(System.getProperty("measure")),
        lines,
        StandardOpenOption.CREATE,
        StandardOpenOption.APPEND);
  }

  private static double opened(Page page, String job) {
    page.navigate(app().address() + "/jobs/" + job);
    page.waitForFunction("() => window.shownAt");
    return ((Number) page.evaluate("window.shownAt")).doubleValue();
  }

  private static double median(List<Double> times) {
    return times.stream().sorted().skip(times.size() / 2).findFirst().orElseThrow();
  }

  private static String line(String format, double value) {
    return String.format(Locale.ROOT, format, value);
  }
}

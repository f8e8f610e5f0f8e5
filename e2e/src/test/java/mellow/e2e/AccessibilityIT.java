package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Each view in both themes, by the rules of axe (WCAG 2.1 A and AA). */
class AccessibilityIT extends BrowserTest {
  private final List<String> found = new ArrayList<>();

  @ParameterizedTest
  @ValueSource(strings = {"dusk", "day"})
  void noViewHasAFault(String theme) throws IOException {
    String job = "/jobs/" + app().job("library van 3");
    check(theme, "/", "");
    check(theme, job, "");
    check(theme, job, "f");
    check(theme, job, "c");
    check(theme, job, "m");
    check(theme, job, "j");
    check(theme, job, "r");
    check(theme, job, "w");
    check(theme, "/jobs/" + app().job("valley bus 7"), "");
    String front = "/jobs/" + app().job("club roadster") + "/place";
    check(theme, front, "");
    check(theme, front, "a");
    check(theme, front, "t");
    check(theme, job + "/place", "");
    check(theme, "/jobs/" + app().job("snow patrol 1") + "/as-it-came", "");
    check(theme, job + "/stand-back", "");
    check(theme, "/bays", "");
    check(theme, "/bays/" + app().bay("Hall"), "");
    check(theme, "/rulebook", "");
    check(theme, "/nowhere", "");
    assertThat(found).as(theme).isEmpty();
  }

  private void check(String theme, String path, String key) throws IOException {
    Page page = open(path, Look.USUAL.theme(theme));
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.getByRole(com.microsoft.playwright.options.AriaRole.HEADING).first().waitFor();
    if (!key.isEmpty()) {
      page.keyboard().press(key);
      page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG).waitFor();
      page.waitForTimeout(400);
    }
    page.evaluate(Files.readString(Path.of(System.getProperty("axe.script"))));
    Object faults =
        page.evaluate(
            """
            async () => {
              const result = await axe.run(document, {
                runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'],
              });
              return result.violations.flatMap((rule) =>
                rule.nodes.map((node) => `${rule.id}: ${node.target} ${node.failureSummary}`));
            }""");
    ((List<?>) faults).forEach(fault -> found.add(path + " " + key + ": " + fault));
    page.close();
  }
}

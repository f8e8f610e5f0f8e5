package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each view in both themes, by the rules of axe (WCAG 2.1 A and AA). */
class AccessibilityIT extends BrowserTest {
  private final List<String> found = new ArrayList<>();

  @Test
  void noViewHasAFault() throws IOException {
    String job = "/jobs/" + app().job("library van 3");
    check("/", "");
    check("/", "n");
    check(job + "/take-in", "");
    check(job + "/take-in", "j");
    check(job + "/take-in", "v");
    check(job + "/parts", "");
    check("/jobs/" + app().job("valley bus 7") + "/parts", "c");
    check(job + "/photos", "");
    check(job, "");
    check(job, "f");
    check(job, "c");
    check(job, "m");
    check(job, "j");
    check(job, "r");
    check(job, "w");
    check("/jobs/" + app().job("valley bus 7"), "");
    String front = "/jobs/" + app().job("club roadster") + "/place";
    check(front, "");
    check(front, "a");
    check(front, "t");
    check(job + "/place", "");
    check("/jobs/" + app().job("snow patrol 1") + "/as-it-came", "");
    check(job + "/stand-back", "");
    check("/bays", "");
    check("/bays/" + app().bay("Hall"), "");
    check("/rulebook", "");
    check("/rulebook", "n");
    check("/nowhere", "");
    assertThat(found).isEmpty();
  }

  private void check(String path, String key) throws IOException {
    Page page = open(path, Look.USUAL);
    page.getByRole(AriaRole.HEADING).first().waitFor();
    page.getByRole(AriaRole.MAIN).waitFor();
    if (!key.isEmpty()) {
      page.keyboard().press(key);
      page.getByRole(AriaRole.DIALOG).waitFor();
      page.waitForTimeout(400);
    }
    page.evaluate(Files.readString(Path.of(System.getProperty("axe.script"))));
    String everything =
        "{ runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'] } }";
    run(page, path + " " + key + ", dusk", everything);
    // nothing but the colours differs by theme
    page.evaluate("document.documentElement.className = 'light'");
    run(page, path + " " + key + ", day", "{ runOnly: ['color-contrast'] }");
    page.close();
  }

  private void run(Page page, String where, String options) {
    Object faults =
        page.evaluate(
            """
            async () => {
              const result = await axe.run(document, %s);
              return result.violations.flatMap((rule) =>
                rule.nodes.map((node) => `${rule.id}: ${node.target} ${node.failureSummary}`));
            }"""
                .formatted(options));
    ((List<?>) faults).forEach(fault -> found.add(where + ": " + fault));
  }
}

package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each view in both themes, by the rules of axe (WCAG 2.1 A and AA). */
class AccessibilityIT extends BrowserTest {
  private static final String ALL =
      "{ resultTypes: ['violations'],"
          + " runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'] } }";

  private final List<String> found = new ArrayList<>();

  @Test
  void noViewHasAFault() throws IOException {
    for (Views.View view : Views.all(app())) {
      check(view.path(), view.dialogs());
    }
    assertThat(found).isEmpty();
  }

  /** Checks a page, and then each dialog that a key opens over it. */
  private void check(String path, List<String> keys) throws IOException {
    Page page = open(path, Look.USUAL);
    page.getByRole(AriaRole.MAIN).waitFor();
    page.evaluate(Files.readString(Path.of(System.getProperty("axe.script"))));
    inBothThemes(page, path, "document");
    for (String key : keys) {
      page.keyboard().press(key);
      Locator dialog = page.getByRole(AriaRole.DIALOG);
      dialog.waitFor();
      settled(page);
      inBothThemes(page, path + " " + key, "'[role=dialog]'");
      page.keyboard().press("Escape");
      dialog.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
    }
    page.close();
  }

  private void inBothThemes(Page page, String where, String what) {
    page.evaluate("document.documentElement.className = 'dark'");
    run(page, where + ", dusk", what, ALL);
    // nothing but the colours differs by theme
    page.evaluate("document.documentElement.className = 'light'");
    run(
        page,
        where + ", day",
        what,
        "{ resultTypes: ['violations'], runOnly: ['color-contrast'] }");
  }

  private void run(Page page, String where, String what, String options) {
    Object faults =
        page.evaluate(
            """
            async () => {
              const result = await axe.run(%s, %s);
              return result.violations.flatMap((rule) =>
                rule.nodes.map((node) => `${rule.id}: ${node.target} ${node.failureSummary}`));
            }"""
                .formatted(what, options));
    ((List<?>) faults).forEach(fault -> found.add(where + ": " + fault));
  }
}

package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;

/**
 * Each view from a workshop screen to a phone, with each word 40 % longer than in English, as
 * another language may have it: nothing runs off the side, is cut off, overlaps or leaves its box,
 * everything can be pressed, and no constant, key or id is shown. In both themes it follows the
 * rules of axe (WCAG 2.1 A and AA).
 */
abstract class AllViews extends BrowserTest {
  /** A workshop screen, a tablet held upright, a phone. */
  private static final int[][] SIZES = {{1280, 800}, {800, 1180}, {390, 844}};

  /** Another view is shown, and nothing of it is still on its way. */
  private static final String TURNED_AND_THERE =
      """
      (before) => {
        const main = document.querySelector('main');
        return main.innerText !== before
          && ![...main.querySelectorAll('[role=status]')].some((one) => one.textContent.startsWith('Fetch'));
      }""";

  /** Longer words, and no pages ahead of the one that is looked at. */
  private static final String STRETCHED =
      "localStorage.setItem('mellow.language.Runa', 'en-XA');"
          + " window.requestIdleCallback = () => 0;";

  private static final String WCAG =
      "{ type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'] }";

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

  private final Set<String> found = new LinkedHashSet<>();
  private String misfits = "";
  private String axe = "";

  /** Two classes share the views between them, so that both forks have half. */
  final void hold(int half) throws IOException {
    try (InputStream in = AllViews.class.getResourceAsStream("/words-fit.js")) {
      misfits = new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
    axe = Files.readString(Path.of(System.getProperty("axe.script")));
    List<Views.View> all = Views.all(app());
    for (int i = half; i < all.size(); i += 2) {
      holds(all.get(i));
    }
    assertThat(found).isEmpty();
  }

  private void holds(Views.View view) {
    Page page = open(view.path(), Look.USUAL, STRETCHED);
    page.getByRole(AriaRole.MAIN).waitFor();
    assertThat(page.evaluate("document.documentElement.lang")).isEqualTo("en-XA");
    page.evaluate(axe);
    atEachSize(
        page,
        view.path(),
        (size, where) -> {
          note(page, where, "main, header, section");
          leavesTheScreenToTheWork(page, size, where);
          drawingsAreHighEnough(page, view, where);
          accessible(page, size, view.path(), "document");
        });
    for (String tab : view.tabs()) {
      atFirstSize(page);
      String before = page.locator("main").innerText();
      page.keyboard().press(tab);
      page.waitForFunction(TURNED_AND_THERE, before);
      atEachSize(page, view.path() + " " + tab, (size, where) -> note(page, where, "main"));
    }
    for (String key : view.dialogs()) {
      atFirstSize(page);
      page.keyboard().press(key);
      Locator dialog = page.getByRole(AriaRole.DIALOG);
      dialog.waitFor();
      String name = view.path() + " " + key;
      atEachSize(
          page,
          name,
          (size, where) -> {
            note(page, where, "[role=dialog]");
            accessible(page, size, name, "'[role=dialog]'");
          });
      page.keyboard().press("Escape");
      dialog.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
    }
    page.close();
  }

  private static void atFirstSize(Page page) {
    page.setViewportSize(SIZES[0][0], SIZES[0][1]);
  }

  private void atEachSize(Page page, String view, BiConsumer<int[], String> holds) {
    for (int[] size : SIZES) {
      page.setViewportSize(size[0], size[1]);
      settled(page);
      holds.accept(size, view + " at " + size[0]);
    }
  }

  private void note(Page page, String where, String within) {
    for (Object faults :
        List.of(
            page.evaluate(BEYOND_THE_SIDE),
            page.evaluate(TOO_SMALL),
            page.evaluate(misfits, within))) {
      ((List<?>) faults).forEach(fault -> found.add(where + ": " + fault));
    }
  }

  /** At the first size, in both themes; nothing but the colours differs by theme. */
  private void accessible(Page page, int[] size, String where, String what) {
    if (size != SIZES[0]) {
      return;
    }
    follows(page, where + ", dusk", what, WCAG);
    page.evaluate("document.documentElement.className = 'light'");
    follows(page, where + ", day", what, "['color-contrast']");
    page.evaluate("document.documentElement.className = 'dark'");
  }

  private void follows(Page page, String where, String what, String rules) {
    Object faults =
        page.evaluate(
            """
            async () => {
              const result = await axe.run(%s, { resultTypes: ['violations'], runOnly: %s });
              return result.violations.flatMap((rule) =>
                rule.nodes.map((node) => `${rule.id}: ${node.target} ${node.failureSummary}`));
            }"""
                .formatted(what, rules));
    ((List<?>) faults).forEach(fault -> found.add(where + ": " + fault));
  }

  private static void drawingsAreHighEnough(Page page, Views.View view, String where) {
    Locator drawn = page.locator("main [data-drawing]");
    assertThat(drawn.count()).as("drawings: " + where).isEqualTo(view.drawings());
    drawn
        .all()
        .forEach(
            one ->
                assertThat(one.boundingBox().height)
                    .as("height of the drawing: " + where)
                    .isGreaterThanOrEqualTo(280));
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
}

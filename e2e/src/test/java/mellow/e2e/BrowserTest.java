package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.WeakHashMap;
import java.util.function.Function;
import mellow.e2e.screen.Screen;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;

/** Drives Debian's Chromium against the built application; fails on any error the page reports. */
abstract class BrowserTest {
  private static final int PATIENCE_MS = 15_000;

  /** Drawings follow a new size a few frames later, and figures the answer to a request. */
  private static final String SETTLED =
      """
      (patience) => document.fonts.ready.then(() => new Promise((done, fail) => {
        const look = () => document.body.innerHTML
          + [...document.querySelectorAll('main *')].map((one) => one.getBoundingClientRect().width);
        const atRest = () => document.getAnimations().length === 0
          && [...document.images].every((one) => one.complete);
        const ends = performance.now() + patience;
        let [before, frames] = [look(), 0];
        const next = () => {
          const now = look();
          frames = now === before && atRest() ? frames + 1 : 0;
          before = now;
          if (performance.now() > ends) {
            return fail(new Error('the page does not come to rest'));
          }
          frames >= 3 ? done() : requestAnimationFrame(next);
        };
        requestAnimationFrame(next);
      }))""";

  /** What each page has asked for and was not answered yet. */
  private static final Map<Page, Set<Request>> UNANSWERED = new WeakHashMap<>();

  private final List<BrowserContext> contexts = new ArrayList<>();
  private final List<String> complaints = new ArrayList<>();

  /** How a page is opened. */
  record Look(int width, int height, String theme, String person) {
    static final Look USUAL = new Look(1280, 800, "dusk", "Runa");

    Look theme(String other) {
      return new Look(width, height, other, person);
    }

    Look size(int otherWidth, int otherHeight) {
      return new Look(otherWidth, otherHeight, theme, person);
    }

    Look person(String other) {
      return new Look(width, height, theme, other);
    }
  }

  @BeforeAll
  static void launch() {
    // a busy machine is slow, not wrong
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
  }

  /**
   * The browser that all tests share; it ends with the JVM, and each test has a profile of its own.
   */
  private static final class Shared {
    private static final Browser BROWSER = launched(Playwright.create());

    private static Browser launched(Playwright playwright) {
      Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
      return playwright
          .chromium()
          .launch(
              new BrowserType.LaunchOptions()
                  .setExecutablePath(Path.of(System.getProperty("chromium.path")))
                  .setArgs(
                      List.of(
                          "--no-sandbox",
                          "--disable-gpu",
                          "--disable-quic",
                          "--no-first-run",
                          "--disable-background-networking",
                          "--disable-component-update",
                          "--disable-sync")));
    }
  }

  @AfterEach
  void closeAndComplain() {
    contexts.forEach(BrowserContext::close);
    assertThat(complaints).isEmpty();
  }

  static Application app() {
    return Application.shared();
  }

  /** Opens a path of the application. */
  Page open(String path, Look look) {
    return open(path, look, "");
  }

  /** Opens a path of the application as the screen that it is. */
  <S extends Screen> S open(String path, Look look, Function<Page, S> screen) {
    return screen.apply(open(path, look));
  }

  /** Opens a path of the application; the script runs before the page's own. */
  Page open(String path, Look look, String script) {
    BrowserContext context =
        Shared.BROWSER.newContext(
            new Browser.NewContextOptions().setViewportSize(look.width(), look.height()));
    contexts.add(context);
    context.setDefaultTimeout(PATIENCE_MS);
    context.addInitScript(
        "localStorage.setItem('mellow.acting', '%s'); localStorage.getItem('mellow.theme') ?? localStorage.setItem('mellow.theme', '%s');"
            .formatted(look.person(), look.theme()));
    context.addInitScript(script);
    Page page = context.newPage();
    page.onPageError(error -> complaints.add("error: " + error));
    page.onConsoleMessage(
        message -> {
          // a refused entry is answered 4xx, which the browser logs too
          if (message.type().equals("error") && !message.text().contains("status of 4")) {
            complaints.add("console: " + message.text());
          }
        });
    Set<Request> unanswered = new HashSet<>();
    UNANSWERED.put(page, unanswered);
    page.onRequestFinished(unanswered::remove);
    page.onRequestFailed(unanswered::remove);
    page.onRequest(
        request -> {
          if (request.url().startsWith(app().address())) {
            // what is listened to has no end
            if (!request.resourceType().equals("eventsource")) {
              unanswered.add(request);
            }
          } else if (!request.url().startsWith("data:")
              && !request.url().startsWith("blob:" + app().address())) {
            complaints.add("left the machine: " + request.url());
          }
        });
    page.navigate(app().address() + path);
    try {
      page.getByRole(AriaRole.HEADING).first().waitFor();
    } catch (TimeoutError late) {
      throw new AssertionError(
          "%s shows only: %s%nStill unanswered: %s"
              .formatted(
                  path,
                  page.locator("body").innerText(),
                  unanswered.stream().map(Request::url).toList()),
          late);
    }
    answered(page);
    return page;
  }

  /** Waits until nothing of the page is fetched or moves. */
  static void settled(Page page) {
    answered(page);
    page.evaluate(SETTLED, PATIENCE_MS);
  }

  private static void answered(Page page) {
    page.waitForCondition(UNANSWERED.get(page)::isEmpty);
  }

  /** What the page may complain of from here on without failing: for tests that cut the line. */
  void forgiveComplaints() {
    complaints.clear();
  }
}

package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import mellow.page.KeptPage;
import mellow.page.WorkshopPage;

/** Apart and together: what comes off, and goes back. */
public final class WorkScreen extends Screen {
  public WorkScreen(Page page) {
    super(page);
  }

  /** Calls a line out, as it would be said. */
  public void callOut(String line) {
    enter(say(WorkshopPage.callItOut()), line);
  }

  /** Shows a view of the vehicle in the drawing. */
  public void touch(String view) {
    page.locator("svg[data-view=" + view + "]").click();
  }

  /** What is off the vehicle. */
  public Locator off() {
    return region(say(WorkshopPage.whatIsOff()));
  }

  public Locator stopped() {
    return region(say(WorkshopPage.whereYouStopped()));
  }

  /** What was written down, newest first. */
  public Locator log() {
    return region(say(WorkshopPage.logNewestFirst()));
  }

  /** What waits on the log. */
  public Locator waiting() {
    return log().getByText(say(KeptPage.waitsForTheNetwork()));
  }
}

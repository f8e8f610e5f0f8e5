package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** Apart and together: what comes off, and goes back. */
public final class WorkScreen extends Screen {
  public WorkScreen(Page page) {
    super(page);
  }

  /** Calls a line out, as it would be said. */
  public void callOut(String line) {
    enter("Call it out", line);
  }

  /** Shows a view of the vehicle in the drawing. */
  public void touch(String view) {
    page.locator("svg[data-view=" + view + "]").click();
  }

  /** What is off the vehicle. */
  public Locator off() {
    return region("What is off");
  }

  public Locator stopped() {
    return region("Where you stopped");
  }

  /** What was written down, newest first. */
  public Locator log() {
    return region("Log, newest first");
  }

  /** What waits on the log. */
  public Locator waiting() {
    return log().getByText("waits for the network");
  }
}

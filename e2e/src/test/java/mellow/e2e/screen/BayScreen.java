package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** Bays, and the floor of one. */
public final class BayScreen extends Screen {
  public BayScreen(Page page) {
    super(page);
  }

  public void add(String name) {
    field("Name").fill(name);
    button("Add the bay").click();
  }

  /** Reads the floor at a place: "at the front left tyre". */
  public void floor(String where, String typed) {
    measure("Floor " + where, typed);
  }

  public Locator readings() {
    return region("Readings, newest first");
  }
}

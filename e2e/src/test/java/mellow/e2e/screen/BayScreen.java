package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import mellow.page.AppPage;
import mellow.page.BayPage;
import mellow.page.WallPage;

/** Bays, and the floor of one. */
public final class BayScreen extends Screen {
  public BayScreen(Page page) {
    super(page);
  }

  public void add(String name) {
    field(say(AppPage.name())).fill(name);
    button(say(BayPage.addTheBay())).click();
  }

  /** Reads the floor at a place. */
  public void floor(String where, String typed) {
    measure(where, typed);
  }

  public Locator readings() {
    return region(say(WallPage.readingsNewestFirst()));
  }
}

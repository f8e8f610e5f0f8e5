package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import mellow.page.AppPage;
import mellow.page.TakeinPage;

/** Take in: what is wanted, and how the vehicle came. */
public final class TakeInScreen extends Screen {
  public TakeInScreen(Page page) {
    super(page);
  }

  /** The stages that the work has. */
  public Locator plan() {
    return list(say(TakeinPage.plan()));
  }

  /** What earlier jobs on such a vehicle found. */
  public Locator doneBefore() {
    return region(say(TakeinPage.doneBefore()));
  }

  public PlaceScreen toPlace() {
    link(say(AppPage.place())).click();
    return new PlaceScreen(page);
  }

  public WallScreen toWall() {
    link(say(AppPage.wall())).click();
    return new WallScreen(page);
  }
}

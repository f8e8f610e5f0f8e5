package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** Take in: what is wanted, and how the vehicle came. */
public final class TakeInScreen extends Screen {
  public TakeInScreen(Page page) {
    super(page);
  }

  /** The stages that the work has. */
  public Locator plan() {
    return list("Plan");
  }

  /** What earlier jobs on such a vehicle found. */
  public Locator doneBefore() {
    return region("Done before");
  }

  public PlaceScreen toPlace() {
    link("Place").click();
    return new PlaceScreen(page);
  }

  public WallScreen toWall() {
    link("Wall").click();
    return new WallScreen(page);
  }
}

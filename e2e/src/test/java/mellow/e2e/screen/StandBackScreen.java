package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** One lamp, to be read from where one stands. */
public final class StandBackScreen extends Screen {
  public StandBackScreen(Page page) {
    super(page);
  }

  /** The figure that is shown large. */
  public Locator figure() {
    return page.locator("[data-figure]");
  }

  public double figureHeightPx() {
    return figure().boundingBox().height;
  }

  public Locator title() {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
  }
}

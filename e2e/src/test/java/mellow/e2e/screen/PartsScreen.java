package mellow.e2e.screen;

import com.microsoft.playwright.Page;

/** Parts: each is looked at, and its plugs ticked. */
public final class PartsScreen extends Screen {
  public PartsScreen(Page page) {
    super(page);
  }

  /** Ticks a plug on a side. */
  public void tick(String side, String plug) {
    button(side + ": not ticked, " + plug).click();
  }

  /** The part that is shown goes back. */
  public void sendBack(String why) {
    button("goes back").click();
    enter("Why", why);
  }

  public TakeInScreen toTakeIn() {
    link("Take in").click();
    return new TakeInScreen(page);
  }
}

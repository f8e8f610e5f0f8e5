package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Page;
import mellow.page.AppPage;
import mellow.page.PartsPage;

/** Parts: each is looked at, and its plugs ticked. */
public final class PartsScreen extends Screen {
  public PartsScreen(Page page) {
    super(page);
  }

  /** Ticks a plug on a side. */
  public void tick(String side, String plug) {
    button(side + ": " + say(PartsPage.notTicked()) + ", " + plug).click();
  }

  /** The part that is shown goes back. */
  public void sendBack(String why) {
    button(say(PartsPage.goesBack())).click();
    enter(say(AppPage.why()), why);
  }

  public TakeInScreen toTakeIn() {
    link(say(AppPage.takeIn())).click();
    return new TakeInScreen(page);
  }
}

package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import mellow.page.YardPage;

/** The yard: all jobs that are open, and the door to a new one. */
public final class YardScreen extends Screen {
  public YardScreen(Page page) {
    super(page);
  }

  /** Starts a new job; its form is open then. */
  public void newJob() {
    button(say(YardPage.takeAVehicleIn())).click();
  }

  /** Takes a vehicle in by the form that is open. */
  public TakeInScreen takeIn(String model) {
    field(say(YardPage.makeAndModel())).fill(model);
    button(say(YardPage.takeItIn())).click();
    return new TakeInScreen(page);
  }

  /** The row of a job, by what its vehicle is called. */
  public Locator row(String nickname) {
    return page.locator("li", new Page.LocatorOptions().setHasText(nickname));
  }
}

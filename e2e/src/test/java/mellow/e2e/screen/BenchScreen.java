package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import mellow.page.AppPage;
import mellow.page.TimersPage;
import mellow.page.WorkshopPage;

/** The bench: the oven, projectors and the lens. */
public final class BenchScreen extends Screen {
  public BenchScreen(Page page) {
    super(page);
  }

  /** What is measured of the right lamp. */
  public Locator rightLamp() {
    return region(say(WorkshopPage.sideLamp(say(AppPage.right()))));
  }

  /** What was measured of the right lamp, by what it is of and the value: one that is shown. */
  public Locator measured(String of, String value) {
    return rightLamp()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions()
                .setName(say(WorkshopPage.sideLampWords(say(AppPage.right()), of)) + ": " + value));
  }

  /** Measures something of the right lamp anew. */
  public void measureRight(String of, String shown, String typed) {
    measured(of, shown).click();
    Locator entry = rightLamp().getByRole(AriaRole.TEXTBOX);
    entry.fill(typed);
    entry.press("Enter");
  }

  public void intoTheOven() {
    button(say(WorkshopPage.intoTheOven())).click();
  }

  /** The timers that run. */
  public Locator timers() {
    return region(say(AppPage.timers()));
  }

  /** The timers, to be read across the room. */
  public Locator acrossTheRoom() {
    press("t");
    return page.getByRole(AriaRole.DIALOG, named(say(AppPage.timers())));
  }

  public void backToWork() {
    within(acrossTheRoomThatIsOpen(), say(TimersPage.backToWork())).click();
  }

  private Locator acrossTheRoomThatIsOpen() {
    return page.getByRole(AriaRole.DIALOG, named(say(AppPage.timers())));
  }
}

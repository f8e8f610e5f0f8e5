package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** The bench: the oven, projectors and the lens. */
public final class BenchScreen extends Screen {
  public BenchScreen(Page page) {
    super(page);
  }

  /** What is measured of the right lamp. */
  public Locator rightLamp() {
    return region("right lamp");
  }

  /** What was measured of the right lamp, by what it is of and the value: one that is shown. */
  public Locator measured(String of, String value) {
    return rightLamp()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("right lamp, " + of + ": " + value));
  }

  /** Measures something of the right lamp anew. */
  public void measureRight(String of, String shown, String typed) {
    measured(of, shown).click();
    Locator entry = rightLamp().getByRole(AriaRole.TEXTBOX);
    entry.fill(typed);
    entry.press("Enter");
  }

  public void intoTheOven() {
    button("Into the oven").click();
  }

  /** The timers that run. */
  public Locator timers() {
    return region("Timers");
  }

  /** The timers, to be read across the room. */
  public Locator acrossTheRoom() {
    press("t");
    return page.getByRole(AriaRole.DIALOG, named("Timers"));
  }

  public void backToWork() {
    within(acrossTheRoomThatIsOpen(), "Back to work").click();
  }

  private Locator acrossTheRoomThatIsOpen() {
    return page.getByRole(AriaRole.DIALOG, named("Timers"));
  }
}

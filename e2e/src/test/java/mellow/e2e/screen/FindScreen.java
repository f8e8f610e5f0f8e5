package mellow.e2e.screen;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import mellow.page.FindPage;
import mellow.page.MeterPage;

/** Find: a fault is hunted by one check after another. */
public final class FindScreen extends Screen {
  public FindScreen(Page page) {
    super(page);
  }

  /** What is to be checked next. */
  public Locator next() {
    return region(say(FindPage.nextCheck()));
  }

  /** What may be the cause, the likeliest first. */
  public Locator suspects() {
    return region(say(FindPage.suspects())).first().getByRole(AriaRole.BUTTON);
  }

  /** What was checked and is kept; what still waits cannot be struck. */
  public Locator lines() {
    return region(say(FindPage.checked()))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(say(FindPage.strike())));
  }

  /** The simulated vehicle answers the next check, and its answer is saved. */
  public void simulate() {
    int before = lines().count();
    simulated();
    assertThat(lines()).hasCount(before + 1);
  }

  /** The probes of the simulated meter are put on two points, and what it shows live is kept. */
  public void measureByTheMeter() {
    int before = lines().count();
    buttonFrom(say(FindPage.otherCheck())).click();
    button(say(FindPage.enterIt())).click();
    button(say(MeterPage.readLive())).click();
    button(say(MeterPage.keep())).click();
    assertThat(dialog()).isHidden();
    assertThat(lines()).hasCount(before + 1);
  }

  /** The same where the lines are not shown. */
  public void simulated() {
    button(say(FindPage.askTheSimulatedVehicle())).click();
    button(say(FindPage.saveWhatItShows())).click();
  }

  /** Whether there is anything left to check. */
  public boolean isSearching() {
    return button(say(FindPage.askTheSimulatedVehicle())).isVisible();
  }

  /** The search ends: the part that is named was mended. */
  public void end(String did) {
    button(say(FindPage.endTheSearch())).click();
    dialog().getByLabel(say(FindPage.whatWasMended())).fill(did);
    dialog()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(say(FindPage.endTheSearch())))
        .click();
  }
}

package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import mellow.page.AppPage;
import mellow.page.RulebookPage;

/** What lamps are judged by. */
public final class RulebookScreen extends Screen {
  public RulebookScreen(Page page) {
    super(page);
  }

  /** Starts a set of the shop's own from the one that is shown. */
  public void startOwnSet(String name, String reason) {
    press("n");
    field(say(AppPage.name())).fill(name);
    field(say(RulebookPage.reason())).fill(reason);
    button(say(RulebookPage.startTheSet())).click();
  }

  /** The row of a rule, by something that it says. */
  public Locator rule(String says) {
    return page.locator("tr").filter(new Locator.FilterOptions().setHasText(says));
  }

  /** Opens the form that changes a rule. */
  public void change(Locator rule) {
    within(rule, say(RulebookPage.change())).click();
  }

  /** Fills in the least that a rule asks, where its form is open. */
  public void atLeast(String typed) {
    field(say(RulebookPage.atLeast())).fill(typed);
    button(say(RulebookPage.changeTheRule())).click();
  }

  /** Notes that a rule was checked against the text. */
  public void confirm(Locator rule, String place) {
    within(rule, say(RulebookPage.confirm())).click();
    field(say(RulebookPage.editionAndPlaceInTheText())).fill(place);
    button(say(RulebookPage.iCheckedIt())).click();
  }

  public void importFile(Path file) {
    page.getByLabel(say(AppPage.importAFile())).setInputFiles(file);
  }
}

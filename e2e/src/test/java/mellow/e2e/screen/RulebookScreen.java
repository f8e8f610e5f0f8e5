package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;

/** What lamps are judged by. */
public final class RulebookScreen extends Screen {
  public RulebookScreen(Page page) {
    super(page);
  }

  /** Starts a set of the shop's own from the one that is shown. */
  public void startOwnSet(String name, String reason) {
    press("n");
    field("Name").fill(name);
    field("Reason").fill(reason);
    button("Start the set").click();
  }

  /** The row of a rule, by something that it says. */
  public Locator rule(String says) {
    return page.locator("tr").filter(new Locator.FilterOptions().setHasText(says));
  }

  /** Opens the form that changes a rule. */
  public void change(Locator rule) {
    within(rule, "change").click();
  }

  /** Fills in the least that a rule asks, where its form is open. */
  public void atLeast(String typed) {
    field("At least").fill(typed);
    button("Change the rule").click();
  }

  /** Notes that a rule was checked against the text. */
  public void confirm(Locator rule, String place) {
    within(rule, "confirm").click();
    field("Edition and place in the text").fill(place);
    button("I checked it").click();
  }

  public void importFile(Path file) {
    page.getByLabel("Import a file").setInputFiles(file);
  }
}

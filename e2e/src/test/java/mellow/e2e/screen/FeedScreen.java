package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import mellow.page.AppPage;
import mellow.page.FeedPage;
import mellow.server.feed.FeedWords;

/** Feed: what lamps should do, the plan, its circuit and lists. */
public final class FeedScreen extends Screen {
  public FeedScreen(Page page) {
    super(page);
  }

  /** Presses what lamps should do in a state: as it comes, lit, reduced, out, in turn. */
  public void wish(String of) {
    button(of).click();
  }

  public void usePlan(String title) {
    button(say(FeedPage.useThisPlan()) + ": " + title).click();
  }

  /** Answers one of the plan's questions. */
  public void answer(String question, String value) {
    press("q");
    page.getByLabel(question).selectOption(value);
    button(say(FeedPage.saveTheAnswers())).click();
  }

  /** Turns the driver's light switch. */
  public void lights(String position) {
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(say(FeedPage.lights())))
        .getByText(position)
        .click();
  }

  /** The front as it is lit in the state that is shown. */
  public Locator front() {
    return page.locator("svg[aria-label^='The front, seen standing before it']");
  }

  /** Gives a wire of the circuit another size. */
  public void changeWire(String name, String size) {
    buttonFrom(say(FeedPage.wireNameLine(name, "")).strip()).press("Enter");
    dialog().getByLabel(say(FeedWords.wire())).selectOption(size);
    button(say(AppPage.changeIt())).click();
  }

  /** Shows the order of the work and the cut list. */
  public void lists() {
    press("3");
  }

  public void battery() {
    press("6");
  }

  /** Notes that a step of the work was done. */
  public void done(String step) {
    buttonFrom(say(FeedPage.doneDoes(step))).click();
  }
}

package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** Hand over: what is open, the signature, and what comes after. */
public final class HandOverScreen extends Screen {
  public HandOverScreen(Page page) {
    super(page);
  }

  /** Opens what has to be signed. */
  public Locator handOver() {
    button("Hand over").click();
    return signing();
  }

  private Locator signing() {
    return page.getByRole(AriaRole.DIALOG, named("Hand over"));
  }

  /** Signs, with whatever was given as the reason. */
  public void sign(String person) {
    button("Sign as " + person + ", with this reason").click();
  }

  public void reason(String words) {
    signing().getByRole(AriaRole.TEXTBOX).fill(words);
  }

  /** Notes a step as done while handing over; its name ends so. */
  public void done(String end) {
    signing()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^Done: .*" + end + "$")))
        .click();
  }

  /** What is open of a stage. */
  public Locator openOf(String stage) {
    return signing()
        .getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName(stage).setExact(true));
  }

  public void leaveOutAllOf(String stage) {
    openOf(stage)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leave out all"))
        .click();
  }

  /** Adds a correction beside the closed record. */
  public void correct(String right, String why, String person) {
    button("Add a correction").click();
    field("What is right").fill(right);
    field("Why it is corrected").fill(why);
    button("Sign as " + person).click();
  }

  public Locator afterIt() {
    return region("With it and after it");
  }
}

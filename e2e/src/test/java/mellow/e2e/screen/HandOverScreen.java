package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.sayingOf;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import mellow.page.AppPage;
import mellow.page.HandoverPage;

/** Hand over: what is open, the signature, and what comes after. */
public final class HandOverScreen extends Screen {
  public HandOverScreen(Page page) {
    super(page);
  }

  /** Opens what has to be signed. */
  public Locator handOver() {
    button(say(AppPage.handOver())).click();
    return signing();
  }

  private Locator signing() {
    return page.getByRole(AriaRole.DIALOG, named(say(AppPage.handOver())));
  }

  /** Signs, with whatever was given as the reason. */
  public void sign(String person) {
    button(say(HandoverPage.signedWithThisReason(say(HandoverPage.signAsActingName(person)))))
        .click();
  }

  public void reason(String words) {
    signing().getByRole(AriaRole.TEXTBOX).fill(words);
  }

  /** Notes a step as done while handing over; its name ends so. */
  public void done(String end) {
    signing()
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions()
                .setName(
                    Pattern.compile(
                        "^"
                            + Said.literally(say(HandoverPage.donePattern("")))
                            + ".*"
                            + end
                            + "$")))
        .click();
  }

  /** What is open of a stage. */
  public Locator openOf(String stage) {
    return signing()
        .getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName(stage).setExact(true));
  }

  public void leaveOutAllOf(String stage) {
    openOf(stage)
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions()
                .setName(sayingOf("page/handover.leaveOutAllLengthSteps")))
        .click();
  }

  /** Adds a correction beside the closed record. */
  public void correct(String right, String why, String person) {
    button(say(HandoverPage.addACorrection())).click();
    field(say(HandoverPage.whatIsRight())).fill(right);
    field(say(HandoverPage.whyItIsCorrected())).fill(why);
    button(say(HandoverPage.signAsActingName(person))).click();
  }

  public Locator afterIt() {
    return region(say(HandoverPage.withItAndAfterIt()));
  }
}

package mellow.e2e.screen;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import mellow.page.WorkshopPage;

/** Prove: every lamp in every state. */
public final class ProveScreen extends Screen {
  public ProveScreen(Page page) {
    super(page);
  }

  /** All lamps do what they should, in every state that is not proved yet. */
  public void everyStateIsRight() {
    Locator states = list(say(WorkshopPage.statesInOrder())).getByRole(AriaRole.BUTTON);
    assertThat(states.first()).isVisible();
    for (int i = 0; i < states.count(); i++) {
      states.nth(i).click();
      if (!states.nth(i).textContent().contains(say(WorkshopPage.proved()))) {
        button(say(WorkshopPage.allAsTheyShouldBe())).click();
      }
      assertThat(states.nth(i)).containsText(say(WorkshopPage.proved()));
    }
  }
}

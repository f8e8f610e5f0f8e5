package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Every line of a job, and the job as it stood right after one. */
public final class RecordScreen extends Screen {
  public RecordScreen(Page page) {
    super(page);
  }

  public Locator lines() {
    return page.locator("li[data-line]");
  }

  /** Looks at the job as it stood right after a line; 0 is the newest. */
  public void lookBackTo(int line) {
    lines().nth(line).getByRole(AriaRole.LINK).click();
  }

  /** What says which moment is shown. */
  public Locator moment() {
    return page.getByRole(AriaRole.COMPLEMENTARY);
  }

  public void backToToday() {
    moment().getByRole(AriaRole.LINK).click();
  }
}

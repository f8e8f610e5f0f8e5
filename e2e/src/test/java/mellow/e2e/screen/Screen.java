package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.InputStream;
import java.util.regex.Pattern;
import mellow.page.AppPage;

/**
 * What every page of the application has; things are found by their role and name, as people do.
 */
public class Screen {
  protected final Page page;

  /** A page that is open. */
  public Screen(Page page) {
    this.page = page;
  }

  /** The browser's page, for what lies below the screen: the network, the address, the mouse. */
  public final Page page() {
    return page;
  }

  /** What the band says of where it stands. */
  public final Locator verdict() {
    return region(say(AppPage.whereItStands()));
  }

  public final Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, named(name));
  }

  /** A button whose name starts so. */
  public final Locator buttonFrom(String start) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(startingWith(start)));
  }

  public final Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  public final Locator link(String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  public final Locator region(String name) {
    return page.getByRole(AriaRole.REGION, named(name));
  }

  public final Locator list(String name) {
    return page.getByRole(AriaRole.LIST, named(name));
  }

  public final Locator heading() {
    return page.getByRole(AriaRole.HEADING);
  }

  /** The dialog that is open. */
  public final Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }

  /** What was refused. */
  public final Locator alert() {
    return page.getByRole(AriaRole.ALERT);
  }

  public final Locator text(String words) {
    return page.getByText(words);
  }

  /** Presses a key on the page as a whole. */
  public final void press(String key) {
    page.keyboard().press(key);
  }

  public final void reload() {
    page.reload();
  }

  /** Fills a field and presses Enter. */
  public final void enter(String label, String typed) {
    field(label).fill(typed);
    field(label).press("Enter");
  }

  /** Types a measured value where it is shown. */
  public final void measure(String labelStart, String typed) {
    buttonFrom(labelStart).click();
    Locator entry =
        page.getByRole(
            AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(startingWith(labelStart)));
    entry.fill(typed);
    entry.press("Enter");
  }

  /** The file that a link leads to. */
  public final byte[] download(String link) throws IOException {
    Download file = page.waitForDownload(() -> link(link).click());
    try (InputStream in = file.createReadStream()) {
      return in.readAllBytes();
    }
  }

  /** The network is lost until it is brought back. */
  public final void cutTheLine() {
    page.context().setOffline(true);
  }

  public final void mendTheLine() {
    page.context().setOffline(false);
  }

  /** Opens what was changed last on this stage, to undo it. */
  public final Locator lastChange() {
    buttonFrom(say(AppPage.undo())).click();
    return dialog();
  }

  /** Undoes it. */
  public final void undoLastChange() {
    within(dialog(), say(AppPage.undo())).click();
  }

  /** A button within a part of the screen. */
  protected static Locator within(Locator part, String button) {
    return part.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true));
  }

  protected static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  protected static Pattern startingWith(String start) {
    return Pattern.compile("^" + Said.literally(start));
  }
}

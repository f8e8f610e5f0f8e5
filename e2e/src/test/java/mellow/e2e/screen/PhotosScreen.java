package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.FilePayload;
import mellow.page.KeptPage;
import mellow.page.PhotosPage;

/** The photos of a job. */
public final class PhotosScreen extends Screen {
  private static final String SENDING = "**/api/jobs/*/photos/*";

  public PhotosScreen(Page page) {
    super(page);
  }

  /** Adds a photo from a file. */
  public void add(String name, byte[] png) {
    page.getByLabel(say(PhotosPage.fromFile()))
        .setInputFiles(new FilePayload(name, "image/png", png));
  }

  /** Photos do not get through; the page itself does. */
  public void holdPhotosUp() {
    page.context().route(SENDING, Route::abort);
  }

  public void letPhotosThrough() {
    page.context().unroute(SENDING);
  }

  /** A photo that waits. */
  public Locator waiting(String name) {
    return text(name + ": " + say(KeptPage.waitsToBeSent()));
  }

  /** Lays the photo after the work over the one before. */
  public Locator layOver() {
    button(say(PhotosPage.layOver())).click();
    return page.getByLabel(say(PhotosPage.howMuchOfTheEarlierPhoto()));
  }
}

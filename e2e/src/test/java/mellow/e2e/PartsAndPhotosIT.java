package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.Base64;
import org.junit.jupiter.api.Test;

/** Parts are looked at and their plugs ticked; photos are taken in and laid over each other. */
class PartsAndPhotosIT extends BrowserTest {
  /** One yellow pixel. */
  private static final byte[] PNG =
      Base64.getDecoder()
          .decode(
              "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==");

  @Test
  void aPartThatGoesBackMakesItsStageWaitAndATickedMapIsWithin() {
    String job = "/jobs/" + app().job("library van 3");
    Page page = open(job + "/parts", Look.USUAL);
    assertThat(verdict(page)).containsText("2 of 3 connectors not ticked yet");
    button(page, "right: not ticked, low beam, black").click();
    button(page, "right: not ticked, shutter, blue").click();
    assertThat(verdict(page)).not().containsText("not ticked");

    button(page, "goes back").click();
    field(page, "Why").fill("scratched");
    field(page, "Why").press("Enter");
    assertThat(verdict(page)).containsText("Projector, left: goes back, scratched");
    assertThat(page.getByText("Bench waits until it is here.")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Take in")).click();
    assertThat(page.getByText("waits: projector, left")).isVisible();

    page.goBack();
    buttonFrom(page, "Undo").click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("Changed by Runa");
    assertThat(dialog).containsText("scratched");
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo")).click();
    assertThat(verdict(page)).not().containsText("scratched");
    page.reload();
    assertThat(verdict(page)).not().containsText("scratched");
    page.navigate(app().address() + job + "/record");
    assertThat(page.getByText("undone: changed: parts")).isVisible();
  }

  @Test
  void aPhotoComesFromAFileAndADamagedOneIsRefused() {
    Page page = open("/jobs/" + app().job("library van 1") + "/photos", Look.USUAL);
    assertThat(verdict(page)).containsText("No photo taken before the work yet");
    Locator file = page.getByLabel("From file");
    file.setInputFiles(new FilePayload("wall.png", "image/png", PNG));
    assertThat(verdict(page)).containsText("Photographed before; nothing after yet");
    field(page, "From how far it was taken").fill("10 ft");
    field(page, "From how far it was taken").press("Enter");
    assertThat(page.getByText("3 048 mm")).isVisible();

    byte[] half = java.util.Arrays.copyOf(PNG, PNG.length / 2);
    file.setInputFiles(new FilePayload("half.png", "image/png", half));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("half.png: The file is incomplete");
  }

  @Test
  void aPhotoWaitsForTheNetworkOverAReload() {
    String photos = "/jobs/" + app().job("Marten's hatch") + "/photos";
    Page page = open(photos, Look.USUAL);
    assertThat(verdict(page)).isVisible();
    // the server cannot be reached; the page itself can
    page.context().route("**/api/jobs/*/photos/*", Route::abort);
    page.getByLabel("From file").setInputFiles(new FilePayload("wall.png", "image/png", PNG));
    Locator waiting = page.getByText("wall.png: waits to be sent");
    assertThat(waiting).isVisible();
    page.reload();
    assertThat(waiting).isVisible();
    page.context().unroute("**/api/jobs/*/photos/*");
    assertThat(waiting).isHidden();
    assertThat(page.getByText("Runa, 1 × 1 px")).isVisible();
    forgiveComplaints();
  }

  @Test
  void afterIsLaidOverBefore() {
    Page page = open("/jobs/" + app().job("library van 3") + "/photos", Look.USUAL);
    button(page, "Lay over").click();
    Locator slider = page.getByLabel("How much of the earlier photo is uncovered");
    slider.press("ArrowRight");
    assertThat(slider).hasValue("51");
    assertThat(page.getByText("Good for comparing shape")).isVisible();
  }
}

package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.Arrays;
import java.util.Base64;
import mellow.e2e.screen.PartsScreen;
import mellow.e2e.screen.PhotosScreen;
import mellow.e2e.screen.RecordScreen;
import mellow.e2e.screen.TakeInScreen;
import org.junit.jupiter.api.Test;

/** Parts are looked at and their plugs ticked; photos are taken in and laid over each other. */
class PartsAndPhotosIT extends BrowserTest {
  /** One yellow pixel. */
  private static final byte[] PNG =
      Base64.getDecoder()
          .decode(
              "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==");

  private PhotosScreen photos(String vehicle) {
    return open("/jobs/" + app().job(vehicle) + "/photos", Look.USUAL, PhotosScreen::new);
  }

  @Test
  void aPartThatGoesBackMakesItsStageWaitUntilItIsUndone() {
    String job = "/jobs/" + app().job("library van 3");
    PartsScreen parts = open(job + "/parts", Look.USUAL, PartsScreen::new);
    assertThat(parts.verdict()).containsText("2 of 3 connectors not ticked yet");
    parts.tick("right", "low beam, black");
    parts.tick("right", "shutter, blue");
    assertThat(parts.verdict()).not().containsText("not ticked");

    parts.sendBack("scratched");
    assertThat(parts.verdict()).containsText("Projector, left: goes back, scratched");
    assertThat(parts.text("Bench waits until it is here.")).isVisible();
    TakeInScreen takeIn = parts.toTakeIn();
    assertThat(takeIn.text("waits: projector, left")).isVisible();

    parts.page().goBack();
    Locator last = parts.lastChange();
    assertThat(last).containsText("Changed by Runa");
    assertThat(last).containsText("scratched");
    parts.undoLastChange();
    assertThat(parts.verdict()).not().containsText("scratched");
    parts.reload();
    assertThat(parts.verdict()).not().containsText("scratched");
    RecordScreen record = open(job + "/record", Look.USUAL, RecordScreen::new);
    assertThat(record.text("undone: changed: parts")).isVisible();
  }

  @Test
  void aPhotoComesFromAFileAndADamagedOneIsRefused() {
    PhotosScreen photos = photos("library van 1");
    assertThat(photos.verdict()).containsText("No photo taken before the work yet");
    photos.add("wall.png", PNG);
    assertThat(photos.verdict()).containsText("Photographed before; nothing after yet");
    photos.enter("From how far it was taken", "10 ft");
    assertThat(photos.text("3 048 mm")).isVisible();

    photos.add("half.png", Arrays.copyOf(PNG, PNG.length / 2));
    assertThat(photos.alert()).containsText("half.png: The file is incomplete");
  }

  @Test
  void aPhotoWaitsForTheNetworkOverAReload() {
    PhotosScreen photos = photos("Marten's hatch");
    assertThat(photos.verdict()).isVisible();
    photos.holdPhotosUp();
    photos.add("wall.png", PNG);
    assertThat(photos.waiting("wall.png")).isVisible();
    photos.reload();
    assertThat(photos.waiting("wall.png")).isVisible();
    photos.letPhotosThrough();
    assertThat(photos.waiting("wall.png")).isHidden();
    assertThat(photos.text("Runa, 1 × 1 px")).isVisible();
    forgiveComplaints();
  }

  @Test
  void afterIsLaidOverBefore() {
    PhotosScreen photos = photos("library van 3");
    Locator uncovered = photos.layOver();
    uncovered.press("ArrowRight");
    assertThat(uncovered).hasValue("51");
    assertThat(photos.text("Good for comparing shape")).isVisible();
  }
}

package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import java.util.Arrays;
import java.util.Base64;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.parts.PartsWords;
import mellow.core.photo.PhotoWords;
import mellow.core.record.JobDocument;
import mellow.core.record.RecordWords;
import mellow.core.workflow.Stage;
import mellow.e2e.screen.PartsScreen;
import mellow.e2e.screen.PhotosScreen;
import mellow.e2e.screen.RecordScreen;
import mellow.e2e.screen.TakeInScreen;
import mellow.page.AppPage;
import mellow.page.KeptPage;
import mellow.page.PartsPage;
import mellow.page.PhotosPage;
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
    assertThat(parts.verdict())
        .containsText(say(PartsWords.plugsOpen(new Figure.Count(2), new Figure.Count(3))));
    parts.tick(say(AppPage.right()), "low beam, black");
    parts.tick(say(AppPage.right()), "shutter, blue");
    assertThat(parts.verdict()).not().containsText(say(PartsPage.notTicked()));

    parts.sendBack("scratched");
    assertThat(parts.verdict())
        .containsText(say(PartsWords.goesBackWith(Sentence.typed("Projector, left"), "scratched")));
    assertThat(parts.text(say(PartsWords.waits(Stage.BENCH)))).isVisible();
    TakeInScreen takeIn = parts.toTakeIn();
    assertThat(takeIn.text(say(AppPage.waits("projector, left")))).isVisible();

    parts.page().goBack();
    Locator last = parts.lastChange();
    assertThat(last).containsText(say(KeptPage.changedByAt("Runa", "")).strip());
    assertThat(last).containsText("scratched");
    parts.undoLastChange();
    assertThat(parts.verdict()).not().containsText("scratched");
    parts.reload();
    assertThat(parts.verdict()).not().containsText("scratched");
    RecordScreen record = open(job + "/record", Look.USUAL, RecordScreen::new);
    assertThat(record.text(say(RecordWords.logUndone(RecordWords.logRevised(JobDocument.PARTS)))))
        .isVisible();
  }

  @Test
  void aPhotoComesFromAFileAndADamagedOneIsRefused() {
    PhotosScreen photos = photos("library van 1");
    assertThat(photos.verdict()).containsText(say(PhotosPage.noPhotoBeforeTheWork()));
    photos.add("wall.png", PNG);
    assertThat(photos.verdict()).containsText(say(PhotosPage.photographedBeforeNothingAfterYet()));
    photos.enter(say(PhotosPage.fromHowFarItWasTaken()), "10 ft");
    assertThat(photos.text("3 048 mm")).isVisible();

    photos.add("half.png", Arrays.copyOf(PNG, PNG.length / 2));
    assertThat(photos.alert()).containsText("half.png: " + say(PhotoWords.damaged()));
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
    assertThat(photos.text(say(PhotosPage.takenByWidthPxHeightPxPxPlaceTime("Runa", "1", "1"))))
        .isVisible();
    forgiveComplaints();
  }

  @Test
  void afterIsLaidOverBefore() {
    PhotosScreen photos = photos("library van 3");
    Locator uncovered = photos.layOver();
    uncovered.press("ArrowRight");
    assertThat(uncovered).hasValue("51");
    assertThat(photos.text(say(PhotoWords.goodForShape()))).isVisible();
  }
}

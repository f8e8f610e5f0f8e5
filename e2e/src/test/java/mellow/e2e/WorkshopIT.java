package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.sayingAnyFigures;
import static mellow.e2e.screen.Said.sayingOf;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import mellow.core.aim.AimWords;
import mellow.core.finding.Figure;
import mellow.core.record.RecordWords;
import mellow.core.vehicle.Side;
import mellow.core.workflow.ledger.LedgerWords;
import mellow.e2e.screen.BenchScreen;
import mellow.e2e.screen.HandOverScreen;
import mellow.e2e.screen.ProveScreen;
import mellow.e2e.screen.WorkScreen;
import mellow.page.AppPage;
import mellow.page.HandoverPage;
import mellow.page.WorkshopPage;
import mellow.server.handover.HandoverWords;
import mellow.server.testing.Api;
import org.junit.jupiter.api.Test;

/** The middle of jobs and their end, in the browser: a swap, a fog job and a retrofit. */
class WorkshopIT extends BrowserTest {
  /** Left overnight half together; goes together, is proved and handed over with its pack. */
  @Test
  void interruptedSwapIsTakenUpAndHandedOver() throws IOException {
    String id = app().job("nurse's estate");
    String job = "/jobs/" + id;
    WorkScreen together = open(job + "/together", Look.USUAL, WorkScreen::new);
    assertThat(together.stopped()).containsText(say(WorkshopPage.thingsOffTheVehicle(5)));
    together
        .button(say(WorkshopPage.allByHandTight("3")) + ": 3 bolts, 10 mm, middle, right")
        .click();
    together.button("Plugged: 2 left lamp connectors, middle, left").click();
    together.button("Back: left headlamp").click();
    together.button("All 3 back: 3 bolts, 10 mm, middle, left").click();
    assertThat(together.verdict()).containsText(sayingOf("ledger.byHand"));
    together
        .button(say(WorkshopPage.allByHandTight("3")) + ": 3 bolts, 10 mm, middle, left")
        .click();
    assertThat(together.text(say(WorkshopPage.everythingIsInItsPlaceAnd()))).isVisible();

    open(job + "/prove", Look.USUAL, ProveScreen::new).everyStateIsRight();
    assertThat(workshop(id).at("/proof/proved").asBoolean()).isTrue();

    HandOverScreen end = open(job + "/hand-over", Look.USUAL, HandOverScreen::new);
    assertThat(end.verdict()).containsText(sayingOf("handover.unread"));
    readAtTheWall(id);
    end.reload();
    assertThat(end.verdict()).containsText(say(HandoverWords.partsNotChecked()));
    Locator signing = end.handOver();
    end.sign("Runa");
    assertThat(signing.getByRole(AriaRole.ALERT))
        .containsText(sayingOf("server/handover.openNeedsReason"));
    end.done("tight, then upper, left");
    end.reason("the nurse needs the car, shown to her");
    assertThat(end.openOf(say(AppPage.together()))).not().containsText("tight, then upper, left");
    end.leaveOutAllOf(say(AppPage.together()));
    assertThat(end.openOf(say(AppPage.together()))).hasCount(0);
    end.sign("Runa");
    assertThat(end.verdict()).containsText(say(HandoverPage.handedOverByBy("Runa", "")).strip());
    assertThat(end.download(say(HandoverPage.packA4())))
        .startsWith("%PDF-".getBytes(StandardCharsets.US_ASCII));
    end.correct("The left bolts are new", "forgotten on the day", "Runa");
    assertThat(end.afterIt()).containsText("The left bolts are new");
  }

  private static JsonNode workshop(String jobId) {
    return app().api("").get("/api/jobs/" + jobId + "/workshop").body();
  }

  /** The network is cut in the middle of entries: they wait, are shown, and go out once. */
  @Test
  void entriesWaitForTheNetworkAlsoOverAReload() {
    String id = app().job("valley bus 7");
    WorkScreen apart = open("/jobs/" + id + "/apart", Look.USUAL, WorkScreen::new);
    int before = workshop(id).get("ledger").size();
    apart.touch("FRONT");
    apart.cutTheLine();
    apart.button("3 screw").click();
    apart.button("2 clip, push").click();
    apart.callOut("1 rivet front edge");
    assertThat(apart.waiting()).hasCount(3);
    apart.mendTheLine();
    apart.reload();
    assertThat(apart.log().getByText("off: 3 screws").first()).isVisible();
    assertThat(apart.waiting()).hasCount(0);
    apart.reload();
    assertThat(apart.log().getByText("off: 2 clips").first()).isVisible();
    assertThat(workshop(id).get("ledger")).hasSize(before + 3);
    assertThat(apart.off()).containsText("1 rivet, front edge");
    forgiveComplaints();
  }

  @Test
  void typedLineIsReadAndUndone() {
    WorkScreen apart =
        open("/jobs/" + app().job("club roadster") + "/apart", Look.USUAL, WorkScreen::new);
    apart.callOut("2 bumper");
    assertThat(apart.alert()).containsText(say(LedgerWords.oneByOne()));
    apart.callOut("4 clip upper edge");
    assertThat(apart.off()).containsText("4 clips, pin pulled, upper edge");
    apart.button(say(WorkshopPage.undoWords("off: 4 clips, pin pulled, upper edge"))).click();
    assertThat(apart.off()).not().containsText("4 clips");
  }

  /** The right projector leans; it is turned, the oven asks what is in it, a cure starts. */
  @Test
  void retrofitGoesOnAtTheBench() {
    BenchScreen bench =
        open("/jobs/" + app().job("snow patrol 2") + "/bench", Look.USUAL, BenchScreen::new);
    assertThat(bench.verdict())
        .containsText(sayingAnyFigures(AimWords.rollLeans(Side.RIGHT, new Figure.Angle(0), true)));
    bench.press("3");
    bench.measureRight(say(WorkshopPage.projectorPlace("right place")), "801.0", "806");
    assertThat(bench.measured(say(WorkshopPage.projectorPlace("right place")), "806.0"))
        .isVisible();
    bench.measureRight(say(WorkshopPage.projectorPlace("left place")), "811.0", "806");
    assertThat(bench.rightLamp()).containsText("Right cutoff level");
    bench.press("2");
    bench.intoTheOven();
    assertThat(bench.alert()).containsText(sayingOf("retrofit.notLookedFor"));
    for (String looked :
        List.of(
            say(WorkshopPage.noBulbs()),
            say(WorkshopPage.noBallastOrDriver()),
            say(WorkshopPage.noTapeOrFilm()),
            say(WorkshopPage.noLooseWiresOrPlugs()),
            say(WorkshopPage.noScrewOrClipHoldsThe()))) {
      bench.button(looked).click();
    }
    bench.intoTheOven();
    assertThat(bench.timers()).containsText(say(RecordWords.ovenTimer(Side.LEFT, "")));
    assertThat(bench.acrossTheRoom()).containsText(say(RecordWords.ovenTimer(Side.LEFT, "")));
    bench.backToWork();
  }

  /** Aimed as the label asks: 1.00 % down at 7620 mm is 76 mm. */
  private static void readAtTheWall(String job) {
    Api api = app().api("Runa");
    for (String side : List.of("LEFT", "RIGHT")) {
      for (String reading :
          List.of("DISTANCE 7620", "CENTRE 690", "LOWER_EDGE 620", "CUTOFF_BELOW 76")) {
        String[] words = reading.split(" ");
        Api.expect(api.read(job, Api.newId(), words[0], side, words[1]), 200);
      }
    }
  }
}

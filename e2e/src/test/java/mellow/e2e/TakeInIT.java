package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Page;
import java.util.concurrent.atomic.AtomicInteger;
import mellow.core.workflow.PriorChange;
import mellow.core.workflow.WorkflowWords;
import mellow.e2e.screen.TakeInScreen;
import mellow.e2e.screen.YardScreen;
import mellow.page.AppPage;
import mellow.page.KeptPage;
import mellow.page.TakeinPage;
import org.junit.jupiter.api.Test;

/** A vehicle is taken in: the plan follows, and an earlier job on its model says what it found. */
class TakeInIT extends BrowserTest {
  @Test
  void theWorkWantedBringsItsStagesAndTheModelsEarlierJobsAreShown() {
    YardScreen yard = open("/", Look.USUAL, YardScreen::new);
    yard.newJob();
    yard.button(say(TakeinPage.retrofit())).click();
    TakeInScreen takeIn = yard.takeIn("Quenby Loft");

    assertThat(takeIn.plan()).containsText(say(AppPage.bench()));
    assertThat(takeIn.plan()).not().containsText(say(AppPage.place()));
    takeIn.button(say(AppPage.fogLamps())).click();
    assertThat(takeIn.plan()).containsText(say(AppPage.place()));
    assertThat(takeIn.doneBefore()).containsText("grille: six clips");

    assertThat(takeIn.verdict()).containsText(say(WorkflowWords.manyUntried(8)));
    takeIn.button(say(TakeinPage.allStandardLightsWork())).click();
    assertThat(takeIn.verdict()).containsText(say(WorkflowWords.allWorks()));
    takeIn.button("low beam, left: works").click();
    assertThat(takeIn.verdict()).containsText("Left low beam: dead, as it came");
    takeIn.reload();
    assertThat(takeIn.verdict()).containsText("Left low beam: dead, as it came");
  }

  @Test
  void twoPeopleTakingTheSameVehicleInAreTold() {
    String path = "/jobs/" + app().job("library van 1") + "/take-in";
    TakeInScreen mine = open(path, Look.USUAL, TakeInScreen::new);
    TakeInScreen theirs = open(path, Look.USUAL.person("Ilse"), TakeInScreen::new);
    Page page = mine.page();
    // the page goes on seeing what others keep; only its own change does not get through
    page.route(
        "**/take-in",
        route -> {
          if (route.request().method().equals("PUT")) {
            route.abort();
          } else {
            route.resume();
          }
        });
    forgiveComplaints();
    mine.button(say(TakeinPage.tyres())).click();
    assertThat(mine.verdict()).containsText(say(KeptPage.changesWaitForTheNetwork()));
    AtomicInteger looked = new AtomicInteger();
    page.onResponse(
        answer -> {
          if (answer.url().endsWith("/take-in") && answer.request().method().equals("GET")) {
            looked.incrementAndGet();
          }
        });
    theirs.button(say(TakeinPage.wiring())).click();
    assertThat(theirs.verdict()).containsText(say(WorkflowWords.before(PriorChange.WIRING)));
    // it is told of the change, and looks
    page.waitForCondition(() -> looked.get() > 0);
    // it goes out by itself
    page.unroute("**/take-in");
    assertThat(mine.verdict()).containsText(say(AppPage.changedMeanwhileByChangedBy("Ilse")));
    mine.button(say(AppPage.seeBoth())).click();
    assertThat(mine.dialog()).containsText("Changes");
    mine.press("Escape");
    mine.button(say(AppPage.useMine())).click();
    assertThat(mine.verdict()).containsText(say(WorkflowWords.before(PriorChange.TYRES)));
    forgiveComplaints();
  }
}

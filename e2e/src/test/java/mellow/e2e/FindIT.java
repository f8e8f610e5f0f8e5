package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.saying;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellow.e2e.screen.FindScreen;
import mellow.e2e.screen.Said;
import mellow.page.FindPage;
import org.junit.jupiter.api.Test;

/** A fault that comes and goes is hunted to its end on the simulated vehicle. */
class FindIT extends BrowserTest {
  private static final int MOST_CHECKS = 60;

  private static final String JOB = "valley bus 4";

  private String path() {
    return "/jobs/" + app().job(JOB) + "/find";
  }

  private JsonNode truth() {
    return app().api("Runa").get("/api" + path() + "/simulated/truth").body().get("parts");
  }

  @Test
  void aContactThatComesAndGoesIsFoundMendedAndStruckAgain() {
    FindScreen find = open(path(), Look.USUAL, FindScreen::new);
    assertThat(find.next()).isVisible();
    find.measureByTheMeter();
    for (int i = 0; i < MOST_CHECKS && find.isSearching(); i++) {
      find.simulate();
    }
    assertThat(find.verdict()).containsText(saying(FindPage.foundWords(Said.ANY)));
    List<String> parts = new ArrayList<>();
    truth().forEach(part -> parts.add(part.asText()));
    for (String part : parts) {
      assertThat(find.suspects().first())
          .containsText(part, new LocatorAssertions.ContainsTextOptions().setIgnoreCase(true));
    }

    find.suspects().first().click();
    assertThat(find.dialog()).containsText(say(FindPage.explains()));
    find.press("Escape");

    find.end("pin of the socket cleaned, relay seated");
    assertThat(find.verdict())
        .containsText(say(FindPage.endedMended("pin of the socket cleaned, relay seated")));
    find.reload();
    assertThat(find.verdict()).containsText(say(FindPage.proveTheLampsAgain()));
    find.button(say(FindPage.searchOn())).click();
    int lines = find.lines().count();
    find.buttonFrom(say(FindPage.strike())).first().click();
    assertThat(find.lines()).hasCount(lines - 1);
  }

  private static Map<String, Object> searching() {
    return Map.of(
        "plan",
        Map.of(
            "id",
            "factory-low-switched-plus",
            "version",
            1,
            "answers",
            Map.of(),
            "changes",
            Map.of()),
        "complaint",
        "dark on one side",
        "touched",
        List.of(),
        "open",
        List.of("LAMPS"),
        "tools",
        List.of("METER", "GOOD_LAMP"),
        "twoPeople",
        true);
  }

  @Test
  void onAPhoneUnderTheBumperOneCheckStandsOnThePageAtATime() {
    String aimed = "/jobs/" + app().job("library van 1") + "/find";
    app().api("Runa").put("/api" + aimed, Map.of("version", 0, "find", searching()));
    FindScreen find = open(aimed + "/stand-back", Look.USUAL.size(390, 844), FindScreen::new);
    assertThat(find.heading()).isVisible();
    for (int checks = 1; checks <= MOST_CHECKS && find.isSearching(); checks++) {
      find.simulated();
      assertThat(find.text(say(FindPage.checksSoFar(checks)))).isVisible();
    }
    assertThat(find.heading()).containsText(saying(FindPage.foundWords(Said.ANY)));
  }
}

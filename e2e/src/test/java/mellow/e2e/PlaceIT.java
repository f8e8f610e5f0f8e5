package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mellow.e2e.screen.Said.ANY;
import static mellow.e2e.screen.Said.say;
import static mellow.e2e.screen.Said.saying;
import static mellow.e2e.screen.Said.sayingOf;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.placement.PlacementWords;
import mellow.core.rules.PlaceRule;
import mellow.e2e.screen.PlaceScreen;
import mellow.e2e.screen.YardScreen;
import mellow.page.AppPage;
import mellow.page.PlacePage;
import org.junit.jupiter.api.Test;

/** A lamp is put on a front, found out, moved to the nearest good place, kept and printed. */
class PlaceIT extends BrowserTest {
  private PlaceScreen place(String vehicle, Look look) {
    return open("/jobs/" + app().job(vehicle) + "/place", look, PlaceScreen::new);
  }

  private static Pattern lowerEdgeTooLow(double mm) {
    return saying(
        PlacementWords.highOrLow(
            Sentence.typed(ANY), PlaceRule.Asks.LOWER_EDGE_HEIGHT, new Figure.Length(mm), false));
  }

  @Test
  void aFogJobGoesFromTheDoorToAPrintedTemplate() throws IOException {
    YardScreen yard = open("/", Look.USUAL, YardScreen::new);
    yard.newJob();
    PlaceScreen place = yard.takeIn("Brask Tundal").toPlace();
    assertThat(place.verdict()).containsText(say(PlacePage.noLampOnThisFrontYet()));

    place.newLamp();
    place.putOn("DIPPED", "150");
    assertThat(place.dialog()).isHidden();
    place.newLamp();
    place.field(say(PlacePage.itsWidth())).fill("3.5 furlongs");
    place.putOn();
    assertThat(place.dialog()).containsText(sayingOf("entry.noLengthUnit"));
    place.button(say(PlacePage.addAHole())).click();
    place.field(say(PlacePage.holeSmall())).fill("70");
    place.putOn("FRONT_FOG", "90");
    assertThat(place.dialog()).isHidden();

    place.measure(say(PlacePage.nameHeightOfItsCentreShown("fog lamp", "")), "290");
    assertThat(place.verdict()).containsText(lowerEdgeTooLow(5));
    place.nudge("Left fog lamp", "ArrowUp");
    assertThat(place.verdict()).containsText(lowerEdgeTooLow(4));
    place.button(say(PlacePage.nearestGoodPlace())).first().click();
    assertThat(place.buttonFrom(say(PlacePage.nameHeightOfItsCentreShown("fog lamp", "301"))))
        .isVisible();
    assertThat(place.verdict()).containsText(sayingOf("placement.guessedPlace"));
    place.button(say(PlacePage.useAsDrawn())).click();
    place.lamps().first().click();
    place.button(say(PlacePage.useAsDrawn())).click();
    place.lamps().last().click();
    place.vehicleWidth("1690");
    assertThat(place.dialog()).isHidden();
    place.save().click();
    assertThat(place.verdict()).containsText(say(PlacePage.everyLampWithinTheRulesChosen()));

    assertThat(place.template()).containsText(say(PlacePage.printAt100EachSheetHas()));
    assertThat(place.download(say(PlacePage.templateAsPDF())))
        .startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
  }

  @Test
  void twoPeopleDrawingTheSameFrontAreTold() {
    PlaceScreen mine = place("road crew 5", Look.USUAL);
    PlaceScreen theirs = place("road crew 5", Look.USUAL.person("Ilse"));
    mine.nudge("Left fog pod", "ArrowUp");
    theirs.nudge("Left fog pod", "ArrowRight");
    theirs.save().click();
    assertThat(theirs.save()).isHidden();
    mine.save().click();
    assertThat(mine.verdict()).containsText(say(AppPage.changedMeanwhileByChangedBy("Ilse")));
    mine.button(say(AppPage.useMine())).click();
    assertThat(mine.button(say(PlacePage.drillTemplate())).last()).isVisible();
    assertThat(mine.verdict())
        .not()
        .containsText(say(AppPage.changedMeanwhileByChangedBy("")).strip());
  }

  @Test
  void aLampIsDraggedAndTheFindingsFollow() {
    PlaceScreen place = place("valley bus 7", Look.USUAL);
    assertThat(place.verdict()).containsText("too low");
    place.dragUp("Left fog lamp", 40);
    assertThat(place.verdict()).containsText(say(PlacePage.everyLampWithinTheRulesChosen()));
    place.letGo();
    place.button(say(AppPage.drop())).click();
    assertThat(place.verdict()).containsText("too low");
  }
}

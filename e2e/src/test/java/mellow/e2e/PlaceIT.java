package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import mellow.e2e.screen.PlaceScreen;
import mellow.e2e.screen.YardScreen;
import org.junit.jupiter.api.Test;

/** A lamp is put on a front, found out, moved to the nearest good place, kept and printed. */
class PlaceIT extends BrowserTest {
  private PlaceScreen place(String vehicle, Look look) {
    return open("/jobs/" + app().job(vehicle) + "/place", look, PlaceScreen::new);
  }

  @Test
  void aFogJobGoesFromTheDoorToAPrintedTemplate() throws IOException {
    YardScreen yard = open("/", Look.USUAL, YardScreen::new);
    yard.newJob();
    PlaceScreen place = yard.takeIn("Brask Tundal").toPlace();
    assertThat(place.verdict()).containsText("No lamp on this front yet");

    place.newLamp();
    place.putOn("DIPPED", "150");
    assertThat(place.dialog()).isHidden();
    place.newLamp();
    place.field("Its width").fill("3.5 furlongs");
    place.putOn();
    assertThat(place.dialog()).containsText("is not a unit of length");
    place.button("Add a hole").click();
    place.field("hole").fill("70");
    place.putOn("FRONT_FOG", "90");
    assertThat(place.dialog()).isHidden();

    place.measure("fog lamp, height of its centre", "290");
    assertThat(place.verdict()).containsText("lower edge 5 mm too low");
    place.nudge("Left fog lamp", "ArrowUp");
    assertThat(place.verdict()).containsText("lower edge 4 mm too low");
    place.button("Nearest good place").first().click();
    assertThat(place.buttonFrom("fog lamp, height of its centre: 301")).isVisible();
    assertThat(place.verdict()).containsText("not measured yet");
    place.button("Use as drawn").click();
    place.lamps().first().click();
    place.button("Use as drawn").click();
    place.lamps().last().click();
    place.vehicleWidth("1690");
    assertThat(place.dialog()).isHidden();
    place.save().click();
    assertThat(place.verdict()).containsText("Every lamp within the rules chosen");

    assertThat(place.template()).containsText("If it is not 100 mm, don’t drill by it");
    assertThat(place.download("Template as PDF"))
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
    assertThat(mine.verdict()).containsText("Changed meanwhile by Ilse");
    mine.button("Use mine").click();
    assertThat(mine.button("Drill template").last()).isVisible();
    assertThat(mine.verdict()).not().containsText("Changed meanwhile");
  }

  @Test
  void aLampIsDraggedAndTheFindingsFollow() {
    PlaceScreen place = place("valley bus 7", Look.USUAL);
    assertThat(place.verdict()).containsText("too low");
    place.dragUp("Left fog lamp", 40);
    assertThat(place.verdict()).containsText("Every lamp within the rules chosen");
    place.letGo();
    place.button("Drop").click();
    assertThat(place.verdict()).containsText("too low");
  }
}

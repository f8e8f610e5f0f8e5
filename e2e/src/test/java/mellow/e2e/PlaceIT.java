package mellow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** A lamp is put on a front, found out, moved to the nearest good place, kept and printed. */
class PlaceIT extends BrowserTest {
  @Test
  void aFogJobGoesFromTheDoorToAPrintedTemplate() throws Exception {
    Page page = open("/", Look.USUAL);
    button(page, "Take a vehicle in").click();
    field(page, "Make and model").fill("Brask Tundal");
    button(page, "Take it in").click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Place")).click();
    assertThat(verdict(page)).containsText("No lamp on this front yet");

    button(page, "Add a lamp").last().click();
    lamp(page, "DIPPED", "150");
    button(page, "Add a lamp").click();
    field(page, "Its width").fill("3.5 furlongs");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    button(page, "Put it on the front").click();
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("is not a unit of length");
    button(page, "Add a hole").click();
    field(page, "hole").fill("70");
    lamp(page, "FRONT_FOG", "90");

    measure(page, "fog lamp, height of its centre", "290");
    assertThat(verdict(page)).containsText("lower edge 5 mm too low");
    buttonFrom(page, "Left fog lamp, lower edge").focus();
    page.keyboard().press("ArrowUp");
    assertThat(verdict(page)).containsText("lower edge 4 mm too low");
    button(page, "Nearest good place").first().click();
    assertThat(buttonFrom(page, "fog lamp, height of its centre: 301")).isVisible();
    assertThat(verdict(page)).containsText("not measured yet");
    button(page, "Use as drawn").click();
    Locator lamps =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Lamps").setExact(true))
            .getByRole(AriaRole.BUTTON);
    lamps.first().click();
    button(page, "Use as drawn").click();
    lamps.last().click();
    buttonFrom(page, "Rules: ").click();
    measure(page, "Width of the vehicle", "1690");
    page.keyboard().press("Escape");
    assertThat(dialog).isHidden();
    button(page, "Save this place").click();
    assertThat(verdict(page)).containsText("Every lamp within the rules chosen");

    button(page, "Drill template").last().click();
    assertThat(dialog).containsText("If it is not 100 mm, don’t drill by it");
    var download =
        page.waitForDownload(
            () ->
                page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName("Template as PDF"))
                    .click());
    org.assertj.core.api.Assertions.assertThat(Files.readAllBytes(download.path()))
        .startsWith("%PDF".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
  }

  private static void lamp(Page page, String function, String width) {
    page.getByLabel("What it is for").selectOption(function);
    field(page, "Its width").fill(width);
    if (function.equals("FRONT_FOG")) {
      // flush: seen from all sides
      page.getByText("Measured how far its lens lies behind").click();
      field(page, "Lens behind that edge (0 where it is flush)").fill("0");
    }
    button(page, "Put it on the front").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
  }

  @Test
  void twoPeopleDrawingTheSameFrontAreTold() {
    String path = "/jobs/" + app().job("road crew 5") + "/place";
    Page mine = open(path, Look.USUAL);
    Page theirs = open(path, Look.USUAL.person("Ilse"));
    buttonFrom(mine, "Left fog pod, lower edge").focus();
    mine.keyboard().press("ArrowUp");
    buttonFrom(theirs, "Left fog pod, lower edge").focus();
    theirs.keyboard().press("ArrowRight");
    button(theirs, "Save this place").click();
    assertThat(button(theirs, "Save this place")).isHidden();
    button(mine, "Save this place").click();
    assertThat(verdict(mine)).containsText("Changed meanwhile by Ilse");
    button(mine, "Use mine").click();
    assertThat(button(mine, "Drill template").last()).isVisible();
    assertThat(verdict(mine)).not().containsText("Changed meanwhile");
  }

  @Test
  void aLampIsDraggedAndTheFindingsFollow() {
    Page page = open("/jobs/" + app().job("valley bus 7") + "/place", Look.USUAL);
    assertThat(verdict(page)).containsText("too low");
    var box = buttonFrom(page, "Left fog lamp, lower edge").boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    for (int step = 1; step <= 10; step++) {
      page.mouse().move(x, y - 4 * step);
    }
    assertThat(verdict(page)).containsText("Every lamp within the rules chosen");
    page.mouse().up();
    button(page, "Drop").click();
    assertThat(verdict(page)).containsText("too low");
  }
}

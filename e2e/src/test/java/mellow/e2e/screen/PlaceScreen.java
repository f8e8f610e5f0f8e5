package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import mellow.page.AppPage;
import mellow.page.PlacePage;

/** Place: lamps on the front, judged by where they may be. */
public final class PlaceScreen extends Screen {
  public PlaceScreen(Page page) {
    super(page);
  }

  /** Opens the form of a new lamp. */
  public void newLamp() {
    button(say(PlacePage.addALamp())).last().click();
  }

  /**
   * Puts a lamp on the front, by the form that is open; a fog lamp is flush, seen from all sides.
   */
  public void putOn(String function, String width) {
    page.getByLabel(say(PlacePage.whatItIsFor())).selectOption(function);
    field(say(PlacePage.itsWidth())).fill(width);
    if (function.equals("FRONT_FOG")) {
      text(say(PlacePage.measuredHowFarItsLensLies())).click();
      field(say(PlacePage.lensBehindThatEdge0Where())).fill("0");
    }
    putOn();
  }

  /** Sends the form of a lamp as it is. */
  public void putOn() {
    button(say(PlacePage.putItOnTheFront())).click();
  }

  /** The lamps of the front, in their order. */
  public Locator lamps() {
    return list(say(AppPage.lamps())).getByRole(AriaRole.BUTTON);
  }

  /** The handle of a lamp in the drawing. */
  public Locator handle(String lamp) {
    return buttonFrom(lamp + ", " + say(PlacePage.lowerEdgeLower("")).strip());
  }

  /** Moves a lamp by a key: "ArrowUp" by one step. */
  public void nudge(String lamp, String key) {
    handle(lamp).focus();
    press(key);
  }

  /** Takes a lamp by its middle and moves it up, in ten steps; it is still held then. */
  public void dragUp(String lamp, double px) {
    BoundingBox box = handle(lamp).boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    for (int step = 1; step <= 10; step++) {
      page.mouse().move(x, y - px * step / 10);
    }
  }

  public void letGo() {
    page.mouse().up();
  }

  /** Says how wide the vehicle is, where the rules are chosen. */
  public void vehicleWidth(String typed) {
    buttonFrom(say(PlacePage.rulesLength(""))).click();
    measure(say(PlacePage.widthOfTheVehicleWidth("")), typed);
    press("Escape");
  }

  public Locator save() {
    return button(say(PlacePage.saveThisPlace()));
  }

  /** Opens the drill template. */
  public Locator template() {
    button(say(PlacePage.drillTemplate())).last().click();
    return dialog();
  }
}

package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** Place: lamps on the front, judged by where they may be. */
public final class PlaceScreen extends Screen {
  public PlaceScreen(Page page) {
    super(page);
  }

  /** Opens the form of a new lamp. */
  public void newLamp() {
    button("Add a lamp").last().click();
  }

  /**
   * Puts a lamp on the front, by the form that is open; a fog lamp is flush, seen from all sides.
   */
  public void putOn(String function, String width) {
    page.getByLabel("What it is for").selectOption(function);
    field("Its width").fill(width);
    if (function.equals("FRONT_FOG")) {
      text("Measured how far its lens lies behind").click();
      field("Lens behind that edge (0 where it is flush)").fill("0");
    }
    putOn();
  }

  /** Sends the form of a lamp as it is. */
  public void putOn() {
    button("Put it on the front").click();
  }

  /** The lamps of the front, in their order. */
  public Locator lamps() {
    return list("Lamps").getByRole(AriaRole.BUTTON);
  }

  /** The handle of a lamp in the drawing. */
  public Locator handle(String lamp) {
    return buttonFrom(lamp + ", lower edge");
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
    buttonFrom("Rules: ").click();
    measure("Width of the vehicle", typed);
    press("Escape");
  }

  public Locator save() {
    return button("Save this place");
  }

  /** Opens the drill template. */
  public Locator template() {
    button("Drill template").last().click();
    return dialog();
  }
}

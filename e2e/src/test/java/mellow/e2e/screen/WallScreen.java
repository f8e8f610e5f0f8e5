package mellow.e2e.screen;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** The wall: distances, heights, cutoffs, and how far they are off. */
public final class WallScreen extends Screen {
  public WallScreen(Page page) {
    super(page);
  }

  /** Where the distance of the left lamp is typed. */
  public Locator distanceEntry() {
    return page.locator("input[aria-label^='Distance from the left']");
  }

  /** Reads the cutoff that is asked for. */
  public void readCutoff(String below) {
    button("Read the cutoff").click();
    cutoffIs(below);
  }

  /** Turns as advised, or otherwise, and reads again. */
  public void turnAndRead(String turned, String below) {
    button("Turned, read again").click();
    field("Turned").fill(turned);
    cutoffIs(below);
  }

  /** What is advised to be turned, with the form open. */
  public Locator advisedTurn() {
    button("Turned, read again").click();
    return field("Turned");
  }

  /** Fills in what was read, where the form is open. */
  public void cutoffIs(String below) {
    field("Cutoff below").fill(below);
    button("Save").click();
  }

  /** The handle of the first cutoff in the drawing. */
  public Locator cutoff() {
    return page.getByRole(AriaRole.SLIDER).first();
  }

  /** Drags the first cutoff down. */
  public void dragCutoffDown(double px) {
    BoundingBox box = cutoff().boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x, y + px, new Mouse.MoveOptions().setSteps(6));
    page.mouse().up();
  }

  /** The ways of aiming beside each other. */
  public Locator compareWays() {
    press("c");
    return dialog();
  }

  /** Chooses a way of aiming where they are compared. */
  public void chooseWay(String way) {
    Locator row = dialog().locator("tr", new Locator.LocatorOptions().setHasText(way));
    within(row, "Choose").click();
  }

  /** Readings, newest first. */
  public Locator readings() {
    return region("Readings, newest first");
  }

  /** Opens what is settled of the job. */
  public void settings() {
    buttonFrom("Job").click();
  }

  /** Opens what is known of the vehicle. */
  public void vehicle() {
    press("j");
    button("Vehicle").click();
  }

  public Locator lensOfLowBeam() {
    return field("Low beam’s lens, as it stands there");
  }

  /** The class of the low beam, which follows its lens. */
  public Locator classOfLowBeam() {
    return page.getByLabel("Low beam: follows its lens");
  }

  public RecordScreen toRecord() {
    link("Whole record").click();
    return new RecordScreen(page);
  }
}

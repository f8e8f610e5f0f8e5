package mellow.e2e.screen;

import static mellow.e2e.screen.Said.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import mellow.page.AppPage;
import mellow.page.KeptPage;
import mellow.page.SettingsPage;
import mellow.page.WallPage;

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
    button(say(WallPage.readTheCutoff())).click();
    cutoffIs(below);
  }

  /** Turns as advised, or otherwise, and reads again. */
  public void turnAndRead(String turned, String below) {
    button(say(AppPage.turnedReadAgain())).click();
    field(say(WallPage.turned())).fill(turned);
    cutoffIs(below);
  }

  /** What is advised to be turned, with the form open. */
  public Locator advisedTurn() {
    button(say(AppPage.turnedReadAgain())).click();
    return field(say(WallPage.turned()));
  }

  /** Fills in what was read, where the form is open. */
  public void cutoffIs(String below) {
    field(say(WallPage.cutoffBelow())).fill(below);
    button(say(AppPage.save())).click();
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
    within(row, say(WallPage.choose())).click();
  }

  /** Readings, newest first. */
  public Locator readings() {
    return region(say(WallPage.readingsNewestFirst()));
  }

  /** Opens what is settled of the job. */
  public void settings() {
    buttonFrom(say(AppPage.job())).click();
  }

  /** Opens what is known of the vehicle. */
  public void vehicle() {
    press("j");
    button(say(AppPage.vehicle())).click();
  }

  public Locator lensOfLowBeam() {
    return field(say(SettingsPage.lowBeamsLensAsItStands()));
  }

  /** The class of the low beam, which follows its lens. */
  public Locator classOfLowBeam() {
    return page.getByLabel(say(SettingsPage.lowBeamFollowsItsLens()));
  }

  public RecordScreen toRecord() {
    link(say(KeptPage.wholeRecord())).click();
    return new RecordScreen(page);
  }
}

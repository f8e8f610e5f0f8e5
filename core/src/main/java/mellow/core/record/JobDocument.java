package mellow.core.record;

import mellow.core.workflow.Stage;

/** The documents of a job, by what they settle. */
public enum JobDocument {
  /** How the job is set up: rules, traffic side, units, bay. */
  SETTINGS(Stage.TAKE_IN),
  /** What is wanted, and how the vehicle was taken in. */
  TAKE_IN(Stage.TAKE_IN),
  /** What the job found, for the next one like it. */
  FOUND(Stage.HAND_OVER),
  /** What is looked for when something does not work, and what it was. */
  FIND(Stage.FIND),
  /** The parts, and whether they are right. */
  PARTS(Stage.PARTS),
  /** The front with its lamps. */
  PLACE(Stage.PLACE),
  /** How the lamps are fed. */
  FEED(Stage.FEED),
  /** What is told to the owner at the end. */
  HAND_OVER(Stage.HAND_OVER);

  private final Stage stage;

  JobDocument(Stage stage) {
    this.stage = stage;
  }

  /** On whose page it is revised. */
  public Stage stage() {
    return stage;
  }
}

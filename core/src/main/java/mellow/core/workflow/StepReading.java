package mellow.core.workflow;

/** What a step reads: without it the step is left out with a reason, never ticked. */
public enum StepReading {
  HEAT("Read the heat first: its end has to be told by the curve."),
  FLASH_RATE("Count the flashes first: so many in so many seconds, both sides."),
  OVEN("Note first how hot the oven was and how long the lamp was in it."),
  LENS("Tick the rungs of the lens ladder first, down to the polish."),
  ROLL("Read first how high the flat part of the cutoff stands at its two ends.");

  private final String words;

  StepReading(String words) {
    this.words = words;
  }

  /** What to do first. */
  public String words() {
    return words;
  }
}

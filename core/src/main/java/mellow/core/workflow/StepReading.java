package mellow.core.workflow;

/** What a step reads: without it the step is left out with a reason, never ticked. */
public enum StepReading {
  HEAT,
  FLASH_RATE,
  OVEN,
  LENS,
  ROLL
}

package mellow.core.workshop;

import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;

/**
 * Something of a job that is open.
 *
 * @param step that can be ticked or left out; empty for what is no step
 */
public record OpenPoint(Stage stage, Finding finding, Optional<StepOf> step) {

  /** A step by its id, and its side where it is done once a side. */
  public record StepOf(String id, Optional<Side> side) {}
}

package mellow.core.workflow.schedule;

import java.util.List;
import java.util.Optional;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Step;

/**
 * A stage of a plan.
 *
 * @param steps in order
 * @param expected minutes; empty where nothing is known of them
 */
public record PlannedStage(Stage stage, List<Step> steps, Optional<Expected> expected) {
  public PlannedStage {
    steps = List.copyOf(steps);
  }
}

package mellow.server.workshop;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;
import org.jspecify.annotations.Nullable;

/**
 * Something of a job that is open.
 *
 * @param step that can be ticked or left out; empty for what is no step
 */
public record OpenPoint(Stage stage, Finding finding, Optional<StepOf> step) {

  /** A step by its id, and its side where it is done once a side. */
  @Schema(name = "OpenStep", description = "A step that can be ticked, or left out with a reason.")
  public record StepOf(@Schema(example = "apart.front") String id, @Nullable Side side) {}
}

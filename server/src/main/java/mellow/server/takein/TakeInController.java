package mellow.server.takein;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import java.util.List;
import java.util.Map;
import mellow.core.formats.StepBook;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.schedule.Plan;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Take in")
class TakeInController {
  private final TakeIns takeIns;

  TakeInController(TakeIns takeIns) {
    this.takeIns = takeIns;
  }

  @Schema(description = "How a vehicle was taken in, with the version it was made on (0: first).")
  record TakeInPut(@PositiveOrZero int version, @NotNull @Valid TakeInEdit takeIn) {}

  @Schema(description = "What a job found, with the version it was made on (0: first).")
  record FoundPut(@PositiveOrZero int version, @NotNull @Valid FoundEdit found) {}

  @GetMapping("/api/jobs/{jobId}/take-in")
  @Operation(
      summary = "The page of the stage Take in",
      description = "What was settled, the plan that follows, and what was done before.")
  TakeInPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return takeIns.page(acting, jobId);
  }

  @PutMapping("/api/jobs/{jobId}/take-in")
  @Operation(
      summary = "Keep how the vehicle was taken in",
      description = "A stale version is answered 409 with the current page and who changed it.")
  TakeInPage put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody TakeInPut edit) {
    return takeIns.put(acting, jobId, edit.version(), edit.takeIn());
  }

  @PutMapping("/api/jobs/{jobId}/found")
  @Operation(
      summary = "Keep what the job found",
      description = "A stale version is answered 409 with the current page and who changed it.")
  TakeInPage putFound(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody FoundPut edit) {
    return takeIns.putFound(acting, jobId, edit.version(), edit.found());
  }

  @PostMapping("/api/calc/plan")
  @Operation(
      summary = "Plan a job",
      description = "Stages, steps and what they take; minutes by common practice, without memory.")
  PlanView plan(@Valid @RequestBody TakeInEdit takeIn) {
    TakeIn planned = takeIn.core(true, false);
    return PlanView.of(Plan.of(planned, StepBook.all(), List.of()), planned, Map.of());
  }
}

package mellow.server.job;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import mellow.server.logbook.ReadingEdit;
import mellow.server.logbook.UndoneEdit;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Job")
class JobController {
  private final Jobs jobs;

  JobController(Jobs jobs) {
    this.jobs = jobs;
  }

  @GetMapping("/api/jobs/{id}")
  @Operation(
      summary = "A job's page",
      description = "The job, its vehicle, bay, readings and everything computed from them.")
  JobPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    return jobs.page(acting, id);
  }

  @PutMapping("/api/jobs/{id}")
  @Operation(
      summary = "Add or change a job",
      description = "A stale version is answered 409 with the current row and who changed it.")
  JobPage put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody JobEdit edit) {
    return jobs.put(acting, id, edit);
  }

  @PutMapping("/api/jobs/{id}/rules/{setId}")
  @Operation(
      summary = "Judge a job by the newest version of a rule set",
      description = "Until then it keeps the version that it was judged by. Answers its page.")
  JobPage takeNewestRules(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @PathVariable String setId) {
    return jobs.takeNewestRules(acting, id, setId);
  }

  @PutMapping("/api/jobs/{jobId}/readings/{id}")
  @Operation(
      summary = "Keep a reading",
      description = "Append-only. The same request again changes nothing. Answers the job's page.")
  JobPage keep(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody ReadingEdit edit) {
    return jobs.keep(acting, jobId, id, edit);
  }

  @PutMapping("/api/jobs/{jobId}/undone/{id}")
  @Operation(
      summary = "Take a reading back",
      description = "It stays in the record, struck through. Answers the job's page.")
  JobPage undo(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody UndoneEdit edit) {
    return jobs.undo(acting, jobId, id, edit);
  }
}

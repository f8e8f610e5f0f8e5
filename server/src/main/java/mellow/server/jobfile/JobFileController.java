package mellow.server.jobfile;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import mellow.server.job.JobPage;
import mellow.server.platform.Acting;
import mellow.server.platform.Download;
import mellow.server.wire.Patterns;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Job")
class JobFileController {
  private final JobFiles files;

  JobFileController(JobFiles files) {
    this.files = files;
  }

  @GetMapping("/api/jobs/{id}/file")
  @Operation(
      summary = "A job's file",
      description = "Vehicle, screws, readings and what was settled, in an open form.")
  ResponseEntity<JobFile> file(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS) String id) {
    return Download.of(files.of(acting, id), MediaType.APPLICATION_JSON, "job.json");
  }

  @PutMapping("/api/jobs/{id}/file")
  @Operation(
      summary = "Take a job's file in",
      description =
          "As a new job on a new vehicle. Who took a reading, and when, stays with it. The same"
              + " request again changes nothing.")
  JobPage takeIn(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS) String id,
      @Valid @RequestBody JobFile file) {
    return files.takeIn(acting, id, file);
  }
}

package mellow.server.jobfile;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.io.IOException;
import java.io.InputStream;
import mellow.server.job.JobPage;
import mellow.server.platform.Acting;
import mellow.server.platform.Download;
import mellow.server.platform.guard.Repeated;
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
  private static final String ZIP = "application/zip";
  private static final String SCHEMA = "application/schema+json";

  private final JobFiles files;
  private final JobZips zips;

  JobFileController(JobFiles files, JobZips zips) {
    this.files = files;
    this.zips = zips;
  }

  @GetMapping("/api/jobs/{id}/file")
  @Operation(
      summary = "A job's file",
      description = "Vehicle, screws, readings and what was settled, in an open form.")
  ResponseEntity<JobFile> file(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
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
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody JobFile file) {
    return Repeated.orDone(() -> files.takeIn(acting, id, file));
  }

  @GetMapping(path = "/api/job-file/schema", produces = SCHEMA)
  @Operation(
      summary = "The schema of a job's file",
      description = "JSON Schema, draft 2020-12; it lies in each ZIP as well.")
  @ApiResponse(
      responseCode = "200",
      description = "A schema.",
      content =
          @Content(
              mediaType = SCHEMA,
              schema = @Schema(type = "string"),
              examples = @ExampleObject("{\"$schema\": \"…\"}")))
  ResponseEntity<String> schema() {
    return ResponseEntity.ok().contentType(MediaType.valueOf(SCHEMA)).body(JobSchema.text());
  }

  @GetMapping(path = "/api/jobs/{id}/job.zip", produces = ZIP)
  @Operation(
      summary = "A whole job as one ZIP",
      description = "Its file by the schema, pictures, readings as CSV, circuit as SVG and SPICE.")
  @ApiResponse(
      responseCode = "200",
      description = "A ZIP.",
      content =
          @Content(
              mediaType = ZIP,
              schema = @Schema(type = "string", format = "binary"),
              examples = @ExampleObject("PK…")))
  void zip(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      HttpServletResponse response)
      throws IOException {
    JobZip zip = zips.of(acting, id);
    Download.begin(response, MediaType.valueOf(ZIP), "job.zip");
    zip.writeTo(response.getOutputStream());
  }

  @PutMapping(path = "/api/jobs/{id}/job.zip", consumes = ZIP)
  @Operation(
      summary = "Take a job's ZIP in",
      description = "As a new job on a new vehicle in a bay of its own, with its pictures.")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      description = "A ZIP.",
      required = true,
      content =
          @Content(
              mediaType = ZIP,
              schema = @Schema(type = "string", format = "binary"),
              examples = @ExampleObject("PK…")))
  JobPage takeZipIn(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id, InputStream zip)
      throws IOException {
    try (SentZip sent = SentZip.of(zip)) {
      return zips.takeIn(acting, id, sent);
    }
  }
}

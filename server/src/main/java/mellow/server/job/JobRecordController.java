package mellow.server.job;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import java.util.List;
import mellow.core.record.JobDocument;
import mellow.server.platform.Acting;
import mellow.server.record.LineView;
import mellow.server.record.Records;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Record")
class JobRecordController {
  private final Jobs jobs;
  private final Records records;
  private final LastChanges lastChanges;

  JobRecordController(Jobs jobs, Records records, LastChanges lastChanges) {
    this.jobs = jobs;
    this.records = records;
    this.lastChanges = lastChanges;
  }

  /** What is new in a job's record. */
  @Schema(name = "RecordNews", description = "What is new in a job's record.")
  record News(
      @Schema(description = "The number to ask after next.", example = "1207") long last,
      List<LineView> lines) {}

  @GetMapping("/api/jobs/{id}/record")
  @Operation(
      summary = "What is new in a job's record",
      description = "The lines that were kept after one, in the order in which they were kept.")
  News after(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @RequestParam(defaultValue = "0") @Min(0) long after) {
    jobs.brief(acting, id);
    List<LineView> lines = records.after(acting, id, after);
    return new News(lines.isEmpty() ? after : lines.get(lines.size() - 1).number(), lines);
  }

  @GetMapping("/api/jobs/{id}/last-change/{document}")
  @Operation(
      summary = "What was changed last in a document of a job",
      description =
          "With what the document held before. 404 where nothing was changed, or all of it is"
              + " undone.")
  LastChangeView lastChange(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @PathVariable JobDocument document) {
    return lastChanges.of(acting, id, document);
  }
}

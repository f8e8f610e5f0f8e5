package mellow.server.history;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import mellow.core.workflow.Stage;

/** Jobs that were found. */
@Schema(name = "History", description = "Jobs that were found, the newest first.")
record HistoryView(List<FoundView> jobs) {

  /** One of them. */
  @Schema(name = "FoundJob", description = "A job that was found, and in which of its words.")
  record FoundView(
      String jobId,
      @Schema(example = "Quenby Loft") String vehicle,
      String nickname,
      String work,
      Instant at,
      boolean closed,
      @Schema(description = "Lines of its record in which the words stand.") List<String> where) {}

  /** Looking back over the latest jobs. */
  @Schema(name = "LookBack", description = "Times, and what most often gave trouble.")
  record LookBackView(
      @Schema(description = "How many jobs were looked at.") int jobs,
      List<StageTimeView> times,
      @Schema(description = "Minutes told to the customer against minutes taken.")
          List<EstimateView> estimates,
      List<CountView> fasteners,
      List<CountView> parts,
      List<CountView> rules) {}

  /** The minutes of a stage. */
  @Schema(name = "StageTime", description = "Minutes of a stage over the jobs that timed it.")
  record StageTimeView(Stage stage, String words, double middle, double most, int jobs) {}

  /** An estimate and what it became. */
  @Schema(name = "Estimate", description = "Minutes told, and minutes taken.")
  record EstimateView(String vehicle, int told, int taken) {}

  /** How often something was met. */
  @Schema(name = "Count", description = "How often something was met.")
  record CountView(@Schema(example = "clip, pin pulled: broken") String what, int count) {}
}

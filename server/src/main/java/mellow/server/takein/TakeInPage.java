package mellow.server.takein;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import mellow.core.workflow.WorkKind;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.FindingView;
import org.jspecify.annotations.Nullable;

/** All that the page of the stage "Take in" shows. */
@Schema(description = "All that the page of the stage Take in shows, in one answer.")
public record TakeInPage(
    JobView job,
    VehicleView vehicle,
    @Schema(description = "0 while nothing was kept.") int version,
    TakeInEdit takeIn,
    @Schema(description = "Empty while nothing was kept.") String changedBy,
    @Nullable Instant changedAt,
    PlanView plan,
    List<FindingView> findings,
    List<DoneBefore> doneBefore,
    @Schema(description = "0 while nothing was kept.") int foundVersion,
    FoundEdit found,
    @Schema(description = "Empty while nothing was kept.") String foundBy) {

  /** An earlier job on this vehicle or one like it. */
  @Schema(name = "DoneBefore", description = "An earlier job on this vehicle or one like it.")
  public record DoneBefore(
      String jobId,
      String vehicle,
      String nickname,
      String work,
      Set<WorkKind> kinds,
      Instant touchedAt,
      @Schema(description = "Why it is alike.", example = "[\"the same vehicle\"]")
          List<String> why,
      FoundEdit found) {}
}

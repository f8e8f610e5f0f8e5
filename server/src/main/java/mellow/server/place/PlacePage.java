package mellow.server.place;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import org.jspecify.annotations.Nullable;

/** All that the page of the stage "Place" shows. */
@Schema(description = "All that the page of the stage Place shows, in one answer.")
public record PlacePage(
    JobView job,
    VehicleView vehicle,
    @Schema(description = "0 while nothing was kept.") int version,
    FrontEdit front,
    @Schema(description = "Empty while nothing was kept.") String changedBy,
    @Nullable Instant changedAt,
    PlaceView sheet) {}

package mellow.server.job;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.server.aim.SheetView;
import mellow.server.bay.BayView;
import mellow.server.logbook.ReadingView;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.VehicleView;
import org.jspecify.annotations.Nullable;

/** A job with all that its page shows. */
@Schema(description = "A job with all that its page shows, in one answer.")
public record JobPage(
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) JobView job,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) VehicleView vehicle,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<AdjusterView> adjusters,
    @Nullable BayView bay,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<ReadingView> readings,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<ReadingView> bayReadings,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) SheetView sheet) {}

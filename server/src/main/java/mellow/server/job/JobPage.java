package mellow.server.job;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.server.aim.SheetView;
import mellow.server.bay.BayView;
import mellow.server.logbook.ReadingView;
import mellow.server.rulebook.NewerRules;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.VehicleView;
import org.jspecify.annotations.Nullable;

/** A job with all that its page shows. */
@Schema(description = "A job with all that its page shows, in one answer.")
public record JobPage(
    JobView job,
    VehicleView vehicle,
    List<AdjusterView> adjusters,
    @Nullable BayView bay,
    List<ReadingView> readings,
    List<ReadingView> bayReadings,
    StanceView stance,
    @Schema(description = "Rule sets of which there is a newer version.")
        List<NewerRules> newerRules,
    SheetView sheet) {}

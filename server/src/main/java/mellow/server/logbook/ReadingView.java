package mellow.server.logbook;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.wire.FigureView;
import org.jspecify.annotations.Nullable;

/** A reading as it is kept. */
@Schema(name = "Reading", description = "A reading as it is kept.")
public record ReadingView(
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String id,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) ReadingKind kind,
    @Schema(example = "Cutoff below", requiredMode = Schema.RequiredMode.REQUIRED) String title,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) LampKind lamp,
    @Nullable Side side,
    @Nullable String adjusterId,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String typed,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) UnitSystem units,
    @Schema(description = "In mm, or in turns.", requiredMode = Schema.RequiredMode.REQUIRED)
        FigureView value,
    @Schema(description = "The reading that this one corrects.") @Nullable String strikes,
    @Schema(description = "The reading that corrects this one.") @Nullable String struckBy,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String takenBy,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Instant takenAt) {}

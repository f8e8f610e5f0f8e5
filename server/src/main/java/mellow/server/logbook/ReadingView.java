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
    String id,
    ReadingKind kind,
    @Schema(example = "Cutoff below") String title,
    LampKind lamp,
    @Nullable Side side,
    @Nullable String adjusterId,
    String typed,
    UnitSystem units,
    @Schema(description = "In mm, or in turns.") FigureView value,
    @Schema(description = "What it was read to, ± mm; 0 for what is counted.") double plusMinus,
    @Schema(description = "The reading that this one corrects.") @Nullable String strikes,
    @Schema(description = "The reading that corrects this one.") @Nullable String struckBy,
    String takenBy,
    Instant takenAt) {}

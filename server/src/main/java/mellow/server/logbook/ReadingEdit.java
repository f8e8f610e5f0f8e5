package mellow.server.logbook;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.record.Waited;
import mellow.server.wire.Patterns;
import org.jspecify.annotations.Nullable;

/** A reading as it is sent to be kept. */
@Schema(description = "A reading to keep. It is never changed; a correction strikes it through.")
public record ReadingEdit(
    @NotNull @Schema(example = "CUTOFF_BELOW") ReadingKind kind,
    @Schema(description = "For which pair; DIPPED where left out.", example = "DIPPED")
        @Nullable LampKind lamp,
    @Schema(description = "The driver's left or right, sitting in the vehicle.", example = "RIGHT")
        @Nullable Side side,
    @Pattern(regexp = Patterns.ID) @Schema(description = "For TURN: which screw.")
        @Nullable String adjusterId,
    @NotNull
        @Size(max = 60)
        @Schema(
            description = "To the letter, as typed; a bare number has the unit of \"units\".",
            example = "2 7/8 in")
        String typed,
    @NotNull @Schema(example = "METRIC") UnitSystem units,
    @Pattern(regexp = Patterns.ID) @Schema(description = "The reading that this one corrects.")
        @Nullable String strikes,
    @Min(value = 0)
        @Max(value = Waited.MOST_MS)
        @Schema(description = "Milliseconds that it waited in the page.", example = "0")
        @Nullable Long waitedMs) {}

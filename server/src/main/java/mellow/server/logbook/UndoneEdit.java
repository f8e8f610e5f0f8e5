package mellow.server.logbook;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import mellow.server.record.Waited;
import mellow.server.wire.Patterns;
import org.jspecify.annotations.Nullable;

/** A reading taken back, with nothing in its place. */
@Schema(description = "Takes a reading back. It stays in the record, struck through.")
public record UndoneEdit(
    @NotNull @Pattern(regexp = Patterns.ID) @Schema(description = "The reading that is taken back.")
        String strikes,
    @Min(value = 0)
        @Max(value = Waited.MOST_MS)
        @Schema(description = "Milliseconds that it waited in the page.", example = "0")
        @Nullable Long waitedMs) {}

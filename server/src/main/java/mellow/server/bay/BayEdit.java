package mellow.server.bay;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import mellow.core.measure.UnitSystem;

/** A bay as it is sent to be kept. */
@Schema(description = "A bay to add (version 0) or to change.")
public record BayEdit(
    @PositiveOrZero @Schema(example = "0") int version,
    @NotBlank @Size(max = 60) @Schema(example = "Bay 2") String name,
    @NotNull @Size(max = 300) @Schema(example = "read with a water level") String note,
    @NotNull @Schema(example = "METRIC") UnitSystem units) {}

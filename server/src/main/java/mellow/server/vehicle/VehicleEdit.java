package mellow.server.vehicle;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.Side;
import org.jspecify.annotations.Nullable;

/** A vehicle as it is sent to be kept. */
@Schema(description = "A vehicle to add (version 0) or to change.")
public record VehicleEdit(
    @PositiveOrZero(message = "is a version shown before")
        @Schema(description = "The version that was shown; 0 for a new one.", example = "0")
        int version,
    @NotBlank(message = "is missing")
        @Size(max = 80, message = "has at most 80 letters")
        @Schema(example = "Quenby Loft")
        String name,
    @NotNull(message = "is missing")
        @Size(max = 80, message = "has at most 80 letters")
        @Schema(description = "What it is called here.", example = "library van 3")
        String nickname,
    @NotNull(message = "is missing")
        @Schema(description = "Where the driver sits; says nothing of the traffic side.")
        Side driverSide,
    @DecimalMin(value = "500", message = "has to be at least 500 mm")
        @DecimalMax(value = "10000", message = "has to be at most 10 000 mm")
        @Schema(description = "Front to rear axle, mm.", example = "2680")
        @Nullable Double wheelbaseMm,
    @DecimalMin(value = "-500", message = "has to be at least −500 mm")
        @DecimalMax(value = "3000", message = "has to be at most 3 000 mm")
        @Schema(description = "Lamp centres ahead of the front axle, mm.", example = "870")
        @Nullable Double lampAheadMm,
    @DecimalMin(value = "500", message = "has to be at least 500 mm")
        @DecimalMax(value = "4000", message = "has to be at most 4 000 mm")
        @Schema(description = "Width without mirrors, mm.", example = "1850")
        @Nullable Double widthMm,
    @NotNull(message = "is missing")
        @Schema(description = "What the low beams' lenses say.", example = "UN_DIPPED")
        BeamClass dipped,
    @Size(max = 200, message = "has at most 200 characters")
        @Schema(description = "What is moulded on the low beams' lenses.", example = "E4 HCR PL")
        @Nullable String lensDipped,
    @Schema(description = "What the fog lamps' lenses say; left out where none are aimed.")
        @Nullable BeamClass fog,
    @Size(max = 200, message = "has at most 200 characters")
        @Schema(description = "What is moulded on the fog lamps' lenses.", example = "E4 B")
        @Nullable String lensFog,
    @Schema(description = "The maker chose the steeper of two allowed settings.", example = "false")
        boolean steeperByMaker) {}

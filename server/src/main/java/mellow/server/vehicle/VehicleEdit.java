package mellow.server.vehicle;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.VehicleClass;
import org.jspecify.annotations.Nullable;

/** A vehicle as it is sent to be kept. */
@Schema(description = "A vehicle to add (version 0) or to change.")
public record VehicleEdit(
    @PositiveOrZero
        @Schema(description = "The version that was shown; 0 for a new one.", example = "0")
        int version,
    @NotBlank @Size(max = 80) @Schema(example = "Quenby Loft") String name,
    @NotNull
        @Size(max = 80)
        @Schema(description = "What it is called here.", example = "library van 3")
        String nickname,
    @Size(max = 80)
        @Schema(description = "What sets it apart from others of its name.", example = "long, 4x4")
        @Nullable String variant,
    @Min(value = 1900) @Max(value = 2100) @Schema(description = "Model year.", example = "2016")
        @Nullable Integer modelYear,
    @NotNull @Schema(description = "Where the driver sits; says nothing of the traffic side.")
        Side driverSide,
    @DecimalMin(value = "500")
        @DecimalMax(value = "10000")
        @Schema(description = "Front to rear axle, mm.", example = "2680")
        @Nullable Double wheelbaseMm,
    @DecimalMin(value = "-500")
        @DecimalMax(value = "3000")
        @Schema(description = "Lamp centres ahead of the front axle, mm.", example = "870")
        @Nullable Double lampAheadMm,
    @DecimalMin(value = "500")
        @DecimalMax(value = "4000")
        @Schema(description = "Width without mirrors, mm.", example = "1850")
        @Nullable Double widthMm,
    @Schema(description = "By which its outlines are drawn.", example = "VAN")
        @Nullable BodyKind body,
    @Schema(description = "By its papers; left out where nobody looked.", example = "N1")
        @Nullable VehicleClass vehicleClass,
    @DecimalMin(value = "500")
        @DecimalMax(value = "4500")
        @Schema(description = "Roof above the ground, mm.", example = "2480")
        @Nullable Double heightMm,
    @DecimalMin(value = "100")
        @DecimalMax(value = "4000")
        @Schema(description = "Front axle to the foremost point, mm.", example = "940")
        @Nullable Double frontOverhangMm,
    @DecimalMin(value = "100")
        @DecimalMax(value = "5000")
        @Schema(description = "Rear axle to the rearmost point, mm.", example = "1010")
        @Nullable Double rearOverhangMm,
    @NotNull @Schema(description = "What the low beams' lenses say.", example = "UN_DIPPED")
        BeamClass dipped,
    @Size(max = 200)
        @Schema(description = "What is moulded on the low beams' lenses.", example = "E4 HCR PL")
        @Nullable String lensDipped,
    @Schema(description = "What the fog lamps' lenses say; left out where none are aimed.")
        @Nullable BeamClass fog,
    @Size(max = 200)
        @Schema(description = "What is moulded on the fog lamps' lenses.", example = "E4 B")
        @Nullable String lensFog,
    @Schema(description = "Driving lamps or pods are aimed at the wall.")
        @Nullable Boolean drivingAimed,
    @Schema(description = "The maker chose the steeper of two allowed settings.", example = "false")
        boolean steeperByMaker) {}

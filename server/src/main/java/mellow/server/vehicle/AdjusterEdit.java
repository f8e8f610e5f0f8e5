package mellow.server.vehicle;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import mellow.core.aim.Adjuster;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import org.jspecify.annotations.Nullable;

/** An aiming screw as it is sent to be remembered. */
@Schema(description = "An aiming screw to remember (version 0) or to change.")
public record AdjusterEdit(
    @PositiveOrZero @Schema(example = "0") int version,
    @NotNull LampKind lamp,
    @NotNull Side side,
    @NotNull Adjuster.Axis axis,
    @NotNull
        @Size(max = 80)
        @Schema(description = "What turns it.", example = "hex 6 under a rubber cap")
        String drive,
    @NotNull
        @Size(max = 120)
        @Schema(description = "Where it is.", example = "behind the lamp, inboard, from above")
        String place,
    @NotNull Adjuster.Reach reach,
    @DecimalMin(value = "-20")
        @DecimalMax(value = "20")
        @Schema(
            description =
                "Percent that one clockwise turn raises the beam, or moves it to the left.",
            example = "-0.42")
        @Nullable Double rememberedRate) {

  /** The same, on a version. */
  public AdjusterEdit onVersion(int shown) {
    return new AdjusterEdit(shown, lamp, side, axis, drive, place, reach, rememberedRate);
  }
}

package mellow.server.parts;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.OptionalInt;
import mellow.core.parts.Light;
import mellow.core.vehicle.LampFunction;
import org.jspecify.annotations.Nullable;

/** What light a lamp gives. */
@Schema(name = "LightEdit", description = "What light a lamp gives.")
public record LightEdit(
    @NotNull @Schema(description = "The function that switches it.") LampFunction circuit,
    @NotNull Light.Pattern pattern,
    @Min(value = 1000)
        @Max(value = 20000)
        @Schema(description = "Colour temperature, K.", example = "4300")
        @Nullable Integer kelvin,
    @Schema(description = "Colour of the bulb's own light.") Light.@Nullable Colour bulb,
    @NotNull Light.Lens lens) {

  Light core() {
    return new Light(
        circuit,
        pattern,
        kelvin == null ? OptionalInt.empty() : OptionalInt.of(kelvin),
        Optional.ofNullable(bulb),
        lens);
  }
}

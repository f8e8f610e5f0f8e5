package mellow.server.meter;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Meter")
class MeterController {
  private final Meters meters;

  MeterController(Meters meters) {
    this.meters = meters;
  }

  @Schema(name = "MeterNow", description = "What a meter shows now.")
  record MeterView(
      @Schema(description = "Who it says it is.", example = "Quenby,M1,0,1.0") String identity,
      @Schema(description = "Left out where it is beyond the range.", example = "12.43")
          @Nullable Double value,
      @Schema(example = "V") String unit) {}

  @GetMapping("/api/meter")
  @Operation(
      summary = "What a meter shows",
      description =
          "Asks an instrument that speaks SCPI over TCP, on this machine or in the shop's network,"
              + " and waits at most a second and a half.")
  MeterView read(
      @RequestParam @Size(max = 40) @Schema(example = "127.0.0.1:5025") String address,
      @RequestParam MeterQuantity what) {
    return meters.read(address, what);
  }
}

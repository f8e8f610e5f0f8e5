package mellow.server.meter;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Size;
import mellow.server.standin.SimulatedMeter;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Meter")
class MeterController {
  private final Meters meters;
  private final SimulatedMeter simulated;

  MeterController(Meters meters, SimulatedMeter simulated) {
    this.meters = meters;
    this.simulated = simulated;
  }

  @Schema(name = "MeterAddress", description = "Where a meter can be read.")
  record AddressView(@Schema(example = "127.0.0.1:5025") String address) {}

  @GetMapping("/api/meter/simulated")
  @Operation(
      summary = "Where the simulated meter can be read",
      description = "It ships with the product and stands in for one in the shop's network.")
  AddressView simulated() {
    return new AddressView(simulated.address());
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

package mellow.server.vehicle;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import java.util.List;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Vehicle")
class VehicleController {
  private static final String LAST_ID = "ffffffff-ffff-ffff-ffff-ffffffffffff";

  private final Vehicles vehicles;

  VehicleController(Vehicles vehicles) {
    this.vehicles = vehicles;
  }

  @GetMapping("/api/vehicles")
  @Operation(
      summary = "Vehicles, newest first",
      description = "Paged by key: send the last id of a page as \"before\" to get the next.")
  List<VehicleView> page(
      Acting acting,
      @RequestParam(defaultValue = LAST_ID) @Pattern(regexp = Patterns.ID) String before,
      @RequestParam(defaultValue = "50") @Min(value = 1) @Max(value = 200) int limit) {
    return vehicles.page(acting, before, limit);
  }

  @PutMapping("/api/vehicles/{id}")
  @Operation(
      summary = "Add or change a vehicle",
      description = "Lengths in mm. A stale version is answered 409 with the current row.")
  VehicleView put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody VehicleEdit edit) {
    return vehicles.put(acting, id, edit);
  }

  @PutMapping("/api/vehicles/{vehicleId}/adjusters/{id}")
  @Operation(
      summary = "Remember an aiming screw",
      description = "Its axis, drive, place, reach and rate (percent per clockwise turn).")
  AdjusterView putAdjuster(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String vehicleId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody AdjusterEdit edit) {
    return vehicles.putAdjuster(acting, vehicleId, id, edit);
  }
}

package mellow.server.parts;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import mellow.core.vehicle.TrafficSide;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Parts")
class PartsController {
  private final Parts parts;

  PartsController(Parts parts) {
    this.parts = parts;
  }

  @Schema(description = "Parts to keep, with the version they were made on (0: the first).")
  record PartsPut(@PositiveOrZero int version, @NotNull @Valid PartsEdit parts) {}

  @Schema(description = "Parts to judge.")
  record PartsRequest(
      @NotBlank @Schema(example = "un-r48") String ruleSet,
      @NotNull TrafficSide traffic,
      @NotNull @Valid PartsEdit parts) {}

  @GetMapping("/api/jobs/{jobId}/parts")
  @Operation(
      summary = "The page of the stage Parts",
      description = "The parts as they were kept, judged, and which stages wait for them.")
  PartsPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return parts.page(acting, jobId);
  }

  @PutMapping("/api/jobs/{jobId}/parts")
  @Operation(
      summary = "Keep the parts",
      description = "A stale version is answered 409 with the current page and who changed it.")
  PartsPage put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody PartsPut edit) {
    return parts.put(acting, jobId, edit.version(), edit.parts());
  }

  @PostMapping("/api/calc/parts")
  @Operation(
      summary = "Judge parts",
      description =
          "Outcomes, marks and colours by market, patterns by circuit, and plugs; without memory.")
  PartsPage.SheetView judge(Acting acting, @Valid @RequestBody PartsRequest request) {
    return parts.judged(acting, request.parts(), request.ruleSet(), request.traffic());
  }
}

package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import mellow.core.harness.Route;
import mellow.server.platform.Refusal;

/** The way of a branch of the harness, and which length of the plan it gives. */
@Schema(name = "RouteEdit", description = "The way of a branch of the harness through the vehicle.")
public record RouteEdit(
    @NotNull
        @Size(max = 40)
        @Schema(description = "Question whose length it gives.", example = "farMetres")
        String question,
    @NotBlank @Size(max = 80) @Schema(example = "to the left fog lamp") String name,
    @NotNull @Size(max = 40) List<@Valid @NotNull StopEdit> stops) {

  /** A place that it passes. */
  @Schema(name = "RouteStop", description = "A place that a route passes, mm.")
  public record StopEdit(
      @Schema(description = "From the centre line to the vehicle's left.", example = "420")
          double leftMm,
      @Schema(description = "From the front axle forwards.", example = "350") double forwardMm,
      @Schema(description = "Above the ground.", example = "780") double upMm,
      @NotNull Route.Passes passes) {
    public Route.Stop core() {
      try {
        return new Route.Stop(leftMm, forwardMm, upMm, passes);
      } catch (IllegalArgumentException outside) {
        throw Refusal.unprocessable("stops", FeedWords.stopOutside());
      }
    }
  }

  /** Something to keep away from. */
  @Schema(name = "HazardEdit", description = "Something that a harness keeps away from, mm.")
  public record HazardEdit(
      @NotBlank @Size(max = 80) @Schema(example = "exhaust manifold") String name,
      @Schema(example = "200") double leftMm,
      @Schema(example = "100") double forwardMm,
      @Schema(example = "700") double upMm,
      @Schema(description = "At least so far.", example = "150") double clearanceMm) {
    public Route.Hazard core() {
      if (!(clearanceMm > 0)) {
        throw Refusal.unprocessable("clearanceMm", FeedWords.clearance());
      }
      return new Route.Hazard(
          name, new StopEdit(leftMm, forwardMm, upMm, Route.Passes.NOTHING).core(), clearanceMm);
    }
  }

  public Route core() {
    if (stops.size() < 2) {
      throw Refusal.unprocessable("stops", FeedWords.routeEnds());
    }
    return new Route(name, stops.stream().map(StopEdit::core).toList());
  }
}

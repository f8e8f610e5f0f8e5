package mellow.server.find;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.List;
import mellow.core.feed.DrivingState;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import mellow.server.workshop.CheckEdit.ShownEdit;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{jobId}/find")
@Tag(name = "Find")
class FindController {
  private final Finds finds;

  FindController(Finds finds) {
    this.finds = finds;
  }

  @Schema(description = "What a hunt stands on, with the version it was made on (0: the first).")
  record FindPut(@PositiveOrZero int version, @NotNull @Valid FindEdit find) {}

  @GetMapping
  @Operation(
      summary = "The page of the stage Find",
      description =
          "The circuit that is searched, what was checked, what is suspected and what to check next.")
  FindPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return finds.page(acting, jobId);
  }

  @PutMapping
  @Operation(
      summary = "Keep what a hunt stands on, or how it ended",
      description = "A stale version is answered 409 with the current page and who changed it.")
  FindPage put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody FindPut edit) {
    return finds.put(acting, jobId, edit.version(), edit.find());
  }

  @Schema(description = "What a simulated vehicle shows at one moment.")
  record SimulatedRequest(
      @NotEmpty @Size(max = 40) @Schema(description = "The checks; what they show is left at 0.")
          List<@Valid @NotNull ShownEdit> checks) {}

  @Schema(name = "SimulatedTruth", description = "What is wrong with a simulated vehicle.")
  record Truth(@Schema(example = "[\"left ground\"]") List<String> parts) {}

  @PostMapping("/simulated")
  @Operation(
      summary = "Ask the simulated vehicle",
      description =
          "Stands in for a vehicle with a hidden fault of its own, to train on. It answers checks of"
              + " one moment, and keeps nothing.")
  List<ShownEdit> simulated(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody SimulatedRequest request) {
    return finds.simulated(acting, jobId, request.checks());
  }

  @PostMapping("/simulated/probes")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(
      summary = "Put the simulated meter where a check says",
      description = "It shows what the job's simulated vehicle has there, each time it is read.")
  void probe(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody ShownEdit check) {
    finds.probe(acting, jobId, check);
  }

  @Schema(name = "MeterPlace", description = "Where a meter is read on the job's own feed.")
  record MeterPlace(
      @NotNull DrivingState state,
      @Schema(description = "A clamp around a part, else the probe at a point.") boolean amperes,
      @NotBlank
          @Size(max = 200)
          @Schema(description = "The point or the part.", example = "battery +")
          String place) {}

  @PostMapping("/simulated/probes/feed")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(
      summary = "Put the simulated meter on the job's own feed",
      description =
          "Its black probe is at the battery's negative post. It shows what the job's simulated"
              + " vehicle has there, with what is wrong with it.")
  void probeFeed(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody MeterPlace place) {
    finds.probeFeed(acting, jobId, place.state(), place.amperes(), place.place());
  }

  @GetMapping("/simulated/truth")
  @Operation(
      summary = "Give up: what is wrong with the simulated vehicle",
      description = "Told only here.")
  Truth truth(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return new Truth(finds.truth(acting, jobId));
  }
}

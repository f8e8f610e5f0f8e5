package mellow.server.feed.service;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.List;
import mellow.core.formats.FeedPlanFormat;
import mellow.server.feed.FeedView;
import mellow.server.platform.Acting;
import mellow.server.platform.Download;
import mellow.server.wire.Patterns;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Feed")
class FeedPlanController {
  private final FeedPlans plans;

  FeedPlanController(FeedPlans plans) {
    this.plans = plans;
  }

  @Schema(description = "A plan to keep as the shop's own, with the version it was made on.")
  record PlanPut(
      @PositiveOrZero int version,
      @NotBlank @Size(max = 80) @Schema(example = "Fog lamps as we wire them") String title,
      @NotBlank
          @Size(max = 200_000)
          @Schema(description = "By the schema of plans.", example = "{\"id\":\"fog-valley\"}")
          String file) {}

  @GetMapping("/api/feed-plans")
  @Operation(
      summary = "The plans of feeding lamps",
      description = "The ready ones, and the shop's own in their newest version.")
  List<FeedView.PlanBrief> all(Acting acting) {
    return plans.all(acting).stream().map(FeedView.PlanBrief::of).toList();
  }

  @GetMapping(path = "/api/feed-plans/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "The file of a plan",
      description = "To be changed and taken in as the shop's own, here or elsewhere.")
  @ApiResponse(
      responseCode = "200",
      description = "A plan.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_JSON_VALUE,
              examples = @ExampleObject("{\"id\":\"fog-valley\"}")))
  ResponseEntity<String> file(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.SHORT_NAME) String id) {
    return Download.of(plans.file(acting, id), MediaType.APPLICATION_JSON, id + ".json");
  }

  @PutMapping("/api/feed-plans/{id}")
  @Operation(
      summary = "Keep a plan of the shop's own",
      description =
          "What breaks the schema or gives no circuit is refused with the place. Every version"
              + " stays.")
  FeedView.PlanBrief put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.SHORT_NAME) String id,
      @Valid @RequestBody PlanPut put) {
    return plans.put(acting, id, put.version(), put.title(), put.file());
  }

  @GetMapping(path = "/api/feed-plan-schema", produces = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "The schema of plans",
      description = "The published JSON Schema that every plan follows.")
  @ApiResponse(
      responseCode = "200",
      description = "A JSON Schema, draft 2020-12.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_JSON_VALUE,
              examples = @ExampleObject("{\"title\":\"Mellow Horizon feed plan\"}")))
  String schema() {
    return FeedPlanFormat.schema();
  }
}

package mellow.server.handover;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import mellow.server.platform.Acting;
import mellow.server.platform.Download;
import mellow.server.print.Paper;
import mellow.server.wire.Patterns;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{jobId}")
@Tag(name = "Hand over")
class HandOverController {
  private static final String CALENDAR = "text/calendar";

  private final HandOvers handOvers;
  private final Packs packs;

  HandOverController(HandOvers handOvers, Packs packs) {
    this.handOvers = handOvers;
    this.packs = packs;
  }

  @Schema(description = "What is told to the owner, with the version it was made on (0: first).")
  record HandOverPut(@PositiveOrZero int version, @NotNull @Valid HandOverEdit handOver) {}

  @Schema(description = "That a job is handed over.")
  record CloseRequest(
      @NotNull
          @Size(max = 600)
          @Schema(
              description = "Needed where something stands above the horizon.",
              example = "The owner needs it today and comes back on Friday")
          String reason) {}

  @Schema(description = "A correction beside a closed job.")
  record AmendmentEdit(
      @NotBlank @Size(max = 600) @Schema(example = "The fuse is 10 A") String words,
      @NotBlank @Size(max = 300) @Schema(example = "misread on the day") String why) {}

  @GetMapping("/hand-over")
  @Operation(
      summary = "The page of the stage Hand over",
      description = "What stands above the horizon, what is told to the owner, what comes after.")
  HandOverPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return handOvers.page(acting, jobId);
  }

  @PutMapping("/hand-over")
  @Operation(
      summary = "Keep what is told to the owner",
      description = "A stale version is answered 409 with the current page and who changed it.")
  HandOverPage put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody HandOverPut edit) {
    return handOvers.put(acting, jobId, edit.version(), edit.handOver());
  }

  @PutMapping("/closed")
  @Operation(
      summary = "Hand a job over",
      description =
          "It is closed: later corrections stand beside. Above the horizon only with a reason.")
  HandOverPage close(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody CloseRequest request) {
    return handOvers.close(acting, jobId, request.reason());
  }

  @PutMapping("/amendments/{id}")
  @Operation(
      summary = "Add a correction beside a closed job",
      description = "Append-only. The same request again changes nothing.")
  HandOverPage amend(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody AmendmentEdit edit) {
    return handOvers.amend(acting, jobId, id, edit.words(), edit.why());
  }

  @PutMapping("/comeback/{id}")
  @Operation(
      summary = "Begin a job that comes back from this one",
      description = "On the same vehicle; its page starts with what differs.")
  HandOverPage comeBack(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    return handOvers.comeBack(acting, jobId, id);
  }

  @GetMapping(path = "/pack.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  @Operation(
      summary = "The pack as PDF",
      description = "One page for the owner in plain words, the rest for the file.")
  @ApiResponse(
      responseCode = "200",
      description = "A PDF.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_PDF_VALUE,
              schema = @Schema(type = "string", format = "binary"),
              examples = @ExampleObject("%PDF-1.6 …")))
  ResponseEntity<byte[]> pack(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @RequestParam(defaultValue = "A4") Paper paper) {
    return Download.of(
        handOvers.asSigned(acting, jobId, () -> packs.pdf(acting, jobId, paper)),
        MediaType.APPLICATION_PDF,
        "pack.pdf");
  }

  @GetMapping(path = "/follow-ups.ics", produces = CALENDAR)
  @Operation(
      summary = "What to come back for, as a calendar",
      description = "One event a day long for each, with a reminder.")
  @ApiResponse(
      responseCode = "200",
      description = "A calendar.",
      content =
          @Content(
              mediaType = CALENDAR,
              schema = @Schema(type = "string"),
              examples = @ExampleObject("BEGIN:VCALENDAR…")))
  ResponseEntity<byte[]> calendar(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return Download.of(
        handOvers
            .asSigned(acting, jobId, () -> FollowUpCalendar.of(handOvers.page(acting, jobId)))
            .getBytes(StandardCharsets.UTF_8),
        MediaType.valueOf(CALENDAR),
        "follow-ups.ics");
  }
}

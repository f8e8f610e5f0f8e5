package mellow.server.feed.service;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import mellow.core.feed.DrivingState;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FeedCsv;
import mellow.core.formats.FormatProblem;
import mellow.core.measure.UnitSystem;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.feed.FeedPage;
import mellow.server.feed.FeedView;
import mellow.server.feed.FeedWords;
import mellow.server.feed.paper.WiringSheet;
import mellow.server.feed.paper.WiringSvg;
import mellow.server.platform.Acting;
import mellow.server.platform.Download;
import mellow.server.platform.Refusal;
import mellow.server.print.Foot;
import mellow.server.print.Paper;
import mellow.server.wire.Patterns;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{jobId}/feed")
@Tag(name = "Feed")
class FeedController {
  private static final String SVG = "image/svg+xml";
  private static final String CSV = "text/csv";

  private final Feeds feeds;
  private final Foot foot;

  FeedController(Feeds feeds, Foot foot) {
    this.feeds = feeds;
    this.foot = foot;
  }

  @Schema(description = "A feed to keep, with the version it was made on (0: the first).")
  record FeedPut(@PositiveOrZero int version, @NotNull @Valid FeedEdit feed) {}

  @Schema(description = "A plan, and a table of its parts as CSV.")
  record PartsIn(
      @NotNull @Valid ChosenPlan plan,
      @NotNull @Schema(example = "part,kind,name,value\nleft branch,wire,size,2.5 mm²\n")
          String csv) {}

  @GetMapping
  @Operation(
      summary = "The page of the stage Feed",
      description = "What was wished, found and planned, the plan solved and judged.")
  FeedPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return feeds.page(acting, jobId);
  }

  @PutMapping
  @Operation(
      summary = "Keep the feed",
      description =
          "A stale version is answered 409 with the current page and who changed it. An event that"
              + " the battery does not allow is refused with the reason.")
  FeedPage put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody FeedPut edit) {
    return feeds.put(acting, jobId, edit.version(), edit.feed());
  }

  @GetMapping(path = "/netlist", produces = MediaType.TEXT_PLAIN_VALUE)
  @Operation(
      summary = "The circuit as a SPICE netlist",
      description =
          "In one state; a general circuit simulator comes to the same voltages. Of a pulsed circuit"
              + " each phase by itself, or all of it over time.")
  @ApiResponse(
      responseCode = "200",
      description = "A netlist.",
      content =
          @Content(
              mediaType = MediaType.TEXT_PLAIN_VALUE,
              schema = @Schema(type = "string"),
              examples = @ExampleObject("* fog lamps\nR1 n1 n2 0.01\n.op\n.end")))
  ResponseEntity<byte[]> netlist(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @RequestParam DrivingState state,
      @RequestParam(defaultValue = "1")
          @Min(value = 1)
          @Parameter(description = "The phase of what is pulsed; in the first all of it is closed.")
          int phase,
      @RequestParam(defaultValue = "false")
          @Parameter(description = "Over one period of what is pulsed, whatever the phase.")
          boolean overTime) {
    PlannedFeed feed = feeds.keptFeed(acting, jobId);
    String netlist =
        overTime ? Feeds.netlistOverTime(feed, state) : Feeds.netlist(feed, state, phase);
    return Download.of(
        netlist.getBytes(StandardCharsets.UTF_8),
        MediaType.TEXT_PLAIN,
        "circuit-%s%s.cir"
            .formatted(
                state.name().toLowerCase(Locale.ROOT),
                overTime ? "-over-time" : phase == 1 ? "" : "-phase-" + phase));
  }

  @GetMapping(path = "/parts.csv", produces = CSV)
  @Operation(
      summary = "The plan's parts as CSV",
      description = "One line for each value of each part; changed ones can be taken in again.")
  @ApiResponse(
      responseCode = "200",
      description = "A table.",
      content =
          @Content(
              mediaType = CSV,
              schema = @Schema(type = "string"),
              examples = @ExampleObject("part,kind,name,value\nleft branch,wire,size,1.5 mm²")))
  ResponseEntity<byte[]> parts(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return Download.of(
        FeedCsv.write(feeds.keptFeed(acting, jobId)).getBytes(StandardCharsets.UTF_8),
        MediaType.valueOf(CSV),
        "parts.csv");
  }

  @PostMapping("/parts")
  @Operation(
      summary = "Take a table of parts in",
      description = "The plan with the values of the table; nothing is kept by it.")
  ChosenPlan partsIn(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody PartsIn in) {
    feeds.page(acting, jobId);
    try {
      ChosenPlan changed =
          new ChosenPlan(
              in.plan().id(),
              in.plan().version(),
              in.plan().answers(),
              FeedCsv.read(in.csv(), feeds.planned(acting, in.plan()), in.plan().changes()),
              in.plan().beside());
      feeds.planned(acting, changed);
      return changed;
    } catch (FormatProblem problem) {
      throw Refusal.unprocessable("csv", FeedWords.inCsv(problem.place(), problem.says()));
    }
  }

  @GetMapping(path = "/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  @Operation(
      summary = "The wiring sheet as PDF",
      description = "Circuit, states, cut list, parts and order of connecting; readable in grey.")
  @ApiResponse(
      responseCode = "200",
      description = "A PDF.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_PDF_VALUE,
              schema = @Schema(type = "string", format = "binary"),
              examples = @ExampleObject("%PDF-1.6 …")))
  ResponseEntity<byte[]> pdf(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @RequestParam(required = false) @Nullable UnitSystem units) {
    FeedPage page = feeds.page(acting, jobId);
    return Download.of(
        WiringSheet.of(sheet(page), page, units(page, units))
            .pdf(Paper.A4, foot.of(acting, page.vehicle())),
        MediaType.APPLICATION_PDF,
        "wiring.pdf");
  }

  @GetMapping(path = "/sheet.svg", produces = SVG)
  @Operation(
      summary = "The circuit as SVG",
      description = "The drawing by itself, in black on white.")
  @ApiResponse(
      responseCode = "200",
      description = "An SVG.",
      content =
          @Content(
              mediaType = SVG,
              schema = @Schema(type = "string"),
              examples = @ExampleObject("<svg width=\"632\" height=\"470\">…</svg>")))
  ResponseEntity<byte[]> svg(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    FeedPage page = feeds.page(acting, jobId);
    return Download.of(WiringSvg.of(sheet(page)), MediaType.valueOf(SVG), "circuit.svg");
  }

  private static FeedView sheet(FeedPage page) {
    FeedView sheet = page.sheet();
    if (sheet == null) {
      throw Refusal.unprocessable("plan", FeedWords.noPlanYet());
    }
    return sheet;
  }

  private static UnitSystem units(FeedPage page, @Nullable UnitSystem units) {
    return units == null ? page.job().units() : units;
  }
}

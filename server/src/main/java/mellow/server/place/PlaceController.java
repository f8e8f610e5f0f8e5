package mellow.server.place;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import java.util.List;
import mellow.core.measure.UnitSystem;
import mellow.core.placement.LampPair;
import mellow.core.placement.template.DrillTemplate;
import mellow.core.placement.template.Paper;
import mellow.core.vehicle.Side;
import mellow.server.platform.Acting;
import mellow.server.platform.Download;
import mellow.server.platform.Refusal;
import mellow.server.wire.Patterns;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;
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
@RequestMapping("/api/jobs/{jobId}/place")
@Tag(name = "Place")
class PlaceController {
  private static final String SVG = "image/svg+xml";

  private final Places places;

  PlaceController(Places places) {
    this.places = places;
  }

  @Schema(description = "A front to keep, with the version it was made on (0: the first).")
  record PlaceEdit(@PositiveOrZero int version, @NotNull @Valid FrontEdit front) {}

  @GetMapping
  @Operation(
      summary = "The page of the stage Place",
      description = "The front as it was kept, judged. Lengths in mm.")
  PlacePage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return places.page(acting, jobId);
  }

  @PutMapping
  @Operation(
      summary = "Keep the front",
      description = "A stale version is answered 409 with the current page and who changed it.")
  PlacePage put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @Valid @RequestBody PlaceEdit edit) {
    return places.put(acting, jobId, edit.version(), edit.front());
  }

  @GetMapping(path = "/template.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  @Operation(
      summary = "A drill template as PDF",
      description = "At 1:1, tiled over sheets, with a control line of 100 mm on each.")
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
      @RequestParam @Schema(example = "fog") String pair,
      @RequestParam Side side,
      @RequestParam(defaultValue = "A4") Paper paper,
      @RequestParam(required = false) @Nullable UnitSystem units) {
    PlacePage page = places.page(acting, jobId);
    byte[] file = TemplatePdf.of(sheets(page, pair, side, paper, units), paper);
    return file(file, MediaType.APPLICATION_PDF, pair, side, "pdf");
  }

  @GetMapping(path = "/template.svg", produces = SVG)
  @Operation(
      summary = "One sheet of a drill template as SVG",
      description = "At 1:1; sheets count from 1, row by row.")
  @ApiResponse(
      responseCode = "200",
      description = "An SVG, sized in millimetres.",
      content =
          @Content(
              mediaType = SVG,
              schema = @Schema(type = "string"),
              examples = @ExampleObject("<svg width=\"210.0mm\" height=\"297.0mm\">…</svg>")))
  ResponseEntity<byte[]> svg(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @RequestParam @Schema(example = "fog") String pair,
      @RequestParam Side side,
      @RequestParam(defaultValue = "A4") Paper paper,
      @RequestParam(required = false) @Nullable UnitSystem units,
      @RequestParam(defaultValue = "1") int sheet) {
    PlacePage page = places.page(acting, jobId);
    List<DrillTemplate.Sheet> sheets = sheets(page, pair, side, paper, units);
    if (sheet < 1 || sheet > sheets.size()) {
      throw Refusal.unprocessable("sheet", PlaceWords.sheets(sheets.size()));
    }
    return file(
        TemplateSvg.of(sheets.get(sheet - 1), paper), MediaType.valueOf(SVG), pair, side, "svg");
  }

  private static List<DrillTemplate.Sheet> sheets(
      PlacePage page, String pairId, Side side, Paper paper, @Nullable UnitSystem units) {
    LampPair pair = Places.pair(page.front().core(), pairId);
    if (pair.lamp().holes().isEmpty()) {
      throw Refusal.unprocessable("pair", PlaceWords.holesFirst());
    }
    return DrillTemplate.of(
        pair, side, paper, units == null ? page.job().units() : units, Spoken::text);
  }

  private static ResponseEntity<byte[]> file(
      byte[] content, MediaType type, String pair, Side side, String ending) {
    String name = "template-%s-%s.%s".formatted(pair, side.word(), ending);
    return Download.of(content, type, name);
  }
}

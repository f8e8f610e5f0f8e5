package mellow.server.rulebook;

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
import mellow.core.formats.RuleChangeFormat;
import mellow.core.formats.RuleSetFormat;
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
@Tag(name = "Rulebook")
class RulebookController {

  private final LocalSets sets;

  RulebookController(LocalSets sets) {
    this.sets = sets;
  }

  @Schema(description = "A local rule set to keep, with the version it was made on (0: the first).")
  record LocalSetPut(
      @PositiveOrZero int version,
      @NotBlank
          @Size(max = 200_000)
          @Schema(
              description = "Its file, by the schema of local rule sets.",
              example = "{\"id\":\"valley\",\"version\":1,\"title\":\"Valley\"}")
          String file) {}

  @Schema(description = "A rule that was held against the text in force.")
  record ConfirmationEdit(
      @NotBlank @Schema(example = "un-r48") String setId,
      @NotBlank @Schema(example = "un-r48.fog.b") String ruleId,
      @NotBlank
          @Size(max = 200)
          @Schema(
              description = "Edition and place in the text.",
              example = "revision 12, 6.3.6, page 41")
          String place) {}

  @GetMapping("/api/rule-sets")
  @Operation(
      summary = "The rule sets",
      description =
          "Those of the product and the shop's own, with their rules of aim (percent, down is"
              + " negative) and of place.")
  List<RuleSetView> all(Acting acting) {
    return sets.all(acting);
  }

  @GetMapping("/api/rule-sets/{id}")
  @Operation(summary = "One rule set", description = "By its short name, such as un-r48.")
  RuleSetView one(Acting acting, @PathVariable String id) {
    return sets.one(acting, id);
  }

  @PutMapping("/api/rule-sets/{id}")
  @Operation(
      summary = "Keep a shop's own rule set",
      description =
          "A named change over another set. What breaks the schema, loops or contradicts itself is"
              + " refused with the place. Every version stays.")
  List<RuleSetView> put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.SHORT_NAME) String id,
      @Valid @RequestBody LocalSetPut edit) {
    return sets.put(acting, id, edit.version(), edit.file());
  }

  @GetMapping(path = "/api/rule-sets/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "The file of a rule set",
      description = "To be taken in elsewhere: by the schema of rule sets or of local ones.")
  @ApiResponse(
      responseCode = "200",
      description = "A rule set.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_JSON_VALUE,
              examples = @ExampleObject("{\"id\":\"valley\"}")))
  ResponseEntity<String> file(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.SHORT_NAME) String id) {
    return Download.of(sets.file(acting, id), MediaType.APPLICATION_JSON, id + ".json");
  }

  @PutMapping("/api/rule-confirmations/{id}")
  @Operation(
      summary = "Confirm a rule",
      description =
          "Somebody held it against the text in force: its mark is lifted for this shop, as long as"
              + " the set keeps its version.")
  List<RuleSetView> confirm(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody ConfirmationEdit edit) {
    return sets.confirm(acting, id, edit);
  }

  @GetMapping(path = "/api/rule-change-schema", produces = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "The schema of local rule sets",
      description = "The published JSON Schema that every shop's own set follows.")
  @ApiResponse(
      responseCode = "200",
      description = "A JSON Schema, draft 2020-12.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_JSON_VALUE,
              examples = @ExampleObject("{\"title\":\"Mellow Horizon local rule set\"}")))
  String changeSchema() {
    return RuleChangeFormat.schema();
  }

  @GetMapping(path = "/api/rule-set-schema", produces = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "The schema of rule sets",
      description = "The published JSON Schema that every rule set follows.")
  @ApiResponse(
      responseCode = "200",
      description = "A JSON Schema, draft 2020-12.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_JSON_VALUE,
              examples = @ExampleObject("{\"title\":\"Mellow Horizon rule set\"}")))
  String schema() {
    return RuleSetFormat.schema();
  }
}

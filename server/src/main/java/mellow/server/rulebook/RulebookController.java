package mellow.server.rulebook;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import mellow.core.formats.BuiltInRules;
import mellow.core.formats.RuleSetFormat;
import mellow.server.platform.Refusal;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Rulebook")
class RulebookController {
  @GetMapping("/api/rule-sets")
  @Operation(
      summary = "The rule sets",
      description =
          "All built-in sets with their rules of aim (percent, down is negative) and of place.")
  List<RuleSetView> all() {
    return BuiltInRules.all().stream().map(RuleSetView::of).toList();
  }

  @GetMapping("/api/rule-sets/{id}")
  @Operation(summary = "One rule set", description = "By its short name, such as un-r48.")
  RuleSetView one(@PathVariable String id) {
    return BuiltInRules.byId(id)
        .map(RuleSetView::of)
        .orElseThrow(() -> Refusal.notFound("There is no such rule set."));
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

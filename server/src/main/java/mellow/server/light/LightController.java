package mellow.server.light;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.nio.charset.StandardCharsets;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.server.platform.Download;
import mellow.server.platform.Refusal;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Calculation")
class LightController {
  private static final String NAME = "[a-z0-9-]{1,40}";

  @PostMapping("/api/calc/road")
  @Operation(
      summary = "Light on the road",
      description =
          "Lines of equal light from above, how far somebody on foot is lit and the speed at which"
              + " one stops within that (AASHTO's formula), and what an oncoming driver has in the"
              + " eye (CIE small-angle veil; discomfort by Schmidt-Clausen and Bindels), for a beam"
              + " file that ships. Equations and their figures are from memory.")
  RoadView road(@Valid @RequestBody RoadRequest request) {
    return RoadView.of(request);
  }

  @GetMapping("/api/beams/{name}")
  @Operation(
      summary = "A beam file that ships",
      description =
          "Its light source, and each point of its regulation's photometric test with its margin."
              + " The tests are from memory.")
  BeamView beam(
      @PathVariable
          @Pattern(regexp = NAME)
          @Parameter(description = "Its name.", example = "reflector")
          String name) {
    return BeamView.of(known(name));
  }

  @GetMapping(path = "/api/beams/{name}/file", produces = MediaType.TEXT_PLAIN_VALUE)
  @Operation(
      summary = "The beam file itself",
      description = "IES LM-63, photometric type A, traffic on the right.")
  @ApiResponse(
      responseCode = "200",
      description = "The file.",
      content =
          @Content(
              mediaType = MediaType.TEXT_PLAIN_VALUE,
              schema = @Schema(type = "string"),
              examples = @ExampleObject("IESNA:LM-63-2002\n[TEST] reflector-1\nTILT=NONE")))
  ResponseEntity<byte[]> file(
      @PathVariable
          @Pattern(regexp = NAME)
          @Parameter(description = "Its name.", example = "reflector")
          String name) {
    return Download.of(
        known(name).text().getBytes(StandardCharsets.US_ASCII),
        MediaType.TEXT_PLAIN,
        name + ".ies");
  }

  private static ShippedBeam known(String name) {
    return ShippedBeam.named(name).orElseThrow(() -> Refusal.notFound(LightWords.noBeam(name)));
  }
}

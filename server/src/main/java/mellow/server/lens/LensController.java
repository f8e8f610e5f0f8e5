package mellow.server.lens;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mellow.core.lens.LensReading;
import mellow.core.vehicle.TrafficSide;
import mellow.server.platform.Acting;
import mellow.server.rulebook.RuleBooks;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Calculation")
class LensController {
  private final RuleBooks books;

  LensController(RuleBooks books) {
    this.books = books;
  }

  @Schema(description = "A lens to read.")
  record LensRequest(
      @NotNull
          @Size(max = 200)
          @Schema(description = "As it stands on the lens.", example = "E4 HCR PL ↔")
          String typed,
      @NotBlank @Schema(example = "un-r48") String ruleSet,
      @NotNull TrafficSide traffic) {}

  @PostMapping("/api/calc/lens")
  @Operation(
      summary = "Read a lens",
      description =
          "What its marks mean, which rule of aim follows, and what does not suit the market or the"
              + " side of traffic. All meanings are from memory; an unknown mark is said to be so.")
  LensView lens(Acting acting, @Valid @RequestBody LensRequest request) {
    return LensView.of(
        LensReading.of(request.typed()),
        RuleBooks.aimSet(books.of(acting), request.ruleSet()),
        request.traffic());
  }
}

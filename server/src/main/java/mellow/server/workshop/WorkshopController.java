package mellow.server.workshop;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import mellow.core.measure.Entry;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.core.workflow.ledger.LedgerText;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.wire.Patterns;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Workshop")
class WorkshopController {
  private final Workshops workshops;

  WorkshopController(Workshops workshops) {
    this.workshops = workshops;
  }

  @Schema(description = "A line of the ledger as it is called out.")
  record CalledRequest(
      @NotNull(message = "is missing")
          @Size(max = 200, message = "has at most 200 letters")
          @Schema(example = "4 clip upper edge")
          String typed) {}

  @GetMapping("/api/jobs/{id}/workshop")
  @Operation(
      summary = "The workshop's page",
      description = "Apart, Bench, Prove and Together: what was written down, and what follows.")
  WorkshopPage page(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS) String id) {
    return workshops.page(acting, id);
  }

  @PutMapping("/api/jobs/{jobId}/workshop/{id}")
  @Operation(
      summary = "Write something down",
      description = "Append-only. The same request again changes nothing. Answers the page.")
  WorkshopPage keep(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS) String id,
      @Valid @RequestBody EntryEdit edit) {
    return workshops.keep(acting, jobId, id, edit);
  }

  @PostMapping("/api/calc/ledger/line")
  @Operation(
      summary = "Read a line of the ledger as it is called out",
      description = "“4 clip upper edge”: how many of what, and where. It keeps nothing.")
  EntryEdit.OutEdit called(@Valid @RequestBody CalledRequest request) {
    Entry<LedgerText.Called> entry = LedgerText.read(request.typed());
    if (entry instanceof Entry.Accepted<LedgerText.Called> accepted) {
      LedgerText.Called called = accepted.value();
      return new EntryEdit.OutEdit(
          called.count(),
          called.what().kind(),
          called.what().name(),
          called.what().size(),
          called.what().thread(),
          called.spot().map(EntryEdit.SpotEdit::of).orElse(null),
          called.where(),
          "",
          "",
          LedgerRow.AsFound.SOUND,
          false,
          1,
          "",
          null);
    }
    Entry.Refused<LedgerText.Called> refused = (Entry.Refused<LedgerText.Called>) entry;
    throw Refusal.unprocessable("typed", refused.why() + " " + refused.wouldBeRight())
        .with("at", refused.at());
  }
}

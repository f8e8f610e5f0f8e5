package mellow.server.workshop;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import mellow.server.platform.Acting;
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

  @GetMapping("/api/jobs/{id}/workshop")
  @Operation(
      summary = "The workshop's page",
      description = "Apart, Bench, Prove and Together: what was written down, and what follows.")
  WorkshopPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    return workshops.page(acting, id);
  }

  @PutMapping("/api/jobs/{jobId}/workshop/{id}")
  @Operation(
      summary = "Write something down",
      description = "Append-only. The same request again changes nothing. Answers the page.")
  WorkshopPage keep(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody EntryEdit edit) {
    return workshops.keep(acting, jobId, id, edit);
  }

  @GetMapping("/api/timers")
  @Operation(
      summary = "The timers of all open jobs",
      description = "Those that run or ring, the next to end first.")
  ShopTimers timers(Acting acting) {
    return workshops.timers(acting);
  }

  @PostMapping("/api/calc/ledger/line")
  @Operation(
      summary = "Read a line of the ledger as it is called out",
      description = "“4 clip upper edge”: how many of what, and where. It keeps nothing.")
  EntryEdit.OutEdit called(@Valid @RequestBody EntryEdit.CalledEdit called) {
    return called.line();
  }
}

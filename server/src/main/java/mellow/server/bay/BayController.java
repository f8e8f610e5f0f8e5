package mellow.server.bay;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import java.util.List;
import java.util.OptionalDouble;
import mellow.core.aim.FloorSurvey;
import mellow.server.aim.FloorView;
import mellow.server.logbook.Logbooks;
import mellow.server.logbook.ReadingEdit;
import mellow.server.logbook.ReadingView;
import mellow.server.logbook.UndoneEdit;
import mellow.server.platform.Acting;
import mellow.server.record.Owner;
import mellow.server.wire.Patterns;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Bay")
class BayController {
  private static final String FIRST_ID = "00000000-0000-0000-0000-000000000000";

  private final Bays bays;
  private final Logbooks logbooks;

  BayController(Bays bays, Logbooks logbooks) {
    this.bays = bays;
    this.logbooks = logbooks;
  }

  @GetMapping("/api/bays")
  @Operation(
      summary = "Bays, oldest first",
      description = "Paged by key: send the last id of a page as \"after\" to get the next.")
  List<BayView> page(
      Acting acting,
      @RequestParam(defaultValue = FIRST_ID) @Pattern(regexp = Patterns.ID) String after,
      @RequestParam(defaultValue = "50") @Min(value = 1) @Max(value = 200) int limit) {
    return bays.page(acting, after, limit);
  }

  @GetMapping("/api/bays/{id}")
  @Operation(
      summary = "A bay's page",
      description = "The bay, its floor readings in order, and the fitted plane. Lengths in mm.")
  BayPage one(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    BayView bay = bays.get(acting, id);
    List<ReadingView> readings = logbooks.ofBay(id);
    java.util.Optional<FloorSurvey> survey =
        Logbooks.living(readings).survey(OptionalDouble.empty());
    return new BayPage(bay, readings, FloorView.of(survey));
  }

  @PutMapping("/api/bays/{id}")
  @Operation(
      summary = "Add or change a bay",
      description = "A stale version is answered 409 with the current row.")
  BayView put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody BayEdit edit) {
    return bays.put(acting, id, edit);
  }

  @PutMapping("/api/bays/{bayId}/readings/{id}")
  @Operation(
      summary = "Keep a reading of a bay's floor",
      description = "Append-only. The same request again changes nothing. Answers the bay's page.")
  @Transactional
  public BayPage keep(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String bayId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody ReadingEdit edit) {
    bays.get(acting, bayId);
    logbooks.keep(acting, new Owner.OfBay(bayId), id, edit);
    return one(acting, bayId);
  }

  @PutMapping("/api/bays/{bayId}/undone/{id}")
  @Operation(
      summary = "Take a reading of a bay's floor back",
      description = "It stays in the record, struck through. Answers the bay's page.")
  @Transactional
  public BayPage undo(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String bayId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody UndoneEdit edit) {
    bays.get(acting, bayId);
    logbooks.undo(acting, new Owner.OfBay(bayId), id, edit);
    return one(acting, bayId);
  }
}

package mellow.server.aim;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalDouble;
import mellow.core.aim.Road;
import mellow.core.aim.lamp.Roll;
import mellow.core.aim.lamp.Toe;
import mellow.core.aim.wall.SchoolTable;
import mellow.core.entry.Entry;
import mellow.core.entry.InclinationEntry;
import mellow.core.entry.LengthEntry;
import mellow.core.entry.TurnsEntry;
import mellow.core.finding.Figure;
import mellow.core.measure.Inclination;
import mellow.core.measure.UnitSystem;
import mellow.server.aim.SmallSums.AngleAnswer;
import mellow.server.aim.SmallSums.DropAnswer;
import mellow.server.aim.SmallSums.DropRequest;
import mellow.server.aim.SmallSums.EntryAnswer;
import mellow.server.aim.SmallSums.EntryRequest;
import mellow.server.aim.SmallSums.RollRequest;
import mellow.server.aim.SmallSums.ToeRequest;
import mellow.server.platform.Acting;
import mellow.server.rulebook.RuleBooks;
import mellow.server.wire.FigureView;
import mellow.server.wire.Spoken;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The core over HTTP, without memory: for the page's live drawings and for other programs. */
@RestController
@RequestMapping("/api/calc")
@Tag(name = "Calculation")
class CalcController {
  private final RuleBooks books;

  CalcController(RuleBooks books) {
    this.books = books;
  }

  @Schema(description = "Readings of a floor.")
  record FloorRequest(
      @NotNull @Schema(example = "METRIC") UnitSystem units,
      @NotNull @Size(max = 500) List<WallRequest.@Valid @NotNull Taken> readings) {}

  @PostMapping("/wall")
  @Operation(
      summary = "The whole aim",
      description =
          "Floor, marks, schools side by side, judgement of the cutoffs, screws and remedies, from"
              + " readings in mm and turns.")
  SheetView wall(Acting acting, @Valid @RequestBody WallRequest request) {
    return SheetView.of(request.core(books.of(acting)));
  }

  @PostMapping("/schools")
  @Operation(
      summary = "The schools side by side",
      description =
          "What each school of aiming asks of each lamp (percent, degrees, mm, reach), and what each"
              + " rule set says of it.")
  List<SchoolView.TableView> schools(Acting acting, @Valid @RequestBody WallRequest request) {
    return SchoolTable.of(request.core(books.of(acting))).stream()
        .map(SchoolView.TableView::of)
        .toList();
  }

  @PostMapping("/floor")
  @Operation(
      summary = "A floor's plane",
      description =
          "Least squares through the tyre contacts, its residual, and the wall's foot, mm.")
  FloorView floor(@Valid @RequestBody FloorRequest request) {
    return FloorView.of(
        WallRequest.logbook(request.readings(), request.units()).survey(OptionalDouble.empty()));
  }

  @PostMapping("/entry")
  @Operation(
      summary = "Read a typed measurement",
      description = "Gives mm, percent or turns, or says where and why the text is refused.")
  EntryAnswer entry(@Valid @RequestBody EntryRequest request) {
    Entry<Figure> entry =
        switch (request.form()) {
          case LENGTH ->
              LengthEntry.readMm(request.typed(), request.units().bareUnit()).map(Figure::lengthMm);
          case INCLINATION -> InclinationEntry.readPercent(request.typed()).map(Figure::percent);
          case TURNS -> TurnsEntry.readTurns(request.typed()).map(Figure::turns);
        };
    if (entry instanceof Entry.Accepted<Figure> accepted) {
      return new EntryAnswer(accepted.typed(), FigureView.of(accepted.value()), null, null, null);
    }
    Entry.Refused<Figure> refused = (Entry.Refused<Figure>) entry;
    return new EntryAnswer(
        refused.typed(),
        null,
        refused.at(),
        Spoken.text(refused.why(), UnitSystem.METRIC),
        Spoken.words(refused.wouldBeRight()));
  }

  @PostMapping("/drop")
  @Operation(
      summary = "A drop as inclination",
      description = "Percent, degrees, and where the cutoff meets a level road. Lengths in mm.")
  DropAnswer drop(@Valid @RequestBody DropRequest request) {
    double percent = -100 * request.belowMm() / request.distanceMm();
    return new DropAnswer(
        FigureView.percent(percent),
        FigureView.of(Figure.degrees(Inclination.degreesOfPercent(percent))),
        request.centreMm() == null
            ? null
            : LampView.reachView(Road.reachMm(request.centreMm(), percent)));
  }

  @PostMapping("/roll")
  @Operation(
      summary = "Roll of a cutoff",
      description = "Degrees, positive where the left point is higher. Lengths in mm.")
  AngleAnswer roll(@Valid @RequestBody RollRequest request) {
    return new AngleAnswer(
        FigureView.of(Figure.degrees(Roll.degrees(request.leftHigherMm(), request.runMm()))));
  }

  @PostMapping("/toe")
  @Operation(
      summary = "Toe of a pair",
      description = "Degrees, positive where the beams part. Lengths in mm.")
  AngleAnswer toe(@Valid @RequestBody ToeRequest request) {
    return new AngleAnswer(
        FigureView.of(
            Figure.degrees(
                Toe.degrees(
                    request.stepSpacingMm(), request.lampSpacingMm(), request.distanceMm()))));
  }
}

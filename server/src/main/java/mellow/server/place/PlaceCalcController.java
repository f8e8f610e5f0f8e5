package mellow.server.place;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import mellow.core.placement.Front;
import mellow.core.placement.LampPair;
import mellow.core.placement.free.NearestPlace;
import mellow.core.placement.template.HoleRow;
import mellow.core.rules.RuleBook;
import mellow.core.rules.VehicleScope;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.rulebook.RuleBooks;
import mellow.server.wire.Patterns;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Placement without memory: for the page's live drawing and for other programs. */
@RestController
@RequestMapping("/api/calc/place")
@Tag(name = "Calculation")
class PlaceCalcController {
  private final RuleBooks books;
  private final Jobs jobs;

  PlaceCalcController(RuleBooks books, Jobs jobs) {
    this.books = books;
    this.jobs = jobs;
  }

  private RuleBook book(Acting acting, @Nullable String jobId) {
    return jobId == null ? books.of(acting) : books.ofJob(acting, jobId);
  }

  @Schema(description = "A front to judge.")
  record PlaceRequest(@NotNull @Valid FrontEdit front) {}

  @Schema(description = "A front, and the pair that looks for a place.")
  record NearestRequest(
      @NotNull @Valid FrontEdit front, @NotNull @Schema(example = "fog") String pair) {}

  @Schema(description = "A bracket with a row of holes, and the lamps for it.")
  record HolesRequest(
      @Min(value = 1) @Max(value = 30) @Schema(example = "5") int holes,
      @DecimalMin(value = "1")
          @DecimalMax(value = "1000")
          @Schema(description = "From one hole to the next, mm.", example = "60")
          double pitchMm,
      @NotNull
          @Size(min = 1, max = 30)
          @Schema(description = "Widths of the lamps, mm.", example = "[90, 90, 90]")
          List<@NotNull Double> widthsMm) {}

  @Schema(description = "The holes to use, numbered from 1; empty where none will do.")
  record HolesAnswer(@Schema(example = "[1, 3, 5]") List<Integer> holes) {}

  @PostMapping
  @Operation(
      summary = "Where lamps may sit",
      description =
          "Judges a front by some rule sets: a finding with margin for each limit, and the limits as"
              + " lines for a drawing. Lengths in mm.")
  PlaceView judge(
      Acting acting,
      @RequestParam(required = false)
          @Pattern(regexp = Patterns.ID)
          @Schema(description = "By the versions that this job is judged by.")
          @Nullable String job,
      @Valid @RequestBody PlaceRequest request) {
    return PlaceView.of(
        request.front().core(),
        request.front().sets(book(acting, job)),
        job == null ? VehicleScope.OPEN : jobs.brief(acting, job).vehicle().scope(),
        request.front().readTo());
  }

  @PostMapping("/nearest")
  @Operation(
      summary = "The nearest good place",
      description =
          "The smallest move of a mirrored pair after which every limit of place holds by the"
              + " fitting allowance and more than the tape's uncertainty, or which limits exclude"
              + " each other.")
  NearestView nearest(
      Acting acting,
      @RequestParam(required = false)
          @Pattern(regexp = Patterns.ID)
          @Schema(description = "By the versions that this job is judged by.")
          @Nullable String job,
      @Valid @RequestBody NearestRequest request) {
    Front front = request.front().core();
    LampPair pair = Places.pair(front, request.pair());
    double spareMm = request.front().readTo() * 1.01 + request.front().fitting();
    return NearestView.of(
        NearestPlace.of(front, pair, request.front().sets(book(acting, job)), spareMm));
  }

  @PostMapping("/holes")
  @Operation(
      summary = "Which holes of a row",
      description =
          "So that the lamps sit mirrored, each in the middle of its share. Common practice.")
  HolesAnswer holes(@Valid @RequestBody HolesRequest request) {
    if (request.widthsMm().stream().anyMatch(width -> !(width > 0) || width > 4000)) {
      throw Refusal.unprocessable("widthsMm", PlaceWords.lampWidth());
    }
    return new HolesAnswer(
        new HoleRow(request.holes(), request.pitchMm())
            .holesFor(request.widthsMm())
            .orElse(List.of()));
  }
}

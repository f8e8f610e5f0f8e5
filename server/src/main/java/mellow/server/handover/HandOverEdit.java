package mellow.server.handover;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import mellow.server.platform.Refusal;

/** What is told to the owner beside what follows from the job. */
@Schema(name = "HandOverEdit", description = "What is told to the owner, beside what follows.")
public record HandOverEdit(
    @NotNull
        @Size(max = 1200)
        @Schema(description = "In the workshop's own words.", example = "The left clip is new.")
        String note,
    @NotNull @Size(max = 600) @Schema(example = "15 A beside the battery, under the cover")
        String fuses,
    @NotNull @Size(max = 20) List<@Valid @NotNull ComeBack> comeBack) {
  static final HandOverEdit NOTHING = new HandOverEdit("", "", List.of());

  /** Something more to come back for. */
  @Schema(name = "ComeBack", description = "Something to come back for, and in which days.")
  public record ComeBack(
      @NotBlank @Size(max = 120) String what, @NotNull LocalDate from, @NotNull LocalDate latest) {}

  void check() {
    for (ComeBack one : comeBack) {
      if (one.latest().isBefore(one.from())) {
        throw Refusal.unprocessable("comeBack", HandoverWords.lastBeforeFirst(one.what()));
      }
    }
  }
}

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
    @NotNull(message = "is missing")
        @Size(max = 1200, message = "has at most 1200 letters")
        @Schema(description = "In the workshop's own words.", example = "The left clip is new.")
        String note,
    @NotNull(message = "is missing")
        @Size(max = 600, message = "has at most 600 letters")
        @Schema(example = "15 A beside the battery, under the cover")
        String fuses,
    @NotNull(message = "is missing") @Size(max = 20, message = "has at most 20 entries")
        List<@Valid @NotNull(message = "is missing") ComeBack> comeBack) {
  static final HandOverEdit NOTHING = new HandOverEdit("", "", List.of());

  /** Something more to come back for. */
  @Schema(name = "ComeBack", description = "Something to come back for, and in which days.")
  public record ComeBack(
      @NotBlank(message = "is missing") @Size(max = 120, message = "has at most 120 letters")
          String what,
      @NotNull(message = "is missing") LocalDate from,
      @NotNull(message = "is missing") LocalDate latest) {}

  void check() {
    for (ComeBack one : comeBack) {
      if (one.latest().isBefore(one.from())) {
        throw Refusal.unprocessable(
            "comeBack", "“%s”: the last day comes after the first.".formatted(one.what()));
      }
    }
  }
}

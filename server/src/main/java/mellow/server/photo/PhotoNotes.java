package mellow.server.photo;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import mellow.core.measure.UnitSystem;
import org.jspecify.annotations.Nullable;

/** What is noted of a photo, as it is sent to be kept. */
@Schema(name = "PhotoNotes", description = "What is noted of a photo.")
public record PhotoNotes(
    @PositiveOrZero @Schema(description = "The version that was shown.", example = "1") int version,
    @NotNull Moment moment,
    @NotNull
        @Size(max = 120)
        @Schema(description = "What it shows.", example = "cutoff on the wall")
        String shows,
    @Size(max = 60) @Schema(description = "From how far it was taken, as typed.", example = "25 ft")
        @Nullable String fromTyped,
    @NotNull @Schema(description = "Of a bare number.") UnitSystem units,
    boolean focusLocked,
    boolean exposureLocked,
    boolean balanceLocked,
    @Valid @Nullable MarksEdit marks,
    @Schema(description = "Put aside: kept, but not offered for comparison.") boolean putAside) {

  /** When it was taken. */
  public enum Moment {
    BEFORE,
    AFTER,
    OTHER
  }

  /** Two tape marks. */
  @Schema(name = "PhotoMarks", description = "Two tape marks, as shares of width and height.")
  public record MarksEdit(
      @Share double leftX, @Share double leftY, @Share double rightX, @Share double rightY) {}
}

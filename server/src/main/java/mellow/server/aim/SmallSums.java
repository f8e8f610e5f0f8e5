package mellow.server.aim;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mellow.core.measure.UnitSystem;
import mellow.server.wire.FigureView;
import org.jspecify.annotations.Nullable;

/** Requests and answers of the sums that stand by themselves. */
final class SmallSums {
  private SmallSums() {}

  /** What a typed text is. */
  enum EntryForm {
    LENGTH,
    INCLINATION,
    TURNS
  }

  @Schema(description = "A text as typed.")
  record EntryRequest(
      @NotNull @Schema(example = "LENGTH") EntryForm form,
      @NotNull @Size(max = 200) @Schema(example = "25 ft 3 1/2 in") String typed,
      @NotNull @Schema(example = "METRIC") UnitSystem units) {}

  @Schema(description = "The value, or where and why the text was refused.")
  record EntryAnswer(
      String typed,
      @Nullable FigureView value,
      @Schema(description = "Index of the first character that cannot stand there.")
          @Nullable Integer at,
      @Nullable String why,
      @Nullable String wouldBeRight) {}

  @Schema(description = "A drop at a distance.")
  record DropRequest(
      @DecimalMin(value = "-10000")
          @DecimalMax(value = "10000")
          @Schema(description = "Below the lamp's centre, mm.", example = "76.2")
          double belowMm,
      @DecimalMin(value = "100")
          @DecimalMax(value = "100000")
          @Schema(description = "Lamp to wall, mm.", example = "7620")
          double distanceMm,
      @DecimalMin(value = "0")
          @DecimalMax(value = "5000")
          @Schema(description = "Height of the lamp's centre, mm; for the reach.", example = "750")
          @Nullable Double centreMm) {}

  @Schema(description = "The drop as inclination, and where it meets a level road.")
  record DropAnswer(
      FigureView percent,
      FigureView angle,
      @Schema(description = "Left out where the cutoff does not fall.")
          @Nullable FigureView reach) {}

  @Schema(description = "Two points of a cutoff's flat part.")
  record RollRequest(
      @DecimalMin(value = "-1000")
          @DecimalMax(value = "1000")
          @Schema(description = "By how much the left point is higher, mm.", example = "12")
          double leftHigherMm,
      @DecimalMin(value = "1")
          @DecimalMax(value = "10000")
          @Schema(description = "Horizontal distance, mm.", example = "600")
          double runMm) {}

  @Schema(description = "Steps on the wall against the lamps.")
  record ToeRequest(
      @DecimalMin(value = "0")
          @DecimalMax(value = "10000")
          @Schema(description = "Between the cutoffs' steps, mm.", example = "1216")
          double stepSpacingMm,
      @DecimalMin(value = "1")
          @DecimalMax(value = "10000")
          @Schema(description = "Between the lamps, mm.", example = "1200")
          double lampSpacingMm,
      @DecimalMin(value = "100")
          @DecimalMax(value = "100000")
          @Schema(description = "Lamps to wall, mm.", example = "7620")
          double distanceMm) {}

  @Schema(description = "An angle in degrees.")
  record AngleAnswer(FigureView angle) {}
}

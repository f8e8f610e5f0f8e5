package mellow.server.job;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.School;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.TrafficSide;
import mellow.server.wire.Patterns;
import org.jspecify.annotations.Nullable;

/** What is settled for a job, as it is sent to be kept. */
@Schema(description = "A job to add (version 0) or to change.")
public record JobEdit(
    @PositiveOrZero(message = "is a version shown before") @Schema(example = "0") int version,
    @NotNull(message = "is missing")
        @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS)
        @Schema(example = "0193b0f2-6a00-7c3e-9d1a-2f4b6c8d0e1f")
        String vehicleId,
    @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS) @Nullable String bayId,
    @NotBlank(message = "is missing")
        @Size(max = 120, message = "has at most 120 letters")
        @Schema(example = "projector retrofit")
        String work,
    @NotBlank(message = "is missing") @Schema(example = "un-r48") String ruleSet,
    @NotNull(message = "is missing")
        @Schema(description = "The side of the road on which traffic runs.")
        TrafficSide traffic,
    @NotNull(message = "is missing") UnitSystem units,
    @NotNull(message = "is missing") School school,
    @Size(max = 60, message = "has at most 60 characters")
        @Schema(description = "Inclination on the vehicle's label, downwards.", example = "1.2 %")
        @Nullable String labelTyped,
    @Schema(description = "Suspension, tyres or load changed since the marks before.")
        boolean stanceChanged,
    @Schema(description = "The front is closed.") boolean frontClosed,
    @NotNull(message = "is missing") MarkStyle.Edge markEdge,
    @NotNull(message = "is missing") MarkStyle.Origin markOrigin,
    @DecimalMin(value = "3", message = "has to be at least 3 mm")
        @DecimalMax(value = "150", message = "has to be at most 150 mm")
        @Schema(example = "25")
        double tapeWidthMm) {

  private static final int MOST_LETTERS = 120;

  /** The same with other work. */
  public JobEdit withWork(String other) {
    return with(
        vehicleId,
        bayId,
        other.length() > MOST_LETTERS ? other.substring(0, MOST_LETTERS) : other,
        ruleSet);
  }

  /** The same in a bay. */
  public JobEdit withBay(String id) {
    return with(vehicleId, id, work, ruleSet);
  }

  /** The same for a vehicle, in no bay. */
  public JobEdit withVehicle(String id) {
    return with(id, null, work, ruleSet);
  }

  /** The same, judged by another rule set. */
  public JobEdit withRuleSet(String id) {
    return with(vehicleId, bayId, work, id);
  }

  private JobEdit with(String vehicle, @Nullable String bay, String what, String rules) {
    return new JobEdit(
        0,
        vehicle,
        bay,
        what,
        rules,
        traffic,
        units,
        school,
        labelTyped,
        stanceChanged,
        frontClosed,
        markEdge,
        markOrigin,
        tapeWidthMm);
  }
}

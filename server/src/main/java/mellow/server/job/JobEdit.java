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
    @PositiveOrZero @Schema(example = "0") int version,
    @NotNull
        @Pattern(regexp = Patterns.ID)
        @Schema(example = "0193b0f2-6a00-7c3e-9d1a-2f4b6c8d0e1f")
        String vehicleId,
    @Pattern(regexp = Patterns.ID) @Nullable String bayId,
    @NotBlank @Size(max = 120) @Schema(example = "projector retrofit") String work,
    @NotBlank @Schema(example = "un-r48") String ruleSet,
    @NotNull @Schema(description = "The side of the road on which traffic runs.")
        TrafficSide traffic,
    @NotNull UnitSystem units,
    @NotNull School school,
    @Size(max = 60)
        @Schema(description = "Inclination on the vehicle's label, downwards.", example = "1.2 %")
        @Nullable String labelTyped,
    @Schema(description = "Suspension, tyres or load changed since the marks before.")
        boolean stanceChanged,
    @Schema(description = "The front is closed.") boolean frontClosed,
    @NotNull MarkStyle.Edge markEdge,
    @NotNull MarkStyle.Origin markOrigin,
    @DecimalMin(value = "3") @DecimalMax(value = "150") @Schema(example = "25")
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

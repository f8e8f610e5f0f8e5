package mellow.server.jobfile;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.bay.BayEdit;
import mellow.server.feed.FeedEdit;
import mellow.server.handover.HandOverEdit;
import mellow.server.job.JobEdit;
import mellow.server.parts.PartsEdit;
import mellow.server.place.FrontEdit;
import mellow.server.takein.FoundEdit;
import mellow.server.takein.TakeInEdit;
import mellow.server.vehicle.AdjusterEdit;
import mellow.server.vehicle.VehicleEdit;
import mellow.server.wire.FindingView;
import mellow.server.workshop.EntryEdit;
import org.jspecify.annotations.Nullable;

/** A job as one file: its vehicle, bay, readings, what was settled and written down; no photos. */
@Schema(
    name = "JobFile",
    description =
        "A job with its vehicle, bay, readings, what was settled at its stages and written down"
            + " while working. Photos are not in it.")
public record JobFile(
    @NotNull(message = "is missing")
        @Pattern(regexp = FORMAT, message = "is not the file of a job")
        @Schema(example = FORMAT)
        String format,
    @NotNull(message = "is missing") @Valid VehicleEdit vehicle,
    @NotNull(message = "is missing") @Size(max = 60, message = "has at most 60 screws")
        List<@Valid @NotNull(message = "is missing") AdjusterEdit> screws,
    @NotNull(message = "is missing") @Valid JobEdit job,
    @NotNull(message = "is missing") @Size(max = 2000, message = "has at most 2000 readings")
        List<@Valid @NotNull(message = "is missing") Taken> readings,
    @Valid @Nullable TakeInEdit takeIn,
    @Valid @Nullable FoundEdit found,
    @Valid @Nullable PartsEdit parts,
    @Valid @Nullable FrontEdit front,
    @Valid @Nullable FeedEdit feed,
    @Nullable @Size(max = 2000, message = "has at most 2000 entries")
        List<@Valid @NotNull(message = "is missing") Written> workshop,
    @Valid @Nullable HandOverEdit handOver,
    @Valid @Nullable BayFile bay,
    @Valid @Nullable OwnFile own,
    @Valid @Nullable ClosedFile closed) {
  static final String FORMAT = "mellow-horizon-job-1";

  /** The same where rule sets and plan have other names. */
  JobFile named(JobEdit otherJob, @Nullable FrontEdit otherFront, @Nullable FeedEdit otherFeed) {
    return new JobFile(
        format,
        vehicle,
        screws,
        otherJob,
        readings,
        takeIn,
        found,
        parts,
        otherFront,
        otherFeed,
        workshop,
        handOver,
        bay,
        own,
        closed);
  }

  /** A reading; others are named by their place in the file. */
  @Schema(name = "TakenReading", description = "A reading of a job's file.")
  public record Taken(
      @NotNull(message = "is missing") ReadingKind kind,
      @NotNull(message = "is missing") LampKind lamp,
      @Nullable Side side,
      @Min(value = 0, message = "is a place in the list")
          @Max(value = 59, message = "is a place in the list")
          @Schema(description = "Place of the screw in the list, from 0.", example = "0")
          @Nullable Integer screw,
      @NotNull(message = "is missing") @Size(max = 60, message = "has at most 60 characters")
          String typed,
      @NotNull(message = "is missing") UnitSystem units,
      @Min(value = 0, message = "is a place in the list")
          @Schema(description = "Place of the reading that this one corrects.", example = "0")
          @Nullable Integer strikes,
      @NotBlank(message = "is missing") @Size(max = 60, message = "has at most 60 letters")
          String takenBy,
      @NotNull(message = "is missing") Instant takenAt) {}

  /**
   * Something written down in the workshop; others are named by their place, as the last digits.
   */
  @Schema(name = "WrittenEntry", description = "Something written down, of a job's file.")
  public record Written(
      @NotNull(message = "is missing") @Valid EntryEdit entry,
      @NotBlank(message = "is missing") @Size(max = 60, message = "has at most 60 letters")
          String by,
      @NotNull(message = "is missing") Instant at) {}

  /** The bay in which it was measured, with what was read of its floor. */
  @Schema(name = "BayOfJobFile", description = "The bay in which a job was measured.")
  public record BayFile(
      @NotNull(message = "is missing") @Valid BayEdit bay,
      @NotNull(message = "is missing") @Size(max = 200, message = "has at most 200 readings")
          List<@Valid @NotNull(message = "is missing") Taken> readings) {}

  /** What the job stands on that is the workshop's own, each in its own published form. */
  @Schema(
      name = "OwnOfJobFile",
      description = "Rule sets and the plan that a job stands on and that are a workshop's own.")
  public record OwnFile(
      @NotNull(message = "is missing")
          @Size(max = 50, message = "has at most 50 rule sets")
          @Schema(description = "By the schema of a workshop's changes to rules.")
          List<@NotNull(message = "is missing") Map<String, Object>> ruleSets,
      @Schema(description = "By the schema of plans of feeding lamps.")
          @Nullable Map<String, Object> feedPlan,
      @Schema(description = "The same of the plans that stand beside it, by their tags.")
          @Size(max = 4, message = "has at most 4 plans")
          @Nullable Map<String, @NotNull(message = "is missing") Map<String, Object>>
              feedPlansBeside) {}

  /** The record of a job that was handed over. */
  @Schema(name = "ClosedOfJobFile", description = "The record of a job that was handed over.")
  public record ClosedFile(
      @NotBlank(message = "is missing") @Size(max = 60, message = "has at most 60 letters")
          String by,
      @NotNull(message = "is missing") Instant at,
      @NotNull(message = "is missing") @Size(max = 600, message = "has at most 600 letters")
          String reason,
      @NotNull(message = "is missing") @Size(max = 200, message = "has at most 200 findings")
          List<@NotNull(message = "is missing") FindingView> findings,
      @NotNull(message = "is missing") @Size(max = 200, message = "has at most 200 corrections")
          List<@Valid @NotNull(message = "is missing") AmendmentFile> amendments) {}

  /** A correction beside it. */
  @Schema(name = "AmendmentOfJobFile", description = "A correction beside a closed job.")
  public record AmendmentFile(
      @NotBlank(message = "is missing") @Size(max = 600, message = "has at most 600 letters")
          String words,
      @NotBlank(message = "is missing") @Size(max = 300, message = "has at most 300 letters")
          String why,
      @NotBlank(message = "is missing") @Size(max = 60, message = "has at most 60 letters")
          String by,
      @NotNull(message = "is missing") Instant at) {}
}

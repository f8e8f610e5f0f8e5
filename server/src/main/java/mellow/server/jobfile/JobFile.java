package mellow.server.jobfile;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.record.JobDocument;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.bay.BayEdit;
import mellow.server.feed.FeedEdit;
import mellow.server.find.FindEdit;
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
    @NotNull @Pattern(regexp = FORMATS) @Schema(example = FORMAT) String format,
    @NotNull @Valid VehicleEdit vehicle,
    @NotNull @Size(max = 60) List<@Valid @NotNull AdjusterEdit> screws,
    @NotNull @Valid JobEdit job,
    @NotNull @Size(max = 2000) List<@Valid @NotNull Taken> readings,
    @Valid @Nullable TakeInEdit takeIn,
    @Valid @Nullable FoundEdit found,
    @Valid @Nullable PartsEdit parts,
    @Valid @Nullable FrontEdit front,
    @Valid @Nullable FeedEdit feed,
    @Valid @Nullable FindEdit find,
    @Nullable @Size(max = 2000) List<@Valid @NotNull Written> workshop,
    @Valid @Nullable HandOverEdit handOver,
    @Valid @Nullable BayFile bay,
    @Valid @Nullable OwnFile own,
    @Valid @Nullable ClosedFile closed,
    @Schema(
            description =
                "The version of the shape of each document; 1 where it is missing, as in files of"
                    + " the first form.")
        @Nullable Map<JobDocument, @NotNull @Positive Integer> shapes) {
  static final String FORMAT = "mellow-horizon-job-2";

  /** The first form did not say the shapes of its documents. */
  private static final String FORMATS = "mellow-horizon-job-[12]";

  /** The same where rule sets and plans have other names. */
  JobFile named(
      JobEdit otherJob,
      @Nullable FrontEdit otherFront,
      @Nullable FeedEdit otherFeed,
      @Nullable FindEdit otherFind) {
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
        otherFind,
        workshop,
        handOver,
        bay,
        own,
        closed,
        shapes);
  }

  /** A reading; others are named by their place in the file. */
  @Schema(name = "TakenReading", description = "A reading of a job's file.")
  public record Taken(
      @NotNull ReadingKind kind,
      @NotNull LampKind lamp,
      @Nullable Side side,
      @Min(value = 0)
          @Max(value = 59)
          @Schema(description = "Place of the screw in the list, from 0.", example = "0")
          @Nullable Integer screw,
      @NotNull @Size(max = 60) String typed,
      @NotNull UnitSystem units,
      @Min(value = 0)
          @Schema(description = "Place of the reading that this one corrects.", example = "0")
          @Nullable Integer strikes,
      @NotBlank @Size(max = 60) String takenBy,
      @NotNull Instant takenAt,
      @Schema(description = "Missing where it was not taken back without another in its place.")
          @Valid
          @Nullable TakenBack undone) {}

  /** Who took a reading back. */
  @Schema(name = "TakenBack", description = "Who took a reading back, and when.")
  public record TakenBack(@NotBlank @Size(max = 60) String by, @NotNull Instant at) {}

  /**
   * Something written down in the workshop; others are named by their place, as the last digits.
   */
  @Schema(name = "WrittenEntry", description = "Something written down, of a job's file.")
  public record Written(
      @NotNull @Valid EntryEdit entry, @NotBlank @Size(max = 60) String by, @NotNull Instant at) {}

  /** The bay in which it was measured, with what was read of its floor. */
  @Schema(name = "BayOfJobFile", description = "The bay in which a job was measured.")
  public record BayFile(
      @NotNull @Valid BayEdit bay,
      @NotNull @Size(max = 200) List<@Valid @NotNull Taken> readings) {}

  /** What the job stands on that is the workshop's own, each in its own published form. */
  @Schema(
      name = "OwnOfJobFile",
      description = "Rule sets and the plan that a job stands on and that are a workshop's own.")
  public record OwnFile(
      @NotNull
          @Size(max = 50)
          @Schema(description = "By the schema of a workshop's changes to rules.")
          List<@NotNull Map<String, Object>> ruleSets,
      @Schema(description = "By the schema of plans of feeding lamps.")
          @Nullable Map<String, Object> feedPlan,
      @Schema(description = "The same of the plans that stand beside it, by their tags.")
          @Size(max = 4)
          @Nullable Map<String, @NotNull Map<String, Object>> feedPlansBeside,
      @Schema(description = "The same of the circuit that is searched for a fault.")
          @Nullable Map<String, Object> findPlan) {}

  /** The record of a job that was handed over. */
  @Schema(name = "ClosedOfJobFile", description = "The record of a job that was handed over.")
  public record ClosedFile(
      @NotBlank @Size(max = 60) String by,
      @NotNull Instant at,
      @NotNull @Size(max = 600) String reason,
      @Schema(
              description =
                  "The language that was signed; missing in files of earlier versions, which were English.")
          @Nullable
          @Pattern(regexp = "[a-z]{2}(-[A-Z]{2})?")
          String language,
      @NotNull @Size(max = 200) List<@NotNull FindingView> findings,
      @NotNull @Size(max = 200) List<@Valid @NotNull AmendmentFile> amendments) {}

  /** A correction beside it. */
  @Schema(name = "AmendmentOfJobFile", description = "A correction beside a closed job.")
  public record AmendmentFile(
      @NotBlank @Size(max = 600) String words,
      @NotBlank @Size(max = 300) String why,
      @NotBlank @Size(max = 60) String by,
      @NotNull Instant at) {}
}

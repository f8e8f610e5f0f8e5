package mellow.server.aim;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.Adjuster;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.School;
import mellow.core.aim.WallInput;
import mellow.core.logbook.JobSetup;
import mellow.core.logbook.Logbook;
import mellow.core.logbook.Reading;
import mellow.core.logbook.ReadingEntry;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import mellow.core.vehicle.VehicleClass;
import mellow.server.platform.Refusal;
import mellow.server.rulebook.RuleBooks;
import org.jspecify.annotations.Nullable;

/** All that the aim is computed from. */
@Schema(description = "All that the aim is computed from.")
public record WallRequest(
    @NotNull(message = "is missing") @Valid Setup setup,
    @NotNull(message = "is missing")
        @Size(max = 2000, message = "has at most 2000 entries")
        @Schema(
            description = "The job's readings that count, in the order in which they were taken.")
        List<@Valid @NotNull(message = "is missing") Taken> readings,
    @NotNull(message = "is missing")
        @Size(max = 500, message = "has at most 500 entries")
        @Schema(description = "The readings of the bay's floor that count.")
        List<@Valid @NotNull(message = "is missing") Taken> bayReadings) {

  /** What was settled. */
  @Schema(name = "WallSetup", description = "What was settled for the job.")
  public record Setup(
      @NotNull(message = "is missing") TrafficSide traffic,
      @NotBlank(message = "is missing") @Schema(example = "un-r48") String ruleSet,
      @NotNull(message = "is missing") UnitSystem units,
      @NotNull(message = "is missing") School school,
      @DecimalMin(value = "-20", message = "has to be at least −20 %")
          @DecimalMax(value = "20", message = "has to be at most 20 %")
          @Schema(
              description = "Inclination on the vehicle's label, percent, down is negative.",
              example = "-1.2")
          @Nullable Double labelPercent,
      boolean stanceChanged,
      boolean frontClosed,
      @NotNull(message = "is missing") MarkStyle.Edge markEdge,
      @NotNull(message = "is missing") MarkStyle.Origin markOrigin,
      @DecimalMin(value = "3", message = "has to be at least 3 mm")
          @DecimalMax(value = "150", message = "has to be at most 150 mm")
          @Schema(description = "Width of the tape, mm.", example = "25")
          double tapeWidthMm,
      @NotNull(message = "is missing") BeamClass dipped,
      @Nullable BeamClass fog,
      boolean steeperByMaker,
      @Schema(description = "Driving lamps or pods are aimed too.") @Nullable Boolean drivingAimed,
      @Nullable VehicleClass vehicleClass,
      @Nullable BodyKind body,
      @NotNull(message = "is missing") @Size(max = 20, message = "has at most 20 entries")
          List<@Valid @NotNull(message = "is missing") Screw> adjusters) {

    JobSetup core(RuleBook book) {
      if (dipped.kind() != LampKind.DIPPED) {
        throw Refusal.unprocessable("setup.dipped", "That class is not one of low beams.");
      }
      if (fog != null && fog.kind() != LampKind.FRONT_FOG) {
        throw Refusal.unprocessable("setup.fog", "That class is not one of fog lamps.");
      }
      RuleSet market = RuleBooks.aimSet(book, ruleSet);
      return new JobSetup(
          traffic,
          market,
          new VehicleScope(Optional.ofNullable(vehicleClass), Optional.ofNullable(body)),
          book.ofAim().stream().filter(set -> set != market).toList(),
          school,
          labelPercent == null ? OptionalDouble.empty() : OptionalDouble.of(labelPercent),
          stanceChanged,
          frontClosed,
          markEdge,
          tapeWidthMm,
          markOrigin,
          dipped,
          Optional.ofNullable(fog),
          Boolean.TRUE.equals(drivingAimed),
          steeperByMaker,
          adjusters.stream().map(Screw::core).toList());
    }
  }

  /** A screw. */
  @Schema(name = "Screw", description = "An aiming screw.")
  public record Screw(
      @NotBlank(message = "is missing") @Size(max = 60, message = "is too long") String id,
      @NotNull(message = "is missing") LampKind lamp,
      @NotNull(message = "is missing") Side side,
      @NotNull(message = "is missing") Adjuster.Axis axis,
      @NotNull(message = "is missing") Adjuster.Reach reach,
      @DecimalMin(value = "-20", message = "has to be at least −20 %")
          @DecimalMax(value = "20", message = "has to be at most 20 %")
          @Schema(description = "Percent up, or to the left, per clockwise turn.")
          @Nullable Double rememberedRate) {

    Adjuster core() {
      return new Adjuster(
          id,
          side,
          lamp,
          axis,
          "",
          "",
          reach,
          rememberedRate == null || rememberedRate == 0
              ? OptionalDouble.empty()
              : OptionalDouble.of(rememberedRate));
    }
  }

  /** A reading that counts. */
  @Schema(name = "Taken", description = "A reading that counts, as a number.")
  public record Taken(
      @NotNull(message = "is missing") @Schema(example = "CENTRE") ReadingKind kind,
      @Schema(description = "DIPPED where left out.") @Nullable LampKind lamp,
      @Nullable Side side,
      @Size(max = 60, message = "is too long") @Nullable String adjusterId,
      @Schema(description = "mm, or turns (clockwise positive).", example = "668") double value,
      @DecimalMin(value = "0", message = "is not negative")
          @DecimalMax(value = "100", message = "has to be at most 100 mm")
          @Schema(
              description = "What it was read to, ± mm; a tape's finest mark where left out.",
              example = "1")
          @Nullable Double plusMinus) {

    Reading core(UnitSystem units) {
      if (!(value >= kind.least() && value <= kind.most())) {
        throw Refusal.unprocessable("value", "“%s” cannot be %s.".formatted(kind.title(), value));
      }
      try {
        return new Reading(
            kind,
            value,
            plusMinus == null ? ReadingEntry.plusMinus(kind, units) : plusMinus,
            lamp == null ? LampKind.DIPPED : lamp,
            Optional.ofNullable(side),
            Optional.ofNullable(adjusterId));
      } catch (IllegalArgumentException incomplete) {
        throw Refusal.unprocessable("readings", String.valueOf(incomplete.getMessage()) + ".");
      }
    }
  }

  WallInput core(RuleBook book) {
    return logbook(readings, setup.units())
        .wall(setup.core(book), logbook(bayReadings, setup.units()));
  }

  static Logbook logbook(List<Taken> taken, UnitSystem units) {
    return new Logbook(taken.stream().map(one -> one.core(units)).toList());
  }
}

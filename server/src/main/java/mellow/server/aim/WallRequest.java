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
import mellow.core.finding.CannotBe;
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
    @NotNull @Valid Setup setup,
    @NotNull
        @Size(max = 2000)
        @Schema(
            description = "The job's readings that count, in the order in which they were taken.")
        List<@Valid @NotNull Taken> readings,
    @NotNull @Size(max = 500) @Schema(description = "The readings of the bay's floor that count.")
        List<@Valid @NotNull Taken> bayReadings) {

  /** What was settled. */
  @Schema(name = "WallSetup", description = "What was settled for the job.")
  public record Setup(
      @NotNull TrafficSide traffic,
      @NotBlank @Schema(example = "un-r48") String ruleSet,
      @NotNull UnitSystem units,
      @NotNull School school,
      @DecimalMin(value = "-20")
          @DecimalMax(value = "20")
          @Schema(
              description = "Inclination on the vehicle's label, percent, down is negative.",
              example = "-1.2")
          @Nullable Double labelPercent,
      boolean stanceChanged,
      boolean frontClosed,
      @NotNull MarkStyle.Edge markEdge,
      @NotNull MarkStyle.Origin markOrigin,
      @DecimalMin(value = "3")
          @DecimalMax(value = "150")
          @Schema(description = "Width of the tape, mm.", example = "25")
          double tapeWidthMm,
      @NotNull BeamClass dipped,
      @Nullable BeamClass fog,
      boolean steeperByMaker,
      @Schema(description = "Driving lamps or pods are aimed too.") @Nullable Boolean drivingAimed,
      @Nullable VehicleClass vehicleClass,
      @Nullable BodyKind body,
      @NotNull @Size(max = 20) List<@Valid @NotNull Screw> adjusters) {

    JobSetup core(RuleBook book) {
      if (dipped.kind() != LampKind.DIPPED) {
        throw Refusal.unprocessable("setup.dipped", AimWords.notLowBeam());
      }
      if (fog != null && fog.kind() != LampKind.FRONT_FOG) {
        throw Refusal.unprocessable("setup.fog", AimWords.notFog());
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
      @NotBlank @Size(max = 60) String id,
      @NotNull LampKind lamp,
      @NotNull Side side,
      @NotNull Adjuster.Axis axis,
      @NotNull Adjuster.Reach reach,
      @DecimalMin(value = "-20")
          @DecimalMax(value = "20")
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
      @NotNull @Schema(example = "CENTRE") ReadingKind kind,
      @Schema(description = "DIPPED where left out.") @Nullable LampKind lamp,
      @Nullable Side side,
      @Size(max = 60) @Nullable String adjusterId,
      @Schema(description = "mm, or turns (clockwise positive).", example = "668") double value,
      @DecimalMin(value = "0")
          @DecimalMax(value = "100")
          @Schema(
              description = "What it was read to, ± mm; a tape's finest mark where left out.",
              example = "1")
          @Nullable Double plusMinus) {

    Reading core(UnitSystem units) {
      if (!(value >= kind.least() && value <= kind.most())) {
        throw Refusal.unprocessable(
            "value", AimWords.cannotBe(kind, ReadingEntry.figure(kind, value)));
      }
      try {
        return new Reading(
            kind,
            value,
            plusMinus == null ? ReadingEntry.plusMinus(kind, units) : plusMinus,
            lamp == null ? LampKind.DIPPED : lamp,
            Optional.ofNullable(side),
            Optional.ofNullable(adjusterId));
      } catch (CannotBe incomplete) {
        throw Refusal.unprocessable("readings", incomplete.why());
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

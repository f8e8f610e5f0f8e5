package mellow.server.light;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import mellow.core.photometry.Mounting.Place;
import mellow.core.photometry.eyes.Glare;
import mellow.core.photometry.road.Headlamps;
import mellow.core.photometry.road.Lane;
import mellow.core.photometry.road.RoadShape;
import mellow.core.photometry.road.Stopping;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.core.photometry.wall.BeamCutoff;
import mellow.core.vehicle.TrafficSide;
import mellow.server.platform.Refusal;
import org.jspecify.annotations.Nullable;

/** Lamps on a vehicle, and the road before them. */
@Schema(description = "Lamps on a vehicle, and the road before them.")
record RoadRequest(
    @NotNull @Schema(example = "RIGHT") TrafficSide traffic,
    @NotNull
        @Size(min = 1, max = 3)
        @Schema(description = "Lamps and aims to show beside each other.")
        List<@Valid @NotNull Setting> settings,
    @NotNull @Schema(description = "How the road runs ahead.", example = "LEVEL") Shape shape,
    @DecimalMin(value = "16")
        @DecimalMax(value = "100")
        @Schema(description = "Age of the oncoming driver, years; left out, 40.", example = "40")
        @Nullable Double ageYears,
    @DecimalMin(value = "0.01")
        @DecimalMax(value = "100")
        @Schema(
            description = "Luminance that the driver's eye is used to, cd/m²; left out, 1.",
            example = "1")
        @Nullable Double adaptation,
    @DecimalMin(value = "0.5")
        @DecimalMax(value = "5")
        @Schema(description = "From seeing to braking, s; left out, 2.5.", example = "2.5")
        @Nullable Double reactionS,
    @DecimalMin(value = "0.5")
        @DecimalMax(value = "12")
        @Schema(description = "While braking, m/s²; left out, 3.4.", example = "3.4")
        @Nullable Double decelerationMs2) {

  /** Which aim is shown. */
  enum Which {
    CAME,
    NOW,
    /**
     * What the chosen way of aiming asks for, of a lamp with the source it was made for; the others
     * are held against it.
     */
    ASKED
  }

  /** Lamps with an aim. */
  @Schema(name = "LampSetting", description = "Lamps with an aim.")
  record Setting(
      @NotNull @Schema(example = "NOW") Which which,
      @NotBlank
          @Size(max = 40)
          @Schema(description = "Name of a beam file that ships.", example = "reflector")
          String beam,
      @NotNull @Size(min = 1, max = 8) List<@Valid @NotNull Stand> lamps) {}

  /** How the road runs: circles as on country roads. Judged. */
  enum Shape {
    LEVEL(Double.POSITIVE_INFINITY),
    CREST(-1_500_000),
    DIP(1_500_000);

    private final double radiusMm;

    Shape(double radiusMm) {
      this.radiusMm = radiusMm;
    }

    RoadShape road() {
      return new RoadShape(radiusMm);
    }
  }

  /** One lamp. */
  @Schema(name = "LampStand", description = "Where a lamp sits, and where its cutoff falls.")
  record Stand(
      @DecimalMin(value = "-2000")
          @DecimalMax(value = "2000")
          @Schema(description = "Left of the vehicle's middle, mm.", example = "600")
          double leftMm,
      @DecimalMin(value = "100")
          @DecimalMax(value = "4000")
          @Schema(description = "Height of its centre over the road, mm.", example = "668")
          double heightMm,
      @DecimalMin(value = "-20")
          @DecimalMax(value = "20")
          @Schema(description = "Of its cutoff, percent, down is negative.", example = "-1.2")
          double percent,
      @DecimalMin(value = "-15")
          @DecimalMax(value = "15")
          @Schema(description = "Roll in degrees, left end of the cutoff higher is positive.")
          @Nullable Double rollDeg) {

    Headlamps.Stand core() {
      return new Headlamps.Stand(
          new Place(leftMm, 0, heightMm), percent, 0, rollDeg == null ? 0 : rollDeg);
    }
  }

  Lane lane() {
    return new Lane(traffic, Lane.USUAL_WIDTH_MM);
  }

  Stopping stopping() {
    return new Stopping(
        reactionS == null ? Stopping.DESIGN.reactionS() : reactionS,
        decelerationMs2 == null ? Stopping.DESIGN.decelerationMs2() : decelerationMs2);
  }

  double driversAge() {
    return ageYears == null ? Glare.USUAL_AGE_YEARS : ageYears;
  }

  double eyeUsedTo() {
    return adaptation == null ? Glare.USUAL_ADAPTATION : adaptation;
  }

  /** The lamps of a setting, turned until their cutoffs fall where they should. */
  Headlamps headlamps(Setting setting) {
    ShippedBeam named =
        ShippedBeam.named(setting.beam())
            .orElseThrow(() -> Refusal.unprocessable("beam", LightWords.noBeam(setting.beam())));
    // a source that a bowl was not made for is never as it should be
    ShippedBeam lamp = setting.which() == Which.ASKED ? named.asMade() : named;
    ShippedBeam.Lit lit = lamp.lit(traffic);
    BeamCutoff cutoff =
        lit.cutoff()
            .orElseThrow(() -> Refusal.unprocessable("beam", LightWords.noCutoff(setting.beam())));
    return new Headlamps(
        setting.lamps().stream()
            .map(stand -> Headlamps.aimed(lit.beam(), cutoff, stand.core()))
            .toList());
  }
}

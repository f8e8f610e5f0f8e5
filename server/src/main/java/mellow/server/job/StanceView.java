package mellow.server.job;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.logbook.Logbook;
import mellow.core.stance.Stance;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import org.jspecify.annotations.Nullable;

/** How the vehicle stands against how it came. */
@Schema(name = "Stance", description = "What lift, tyres and load did to the lamps.")
public record StanceView(
    boolean unchanged,
    @Schema(description = "At the axle; left out while a tyre's size is missing.")
        @Nullable FigureView frontRise,
    @Schema(description = "At the axle; left out while a tyre's size is missing.")
        @Nullable FigureView rearRise,
    @Schema(description = "Left out while something for it is missing.")
        @Nullable FigureView centreRise,
    @Schema(description = "Positive upwards; left out while something for it is missing.")
        @Nullable FigureView beamRise,
    @Schema(description = "What it means for the lamps, and what of them is not measured yet.")
        List<FindingView> findings) {

  static StanceView of(Logbook log, VehicleView vehicle) {
    Stance stance = stance(log, vehicle);
    return new StanceView(
        stance.isUnchanged(),
        stance.front().isHalfKnown() ? null : FigureView.lengthMm(stance.front().riseMm()),
        stance.rear().isHalfKnown() ? null : FigureView.lengthMm(stance.rear().riseMm()),
        stance.effect().map(effect -> FigureView.lengthMm(effect.centreRiseMm())).orElse(null),
        stance
            .effect()
            .map(effect -> FigureView.of(Figure.percent(effect.beamRisePercent())))
            .orElse(null),
        findings(log, vehicle).stream().map(FindingView::of).toList());
  }

  /** What the stance means for the lamps, and what of them is not measured yet. */
  static List<Finding> findings(Logbook log, VehicleView vehicle) {
    return Stream.concat(
            log.lampRecord().missing().stream(),
            stance(log, vehicle).findings(log.readSinceStance()).stream())
        .toList();
  }

  private static Stance stance(Logbook log, VehicleView vehicle) {
    return log.stance(length(vehicle.wheelbaseMm()), length(vehicle.lampAheadMm()));
  }

  private static OptionalDouble length(@Nullable Double mm) {
    return mm == null ? OptionalDouble.empty() : OptionalDouble.of(mm);
  }
}

package mellow.server.aim;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.LampPlace;
import mellow.core.aim.Road;
import mellow.core.aim.Target;
import mellow.core.aim.lamp.Correction;
import mellow.core.aim.lamp.LampSheet;
import mellow.core.aim.lamp.ScrewBehaviour;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.rules.Band;
import mellow.core.vehicle.Side;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.SentenceView;
import org.jspecify.annotations.Nullable;

/** One lamp at the wall. */
@Schema(name = "LampAtWall", description = "One lamp: where it falls, its aim, its reading.")
public record LampView(
    Side side,
    @Nullable PlaceView place,
    @Nullable AimView aim,
    @Nullable LimitsView limits,
    @Schema(description = "The cutoff before anything was done, where it was read.")
        @Nullable FigureView asItCame,
    @Nullable CutoffView reading,
    boolean turnedSinceRead,
    @Nullable CorrectionView correction,
    List<ScrewView> screws,
    List<String> findingIds) {

  /** Where the lamp meets the wall. */
  @Schema(name = "LampPlace", description = "Where the lamp meets the wall, mm.")
  public record PlaceView(
      @Schema(description = "Height of the centre above the tyres' plane.") FigureView centre,
      @Schema(description = "Distance to the wall along the vehicle's axis.") FigureView along,
      @Schema(description = "Lamp-height line above the wall's foot.") FigureView line,
      @Schema(description = "Straight ahead, left of the vehicle's centre line.")
          FigureView aheadLeft,
      @Schema(description = "The same, left of the point square before the lamp.")
          FigureView asideLeft,
      @Schema(description = "± of the line's height.") FigureView lineUncertainty,
      List<FindingView.WorkingLineView> working) {

    static PlaceView of(LampPlace place) {
      return new PlaceView(
          FigureView.lengthMm(place.centreMm()),
          FigureView.lengthMm(place.alongMm()),
          FigureView.lengthMm(place.lineMm()),
          FigureView.lengthMm(place.ahead().xMm()),
          FigureView.lengthMm(place.ahead().asideMm()),
          FigureView.of(Figure.fineMm(place.line().plusMinusMm())),
          FindingView.WorkingLineView.of(place.working()));
    }
  }

  /** What the chosen school asks. */
  @Schema(name = "LampAim", description = "What the chosen school asks of the lamp.")
  public record AimView(
      FigureView percent,
      @Schema(description = "± that the setting may lie off.") FigureView tolerance,
      @Schema(description = "The mark above the wall's foot.") @Nullable FigureView mark,
      @Nullable FigureView belowLine,
      @Nullable FigureView reach,
      FindingView.SourceView source,
      List<FindingView.WorkingLineView> working) {

    static AimView of(Target target, LampSheet lamp) {
      Optional<LampPlace> place = lamp.place();
      double percent = target.percent();
      return new AimView(
          FigureView.percent(percent),
          FigureView.percent(target.tolerancePercent()),
          place.map(at -> FigureView.lengthMm(at.heightMm(percent))).orElse(null),
          place.map(at -> FigureView.lengthMm(at.lineMm() - at.heightMm(percent))).orElse(null),
          place.map(at -> reachView(Road.reachMm(at.centreMm(), percent))).orElse(null),
          FindingView.SourceView.of(target.source()),
          FindingView.WorkingLineView.of(lamp.targetWorking()));
    }
  }

  /** The market's limits on the wall. */
  @Schema(name = "LampLimits", description = "The market's limits; a missing one is no limit.")
  public record LimitsView(
      @Nullable FigureView lowest,
      @Nullable FigureView highest,
      @Schema(description = "Above the wall's foot.") @Nullable FigureView lowestHeight,
      @Schema(description = "Above the wall's foot.") @Nullable FigureView highestHeight,
      @Nullable FigureView lowestReach,
      @Nullable FigureView highestReach) {

    static LimitsView of(Band band, Optional<LampPlace> place) {
      return new LimitsView(
          percent(band.lowest()),
          percent(band.highest()),
          height(band.lowest(), place),
          height(band.highest(), place),
          reachOf(band.lowest(), place),
          reachOf(band.highest(), place));
    }

    private static @Nullable FigureView percent(OptionalDouble percent) {
      return percent.isPresent() ? FigureView.percent(percent.getAsDouble()) : null;
    }

    private static @Nullable FigureView height(OptionalDouble percent, Optional<LampPlace> place) {
      return percent.isPresent() && place.isPresent()
          ? FigureView.lengthMm(place.get().heightMm(percent.getAsDouble()))
          : null;
    }

    private static @Nullable FigureView reachOf(OptionalDouble percent, Optional<LampPlace> place) {
      return percent.isPresent() && place.isPresent()
          ? reachView(Road.reachMm(place.get().centreMm(), percent.getAsDouble()))
          : null;
    }
  }

  /** A cutoff as read. */
  @Schema(name = "LampCutoff", description = "The latest reading of the cutoff.")
  public record CutoffView(
      FigureView percent,
      FigureView angle,
      @Schema(description = "Above the wall's foot.") FigureView height,
      @Schema(description = "Below the lamp-height line.") FigureView belowLine,
      FigureView uncertainty,
      @Schema(description = "Left out where the cutoff does not fall.") @Nullable FigureView reach,
      List<FindingView.WorkingLineView> reachWorking,
      FindingView.SourceView reachSource) {

    static CutoffView of(LampSheet.Reading reading, LampPlace place) {
      return new CutoffView(
          FigureView.percent(reading.percent()),
          FigureView.of(
              Figure.degrees(mellow.core.measure.Inclination.degreesOfPercent(reading.percent()))),
          FigureView.lengthMm(reading.heightMm()),
          FigureView.lengthMm(place.lineMm() - reading.heightMm()),
          FigureView.percent(reading.uncertaintyPercent()),
          reachView(reading.reachMm()),
          FindingView.WorkingLineView.of(Road.working(place, reading.percent())),
          FindingView.SourceView.of(Road.SOURCE));
    }
  }

  /** What to do. */
  @Schema(name = "LampCorrection", description = "What puts the lamp right.")
  public record CorrectionView(
      @Schema(description = "Up at the wall; negative is down.") FigureView up,
      @Nullable String adjusterId,
      @Schema(description = "Clockwise positive; left out while the rate is not known.")
          @Nullable FigureView turns,
      SentenceView says) {

    static CorrectionView of(Correction correction) {
      return new CorrectionView(
          FigureView.lengthMm(correction.upMm()),
          correction.screw().map(screw -> screw.id()).orElse(null),
          correction.turns().isPresent()
              ? FigureView.of(Figure.turns(correction.turns().getAsDouble()))
              : null,
          SentenceView.of(correction.says()));
    }
  }

  /** What a screw was found to do. */
  @Schema(name = "ScrewFound", description = "What a screw was found to do.")
  public record ScrewView(
      String adjusterId,
      @Schema(description = "VERTICAL or HORIZONTAL; left out while untried.")
          @Nullable String axis,
      @Schema(description = "Percent per clockwise turn.") @Nullable FigureView rate,
      @Schema(description = "On the wall, per clockwise turn.") @Nullable FigureView rateAtWall,
      boolean rateIsRead,
      FigureView play) {

    static ScrewView of(ScrewBehaviour screw, Optional<LampPlace> place) {
      OptionalDouble rate = screw.ratePercent();
      return new ScrewView(
          screw.adjuster().id(),
          screw.axis().map(Enum::name).orElse(null),
          rate.isPresent() ? FigureView.percent(rate.getAsDouble()) : null,
          rate.isPresent() && place.isPresent()
              ? FigureView.lengthMm(rate.getAsDouble() / 100 * place.get().alongMm())
              : null,
          screw.rateIsRead(),
          FigureView.of(Figure.turns(screw.playTurns())));
    }
  }

  static LampView of(LampSheet lamp) {
    return new LampView(
        lamp.side(),
        lamp.place().map(PlaceView::of).orElse(null),
        lamp.target().map(target -> AimView.of(target, lamp)).orElse(null),
        lamp.limits().map(band -> LimitsView.of(band, lamp.place())).orElse(null),
        lamp.percentAsItCame().isPresent()
            ? FigureView.percent(lamp.percentAsItCame().getAsDouble())
            : null,
        lamp.reading()
            .map(reading -> CutoffView.of(reading, lamp.place().orElseThrow()))
            .orElse(null),
        lamp.turnedSinceRead(),
        lamp.correction().map(CorrectionView::of).orElse(null),
        lamp.screws().stream().map(screw -> ScrewView.of(screw, lamp.place())).toList(),
        lamp.findings().stream().map(Finding::id).toList());
  }

  static @Nullable FigureView reachView(OptionalDouble mm) {
    return mm.isPresent() ? FigureView.of(Figure.reachMm(mm.getAsDouble())) : null;
  }
}

package mellow.server.place;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.placement.Bound;
import mellow.core.placement.Extent;
import mellow.core.placement.Front;
import mellow.core.placement.PlaceCautions;
import mellow.core.placement.PlaceHorizon;
import mellow.core.placement.PlaceSheet;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.server.wire.CautionView;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.HorizonView;
import org.jspecify.annotations.Nullable;

/** A front, judged. */
@Schema(name = "PlaceSheet", description = "Where the lamps stand by the chosen rules.")
public record PlaceView(
    Verdict worst,
    @Schema(description = "Id of the first of the gravest findings; left out where all is within.")
        @Nullable String foremost,
    List<FindingView> findings,
    List<PairView> pairs,
    @Schema(description = "The bumper from above, from the centre line out; empty if not measured.")
        List<CurvePointView> bumper,
    HorizonView horizon,
    List<CautionView> cautions) {

  /** One point of the bumper. */
  @Schema(name = "BumperPoint", description = "A point of the bumper from above, mm.")
  public record CurvePointView(
      @Schema(description = "From the centre line.") double outMm,
      @Schema(description = "Behind its foremost point.") double backMm) {}

  /** One pair. */
  @Schema(name = "PairOnFront", description = "A pair of lamps on the front, and its limits.")
  public record PairView(
      String id,
      ExtentView left,
      ExtentView right,
      @Schema(description = "Between the inner edges of the two lit surfaces.")
          FigureView innerSpacing,
      @Schema(description = "Of one side.") FigureView litArea,
      List<BoundView> bounds) {}

  /** A reach. */
  @Schema(name = "Extent", description = "How far a lit surface reaches.")
  public record ExtentView(
      @Schema(description = "From the centre line.") FigureView inner,
      @Schema(description = "From the centre line.") FigureView outer,
      @Schema(description = "From the outer edge to the vehicle's own.") FigureView toSide,
      @Schema(description = "Above the ground.") FigureView lower,
      @Schema(description = "Above the ground.") FigureView upper) {

    static ExtentView of(Extent extent) {
      return new ExtentView(
          FigureView.lengthMm(extent.innerMm()),
          FigureView.lengthMm(extent.outerMm()),
          FigureView.lengthMm(extent.toSideMm()),
          FigureView.lengthMm(extent.lowerMm()),
          FigureView.lengthMm(extent.upperMm()));
    }
  }

  /** A limit. */
  @Schema(name = "PlaceBound", description = "A limit as a line on the drawing.")
  public record BoundView(
      @Schema(description = "The rule of the findings that judge it.") String rule,
      String ruleSet,
      PlaceRule.Asks asks,
      boolean atLeast,
      FigureView limit,
      @Schema(
              description =
                  "Where the line stands, mm: above the ground, or from the centre line; left out"
                      + " where it is no line.")
          @Nullable Double lineMm) {

    static BoundView of(Bound bound) {
      return new BoundView(
          bound.rule(),
          bound.ruleSetId(),
          bound.asks(),
          bound.atLeast(),
          FigureView.of(Figure.of(bound.limit(), bound.asks().quantity())),
          bound.lineMm().isPresent() ? bound.lineMm().getAsDouble() : null);
    }
  }

  static PlaceView of(Front front, List<RuleSet> sets, VehicleScope scope, double tapeMm) {
    PlaceSheet sheet = PlaceSheet.of(front, sets, scope, tapeMm);
    return new PlaceView(
        sheet.worst(),
        sheet.foremost().map(Finding::id).orElse(null),
        sheet.findings().stream().map(FindingView::of).toList(),
        sheet.pairs().stream()
            .map(
                pair ->
                    new PairView(
                        pair.id(),
                        ExtentView.of(pair.extents().left()),
                        ExtentView.of(pair.extents().right()),
                        FigureView.lengthMm(pair.innerSpacingMm()),
                        FigureView.of(Figure.areaCm2(pair.litAreaCm2())),
                        pair.bounds().stream().map(BoundView::of).toList()))
            .toList(),
        front.bumper().map(bumper -> bumper.curve(front.widthMm())).orElse(List.of()).stream()
            .map(point -> new CurvePointView(point.outMm(), point.upMm()))
            .toList(),
        HorizonView.of(PlaceHorizon.of(front, sheet)),
        PlaceCautions.all().stream().map(CautionView::of).toList());
  }
}

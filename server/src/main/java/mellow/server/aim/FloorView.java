package mellow.server.aim;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.aim.Floor;
import mellow.core.aim.FloorContours;
import mellow.core.aim.FloorPlane;
import mellow.core.aim.FloorSurvey;
import mellow.core.finding.Figure;
import mellow.core.vehicle.Side;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import org.jspecify.annotations.Nullable;

/** The floor of a bay as it was read and fitted. */
@Schema(
    name = "Floor",
    description =
        "The floor as read and fitted. x to the vehicle's left, y forward with the wall at 0, z up, mm.")
public record FloorView(
    @Schema(description = "Where the tyres stood; left out until that is known.")
        @Nullable PlanView plan,
    List<TyreView> tyres,
    @Nullable PlaneView plane,
    List<ProfileView> profiles,
    List<FindingView> findings) {

  /** How far level lines go beyond the tyres, sideways and behind, in mm. */
  private static final double ASIDE_MM = 6_000;

  private static final double BEHIND_MM = 1_200;

  /** Where the tyres stood. */
  @Schema(name = "FloorPlan", description = "Where the tyres stood, mm.")
  public record PlanView(
      FigureView frontTyresToWall,
      FigureView wheelbase,
      FigureView track,
      FigureView footSpacing) {}

  /** One tyre's reading. */
  @Schema(name = "FloorTyre", description = "One reading at a tyre.")
  public record TyreView(
      FloorSurvey.Corner corner,
      FigureView height,
      @Schema(description = "How far it stands above the fitted plane.")
          @Nullable FigureView residual) {}

  /** The fitted plane. */
  @Schema(name = "FloorPlane", description = "The plane through the tyres.")
  public record PlaneView(
      FigureView riseForward,
      FigureView riseLeft,
      FigureView largestResidual,
      List<ContourView> contours) {}

  /** A level line. */
  @Schema(name = "FloorContour", description = "A level line of the plane, mm.")
  public record ContourView(FigureView level, double x1, double y1, double x2, double y2) {}

  /** The floor along one side: tyres, plane at the wall, wall's foot. */
  @Schema(name = "FloorProfile", description = "The floor along one side, mm.")
  public record ProfileView(
      Side side,
      FigureView planeAtWall,
      FigureView planeAtFront,
      FigureView planeAtRear,
      FigureView foot,
      @Schema(description = "What it adds to the marks.") FigureView correction,
      FigureView uncertainty) {}

  public static FloorView of(Optional<FloorSurvey> survey) {
    Floor floor = Floor.of(survey);
    List<FindingView> findings = floor.findings().stream().map(FindingView::of).toList();
    if (survey.isEmpty()) {
      return new FloorView(null, List.of(), null, List.of(), findings);
    }
    FloorSurvey.Plan plan = survey.get().plan();
    return new FloorView(
        new PlanView(
            FigureView.lengthMm(plan.frontTyresToWallMm()),
            FigureView.lengthMm(plan.wheelbaseMm()),
            FigureView.lengthMm(plan.trackMm()),
            FigureView.lengthMm(plan.footSpacingMm())),
        tyres(survey.get(), floor.plane()),
        floor.plane().map(plane -> plane(plane, plan)).orElse(null),
        floor.plane().map(plane -> profiles(floor, plane, plan)).orElse(List.of()),
        findings);
  }

  private static List<TyreView> tyres(FloorSurvey survey, Optional<FloorPlane> plane) {
    List<TyreView> views = new ArrayList<>();
    for (int i = 0; i < survey.tyres().size(); i++) {
      FloorSurvey.TyreReading tyre = survey.tyres().get(i);
      int index = i;
      views.add(
          new TyreView(
              tyre.corner(),
              FigureView.lengthMm(tyre.heightMm()),
              plane
                  .map(fit -> FigureView.of(Figure.fineMm(fit.residualsMm().get(index))))
                  .orElse(null)));
    }
    return views;
  }

  private static PlaneView plane(FloorPlane plane, FloorSurvey.Plan plan) {
    double halfWidth = plan.trackMm() / 2 + ASIDE_MM;
    double rear = -plan.frontTyresToWallMm() - plan.wheelbaseMm() - BEHIND_MM;
    FloorContours.Area area = new FloorContours.Area(halfWidth, -halfWidth, rear, 0);
    return new PlaneView(
        FigureView.percent(plane.riseForwardPercent()),
        FigureView.percent(plane.riseLeftPercent()),
        FigureView.of(Figure.fineMm(plane.largestResidualMm())),
        FloorContours.of(plane, area).stream()
            .map(
                line ->
                    new ContourView(
                        FigureView.lengthMm(line.levelMm()),
                        line.x1Mm(),
                        line.y1Mm(),
                        line.x2Mm(),
                        line.y2Mm()))
            .toList());
  }

  private static List<ProfileView> profiles(Floor floor, FloorPlane plane, FloorSurvey.Plan plan) {
    List<ProfileView> profiles = new ArrayList<>();
    for (Side side : Side.values()) {
      double x = side.sign() * plan.footSpacingMm() / 2;
      double tyreX = side.sign() * plan.trackMm() / 2;
      double front = -plan.frontTyresToWallMm();
      profiles.add(
          new ProfileView(
              side,
              FigureView.of(Figure.fineMm(floor.planeAtWallMm(x))),
              FigureView.of(Figure.fineMm(plane.heightMm(tyreX, front))),
              FigureView.of(Figure.fineMm(plane.heightMm(tyreX, front - plan.wheelbaseMm()))),
              FigureView.of(Figure.fineMm(floor.footMm(x))),
              FigureView.of(Figure.fineMm(floor.correctionMm(x))),
              FigureView.of(Figure.fineMm(floor.uncertaintyMm(x)))));
    }
    return profiles;
  }
}

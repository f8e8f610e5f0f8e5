package mellow.server.aim;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import mellow.core.aim.FloorSurvey;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.School;
import mellow.core.aim.WallInput;
import mellow.core.aim.lamp.PairSheet;
import mellow.core.aim.wall.NextStep;
import mellow.core.aim.wall.TapeMark;
import mellow.core.aim.wall.WallCautions;
import mellow.core.aim.wall.WallHorizon;
import mellow.core.aim.wall.WallSheet;
import mellow.core.aim.wall.WorkStep;
import mellow.core.finding.Figure;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.wire.CautionView;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.HorizonView;
import mellow.server.wire.SentenceView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** The whole stage "Wall". */
@Schema(name = "WallSheet", description = "Everything about the aim, computed from the readings.")
public record SheetView(
    Verdict worst,
    NextView next,
    List<StepView> steps,
    List<PairView> pairs,
    FloorView floor,
    HorizonView horizon,
    List<FindingView> findings,
    List<CautionView> cautions) {

  /** What is next. */
  @Schema(name = "NextStep", description = "The worst thing in one sentence, and what to do next.")
  public record NextView(
      Verdict verdict,
      SentenceView headline,
      SentenceView detail,
      NextStep.Action action,
      LampKind lamp,
      @Nullable Side side,
      @Schema(description = "The finding that it is taken from; left out where all is well.")
          @Nullable String finding) {

    public static NextView of(NextStep next) {
      return new NextView(
          next.verdict(),
          SentenceView.of(next.headline()),
          SentenceView.of(next.detail()),
          next.action(),
          next.lamp(),
          next.side().orElse(null),
          next.behind().map(FindingKey::text).orElse(null));
    }
  }

  /** One step of the work. */
  @Schema(name = "WorkStep", description = "One step of the work at the wall.")
  public record StepView(
      WorkStep.Task task,
      @Schema(description = "Whose step it is.", example = "lamp:DIPPED:LEFT") String subject,
      String title,
      SentenceView detail,
      WorkStep.State state) {}

  /** A pair of lamps. */
  @Schema(name = "PairAtWall", description = "A pair of lamps at the wall.")
  public record PairView(
      LampKind kind,
      School school,
      @Schema(example = "Equal drop") String schoolTitle,
      @Schema(description = "Heading to the right of square.") @Nullable FigureView skew,
      LampView left,
      LampView right,
      List<MarkView> marks) {

    static PairView of(PairSheet pair, MarkStyle style) {
      return new PairView(
          pair.kind(),
          pair.school(),
          Spoken.term(pair.school()),
          pair.skewDeg().isPresent()
              ? FigureView.of(Figure.degrees(pair.skewDeg().getAsDouble()))
              : null,
          LampView.of(pair.lamps().left()),
          LampView.of(pair.lamps().right()),
          TapeMark.of(pair, style).stream().map(MarkView::of).toList());
    }
  }

  /** A strip of tape. */
  @Schema(name = "TapeMark", description = "A strip of tape on the wall, mm.")
  public record MarkView(
      TapeMark.Role role,
      @Nullable Side side,
      @Schema(description = "The line above the wall's foot; left out for upright strips.")
          @Nullable FigureView height,
      @Schema(description = "Left of the vehicle's centre line.") FigureView left,
      @Schema(description = "The tape's upper edge above the wall's foot.")
          @Nullable FigureView upperEdge) {

    static MarkView of(TapeMark mark) {
      return new MarkView(
          mark.role(),
          mark.side().orElse(null),
          mark.heightMm().isPresent() ? FigureView.lengthMm(mark.heightMm().getAsDouble()) : null,
          FigureView.lengthMm(mark.leftMm()),
          mark.upperEdgeMm().isPresent()
              ? FigureView.lengthMm(mark.upperEdgeMm().getAsDouble())
              : null);
    }
  }

  /** Computes and shows the sheet of an input. */
  public static SheetView of(WallInput input) {
    WallSheet sheet = WallSheet.of(input);
    Optional<FloorSurvey> survey = input.survey();
    return new SheetView(
        sheet.worst(),
        NextView.of(sheet.next()),
        sheet.steps().stream()
            .map(
                step ->
                    new StepView(
                        step.task(),
                        step.subject().text(),
                        Spoken.words(step.title()),
                        SentenceView.of(step.detail()),
                        step.state()))
            .toList(),
        sheet.pairs().stream().map(pair -> PairView.of(pair, input.marks())).toList(),
        FloorView.of(survey),
        HorizonView.of(WallHorizon.of(sheet)),
        sheet.findings().stream().map(FindingView::of).toList(),
        WallCautions.all().stream().map(CautionView::of).toList());
  }
}

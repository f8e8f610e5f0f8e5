package mellow.server.takein;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Step;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.schedule.Expected;
import mellow.core.workflow.schedule.Plan;
import mellow.core.workflow.schedule.PlannedStage;
import mellow.server.wire.CautionView;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView.SourceView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** A job's plan as it is shown. */
@Schema(name = "Plan", description = "The stages of a job in order of work, and what it takes.")
public record PlanView(
    List<StageView> stages,
    @Schema(description = "Stages that the work brings and that are left out.")
        List<LeftOutView> leftOut,
    @Schema(description = "Work that shares this strip-down.") List<WorkKind> offered,
    List<String> atHand,
    List<CautionView> cautions,
    @Schema(description = "Of the stages of which minutes are known, together.")
        FigureView knownMinutes,
    @Schema(description = "How many stages nothing is known of.") long stagesWithoutMinutes) {

  /** One stage of a plan. */
  @Schema(name = "PlannedStage", description = "A stage with its steps and expected minutes.")
  public record StageView(
      Stage stage,
      String words,
      List<StepView> steps,
      @Schema(description = "It can be left out as a whole, with a reason.") boolean canBeLeftOut,
      @Nullable ExpectedView expected,
      @Schema(description = "What it waits for before it can begin.") List<String> waitsFor) {

    static StageView of(PlannedStage planned, Map<Stage, List<String>> waiting) {
      return new StageView(
          planned.stage(),
          Spoken.term(planned.stage()),
          planned.steps().stream().map(StepView::of).toList(),
          TakeIn.canBeLeftOut(planned.stage()),
          planned.expected().map(ExpectedView::of).orElse(null),
          waiting.getOrDefault(planned.stage(), List.of()));
    }
  }

  /** A stage that is left out. */
  @Schema(name = "LeftOut", description = "A stage that is left out of the plan, and why.")
  public record LeftOutView(Stage stage, String words, String reason) {}

  /** One step. */
  @Schema(name = "Step", description = "One step of the work.")
  public record StepView(
      String id,
      String words,
      List<String> atHand,
      @Schema(description = "It cannot be undone: everything before it is proved first.")
          boolean gate) {

    static StepView of(Step step) {
      return new StepView(
          step.id(),
          Spoken.typed(step.words()),
          step.atHand().stream().map(Spoken::typed).toList(),
          step.gate());
    }
  }

  /** Expected minutes. */
  @Schema(name = "ExpectedMinutes", description = "Minutes a stage is expected to take.")
  public record ExpectedView(FigureView minutes, SourceView source) {

    static ExpectedView of(Expected expected) {
      return new ExpectedView(FigureView.of(expected.minutes()), SourceView.of(expected.source()));
    }
  }

  static PlanView of(Plan plan, TakeIn takeIn, Map<Stage, List<String>> waiting) {
    return new PlanView(
        plan.stages().stream().map(stage -> StageView.of(stage, waiting)).toList(),
        Plan.leftOut(takeIn).entrySet().stream()
            .map(one -> new LeftOutView(one.getKey(), Spoken.term(one.getKey()), one.getValue()))
            .toList(),
        plan.offered(),
        plan.atHand().stream().map(Spoken::typed).toList(),
        plan.cautions().stream().map(CautionView::of).toList(),
        FigureView.of(plan.knownMinutes()),
        plan.stagesWithoutMinutes());
  }
}

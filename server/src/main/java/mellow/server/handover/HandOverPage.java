package mellow.server.handover;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import mellow.core.handover.Difference;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;
import mellow.core.workshop.OpenPoint;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** All that the page of the stage "Hand over" shows. */
@Schema(description = "All that the page of the stage Hand over shows, in one answer.")
public record HandOverPage(
    JobView job,
    VehicleView vehicle,
    @Schema(description = "0 while nothing was kept.") int version,
    HandOverEdit handOver,
    @Schema(description = "Empty while nothing was kept.") String changedBy,
    @Schema(description = "Whatever is open, each thing by its name; empty on a closed job.")
        List<AboveView> above,
    @Schema(description = "Headings of the owner's page, in the language of the record.")
        HeadingsView headings,
    List<String> done,
    List<String> heed,
    List<FollowUpView> followUps,
    List<BeforeAfterView> beforeAfter,
    List<TimeView> minutes,
    @Nullable ClosedView closed,
    List<AmendmentView> amendments,
    @Nullable ComebackView comebackOf,
    @Schema(description = "Jobs that came back from this one.") List<ComebackView> comebacks) {

  /** Something that is open. */
  @Schema(name = "Above", description = "Something that is out, not seen or not done.")
  public record AboveView(
      Stage stage,
      String words,
      FindingView finding,
      @Schema(description = "The step to be ticked or left out; missing for what is no step.")
          @Nullable OpenStepView step) {}

  /** A step that is open. */
  @Schema(name = "OpenStep", description = "A step that can be ticked, or left out with a reason.")
  public record OpenStepView(@Schema(example = "apart.front") String id, @Nullable Side side) {
    static OpenStepView of(OpenPoint.StepOf step) {
      return new OpenStepView(step.id(), step.side().orElse(null));
    }
  }

  /** Headings of the owner's page. */
  @Schema(name = "OwnerHeadings", description = "Headings of the owner's page.")
  public record HeadingsView(
      String done, String note, String heed, String fuses, String comeBack, String beforeAfter) {
    static HeadingsView spoken() {
      return new HeadingsView(
          Spoken.words(HandoverWords.whatWasDone()),
          Spoken.words(HandoverWords.fromWorkshop()),
          Spoken.words(HandoverWords.whatToHeed()),
          Spoken.words(HandoverWords.newFuses()),
          Spoken.words(HandoverWords.comeBack()),
          Spoken.words(HandoverWords.beforeAfter()));
    }
  }

  /** Something to come back for. */
  @Schema(name = "FollowUp", description = "Something to come back for.")
  public record FollowUpView(
      @Schema(description = "Stable name of it; empty for the workshop's own.") String id,
      String what,
      LocalDate from,
      LocalDate latest,
      @Schema(description = "Both days in words.", example = "2026-12-01 to 2026-12-08")
          String when,
      @Schema(description = "Where that comes from; empty for the workshop's own.")
          String because) {}

  /** A value before and after. */
  @Schema(name = "BeforeAfter", description = "A value as it came and as it goes.")
  public record BeforeAfterView(String what, String before, String after) {}

  /** Minutes of a stage. */
  @Schema(name = "StageMinutes", description = "Minutes of a stage: expected and taken.")
  public record TimeView(
      Stage stage, String words, @Nullable FigureView expected, @Nullable FigureView taken) {}

  /** That it was handed over. */
  @Schema(name = "Closed", description = "That a job was handed over.")
  public record ClosedView(
      String by,
      Instant at,
      @Schema(description = "Why it goes although something stands above the horizon.")
          String reason,
      @Schema(description = "The language that was signed.", example = "en") String language,
      List<FindingView> findings) {}

  /** A correction beside a closed job. */
  @Schema(name = "Amendment", description = "A correction beside a job that was handed over.")
  public record AmendmentView(String id, String words, String why, String by, Instant at) {}

  /** A job that came back, or was come back from. */
  @Schema(name = "Comeback", description = "The other job of a comeback, and what differs.")
  public record ComebackView(
      String jobId, String work, Instant at, List<DifferenceView> differences) {}

  /** What is otherwise than it was. */
  @Schema(name = "Difference", description = "Something that is otherwise than at hand-over.")
  public record DifferenceView(String what, String then, String now) {
    static DifferenceView of(Difference one) {
      String notKnown = Spoken.words(HandoverWords.notKnown());
      return new DifferenceView(
          one.what(), one.then().orElse(notKnown), one.now().orElse(notKnown));
    }
  }
}

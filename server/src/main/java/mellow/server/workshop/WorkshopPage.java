package mellow.server.workshop;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Controls;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.DrivingState;
import mellow.core.proof.Outcome;
import mellow.core.record.WorkLog;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.retrofit.FitSection;
import mellow.core.retrofit.Mount;
import mellow.core.retrofit.OvenSchool;
import mellow.core.retrofit.RollWay;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StepLine;
import mellow.core.workflow.WorkChoice;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.CautionView;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** All that the pages of the stages Apart, Bench, Prove and Together show. */
@Schema(description = "All that the pages of Apart, Bench, Prove and Together show, in one answer.")
public record WorkshopPage(
    JobView job,
    VehicleView vehicle,
    @Schema(description = "The server's clock; timers are shown against it.") Instant now,
    List<StageWorkView> stages,
    List<EntryView> entries,
    List<LedgerLineView> ledger,
    @Schema(description = "Ids of the ledger's lines in the order in which they go back.")
        List<String> reverse,
    @Schema(description = "Hidden fasteners that earlier jobs on the like vehicle met.")
        List<HiddenView> hidden,
    List<TimerView> timers,
    BenchView bench,
    List<HeatView> heat,
    ProofView proof,
    @Nullable ResumeView resume) {

  /** A stage of the workshop. */
  @Schema(name = "StageWork", description = "A stage of the workshop: its steps and findings.")
  public record StageWorkView(
      Stage stage,
      String words,
      boolean planned,
      List<StepLineView> steps,
      List<FindingView> findings,
      List<CautionView> cautions,
      @Nullable FigureView expected,
      @Schema(description = "As the times of the entries tell it.") FigureView worked) {}

  /** A step as it stands. */
  @Schema(name = "StepLine", description = "A step as it stands.")
  public record StepLineView(
      String id,
      @Nullable Side side,
      String words,
      boolean gate,
      int people,
      @Schema(description = "What it leaves curing.") BenchTimer.@Nullable Adhesive cures,
      StepLine.State state,
      @Schema(description = "What has to be so before it, and is not.") List<String> waitsFor,
      @Schema(description = "What it reads and nobody read yet: it is left out, or read first.")
          String unread,
      @Schema(description = "What would have to come off again.") String comesOff,
      @Schema(description = "Tools and materials it takes.") List<String> atHand,
      String by,
      @Nullable Instant at,
      String reason) {}

  /** An entry of the log. */
  @Schema(name = "WorkshopEntry", description = "An entry of the log.")
  public record EntryView(
      String id,
      @Schema(
              description = "In the order in which lines of the record were kept.",
              example = "1207")
          long number,
      Stage stage,
      @Schema(description = "In words.", example = "off: 4 clips, pin pulled, upper edge")
          String words,
      String by,
      Instant at,
      @Nullable String strikes,
      @Nullable String struckBy) {}

  /** A line of the ledger. */
  @Schema(name = "LedgerLine", description = "A line of the ledger, and what became of it.")
  public record LedgerLineView(
      String id,
      String words,
      EntryEdit.OutEdit row,
      @Nullable Side side,
      int out,
      int byHand,
      int awaiting,
      int back,
      int tight,
      int broken,
      int replaced,
      int stays,
      @Schema(description = "What has to be in before it, in words.") List<String> first,
      @Schema(description = "How it comes off without harm. Common practice.") String takeOff,
      @Schema(description = "What to heed when it goes back. Common practice.") String putBack,
      boolean done,
      String by,
      Instant at) {}

  /** A hidden fastener of an earlier job. */
  @Schema(name = "HiddenFastener", description = "A hidden fastener that an earlier job met.")
  public record HiddenView(String jobId, String vehicle, String words) {}

  /** A timer. */
  @Schema(name = "Timer", description = "A timer: a moment and a length.")
  public record TimerView(
      String id,
      String name,
      BenchTimer.Kind kind,
      @Nullable Side side,
      BenchTimer.@Nullable Adhesive adhesive,
      Instant start,
      long seconds,
      Instant end,
      BenchTimer.State state,
      String by) {
    static List<TimerView> of(WorkLog log, Instant now) {
      return log.timers().stream()
          .map(
              timed ->
                  new TimerView(
                      timed.timer().id(),
                      Spoken.words(timed.timer().name()),
                      timed.timer().kind(),
                      timed.side().orElse(null),
                      timed.timer().adhesive().orElse(null),
                      timed.timer().start(),
                      timed.timer().length().toSeconds(),
                      timed.timer().end(),
                      timed.timer().state(now),
                      timed.by()))
          .toList();
    }
  }

  /** The bench. */
  @Schema(name = "Bench", description = "What was measured and chosen on the bench.")
  public record BenchView(
      List<MeasureView> measures,
      Map<WorkChoice, WorkChoice.Answer> choices,
      Mount mount,
      String mountWords,
      @Schema(description = "What the product would choose, and why.") Mount advised,
      String because,
      RollWay rollWay,
      String rollWords,
      SectionView section,
      List<FindingView> fit,
      List<AimView> aim,
      List<OvenView> oven,
      List<SchoolView> schools,
      List<RungView> lens,
      @Nullable LocalDate lookAgainFrom,
      @Nullable LocalDate lookAgainLatest) {}

  /** A section to scale. */
  @Schema(
      name = "FitSection",
      description = "Housing and projector along the axis; mm, x forward of the mount, y up.")
  public record SectionView(List<PieceView> pieces, List<SpanView> spans) {
    static SectionView of(FitSection section) {
      return new SectionView(
          section.pieces().stream().map(one -> new PieceView(one.of(), one.vertices())).toList(),
          section.spans().stream()
              .map(
                  one ->
                      new SpanView(
                          one.field(),
                          one.upright(),
                          one.from(),
                          one.to(),
                          one.at(),
                          one.mm().isPresent()
                              ? FigureView.of(
                                  mellow.core.finding.Figure.fineMm(one.mm().getAsDouble()))
                              : null))
              .toList());
    }
  }

  /** An outline. */
  @Schema(name = "SectionPiece", description = "A closed outline.")
  public record PieceView(FitSection.Of of, List<FitSection.Vertex> vertices) {}

  /** A measurement on the section. */
  @Schema(name = "SectionSpan", description = "A measurement between two points of the section.")
  public record SpanView(
      FitSection.Field field,
      boolean upright,
      double from,
      double to,
      double at,
      @Nullable FigureView value) {}

  /** A measurement. */
  @Schema(name = "BenchMeasure", description = "A measurement of the bench.")
  public record MeasureView(
      BenchField field, String words, @Nullable Side side, @Nullable FigureView value) {}

  /** The aim of a lamp on the bench. */
  @Schema(name = "BenchAim", description = "The aim of a lamp on the bench.")
  public record AimView(Side side, List<FindingView> findings) {}

  /** What to do next with the oven. */
  @Schema(name = "OvenAdvice", description = "What to do next with the oven, and what was done.")
  public record OvenView(
      Side side,
      Bake.Purpose purpose,
      OvenSchool school,
      @Schema(example = "220 °F (104 °C)") String temperature,
      double fahrenheit,
      int fromMinutes,
      int toMinutes,
      String because,
      @Schema(description = "How often it was in so far, for this.") long times) {}

  /** A school of the oven. */
  @Schema(name = "OvenSchoolRow", description = "A school of opening and resealing.")
  public record SchoolView(
      OvenSchool school, String words, String opening, String resealing, String closing) {}

  /** A rung of the lens ladder. */
  @Schema(name = "LensRung", description = "A rung of the lens ladder.")
  public record RungView(
      int grit, String words, String look, @Schema(description = "Sides done.") List<Side> done) {}

  /** Something that warms up. */
  @Schema(name = "Heat", description = "Something that warms up, with its curve where it is told.")
  public record HeatView(
      String what,
      double limitCelsius,
      FigureView limit,
      List<HeatPoint> readings,
      @Nullable HeatCurve curve,
      FindingView finding) {}

  /** A reading of it. */
  @Schema(name = "HeatPoint", description = "A temperature after minutes.")
  public record HeatPoint(double minutes, double celsius) {}

  /** Its curve. */
  @Schema(name = "HeatCurve", description = "The fitted curve, and points of it to be drawn.")
  public record HeatCurve(
      FigureView end,
      double endCelsius,
      double endDeviation,
      double tauMinutes,
      List<HeatPoint> points) {}

  /** What has to be proved. */
  @Schema(name = "Proof", description = "The states to be proved, in the order to go through.")
  public record ProofView(
      List<ProofItemView> items,
      @Schema(description = "Switches moved on the way through.") int movements,
      boolean proved,
      long open,
      @Schema(description = "From the plan of the feed, or the vehicle's own functions.")
          boolean wired,
      @Schema(description = "Whether anything can be lit: the battery is on, or a helper joined.")
          boolean live,
      @Schema(description = "Flashes of the turn signals, as they were counted.")
          List<FindingView> flashes) {}

  /** A state. */
  @Schema(name = "ProofItem", description = "A state, what to move for it, and its lamps.")
  public record ProofItemView(
      DrivingState state,
      @Schema(example = "low beam, fog") String name,
      Controls controls,
      List<String> moves,
      List<ProofCellView> lamps) {}

  /** A lamp in a state. */
  @Schema(name = "ProofCell", description = "A lamp in a state: expected, and seen.")
  public record ProofCellView(
      LampFunction function,
      Side side,
      @Schema(description = "Which of several on its side; empty where there is but one.")
          String name,
      String words,
      @Schema(description = "Of the pair that it belongs to.", example = "low beam")
          String functionWords,
      LightLevel expected,
      @Nullable Outcome outcome,
      int tries,
      String seen,
      int faults,
      @Schema(description = "Why what was tried does not hold any more; may be empty.")
          String reopened,
      @Schema(description = "Where to begin, if it does not do as expected.") List<String> tests) {}

  /** Where the job was left. */
  @Schema(name = "Resume", description = "Where the job was left, for whoever takes it up again.")
  public record ResumeView(
      Instant leftAt, String last, int out, List<String> cured, List<String> running) {}
}

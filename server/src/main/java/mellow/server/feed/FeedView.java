package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.check.StateTable;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.circuit.solve.Solution;
import mellow.core.feed.DonorSlot;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.JointPlan;
import mellow.core.feed.PlanStep;
import mellow.core.feed.PlannedPart;
import mellow.core.feed.Question;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.feed.sheet.Fix;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.words.Speech;
import mellow.server.feed.drawing.Drawing;
import mellow.server.feed.drawing.DrawingLayout;
import mellow.server.feed.drawing.Schematic;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** A planned feed: solved in every state, judged, drawn, listed. */
@Schema(name = "FeedSheet", description = "A planned feed, solved in every state and judged.")
public record FeedView(
    PlanBrief plan,
    List<QuestionView> questions,
    List<StateView> states,
    List<LampRow> lamps,
    @Schema(description = "The states that a factory circuit had before; empty where none changes.")
        List<LampRow> before,
    @Schema(description = "How the factory's circuit comes back; empty where none changes.")
        String undo,
    Verdict worst,
    List<FindingView> findings,
    @Schema(
            description =
                "A change after which the gravest finding is out no more, if one is known.")
        @Nullable FixChoice fix,
    List<ReelView> cuts,
    List<BillLine> bill,
    @Schema(description = "One for each end of each piece.") List<String> labels,
    List<StepView> order,
    List<PartView> parts,
    @Schema(description = "What each point of the circuit is called, by its id.")
        Map<String, String> points,
    @Schema(description = "The slots that taps sit in.") List<DonorView> donors,
    @Schema(description = "The plans that stand in the same circuit.") List<BesideView> beside,
    Drawing drawing) {

  /** A change that mends. */
  @Schema(name = "FeedFix", description = "A change after which a finding is out no more.")
  public record FixChoice(
      @Schema(example = "2.5 mm²") String words,
      Map<String, String> answers,
      Map<String, Map<String, String>> changes) {}

  /** A plan in a list. */
  @Schema(name = "PlanBrief", description = "A way of feeding lamps, in a few words.")
  public record PlanBrief(
      @Schema(example = "fog-own-switch") String id,
      int version,
      @Schema(description = "The shop's own.") boolean own,
      String title,
      String does,
      List<LampFunction> functions,
      int factoryCuts,
      List<String> cautions) {

    public static PlanBrief of(FeedPlan plan) {
      return new PlanBrief(
          plan.id(),
          plan.version(),
          plan.source().mark() == Source.Mark.LOCAL,
          Spoken.typed(plan.title()),
          Spoken.typed(plan.does()),
          plan.functions().stream().sorted().toList(),
          plan.factoryCuts(),
          plan.cautions().stream().map(Spoken::typed).toList());
    }
  }

  /** A question with its answer. */
  @Schema(name = "PlanQuestion", description = "What a plan asks, and what was answered.")
  public record QuestionView(
      String id,
      String asks,
      QuestionKind kind,
      @Schema(description = "Of a number; empty otherwise.", example = "A") String unit,
      @Schema(description = "Of a choice; sizes of a wire; empty for a number.")
          List<OptionView> options,
      String hint,
      String usual,
      String answer,
      @Schema(description = "The tag of the plan beside that asks; empty for the first.")
          String tag) {}

  /** What an answer may be. */
  public enum QuestionKind {
    NUMBER,
    CHOICE,
    WIRE,
    TEXT
  }

  /** An answer to choose. */
  @Schema(name = "PlanOption", description = "An answer to choose.")
  public record OptionView(String value, String says) {}

  /** A state. */
  @Schema(
      name = "FeedState",
      description = "A position of the controls that the plan is proved in.")
  public record StateView(
      DrivingState state,
      String words,
      Controls controls,
      @Schema(description = "Of what is pulsed, in words; empty where nothing is.")
          List<String> phases) {}

  /** The lamps of a row. */
  @Schema(name = "LampRow", description = "What lamps that go together do in each state.")
  public record LampRow(
      @Schema(example = "front fog lamp") String words,
      LampFunction function,
      @Nullable Side side,
      @Schema(description = "Which of several pairs; empty where there is but one.") String pair,
      List<LampCell> cells) {}

  /** One cell. */
  @Schema(name = "LampCell", description = "What lamps do in a state, expected and solved.")
  public record LampCell(
      LightLevel level,
      @Schema(description = "Left out where the plan expects nothing of them.")
          @Nullable LightLevel expected,
      boolean agrees,
      FigureView amps,
      List<LitView> each) {}

  /** One lamp. */
  @Schema(name = "LitLamp", description = "One lamp in a state.")
  public record LitView(
      String id, FigureView volts, FigureView amps, FigureView light, LightLevel level) {}

  /** A reel. */
  @Schema(name = "CutReel", description = "All pieces of one wire in one colour.")
  public record ReelView(String size, String colour, FigureView total, List<PieceView> pieces) {}

  /** A piece. */
  @Schema(name = "CutPiece", description = "A piece of wire to cut.")
  public record PieceView(String label, FigureView length, String fromEnd, String toEnd) {}

  /** Something to buy. */
  @Schema(name = "BillLine", description = "So many of a thing.")
  public record BillLine(String what, int count) {}

  /** A step of connecting. */
  @Schema(name = "FeedStep", description = "A step of connecting, and how the battery has to be.")
  public record StepView(
      @Schema(description = "The same in every language: what the battery's record keeps.")
          String id,
      String does,
      PlanStep.Needs battery) {
    public static StepView of(PlanStep step) {
      return new StepView(
          Spoken.in(Speech.ENGLISH.language(), () -> Spoken.words(step.does())),
          Spoken.words(step.does()),
          step.battery());
    }
  }

  /** A slot that a tap sits in. */
  @Schema(name = "DonorSlot", description = "A slot of the fuse box that a tap sits in.")
  public record DonorView(
      String tap,
      @Schema(example = "slot 14") String name,
      @Schema(description = "Whether somebody has said which slot it is.") boolean named,
      @Schema(example = "socket, radio, seats, mirrors or wipers") String feeds) {
    public static DonorView of(DonorSlot slot) {
      return new DonorView(slot.tap(), slot.name(), slot.isNamed(), Spoken.term(slot.feeds()));
    }

    public String words() {
      return named
          ? Spoken.words(FeedWords.slotFeeds(name, feeds))
          : Spoken.words(FeedWords.slotNotSaid());
    }
  }

  /** A plan beside the first. */
  @Schema(name = "BesidePlanBrief", description = "A plan in the circuit of another.")
  public record BesideView(
      @Schema(example = "p2") String tag,
      PlanBrief plan,
      @Schema(example = "new") String pair,
      @Schema(description = "The functions of its lamps that another plan has too.")
          List<LampFunction> alike) {
    public static BesideView of(JointPlan.Beside beside) {
      return new BesideView(
          beside.tag(),
          PlanBrief.of(beside.plan()),
          beside.pair(),
          beside.alike().stream().sorted().toList());
    }
  }

  /** A part. */
  @Schema(name = "FeedPart", description = "A part of the plan, with what can be changed in place.")
  public record PartView(
      String id,
      @Schema(description = "As it is called.", example = "fog relay") String name,
      String kind,
      boolean factory,
      @Schema(description = "Of the plan beside that it came with; empty for the first.")
          String tag,
      @Schema(description = "As the plan has them, changes included.") Map<String, String> values,
      List<FixView> changes) {}

  /** What can be changed. */
  @Schema(name = "PartChange", description = "A value that can be changed in place.")
  public record FixView(
      String name,
      String asks,
      String value,
      @Schema(description = "Empty for a number.") List<OptionView> options) {}

  public static FeedView of(FeedSheet sheet, List<Finding> findings) throws FeedProblem {
    return new FeedView(
        PlanBrief.of(sheet.feed().plan()),
        questions(sheet),
        states(sheet),
        rows(sheet.table()),
        sheet.before().map(FeedView::rows).orElse(List.of()),
        Spoken.typed(sheet.feed().plan().undo()),
        findings.stream().findFirst().map(Finding::verdict).orElse(Verdict.WITHIN),
        findings.stream().map(FindingView::of).toList(),
        fix(sheet, findings),
        cuts(sheet),
        sheet.bill().lines().stream()
            .map(line -> new BillLine(Spoken.text(line.what(), UnitSystem.METRIC), line.count()))
            .toList(),
        sheet.cuts().labels().stream().map(Spoken::typed).toList(),
        sheet.order().stream().map(StepView::of).toList(),
        sheet.feed().parts().stream().map(part -> part(sheet, part)).toList(),
        points(sheet),
        DonorSlot.of(sheet.feed()).stream().map(DonorView::of).toList(),
        sheet.feed().plan().beside().stream().map(BesideView::of).toList(),
        DrawingLayout.of(Schematic.of(sheet.feed())));
  }

  private static Map<String, String> points(FeedSheet sheet) {
    Map<String, String> names = new TreeMap<>();
    sheet.feed().circuit().parts().stream()
        .flatMap(part -> part.branches().stream())
        .flatMap(branch -> Stream.of(branch.from(), branch.to()))
        .forEach(node -> names.put(node, Spoken.typed(node)));
    return names;
  }

  private static @Nullable FixChoice fix(FeedSheet sheet, List<Finding> findings)
      throws FeedProblem {
    Optional<Finding> gravest =
        findings.stream().findFirst().filter(finding -> finding.verdict() == Verdict.OUT);
    Optional<Fix> fix = gravest.isEmpty() ? Optional.empty() : Fix.of(sheet, gravest.get());
    return fix.map(one -> new FixChoice(Spoken.words(one.words()), one.answers(), one.changes()))
        .orElse(null);
  }

  private static List<QuestionView> questions(FeedSheet sheet) {
    List<QuestionView> questions = new ArrayList<>();
    for (Question question : sheet.feed().plan().questions()) {
      if (sheet.feed().asks(question)) {
        questions.add(
            question(
                question, sheet.feed().answers().getOrDefault(question.id(), ""), question.tag()));
      }
    }
    return questions;
  }

  private static QuestionView question(Question question, String answer, String tag) {
    QuestionKind kind = QuestionKind.WIRE;
    String unit = "";
    List<OptionView> options = PartChoices.sizes();
    if (question.kind() instanceof Question.Kind.Number number) {
      kind = QuestionKind.NUMBER;
      unit = number.unit();
      options = List.of();
    } else if (question.kind() instanceof Question.Kind.Text) {
      kind = QuestionKind.TEXT;
      options = List.of();
    } else if (question.kind() instanceof Question.Kind.Choice choice) {
      kind = QuestionKind.CHOICE;
      options =
          choice.options().stream()
              .map(one -> new OptionView(one.value(), Spoken.typed(one.says())))
              .toList();
    }
    return new QuestionView(
        question.id(),
        Spoken.typed(question.asks()),
        kind,
        unit,
        options,
        Spoken.typed(question.hint()),
        question.usual(),
        answer,
        tag);
  }

  private static List<StateView> states(FeedSheet sheet) {
    List<DrivingState> states = sheet.feed().plan().states();
    List<Solution> solved = sheet.table().solutions();
    return IntStream.range(0, states.size())
        .mapToObj(i -> state(states.get(i), phases(sheet, solved.get(i))))
        .toList();
  }

  private static StateView state(DrivingState state, List<String> phases) {
    return new StateView(state, Spoken.term(state), state.controls(), phases);
  }

  private static List<String> phases(FeedSheet sheet, Solution solution) {
    return pulses(sheet, solution)
        ? solution.phases().stream()
            .map(phase -> Spoken.text(PhaseWords.of(phase), UnitSystem.METRIC))
            .toList()
        : List.of();
  }

  /** Whether any lamp has other volts in one phase than in another. */
  private static boolean pulses(FeedSheet sheet, Solution solution) {
    return sheet
        .feed()
        .circuit()
        .of(Emitter.class)
        .anyMatch(
            lamp ->
                solution.phases().stream()
                        .mapToLong(
                            phase ->
                                Math.round(100 * phase.point().between(lamp.plus(), lamp.minus())))
                        .distinct()
                        .count()
                    > 1);
  }

  private static List<LampRow> rows(StateTable table) {
    Set<Lamps> all = new LinkedHashSet<>();
    table.rows().forEach(row -> all.addAll(row.cells().keySet()));
    List<LampRow> rows = new ArrayList<>();
    for (Lamps lamps : all) {
      rows.add(
          new LampRow(
              Spoken.words(lamps.words()),
              lamps.function(),
              lamps.side().orElse(null),
              lamps.pair(),
              table.rows().stream().map(row -> cell(row, lamps)).toList()));
    }
    return rows;
  }

  private static LampCell cell(StateTable.Row row, Lamps lamps) {
    StateTable.Cell cell = Objects.requireNonNull(row.cells().get(lamps));
    LightLevel expected = row.state().expected().get(lamps);
    return new LampCell(
        expected == LightLevel.OUT ? cell.brightest().level() : cell.level(),
        expected,
        expected == null || cell.is(expected),
        FigureView.of(Figure.amps(cell.amps())),
        cell.each().stream()
            .map(
                lit ->
                    new LitView(
                        lit.lamp().id(),
                        FigureView.of(Figure.volts(lit.volts())),
                        FigureView.of(Figure.amps(lit.amps())),
                        FigureView.of(Figure.percent(100 * lit.light())),
                        lit.level()))
            .toList());
  }

  private static List<ReelView> cuts(FeedSheet sheet) {
    return sheet.cuts().reels().stream()
        .map(
            reel ->
                new ReelView(
                    Spoken.typed(reel.size().name()),
                    Spoken.typed(reel.colour()),
                    FigureView.lengthMm(reel.totalMm()),
                    reel.pieces().stream()
                        .map(
                            piece ->
                                new PieceView(
                                    Spoken.typed(piece.label()),
                                    FigureView.lengthMm(piece.lengthMm()),
                                    Spoken.typed(piece.fromEnd()),
                                    Spoken.typed(piece.toEnd())))
                        .toList()))
        .toList();
  }

  private static PartView part(FeedSheet sheet, PlannedPart part) {
    return new PartView(
        part.id(),
        Spoken.typed(part.id()),
        part.kind(),
        part.factory(),
        part.tag(),
        new LinkedHashMap<>(part.values()),
        PartChoices.of(part, most(sheet, part), FeedSheet.laying(sheet.feed())));
  }

  /** The most that flows through a part for long, in any state, A. */
  private static double most(FeedSheet sheet, PlannedPart part) {
    return sheet.table().solutions().stream()
        .mapToDouble(solution -> Math.abs(solution.average(point -> point.amps(part.part(), 0))))
        .max()
        .orElse(0);
  }
}

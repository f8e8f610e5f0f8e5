package mellow.core.workflow;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.Side;

/**
 * The steps of a stage as they stand.
 *
 * @param lines in order of work
 */
public record StepList(List<StepLine> lines) {
  private static final Source WAIVED = Source.judged(WorkflowWords.srcWaived());

  public StepList {
    lines = List.copyOf(lines);
  }

  /** What is known of a job, for its steps. */
  public interface Known {
    /**
     * Of each fact that is not so, why; a fact that does not concern the job is left out.
     *
     * @param side of a step that is done once a side
     */
    Map<Precondition, Sentence> missing(Optional<Side> side);

    /** Whether what a step reads was read. */
    boolean isRead(StepReading reading, Optional<Side> side);
  }

  /**
   * The steps of a stage.
   *
   * @param stage whose steps are told
   * @param planned those of the plan, of all stages
   * @param ways tags of the ways that were chosen; a step that belongs to another way is left out
   * @param marks what was done so far, of any stage, the last of a step counts
   * @param known what is so and what was read
   * @param first the side that is worked first
   */
  public static StepList of(
      Stage stage,
      List<Step> planned,
      Set<String> ways,
      List<StepMark> marks,
      Known known,
      Side first) {
    List<Step> taken = planned.stream().filter(step -> ways.containsAll(step.ways())).toList();
    Order order = new Order(taken, marks);
    List<StepLine> lines = new ArrayList<>();
    for (Step step : taken) {
      if (step.stage() == stage) {
        if (step.eachSide()) {
          Stream.of(first, first.other())
              .map(Optional::of)
              .forEach(side -> lines.add(line(step, side, order, known)));
        } else {
          lines.add(line(step, Optional.empty(), order, known));
        }
      }
    }
    return new StepList(lines);
  }

  /** Which steps come before which, as far as the job has them. */
  private record Order(List<Step> taken, List<StepMark> marks) {
    Optional<StepMark> mark(Step step, Optional<Side> side) {
      return marks.stream()
          .filter(mark -> mark.stepId().equals(step.id()) && mark.side().equals(side))
          .reduce((earlier, later) -> later);
    }

    /**
     * What is not so yet of the steps that come before a step. One that was left out holds nothing
     * back itself; what it would have waited for still does.
     */
    List<Sentence> missing(Step step, Optional<Side> side) {
      return taken.stream()
          .filter(before -> step.when().after().contains(before.id()))
          .flatMap(
              before ->
                  !isOver(before, side)
                      ? Stream.of(Sentence.typed(before.when().called()))
                      : isLeftOut(before, side) ? missing(before, side).stream() : Stream.empty())
          .distinct()
          .toList();
    }

    private boolean isLeftOut(Step step, Optional<Side> side) {
      return marks(step, side).anyMatch(mark -> mark.map(StepMark::skipped).orElse(false));
    }

    /** Done or left out, on that side where it is done on each; on both where nobody asks. */
    private boolean isOver(Step step, Optional<Side> side) {
      return marks(step, side).allMatch(Optional::isPresent);
    }

    private Stream<Optional<StepMark>> marks(Step step, Optional<Side> side) {
      if (!step.eachSide()) {
        return Stream.of(mark(step, Optional.empty()));
      }
      return side.map(Stream::of)
          .orElse(Stream.of(Side.values()))
          .map(one -> mark(step, Optional.of(one)));
    }
  }

  private static StepLine line(Step step, Optional<Side> side, Order order, Known known) {
    Map<Precondition, Sentence> missing = known.missing(side);
    List<Sentence> waitsFor =
        Stream.concat(
                step.needs().stream().filter(missing::containsKey).map(missing::get),
                order.missing(step, side).stream())
            .distinct()
            .toList();
    return new StepLine(
        step,
        side,
        waitsFor,
        step.reads().filter(reading -> !known.isRead(reading, side)),
        order.mark(step, side));
  }

  public boolean isDone() {
    return lines.stream().allMatch(line -> line.mark().isPresent());
  }

  /** What was gone on without, and what was left out: it is not passed in silence. */
  public List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    for (StepLine line : lines) {
      line.mark()
          .filter(mark -> mark.skipped() || !mark.without().isEmpty())
          .ifPresent(mark -> findings.add(waived(line, mark)));
    }
    return findings;
  }

  private static Finding waived(StepLine line, StepMark mark) {
    FindingKey key = FindingKey.of("step.waived", line.subject());
    Sentence says =
        mark.skipped()
            ? WorkflowWords.stepLeftOut(line.words())
            : WorkflowWords.doneWithout(line.words(), mark.without());
    Finding finding =
        Finding.plain(key, Verdict.AT_EDGE, WAIVED, says)
            .withDetail(WorkflowWords.becauseOf(mark.by(), mark.reason()));
    return line.step().comesOff().isEmpty()
        ? finding
        : finding.withRemedy(
            Remedy.of(
                Remedy.Action.REFIT,
                Remedy.Page.valueOf(line.step().stage().name()),
                WorkflowWords.doLater(line.step().comesOff())));
  }
}

package mellow.core.workflow.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Figure;
import mellow.core.finding.Source;
import mellow.core.workflow.Stage;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.WorkflowWords;

/**
 * The minutes that a stage is expected to take.
 *
 * @param minutes how many
 * @param source own earlier jobs, else common practice
 */
public record Expected(Figure minutes, Source source) {
  private static final double THREE_BOLT_PAIR = 20;
  private static final double BUMPER_OFF = 180;

  /** Work for which a pair of headlamps comes out; practice says nothing of other lamps. */
  private static final Set<WorkKind> LAMPS_COME_OUT = Set.of(WorkKind.SWAP, WorkKind.RETROFIT);

  /** What is expected of a stage; empty where neither own jobs nor practice say anything. */
  static Optional<Expected> of(Stage stage, TakeIn takeIn, List<PastJob> past) {
    List<Integer> own =
        past.stream()
            .filter(job -> isAlike(job, stage, takeIn))
            .map(job -> job.minutes().get(stage))
            .sorted()
            .toList();
    if (!own.isEmpty()) {
      return Optional.of(
          new Expected(
              Figure.minutes(median(own)), Source.derived(WorkflowWords.srcOwnJobs(own.size()))));
    }
    return stage == Stage.APART ? practice(takeIn) : Optional.empty();
  }

  private static boolean isAlike(PastJob job, Stage stage, TakeIn takeIn) {
    List<WorkKind> shared = new ArrayList<>(job.kinds());
    shared.retainAll(takeIn.kinds());
    return job.minutes().containsKey(stage)
        && shared.stream().anyMatch(kind -> kind.stages().contains(stage))
        && (job.access() == takeIn.access() || !isOpened(stage));
  }

  private static boolean isOpened(Stage stage) {
    return Set.of(Stage.APART, Stage.TOGETHER).contains(stage);
  }

  private static double median(List<Integer> sorted) {
    int middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(middle)
        : (sorted.get(middle - 1) + sorted.get(middle)) / 2.0;
  }

  private static Optional<Expected> practice(TakeIn takeIn) {
    if (takeIn.access() == TakeIn.Access.BUMPER_OFF) {
      return Optional.of(
          new Expected(
              Figure.minutes(BUMPER_OFF), Source.commonPractice(WorkflowWords.srcBumperOff())));
    }
    return takeIn.kinds().stream().anyMatch(LAMPS_COME_OUT::contains)
        ? Optional.of(
            new Expected(
                Figure.minutes(THREE_BOLT_PAIR),
                Source.commonPractice(WorkflowWords.srcThreeBolt())))
        : Optional.empty();
  }
}

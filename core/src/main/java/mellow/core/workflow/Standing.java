package mellow.core.workflow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.Horizon;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;

/**
 * Where a whole job stands.
 *
 * @param stage where the work stands
 * @param verdict on what is next there
 * @param headline what is next there
 * @param stages in order of work
 * @param horizon the stages along a strip, with all findings as marks
 */
public record Standing(
    Stage stage, Verdict verdict, Sentence headline, List<Stage> stages, Horizon horizon) {
  public Standing {
    stages = List.copyOf(stages);
  }

  /**
   * Looks at the last stage that was begun, then at what was left above the horizon before it, then
   * onwards. A job that was handed over stands there, whatever it was signed with.
   *
   * @param planned the stages of the plan, in order; not empty
   * @param known how stages stand, as far as that is known; of those that are not planned the begun
   *     ones count
   */
  public static Standing of(List<Stage> planned, List<StageStanding> known) {
    List<StageStanding> standings = new ArrayList<>();
    for (Stage stage : planned) {
      standings.add(
          known.stream()
              .filter(standing -> standing.stage() == stage)
              .findFirst()
              .orElse(StageStanding.untouched(stage)));
    }
    known.stream()
        .filter(standing -> standing.begun() && !planned.contains(standing.stage()))
        .sorted(Comparator.comparing(StageStanding::stage))
        .forEach(standing -> standings.add(placeFor(standing.stage(), standings), standing));
    int present = present(standings);
    StageStanding there = standings.get(present);
    List<Stage> stages = standings.stream().map(StageStanding::stage).toList();
    StageStanding.Open next =
        there.next().or(() -> passedOver(there, standings)).orElseGet(() -> next(there));
    return new Standing(
        there.stage(),
        next.verdict(),
        next.headline(),
        stages,
        new Horizon(stages.stream().map(Sentence::term).toList(), present, marks(standings)));
  }

  /** Behind the last stage that usually comes before it. */
  private static int placeFor(Stage stage, List<StageStanding> standings) {
    int place = 0;
    for (int i = 0; i < standings.size(); i++) {
      if (standings.get(i).stage().compareTo(stage) < 0) {
        place = i + 1;
      }
    }
    return place;
  }

  private static int present(List<StageStanding> standings) {
    int last = standings.size() - 1;
    if (isHandedOver(standings.get(last))) {
      return last;
    }
    int reached = 0;
    for (int i = 0; i <= last; i++) {
      if (standings.get(i).begun()) {
        reached = i;
      }
    }
    if (reached < last && standings.get(reached).isOpen()) {
      return reached;
    }
    for (int i = 0; i < reached; i++) {
      if (standings.get(i).isOut()) {
        return i;
      }
    }
    for (int i = reached + 1; i < last; i++) {
      if (standings.get(i).isOpen() || !standings.get(i).begun()) {
        return i;
      }
    }
    return last;
  }

  private static boolean isHandedOver(StageStanding standing) {
    return standing.stage() == Stage.HAND_OVER && standing.begun();
  }

  /** Before it is handed over, what was planned and nobody began is not called done. */
  private static Optional<StageStanding.Open> passedOver(
      StageStanding there, List<StageStanding> standings) {
    List<Sentence> names =
        standings.stream()
            .filter(one -> !one.begun() && one != there && one.stage() != Stage.FEED)
            .map(one -> Sentence.term(one.stage()))
            .toList();
    return there.stage() != Stage.HAND_OVER || there.begun() || names.isEmpty()
        ? Optional.empty()
        : Optional.of(new StageStanding.Open(Verdict.NOT_KNOWN, WorkflowWords.notBegun(names)));
  }

  private static StageStanding.Open next(StageStanding there) {
    if (isHandedOver(there)) {
      return new StageStanding.Open(Verdict.WITHIN, WorkflowWords.handedOver());
    }
    return new StageStanding.Open(
        Verdict.WITHIN,
        there.stage() == Stage.HAND_OVER
            ? WorkflowWords.nothingOut()
            : WorkflowWords.next(there.stage()));
  }

  private static List<Horizon.Mark> marks(List<StageStanding> standings) {
    List<Horizon.Mark> marks = new ArrayList<>();
    for (int i = 0; i < standings.size(); i++) {
      for (Finding finding : standings.get(i).findings()) {
        marks.add(Horizon.Mark.of(i, finding));
      }
    }
    return marks;
  }
}

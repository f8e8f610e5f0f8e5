package mellow.core.stance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;

/**
 * What of the lamps was measured before anything came off. Nobody can go back to it later.
 *
 * @param heights whether the height of the mark on each lens was
 * @param spacing whether the distance between the two marks was
 */
public record LampRecord(BySide<Boolean> heights, boolean spacing) {
  private static final Source PRACTICE = Source.commonPractice(StanceWords.srcMark());

  /** What is still to be measured; empty where nothing is. */
  public Optional<Finding> missing() {
    List<Sentence> open = new ArrayList<>();
    for (Side side : Side.values()) {
      if (!heights.on(side)) {
        open.add(StanceWords.heightOf(side));
      }
    }
    if (!spacing) {
      open.add(StanceWords.spacing());
    }
    return open.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Finding.plain(
                    FindingKey.of("came.lamps", Subject.Vehicle.WHOLE),
                    Verdict.NOT_KNOWN,
                    PRACTICE,
                    StanceWords.notMeasured(open))
                .withRemedy(
                    Remedy.of(
                        Remedy.Action.MEASURE, Remedy.Page.CAME, StanceWords.measureLamps())));
  }
}

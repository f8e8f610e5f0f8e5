package mellow.core.aim.wall;

import java.util.ArrayList;
import java.util.List;
import mellow.core.aim.Floor;
import mellow.core.aim.WallInput;
import mellow.core.aim.lamp.PairSheet;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;

/**
 * The whole stage "Wall", computed from what was read.
 *
 * @param floor the bay's floor
 * @param pairs the pairs of lamps, low beam first
 * @param findings all verdicts, in order of work
 * @param steps the order of work with where it stands
 * @param next the worst thing and what to do next
 */
public record WallSheet(
    Floor floor,
    List<PairSheet> pairs,
    List<Finding> findings,
    List<WorkStep> steps,
    NextStep next) {

  /** Computes the sheet. The same input gives the same sheet. */
  public static WallSheet of(WallInput input) {
    Floor floor = Floor.of(input.survey());
    List<PairSheet> pairs =
        input.pairs().stream().map(pair -> PairSheet.of(input, pair, floor)).toList();
    List<Finding> findings = new ArrayList<>(floor.findings());
    input.scope().doubt(input.market()).ifPresent(findings::add);
    pairs.forEach(pair -> findings.addAll(pair.allFindings()));
    return new WallSheet(
        floor,
        pairs,
        List.copyOf(findings),
        WorkStep.of(floor, pairs),
        NextStep.of(floor, pairs, findings));
  }

  /** The gravest verdict of all. */
  public Verdict worst() {
    return findings.stream().map(Finding::verdict).reduce(Verdict.WITHIN, Verdict::or);
  }
}

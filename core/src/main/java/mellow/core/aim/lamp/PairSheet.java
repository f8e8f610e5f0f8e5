package mellow.core.aim.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import mellow.core.aim.Astride;
import mellow.core.aim.Floor;
import mellow.core.aim.PairInput;
import mellow.core.aim.School;
import mellow.core.aim.WallInput;
import mellow.core.finding.Finding;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * Everything about the aim of one pair of lamps.
 *
 * @param skewDeg how far the vehicle heads to the right of square
 * @param lamps the lamps, with what their latest readings come to
 * @param findings verdicts on the pair as a whole
 */
public record PairSheet(
    LampKind kind,
    School school,
    OptionalDouble skewDeg,
    BySide<LampSheet> lamps,
    List<Finding> findings) {

  public static PairSheet of(WallInput wall, PairInput pair, Floor floor) {
    PairGeometry geometry = new PairGeometry(pair, floor, wall.marks());
    Astride astride = Astride.of(pair, wall.market());
    Schools schools = new Schools(wall, pair, geometry, astride);
    List<Finding> findings = new ArrayList<>(geometry.findings());
    astride.finding().ifPresent(findings::add);
    findings.addAll(new Toe(pair, geometry.lamps(), wall.market().aside()).judge());
    return new PairSheet(
        pair.kind(),
        pair.kind() == LampKind.DIPPED ? pair.school() : School.RULE,
        geometry.skewDeg(),
        BySide.of(
            side ->
                new LampJudge(wall, pair, geometry, new LampJudge.By(schools, astride), side)
                    .judge()),
        List.copyOf(findings));
  }

  /** All findings of the pair, in order of work. */
  public List<Finding> allFindings() {
    List<Finding> all = new ArrayList<>(findings);
    for (Side side : Side.values()) {
      all.addAll(lamps.on(side).findings());
    }
    return all;
  }
}

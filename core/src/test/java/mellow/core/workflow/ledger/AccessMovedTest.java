package mellow.core.workflow.ledger;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.Side;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.ledger.LedgerRow.AsFound;
import mellow.core.workflow.ledger.LedgerRow.What;
import org.junit.jupiter.api.Test;

/** A headlamp that came off only for access is proved and aimed again. Common practice. */
class AccessMovedTest {
  private static Ledger off(String piece) throws LedgerProblem {
    return Ledger.of(
        List.of(
            new LedgerEntry.Out(
                new LedgerRow(
                    "p",
                    1,
                    new What(FastenerKind.PIECE, piece, "", ""),
                    Optional.empty(),
                    "",
                    "",
                    "",
                    AsFound.SOUND,
                    false,
                    1,
                    "",
                    false,
                    ""))));
  }

  private static List<Finding> of(
      String piece, WorkKind kind, boolean wall, boolean proved, boolean aimed) throws Exception {
    return AccessMoved.of(off(piece), new AccessMoved.Around(Set.of(kind), wall, proved, aimed));
  }

  @Test
  void staysOpenUntilProvedAndAimed() throws Exception {
    List<Finding> open = of("Left headlamp", WorkKind.FOG, false, true, false);
    assertThat(open).extracting(Finding::verdict).containsExactly(Verdict.NOT_KNOWN);
    assertThatFinding(open.get(0)).advises("ledger.planWall");
    assertThatFinding(of("Left headlamp", WorkKind.FOG, true, false, true).get(0))
        .advises("ledger.proveAndRead");
    assertThat(of("left headlamp", WorkKind.DRL, true, true, true))
        .extracting(Finding::verdict)
        .containsExactly(Verdict.WITHIN);
  }

  @Test
  void isNothingWhereHeadlampsAreTheWorkItself() throws Exception {
    assertThat(of("left headlamp", WorkKind.SWAP, true, false, false)).isEmpty();
    assertThat(of("bumper", WorkKind.FOG, true, false, false)).isEmpty();
  }

  @Test
  void sideIsAsTheLampIsNamedOrElseBoth() throws Exception {
    assertThat(AccessMoved.headlampsOff(off("left headlamp"))).containsExactly(Side.LEFT);
    assertThat(AccessMoved.headlampsOff(off("Headlamp"))).containsExactly(Side.LEFT, Side.RIGHT);
    assertThat(AccessMoved.headlampsOff(off("bumper"))).isEmpty();
  }
}

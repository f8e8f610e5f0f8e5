package mellow.core.handover;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import org.junit.jupiter.api.Test;

/** Common practice: whatever the work moved is aimed again, and not passed over in silence. */
class UnaimedTest {
  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  private static TakeIn takeIn(boolean loosened, WorkKind... kinds) {
    return new TakeIn(
        Set.of(kinds), TakeIn.Access.BUMPER_OFF, false, loosened, true, Set.of(), false, List.of());
  }

  private static List<Finding> of(TakeIn takeIn, Map<LampKind, Set<Side>> read) {
    return Unaimed.of(takeIn, Set.of(), read);
  }

  private static List<String> names(List<Finding> findings) {
    return findings.stream().map(finding -> Said.keyed(finding.headline())).toList();
  }

  @Test
  void swappedLampsAreReadOnBothSides() {
    TakeIn swap = takeIn(false, WorkKind.SWAP);
    List<Finding> unread = of(swap, Map.of(LampKind.DIPPED, Set.of(Side.LEFT)));
    assertThatFinding(unread.get(0)).is(Verdict.OUT).advises("handover.readIt", "spot=false");
    assertThat(names(unread)).containsExactly("handover.unread function=DIPPED, side=RIGHT");
    assertThat(of(swap, Map.of(LampKind.DIPPED, BOTH))).isEmpty();
  }

  @Test
  void fogJobAsksForTheFogLampsAndForHeadlampsThatCameLoose() {
    Map<LampKind, Set<Side>> fogs = Map.of(LampKind.FRONT_FOG, BOTH);
    assertThat(of(takeIn(false, WorkKind.FOG), fogs)).isEmpty();
    assertThat(names(of(takeIn(true, WorkKind.FOG), fogs)))
        .hasSize(2)
        .allMatch(name -> name.contains("function=DIPPED"));
    List<Finding> unread = of(takeIn(false, WorkKind.FOG), Map.of(LampKind.DIPPED, BOTH));
    assertThat(names(unread)).hasSize(2).allMatch(name -> name.contains("function=FRONT_FOG"));
    assertThatFinding(unread.get(0)).advises("handover.enterLens");
  }

  /** Running lamps are not aimed; pods only where they are aimed as fog lamps. */
  @Test
  void nothingIsAskedOfWhatIsNotAimed() {
    assertThat(of(takeIn(false, WorkKind.DRL, WorkKind.REPAIR), Map.of())).isEmpty();
    assertThat(of(takeIn(false, WorkKind.PODS), Map.of())).isEmpty();
    assertThat(of(takeIn(false, WorkKind.PODS), Map.of(LampKind.FRONT_FOG, Set.of()))).hasSize(2);
  }

  /** A lamp that came off for a repair, or to get at something, is read on its side. */
  @Test
  void headlampThatCameOffForWhateverReasonIsReadAgain() {
    TakeIn repair = takeIn(false, WorkKind.REPAIR);
    Map<LampKind, Set<Side>> right = Map.of(LampKind.DIPPED, Set.of(Side.RIGHT));
    assertThat(names(Unaimed.of(repair, Set.of(Side.LEFT), right)))
        .containsExactly("handover.unread function=DIPPED, side=LEFT");
    assertThat(Unaimed.of(repair, Set.of(Side.RIGHT), right)).isEmpty();
  }
}

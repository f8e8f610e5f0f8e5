package mellow.core.placement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mellow.core.finding.Horizon;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampFunction;
import org.junit.jupiter.api.Test;

/** The work stands at the first pair that is not in order, and at the drill once all are. */
class PlaceHorizonTest {
  /** UN R48 6.3.4.2 (from memory): front fog lamps not below 250 mm. */
  private static final LampPair FOG =
      Fronts.named("fog", Fronts.square(LampFunction.FRONT_FOG, 80, 600, 330));

  private static final LampPair LOW =
      Fronts.named("low", Fronts.square(LampFunction.FRONT_FOG, 80, 600, 230));

  private static Horizon of(LampPair... pairs) {
    Front front = Fronts.front(1800, pairs);
    return PlaceHorizon.of(
        front, PlaceSheet.of(front, List.of(Fronts.rules("un-r48")), Fronts.TAPE_MM));
  }

  @Test
  void frontWithoutLampsBeginsWithThem() {
    Horizon empty = of();
    assertThat(Said.keyed(empty.parts()))
        .containsExactly("placement.partLamps", "placement.partDrill");
    assertThat(empty.present()).isZero();
    assertThat(empty.marks()).isEmpty();
  }

  @Test
  void marksStandAtTheirOwnPair() {
    Horizon two = of(FOG, LOW);
    assertThat(Said.keyed(two.parts())).hasSize(3).last().isEqualTo("placement.partDrill");
    assertThat(two.marks())
        .filteredOn(mark -> mark.verdict() == Verdict.OUT)
        .filteredOn(mark -> mark.findingId().contains("edge"))
        .isNotEmpty()
        .allSatisfy(
            mark -> {
              assertThat(mark.part()).isEqualTo(1);
              assertThat(mark.share()).isNegative();
            });
    assertThat(of(LOW, FOG).present()).isZero();
  }
}

package mellow.core.feed.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Said;
import mellow.core.finding.Working.Line;
import mellow.core.formats.FeedPlanBook;
import org.junit.jupiter.api.Test;

/** What is shown of a node adds up, against Ohm's law by hand. */
class NodeWorkingTest {
  private static final Controls RUN = Controls.OFF.with(Key.RUN);

  private static NodeWorking at(String node, Controls controls) throws FeedProblem {
    PlannedFeed feed =
        PlannedFeed.of(FeedPlanBook.byId("drl-tap").orElseThrow(), Map.of(), Map.of());
    return NodeWorking.of(feed, controls, node);
  }

  /**
   * Two lamps of 8 W at about 12.7 V take 1.26 A. On the way of it: a tap fuse of 5 A with 20 mΩ,
   * 1.2 m of 0.75 mm² at 40 °C with 29.8 mΩ; half of it through 0.8 m to the left with 19.8 mΩ.
   */
  @Test
  void fromTheBatteryToALamp() throws Exception {
    NodeWorking left = at("left drl +", RUN);
    List<Line> lines = left.working().lines();
    assertThat(lines)
        .extracting(line -> Said.pattern(line.label()))
        .containsExactly("battery", "key, ignition", "fuse tap", "drl feed", "left branch");
    assertThat(lost(lines, 2)).isCloseTo(1.26 * 0.020, within(0.003));
    assertThat(lost(lines, 3)).isCloseTo(1.26 * 0.0298, within(0.002));
    assertThat(lost(lines, 4)).isCloseTo(0.63 * 0.0198, within(0.001));
    assertThat(lines.get(4).result().value()).isEqualTo(left.volts().value());
  }

  private static double lost(List<Line> lines, int at) {
    return lines.get(at - 1).result().value() - lines.get(at).result().value();
  }

  /** 0.63 A lift it over 0.5 m of the return with 12.4 mΩ, and what grounds the body. */
  @Test
  void behindALampItIsLiftedFromGround() throws Exception {
    NodeWorking minus = at("left drl -", RUN);
    assertThat(Said.keyed(minus.working().lines().get(0).label())).isEqualTo("feed.negativePost");
    assertThat(minus.working().lines())
        .extracting(line -> Said.pattern(line.label()))
        .endsWith("left return");
    assertThat(minus.volts().value()).isBetween(0.63 * 0.0124, 0.63 * 0.0124 + 1.26 * 0.005);
  }

  @Test
  void nothingLeadsToWhatIsSwitchedOff() throws Exception {
    NodeWorking dead = at("left drl +", Controls.OFF);
    assertThat(dead.working().lines()).isEmpty();
    assertThat(dead.volts().value()).isCloseTo(0, within(1e-3));
    assertThatThrownBy(() -> at("left drl ++", RUN))
        .isInstanceOf(FeedProblem.class)
        .hasMessageContaining("feed.noPoint");
  }
}

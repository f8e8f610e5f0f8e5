package mellow.core.circuit.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FactoryBook;
import mellow.core.formats.FeedPlanBook;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Kirchhoff's law of currents at every node, those that were eliminated among them. */
class KronReductionTest {
  /** Rounding of some hundred amperes. */
  private static final double NOTHING_AMPS = 1e-9;

  static Stream<FeedPlan> plans() {
    return Stream.concat(FeedPlanBook.all().stream(), FactoryBook.all().stream());
  }

  @ParameterizedTest
  @MethodSource("plans")
  void lampsAndDiodesAloneSettleAWholeCircuit(FeedPlan plan) throws FeedProblem {
    Circuit circuit = PlannedFeed.usual(plan).circuit();
    List<Controls> positions = plan.states().stream().map(DrivingState::controls).toList();
    Network network = new Network(circuit, Wiring.of(circuit), Network.LEAK_SIEMENS);
    double[] volts = new double[network.size()];
    for (Solution solution : new Solver(circuit).inTurn(positions)) {
      Situation now = new Situation(solution.controls(), solution.states(), Set.of());
      // from where the last one came to rest: lamps go out as well as on
      assertThat(network.settleReduced(network.laws(now), volts)).as("%s", now).isTrue();
      leaving(circuit, now, network, volts)
          .forEach(
              (node, amps) ->
                  assertThat(Math.abs(amps)).as("%s, %s", node, now).isLessThan(NOTHING_AMPS));
    }
  }

  /** What leaves each node through all branches, A. */
  private static Map<String, Double> leaving(
      Circuit circuit, Situation now, Network network, double[] volts) {
    Map<String, Double> leaving = new HashMap<>();
    for (Part part : circuit.parts()) {
      List<Branch> branches = part.branches();
      for (int i = 0; i < branches.size(); i++) {
        Branch branch = branches.get(i);
        double across = at(branch.from(), network, volts) - at(branch.to(), network, volts);
        double amps = part.law(i, now).current(across);
        leaving.merge(branch.from(), amps, Double::sum);
        leaving.merge(branch.to(), -amps, Double::sum);
      }
    }
    leaving.remove(Circuit.GROUND);
    return leaving;
  }

  private static double at(String node, Network network, double[] volts) {
    return node.equals(Circuit.GROUND) ? 0 : volts[network.number(node)];
  }
}

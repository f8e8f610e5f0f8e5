package mellow.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Kirchhoff's laws and the balance of power, on circuits built at random. */
class KirchhoffTest {
  static LongStream seeds() {
    return LongStream.range(0, 200);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatComesToANodeLeavesIt(long seed) {
    Circuit circuit = RandomCircuits.of(seed);
    Solution solution = new Solver(circuit).solve(RandomCircuits.controls(seed));
    assertThat(solution.converged()).isTrue();
    for (Solution.Phase phase : solution.phases()) {
      Map<String, Double> sums = new HashMap<>();
      for (Part part : circuit.parts()) {
        List<Branch> branches = part.branches();
        for (int i = 0; i < branches.size(); i++) {
          double amps = phase.point().amps(part, i);
          sums.merge(branches.get(i).from(), amps, Double::sum);
          sums.merge(branches.get(i).to(), -amps, Double::sum);
        }
      }
      sums.forEach((node, amps) -> assertThat(amps).as(node).isCloseTo(0, within(1e-9)));
      assertThat(phase.point().watts()).isCloseTo(0, within(1e-6));
    }
  }
}

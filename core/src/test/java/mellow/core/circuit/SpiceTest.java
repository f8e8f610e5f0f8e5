package mellow.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.LongStream;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.circuit.solve.SpiceNetlist;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Against a general circuit simulator, Debian's ngspice: it solves the exported netlist by methods
 * of its own. {@code -Dspice.circuits=N} tries more of them.
 */
class SpiceTest {
  @TempDir Path directory;

  static LongStream seeds() {
    return LongStream.range(1000, 1000 + Integer.getInteger("spice.circuits", 60));
  }

  private static int tried;
  private static int compared;

  @ParameterizedTest
  @MethodSource("seeds")
  void simulatorFindsTheSameVoltagesAndCurrents(long seed) throws Exception {
    Circuit circuit = RandomCircuits.of(seed);
    Solution solution = new Solver(circuit).solve(RandomCircuits.controls(seed));
    tried += solution.phases().size();
    compared += new Ngspice(directory).agrees(circuit, solution, "random " + seed);
  }

  /** A check that is mostly passed over would check nothing. */
  @AfterAll
  static void nearlyAllWereCompared() {
    assertThat(compared).isGreaterThan(tried * 95 / 100);
  }

  /** What a flasher and a dimmer do over time has the mean that is solved from their phases. */
  @Test
  void whatIsPulsedHasTheSameMeanOverTime() throws Exception {
    Emitter.Use use = new Emitter.Use(LampFunction.TURN, Side.LEFT);
    Circuit flashing =
        Circuit.of(
            Supply.Battery.charged("battery", "plus"),
            new Pulsed.Flasher("flasher", "plus", "49a", 0),
            new Joining.Joint("lead", "49a", "lamp", 0.2, true),
            new Emitter.Bulb("bulb", use, "lamp", Circuit.GROUND, 12.8, 27));
    Circuit dimmed =
        Circuit.of(
            Supply.Battery.charged("battery", "plus"),
            new Pulsed.Dimmer("dimmer", "plus", "out", 0.3),
            new Joining.Joint("lead", "out", "lamp", 0.5, true),
            new Load("load", "lamp", Circuit.GROUND, 6, 30));
    new Ngspice(directory)
        .agreesOverTime(flashing, new Solver(flashing).solve(Controls.OFF), List.of("lamp", "49a"));
    new Ngspice(directory)
        .agreesOverTime(dimmed, new Solver(dimmed).solve(Controls.OFF), List.of("lamp", "out"));
  }

  @Test
  void namesOfPeopleCannotBecomeLinesOfTheNetlist() {
    Circuit circuit =
        Circuit.of(
            Supply.Battery.charged("battery", "plus\n.include /etc/passwd"),
            new Load("x\nR9 0 n1 1", "plus\n.include /etc/passwd", Circuit.GROUND, 10, 5));
    String netlist =
        SpiceNetlist.of(circuit, new Situation(Controls.OFF, Map.of(), Set.of()), "a\n.end");
    assertThat(netlist.lines())
        .allMatch(line -> line.startsWith("*") || line.matches("[VR]\\w+ \\S+ \\S+ .*|\\..*"))
        .noneMatch(line -> line.startsWith(".include") || line.startsWith("R9"));
    assertThat(netlist.lines().filter(line -> line.equals(".end"))).hasSize(1);
  }
}

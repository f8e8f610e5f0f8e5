package mellow.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.LongStream;
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
  private static final Pattern PRINTED = Pattern.compile("(v\\(\\S+\\)|@\\S+) = (\\S+)");

  @TempDir Path directory;

  static LongStream seeds() {
    return LongStream.range(1000, 1000 + Integer.getInteger("spice.circuits", 60));
  }

  private static int tried;
  private static int compared;

  @ParameterizedTest
  @MethodSource("seeds")
  void simulatorFindsTheSameVoltagesAndCurrents(long seed) throws Exception {
    tried++;
    Circuit circuit = RandomCircuits.of(seed);
    Controls controls = RandomCircuits.controls(seed);
    Solution solution = new Solver(circuit).solve(controls);
    Situation settled = new Situation(controls, solution.states(), Set.of());
    Map<String, String> nodes = SpiceNetlist.nodesOf(circuit);
    StringBuilder asks = new StringBuilder();
    nodes.values().stream()
        .filter(node -> !node.equals("0"))
        .forEach(node -> asks.append("print v(").append(node).append(")\n"));
    named(circuit, settled).forEach(name -> asks.append("print @").append(name).append("[i]\n"));
    Map<String, Double> theirs =
        simulated(SpiceNetlist.of(circuit, settled, "random " + seed), asks);
    assertThat(solution.converged()).isTrue();
    assumeTrue(theirs.containsKey("v(n1)"), "the simulator found no solution");
    compared++;
    Set<String> live = new HashSet<>();
    int number = 0;
    for (Part part : circuit.parts()) {
      for (int i = 0; i < part.branches().size(); i++) {
        number++;
        double ours = solution.on().amps(part, i);
        if (Math.abs(ours) > 1e-9) {
          live.add(part.branches().get(i).from());
          live.add(part.branches().get(i).to());
        }
        for (String kind : List.of("r", "b")) {
          Double amps = theirs.get("@" + kind + number + "[i]");
          if (amps != null) {
            assertThat(amps)
                .as(part.id())
                .isCloseTo(ours, within(Math.max(0.001, 0.005 * Math.abs(ours))));
          }
        }
      }
    }
    // where nothing flows, a node hangs on a leak of 1 TΩ, and rounding sets its last millivolts
    nodes.forEach(
        (node, name) -> {
          if (!name.equals("0")) {
            assertThat(theirs.get("v(" + name + ")"))
                .as(node)
                .isCloseTo(solution.on().at(node), within(live.contains(node) ? 0.005 : 0.05));
          }
        });
  }

  /** A check that is mostly passed over would check nothing. */
  @AfterAll
  static void nearlyAllWereCompared() {
    assertThat(compared).isGreaterThan(tried * 95 / 100);
  }

  /** How the netlist calls each branch that conducts. */
  private static List<String> named(Circuit circuit, Situation now) {
    List<String> named = new ArrayList<>();
    int number = 0;
    for (Part part : circuit.parts()) {
      for (int i = 0; i < part.branches().size(); i++) {
        number++;
        Law law = part.law(i, now);
        if (!(law instanceof Law.Open)) {
          boolean resistor = law instanceof Law.Resistance || law instanceof Law.Source;
          named.add((resistor ? "r" : "b") + number);
        }
      }
    }
    return named;
  }

  private Map<String, Double> simulated(String netlist, CharSequence asks)
      throws IOException, InterruptedException {
    Path file = directory.resolve("circuit.cir");
    String control = ".control\nset numdgt=10\nop\n" + asks + ".endc\n.end\n";
    Files.writeString(file, netlist.replace(".op\n.end\n", control));
    Process process =
        new ProcessBuilder("ngspice", "-b", file.toString())
            .redirectErrorStream(true)
            .directory(directory.toFile())
            .start();
    String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
    Map<String, Double> values = new HashMap<>();
    Matcher matcher = PRINTED.matcher(printed);
    while (matcher.find()) {
      values.put(matcher.group(1), Double.valueOf(matcher.group(2)));
    }
    return values;
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

package mellow.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
import mellow.core.circuit.solve.Point;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.SpiceNetlist;

/** A general circuit simulator, Debian's ngspice, run on exported netlists. */
public final class Ngspice {
  private static final Pattern PRINTED = Pattern.compile("(v\\(\\S+\\)|@\\S+) = (\\S+)");

  private static final Pattern MEASURED = Pattern.compile("(?m)^(mean_\\S+)\\s+= +(\\S+)");

  private final Path directory;

  /**
   * @param directory for the netlists
   */
  public Ngspice(Path directory) {
    this.directory = directory;
  }

  /**
   * Has every phase of a solution solved anew, and compares every node to 5 mV, every branch to 0.5
   * % or 1 mA.
   *
   * @return how many of its phases the simulator found a solution for
   */
  public int agrees(Circuit circuit, Solution solution, String title)
      throws IOException, InterruptedException {
    assertThat(solution.converged()).as(title).isTrue();
    int solved = 0;
    for (Solution.Phase phase : solution.phases()) {
      Situation settled = new Situation(solution.controls(), solution.states(), phase.off());
      Map<String, Double> theirs = simulated(circuit, settled, title);
      if (theirs.containsKey("v(n1)")) {
        solved++;
        compare(circuit, phase.point(), theirs, title);
      }
    }
    return solved;
  }

  private static void compare(
      Circuit circuit, Point ours, Map<String, Double> theirs, String title) {
    Set<String> live = new HashSet<>();
    int number = 0;
    for (Part part : circuit.parts()) {
      for (int i = 0; i < part.branches().size(); i++) {
        number++;
        double amps = ours.amps(part, i);
        if (Math.abs(amps) > 1e-9) {
          live.add(part.branches().get(i).from());
          live.add(part.branches().get(i).to());
        }
        for (String kind : List.of("r", "b")) {
          Double found = theirs.get("@" + kind + number + "[i]");
          if (found != null) {
            assertThat(found)
                .as(title + ": " + part.id())
                .isCloseTo(amps, within(Math.max(0.001, 0.005 * Math.abs(amps))));
          }
        }
      }
    }
    // where nothing flows, a node hangs on a leak of 1 TΩ, and rounding sets its last millivolts
    SpiceNetlist.nodesOf(circuit)
        .forEach(
            (node, name) -> {
              if (!name.equals("0")) {
                assertThat(theirs.get("v(" + name + ")"))
                    .as(title + ": " + node)
                    .isCloseTo(ours.at(node), within(live.contains(node) ? 0.005 : 0.05));
              }
            });
  }

  /**
   * Runs a pulsed circuit over one period of its slowest part, and compares the mean of every node
   * to 20 mV.
   *
   * @param nodes of the circuit, each of which carries something
   */
  public void agreesOverTime(Circuit circuit, Solution solution, List<String> nodes)
      throws IOException, InterruptedException {
    Map<String, String> names = SpiceNetlist.nodesOf(circuit);
    StringBuilder asks = new StringBuilder(".control\nrun\n");
    for (String node : nodes) {
      asks.append("meas tran mean_%1$s avg v(%1$s)\n".formatted(names.get(node)));
    }
    Map<String, Double> means =
        run(
            SpiceNetlist.overTime(circuit, solution, "pulsed")
                .replace(".end\n", asks + ".endc\n.end\n"),
            MEASURED);
    for (String node : nodes) {
      assertThat(means.get("mean_" + names.get(node)))
          .as(node)
          .isCloseTo(solution.average(point -> point.at(node)), within(0.02));
    }
  }

  private Map<String, Double> simulated(Circuit circuit, Situation now, String title)
      throws IOException, InterruptedException {
    StringBuilder asks = new StringBuilder();
    SpiceNetlist.nodesOf(circuit).values().stream()
        .filter(node -> !node.equals("0"))
        .forEach(node -> asks.append("print v(").append(node).append(")\n"));
    named(circuit, now).forEach(name -> asks.append("print @").append(name).append("[i]\n"));
    String control = ".control\nset numdgt=10\nop\n" + asks + ".endc\n.end\n";
    return run(SpiceNetlist.of(circuit, now, title).replace(".op\n.end\n", control), PRINTED);
  }

  private Map<String, Double> run(String netlist, Pattern printedAs)
      throws IOException, InterruptedException {
    Path file = directory.resolve("circuit.cir");
    Files.writeString(file, netlist);
    Process process =
        new ProcessBuilder("ngspice", "-b", file.toString())
            .redirectErrorStream(true)
            .directory(directory.toFile())
            .start();
    String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
    Map<String, Double> values = new HashMap<>();
    Matcher matcher = printedAs.matcher(printed);
    while (matcher.find()) {
      values.put(matcher.group(1), Double.valueOf(matcher.group(2)));
    }
    return values;
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
}

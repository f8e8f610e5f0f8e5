package mellow.core.circuit.solve;

import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Law;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Situation;

/**
 * A circuit in one phase of one situation as a SPICE netlist, for any general circuit simulator.
 * Nodes and branches are numbered; the names that people gave them stand in comments only, stripped
 * of whatever could be read as something else.
 */
public final class SpiceNetlist {
  private static final int LONGEST_NAME = 60;
  private static final int LONGEST_TITLE = 300;

  private final Map<String, String> nodes = new LinkedHashMap<>();
  private final StringBuilder lines = new StringBuilder();

  private SpiceNetlist() {
    nodes.put(Circuit.GROUND, "0");
  }

  /** Turn signals flash 60 to 120 times a minute. Common practice. */
  private static final double FLASH_HERTZ = 1.5;

  /** Body computers and modules dim at 100 to 200 Hz. Common practice. */
  private static final double PWM_HERTZ = 200;

  private static final int STEPS = 200;

  /** How long an edge takes, of its period. */
  private static final double EDGE = 1e-4;

  /** What each pulsed part is told by, by its id. */
  private final Map<String, String> clocks = new HashMap<>();

  /** The netlist, with an operating point asked for. */
  public static String of(Circuit circuit, Situation now, String title) {
    SpiceNetlist netlist = new SpiceNetlist();
    int number = 0;
    for (Part part : circuit.parts()) {
      List<Branch> branches = part.branches();
      for (int i = 0; i < branches.size(); i++) {
        netlist.branch(++number, part, branches.get(i), part.law(i, now));
      }
    }
    return netlist.text(title, ".op\n");
  }

  /**
   * The netlist over time: what is pulsed opens and closes, with the moving parts held where they
   * settled. One period of the slowest is asked for.
   */
  public static String overTime(Circuit circuit, Solution solution, String title) {
    SpiceNetlist netlist = new SpiceNetlist();
    Situation closed = new Situation(solution.controls(), solution.states(), Set.of());
    Situation open = new Situation(solution.controls(), solution.states(), pulsed(solution));
    DoubleSummaryStatistics periods = new DoubleSummaryStatistics();
    int number = 0;
    for (Part part : circuit.parts()) {
      List<Branch> branches = part.branches();
      boolean clocked = false;
      for (int i = 0; i < branches.size(); i++) {
        Law on = part.law(i, closed);
        Law off = part.law(i, open);
        number++;
        if (on.equals(off)) {
          netlist.branch(number, part, branches.get(i), on);
        } else {
          if (!clocked) {
            double period = 1 / hertz(part);
            periods.accept(period);
            netlist.clock(number, part, period, duty(part, solution));
            clocked = true;
          }
          netlist.switched(number, part, branches.get(i), on, off);
        }
      }
    }
    double period = periods.getCount() == 0 ? 1 / PWM_HERTZ : periods.getMax();
    double step = Math.min(period, periods.getMin()) / STEPS;
    return netlist.text(title, line(".tran %.6g %.6g 0 %.6g", step, period, step));
  }

  private static Set<String> pulsed(Solution solution) {
    return solution.phases().stream()
        .flatMap(phase -> phase.off().stream())
        .collect(Collectors.toSet());
  }

  private static double hertz(Part part) {
    return part instanceof Pulsed.Flasher ? FLASH_HERTZ : PWM_HERTZ;
  }

  private static double duty(Part part, Solution solution) {
    return part instanceof Pulsed steady
        ? steady.duty()
        : ((Moving) part).duty(solution.states().getOrDefault(part.id(), 0));
  }

  /** Closed at first, then open for the rest of its period. */
  private void clock(int number, Part part, double period, double duty) {
    clocks.put(part.id(), "clock" + number);
    double edge = period * EDGE;
    lines.append(
        line(
            "Vclock%1$d clock%1$d 0 PULSE(1 0 %2$.9g %3$.9g %3$.9g %4$.9g %5$.9g)",
            number, period * duty, edge, period * (1 - duty) - 2 * edge, period));
  }

  private void switched(int number, Part part, Branch branch, Law on, Law off) {
    String from = node(branch.from());
    String to = node(branch.to());
    String across = "V(%s,%s)".formatted(from, to);
    lines
        .append("* ")
        .append(plain(part.id()))
        .append(", pulsed\n")
        .append(
            line(
                "B%d %s %s I=(V(%s) > 0.5 ? %s : %s)",
                number,
                from,
                to,
                clocks.get(part.id()),
                on.expression(across),
                off.expression(across)));
  }

  private String text(String title, String asked) {
    nodes.values().stream()
        .filter(node -> !node.equals("0"))
        .forEach(
            node -> lines.append(line("Rleak%1$s %1$s 0 %2$.12g", node, 1 / Network.LEAK_SIEMENS)));
    StringBuilder text = new StringBuilder("* " + printable(title, LONGEST_TITLE) + "\n");
    nodes.forEach(
        (name, node) ->
            text.append("* node ").append(node).append(": ").append(plain(name)).append('\n'));
    return text.append(lines)
        .append(".options reltol=1e-9 abstol=1e-12 vntol=1e-9 itl1=500\n")
        .append(asked)
        .append(".end\n")
        .toString();
  }

  /** How the netlist calls a circuit's nodes: as {@link #of} numbers them. */
  public static Map<String, String> nodesOf(Circuit circuit) {
    SpiceNetlist netlist = new SpiceNetlist();
    circuit.parts().stream()
        .flatMap(part -> part.branches().stream())
        .forEach(
            branch -> {
              netlist.node(branch.from());
              netlist.node(branch.to());
            });
    return netlist.nodes;
  }

  private String node(String name) {
    return nodes.computeIfAbsent(name, fresh -> "n" + nodes.size());
  }

  private void branch(int number, Part part, Branch branch, Law law) {
    String from = node(branch.from());
    String to = node(branch.to());
    lines
        .append("* ")
        .append(plain(part.id()))
        .append(branch.name().isEmpty() ? "" : ", " + plain(branch.name()))
        .append(law instanceof Law.Open ? ", open\n" : "\n");
    if (law instanceof Law.Resistance resistance) {
      lines.append(line("R%d %s %s %.12g", number, from, to, resistance.ohms()));
    } else if (law instanceof Law.Source source) {
      lines.append(line("V%1$d s%1$d %2$s DC %3$.12g", number, to, source.volts()));
      lines.append(line("R%1$d %2$s s%1$d %3$.12g", number, from, source.ohms()));
    } else if (!(law instanceof Law.Open)) {
      String across = "V(%s,%s)".formatted(from, to);
      lines.append(line("B%d %s %s I=%s", number, from, to, law.expression(across)));
    }
  }

  private static String line(String format, Object... values) {
    return String.format(Locale.ROOT, format, values) + "\n";
  }

  private static String plain(String name) {
    return printable(name, LONGEST_NAME);
  }

  private static String printable(String text, int longest) {
    String printable = text.replaceAll("[^\\p{L}\\p{N} .,%/+_-]", "?");
    return printable.length() > longest ? printable.substring(0, longest) : printable;
  }
}

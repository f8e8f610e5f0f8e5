package mellow.core.circuit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A circuit in one phase of one situation as a SPICE netlist, for any general circuit simulator.
 * Nodes and branches are numbered; the names that people gave them stand in comments only, stripped
 * of whatever could be read as something else.
 */
public final class SpiceNetlist {
  private static final int LONGEST_NAME = 60;

  private final Map<String, String> nodes = new LinkedHashMap<>();
  private final StringBuilder lines = new StringBuilder();

  private SpiceNetlist() {
    nodes.put(Circuit.GROUND, "0");
  }

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
    netlist.nodes.values().stream()
        .filter(node -> !node.equals("0"))
        .forEach(
            node ->
                netlist.lines.append(
                    line("Rleak%1$s %1$s 0 %2$.12g", node, 1 / Network.LEAK_SIEMENS)));
    StringBuilder text = new StringBuilder("* " + plain(title) + "\n");
    netlist.nodes.forEach(
        (name, node) ->
            text.append("* node ").append(node).append(": ").append(plain(name)).append('\n'));
    return text.append(netlist.lines)
        .append(".options reltol=1e-9 abstol=1e-12 vntol=1e-9 itl1=500\n")
        .append(".op\n.end\n")
        .toString();
  }

  /** How the netlist calls a circuit's nodes: as {@link #of} numbers them. */
  static Map<String, String> nodesOf(Circuit circuit) {
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
    String printable = name.replaceAll("[^\\p{L}\\p{N} .,/+_-]", "?");
    return printable.length() > LONGEST_NAME ? printable.substring(0, LONGEST_NAME) : printable;
  }
}

package mellow.server.feed.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Supply;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.feed.Rails;

/**
 * What a circuit's drawing shows, before it is laid out: symbols with pins, and lines between them.
 *
 * @param boxes symbols, with those of bars and junctions
 * @param lines between pins
 */
public record Schematic(List<Box> boxes, List<Line> lines) {
  /**
   * A symbol.
   *
   * @param part whose symbol it is; empty for bars' ends and junctions
   */
  record Box(String id, String part, Symbol symbol, List<Pin> pins) {}

  /**
   * Where a line ends at a symbol.
   *
   * @param terminal as it is written beside it; may be empty
   * @param node of the circuit
   * @param top whether it stands at the symbol's upper edge
   */
  record Pin(String terminal, String node, boolean top) {}

  /** The pin of a box, by its place in the list. */
  record End(String box, int pin) {}

  /**
   * A line between two ends.
   *
   * @param wire the part that it stands for; empty where things are joined directly
   */
  record Line(String id, String wire, String node, End from, End to) {}

  public static Schematic of(PlannedFeed feed) {
    return new Builder(drawn(feed), feed.rails()).build();
  }

  /** What is new, what is fed by it, and of the factory's what leads to it. */
  private static List<PlannedPart> drawn(PlannedFeed feed) {
    List<PlannedPart> drawn =
        new ArrayList<>(
            feed.parts().stream().filter(part -> !(part.part() instanceof Supply)).toList());
    drawn.removeIf(part -> part.id().equals("ground strap"));
    drawn.removeIf(
        part ->
            part.factory()
                && part.part() instanceof Emitter lamp
                && (!feed.plan().functions().contains(lamp.use().function())
                    || feed.parts().stream()
                        .anyMatch(
                            one ->
                                !one.factory()
                                    && one.part() instanceof Emitter other
                                    && other.use().function() == lamp.use().function())));
    while (drawn.removeIf(part -> part.factory() && leadsNowhere(part, drawn, feed.rails()))) {
      // each removal can leave another end loose
    }
    return drawn;
  }

  private static boolean leadsNowhere(PlannedPart part, List<PlannedPart> drawn, Rails rails) {
    return part.part().branches().stream()
        .flatMap(branch -> List.of(branch.from(), branch.to()).stream())
        .filter(node -> !rails.isOne(node))
        .anyMatch(node -> drawn.stream().noneMatch(other -> other != part && touches(other, node)));
  }

  private static boolean touches(PlannedPart part, String node) {
    return part.part().branches().stream()
        .anyMatch(branch -> branch.from().equals(node) || branch.to().equals(node));
  }

  /** Puts symbols and lines together. */
  private static final class Builder {
    private final List<PlannedPart> parts;
    private final Rails rails;
    private final Map<String, Box> boxes = new LinkedHashMap<>();
    private final List<Line> lines = new ArrayList<>();
    private final Map<String, List<End>> ends = new LinkedHashMap<>();

    Builder(List<PlannedPart> parts, Rails rails) {
      this.parts = parts;
      this.rails = rails;
    }

    Schematic build() {
      for (PlannedPart part : parts) {
        if (!(part.part() instanceof Joining.Wire)) {
          for (Box box : SymbolBook.of(part)) {
            add(box);
          }
        }
      }
      Map<String, List<End>> wired = new LinkedHashMap<>();
      for (PlannedPart part : parts) {
        if (part.part() instanceof Joining.Wire) {
          Branch branch = part.part().branches().get(0);
          wired.computeIfAbsent(branch.from(), fresh -> new ArrayList<>());
          wired.computeIfAbsent(branch.to(), fresh -> new ArrayList<>());
        }
      }
      Set<String> nodes = new LinkedHashSet<>(ends.keySet());
      nodes.addAll(wired.keySet());
      Map<String, End> meets = new LinkedHashMap<>();
      for (String node : nodes) {
        if (!rails.isOne(node)) {
          meets.put(node, meeting(node));
        }
      }
      for (PlannedPart part : parts) {
        if (part.part() instanceof Joining.Wire) {
          Branch branch = part.part().branches().get(0);
          String node = rails.isOne(branch.from()) ? branch.to() : branch.from();
          lines.add(
              new Line(
                  "wire " + part.id(),
                  part.id(),
                  node,
                  end(branch.from(), part.id() + " from", meets),
                  end(branch.to(), part.id() + " to", meets)));
        }
      }
      return new Schematic(List.copyOf(boxes.values()), List.copyOf(lines));
    }

    private void add(Box box) {
      boxes.put(box.id(), box);
      for (int i = 0; i < box.pins().size(); i++) {
        Pin pin = box.pins().get(i);
        End end = new End(box.id(), i);
        if (rails.isOne(pin.node())) {
          join(pin.node(), end, barEnd(pin.node(), box.id() + " " + i), pin.top());
        } else {
          ends.computeIfAbsent(pin.node(), fresh -> new ArrayList<>()).add(end);
        }
      }
    }

    private End end(String node, String id, Map<String, End> meets) {
      return rails.isOne(node) ? barEnd(node, id) : Objects.requireNonNull(meets.get(node));
    }

    private End barEnd(String node, String id) {
      String box = "bar " + id;
      boolean battery = rails.plus().contains(node);
      boxes.put(box, new Box(box, "", Symbol.BAR_END, List.of(new Pin("", node, !battery))));
      return new End(box, 0);
    }

    /** Where everything of a node comes together. */
    private End meeting(String node) {
      List<End> pins = ends.getOrDefault(node, List.of());
      long wires =
          parts.stream()
              .filter(part -> part.part() instanceof Joining.Wire)
              .filter(part -> touches(part, node))
              .count();
      if (pins.size() == 1 && wires == 1) {
        return pins.get(0);
      }
      if (pins.size() == 2 && wires == 0) {
        join(node, pins.get(0), pins.get(1), false);
        return pins.get(0);
      }
      String id = "node " + node;
      Symbol symbol = pins.size() + wires == 1 ? Symbol.LOOSE : Symbol.JUNCTION;
      boxes.put(
          id, new Box(id, "", symbol, List.of(new Pin("", node, true), new Pin("", node, false))));
      for (End pin : pins) {
        boolean below = pin(pin).top();
        if (below) {
          join(node, new End(id, 1), pin, false);
        } else {
          join(node, pin, new End(id, 0), false);
        }
      }
      return new End(id, 1);
    }

    private Pin pin(End end) {
      return Objects.requireNonNull(boxes.get(end.box())).pins().get(end.pin());
    }

    private void join(String node, End one, End other, boolean turned) {
      boolean swap = turned || pin(one).top() && !pin(other).top();
      lines.add(new Line("line " + lines.size(), "", node, swap ? other : one, swap ? one : other));
    }
  }
}

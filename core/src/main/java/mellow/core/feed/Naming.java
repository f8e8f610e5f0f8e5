package mellow.core.feed;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;

/**
 * The names of parts, nodes and pairs where several plans stand in one circuit. What the vehicle
 * has is shared; what a plan adds bears the number of its tag, so that it keeps its name when
 * another plan comes or goes.
 */
final class Naming {
  private static final Set<String> NODES =
      Set.of(
          "from", "to", "plus", "minus", "supply", "ground", "run", "lamps", "out", "85", "86",
          "30", "87", "87a", "anode", "cathode");

  /** "label:node:when/label:node:when". */
  private static final String OUTPUTS = "outputs";

  private static final String PAIR = "pair";

  /** Where every plan may join. */
  private static final Set<String> OF_THE_VEHICLE = Set.of("battery +", "body", Circuit.GROUND);

  private final Map<String, JointPlan.Beside> beside = new HashMap<>();
  private final Set<String> shared = new HashSet<>(OF_THE_VEHICLE);
  private final Map<String, Piece> factory = new HashMap<>();

  /** A piece of the vehicle, and the tag of the plan that brought it first. */
  private record Piece(String tag, Map<String, String> values) {}

  private Naming(FeedPlan plan) {
    plan.beside().forEach(one -> beside.put(one.tag(), one));
  }

  /** Of a plan by itself nothing is renamed. */
  static Naming of(FeedPlan plan, Map<String, String> answers) throws FeedProblem {
    Naming naming = new Naming(plan);
    if (!plan.beside().isEmpty()) {
      for (Section section : plan.sections()) {
        for (Block block : section.blocks()) {
          for (Map<String, String> values : block.filled(answers)) {
            if (!section.isOwn() || naming.isKnown(block, values)) {
              naming.shared.addAll(names(values));
            }
            if (block.factory()) {
              naming.factory.putIfAbsent(id(values), new Piece(block.tag(), values));
            }
          }
        }
      }
    }
    return naming;
  }

  /** Whether it is a piece of the vehicle that an earlier plan knows; each has lamps of its own. */
  private boolean isKnown(Block block, Map<String, String> values) {
    Piece piece = factory.get(id(values));
    return block.factory()
        && !block.kind().equals("lamp")
        && piece != null
        && !piece.tag().equals(block.tag())
        && piece.values().equals(values);
  }

  private static String id(Map<String, String> values) {
    return values.getOrDefault("id", "");
  }

  private static List<String> names(Map<String, String> values) {
    return Stream.concat(Stream.of("id"), NODES.stream())
        .flatMap(key -> Optional.ofNullable(values.get(key)).stream())
        .toList();
  }

  /**
   * The parts of a block by the names that they have; what an earlier plan has brought already is
   * left out.
   */
  List<Map<String, String>> named(Block block, List<Map<String, String>> parts) {
    JointPlan.Beside plan = beside.get(block.tag());
    if (plan == null) {
      return parts;
    }
    List<Map<String, String>> named = new ArrayList<>();
    for (Map<String, String> values : parts) {
      if (!isKnown(block, values)) {
        named.add(named(plan, values));
      }
    }
    return named;
  }

  private Map<String, String> named(JointPlan.Beside plan, Map<String, String> values) {
    Map<String, String> named = new LinkedHashMap<>();
    values.forEach(
        (key, value) ->
            named.put(
                key,
                key.equals("id") || key.equals("lamp") || NODES.contains(key)
                    ? name(plan, value)
                    : key.equals(OUTPUTS) ? outputs(plan, value) : value));
    String pair = plan.pairOf(values.getOrDefault("function", values.getOrDefault("shows", "")));
    if (!pair.isEmpty()) {
      named.putIfAbsent(PAIR, pair);
    }
    return named;
  }

  private String name(JointPlan.Beside plan, String name) {
    return shared.contains(name) ? name : name + " " + JointPlan.number(plan.tag());
  }

  private String outputs(JointPlan.Beside plan, String value) {
    return Stream.of(value.split("/", -1))
        .map(
            output -> {
              String[] three = output.split(":", -1);
              if (three.length == 3) {
                three[1] = name(plan, three[1].strip());
              }
              return String.join(":", three);
            })
        .collect(Collectors.joining("/"));
  }
}

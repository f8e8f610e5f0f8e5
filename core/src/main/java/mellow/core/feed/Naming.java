package mellow.core.feed;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;

/**
 * The names of parts and nodes where several plans stand in one circuit. What the vehicle has is
 * shared; what a plan adds bears the number of its tag, so that it keeps its name when another plan
 * comes or goes.
 */
final class Naming {
  private static final Set<String> NODES =
      Set.of(
          "from", "to", "plus", "minus", "supply", "ground", "run", "lamps", "out", "85", "86",
          "30", "87", "87a", "anode", "cathode");

  /** "label:node:when/label:node:when". */
  private static final String OUTPUTS = "outputs";

  /** Where every plan may join. */
  private static final Set<String> OF_THE_VEHICLE = Set.of("battery +", "body", Circuit.GROUND);

  private final Map<String, Map<String, String>> renamed;
  private final Map<String, Map<String, String>> factory = new HashMap<>();

  private Naming(Map<String, Map<String, String>> renamed) {
    this.renamed = renamed;
  }

  static Naming of(FeedPlan plan, Map<String, String> answers) throws FeedProblem {
    Set<String> shared = new HashSet<>(OF_THE_VEHICLE);
    Map<String, Set<String>> own = new LinkedHashMap<>();
    Map<String, Map<String, String>> factoryParts = new HashMap<>();
    for (Section section : plan.sections()) {
      for (Block block : section.blocks()) {
        for (Map<String, String> values : block.filled(answers)) {
          if (!section.isOwn()) {
            shared.addAll(names(values));
          } else if (block.factory() && values.equals(factoryParts.get(id(values)))) {
            // the same piece of the vehicle, known to both plans
            shared.addAll(names(values));
          } else {
            own.computeIfAbsent(block.tag(), fresh -> new LinkedHashSet<>()).addAll(names(values));
          }
          if (block.factory()) {
            factoryParts.putIfAbsent(id(values), values);
          }
        }
      }
    }
    Map<String, Map<String, String>> renamed = new HashMap<>();
    own.forEach(
        (tag, names) -> {
          Map<String, String> others = new HashMap<>();
          if (!tag.isEmpty()) {
            names.stream()
                .filter(name -> !shared.contains(name))
                .forEach(name -> others.put(name, name + " " + JointPlan.number(tag)));
          }
          renamed.put(tag, others);
        });
    return new Naming(renamed);
  }

  private static String id(Map<String, String> values) {
    return values.getOrDefault("id", "");
  }

  private static List<String> names(Map<String, String> values) {
    List<String> names = new ArrayList<>(List.of(id(values)));
    NODES.forEach(
        key -> {
          String node = values.get(key);
          if (node != null) {
            names.add(node);
          }
        });
    return names;
  }

  /**
   * The parts of a block by the names that they have; one that stands there already is left out.
   */
  List<Map<String, String>> named(Block block, List<Map<String, String>> parts) {
    List<Map<String, String>> named = new ArrayList<>();
    Map<String, String> others = renamed.getOrDefault(block.tag(), Map.of());
    for (Map<String, String> values : parts) {
      Map<String, String> one = new LinkedHashMap<>();
      values.forEach(
          (key, value) ->
              one.put(
                  key,
                  key.equals("id") || key.equals("lamp") || NODES.contains(key)
                      ? others.getOrDefault(value, value)
                      : key.equals(OUTPUTS) ? outputs(value, others) : value));
      boolean isThere = block.factory() && one.equals(factory.get(id(one)));
      if (block.factory()) {
        factory.putIfAbsent(id(one), one);
      }
      if (!isThere) {
        named.add(one);
      }
    }
    return named;
  }

  private static String outputs(String value, Map<String, String> others) {
    return Stream.of(value.split("/", -1))
        .map(
            output -> {
              String[] three = output.split(":", -1);
              if (three.length == 3) {
                three[1] = others.getOrDefault(three[1].strip(), three[1]);
              }
              return String.join(":", three);
            })
        .collect(Collectors.joining("/"));
  }
}

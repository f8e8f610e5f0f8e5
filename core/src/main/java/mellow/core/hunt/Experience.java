package mellow.core.hunt;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import mellow.core.circuit.Circuit;
import mellow.core.fault.Hypothesis;
import mellow.core.fault.Sides;

/**
 * What a shop's own searches found, and what those on vehicles like this one did: it moves what is
 * suspected before anything was seen. The judged weights count as twenty searches.
 *
 * @param found how many searches ended at a part of a sort
 * @param likeIt how many on the same model ended at a part, by its name without its side ({@link
 *     Sides#without})
 */
public record Experience(Map<PartSort, Integer> found, Map<String, Integer> likeIt) {
  /** Nothing was found before. */
  public static final Experience NONE = new Experience(Map.of(), Map.of());

  /** The judged weights count as so many searches. Judged. */
  private static final double JUDGED = 20;

  public Experience {
    found = Map.copyOf(found);
    likeIt = Map.copyOf(likeIt);
  }

  /** How much likelier each hypothesis is by it than by the judged weights alone. */
  ToDoubleFunction<Hypothesis> times(Circuit circuit, List<Hypothesis> hypotheses) {
    Map<String, PartSort> sorts = new HashMap<>();
    circuit.parts().forEach(part -> sorts.put(part.id(), PartSort.of(circuit, part.id())));
    Map<PartSort, Double> judged = new EnumMap<>(PartSort.class);
    double all = 0;
    for (Hypothesis one : hypotheses) {
      Set<String> parts = one.parts();
      if (parts.size() == 1) {
        PartSort sort = sorts.get(parts.iterator().next());
        judged.merge(sort, one.prior(), Double::sum);
        all += one.prior();
      }
    }
    int here = judged.keySet().stream().mapToInt(sort -> found.getOrDefault(sort, 0)).sum();
    Map<String, Double> times = new HashMap<>();
    for (Map.Entry<String, PartSort> part : sorts.entrySet()) {
      double share = judged.getOrDefault(part.getValue(), 0.0) / all;
      if (share > 0) {
        double counted =
            (JUDGED * share + found.getOrDefault(part.getValue(), 0)) / (JUDGED + here) / share;
        times.put(
            part.getKey(), counted * (1 + likeIt.getOrDefault(Sides.without(part.getKey()), 0)));
      }
    }
    return hypothesis ->
        hypothesis.parts().stream()
            .mapToDouble(part -> times.getOrDefault(part, 1.0))
            .reduce(1, (one, other) -> one * other);
  }
}

package mellow.core.fault;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What is asked of all hypotheses at each check, as numbers that are worked out once. */
final class Outlines {
  /** Instead of a place, for the circuit without a fault. */
  static final int SOUND = -1;

  private final List<Set<String>> parts;
  private final int[] partsOf;
  private final Map<String, int[]> placesOf = new HashMap<>();
  private final Map<Condition, Wandering> wandering = new EnumMap<>(Condition.class);
  private final int[][] byParts;
  private final int[][] besideOf;
  private final boolean[] resists;

  /**
   * For how much of the time hypotheses are there under a condition.
   *
   * @param shares the different ones, 1 first
   * @param of the place of each hypothesis among them
   */
  record Wandering(double[] shares, int[] of) {
    private static Wandering of(List<Hypothesis> hypotheses, Condition under) {
      List<Double> shares = new ArrayList<>(List.of(1.0));
      int[] of = new int[hypotheses.size()];
      for (int h = 0; h < of.length; h++) {
        double present = hypotheses.get(h).present(under);
        if (!shares.contains(present)) {
          shares.add(present);
        }
        of[h] = shares.indexOf(present);
      }
      return new Wandering(shares.stream().mapToDouble(share -> share).toArray(), of);
    }
  }

  private Outlines(List<Set<String>> parts, int[] partsOf, int[][] besideOf, boolean[] resists) {
    this.parts = List.copyOf(parts);
    this.partsOf = partsOf;
    this.besideOf = besideOf;
    this.resists = resists;
    this.byParts = byParts(parts.size(), partsOf);
    for (int place = 0; place < parts.size(); place++) {
      if (parts.get(place).size() == 1) {
        placesOf.put(parts.get(place).iterator().next(), byParts[place]);
      }
    }
  }

  private static int[][] byParts(int parts, int[] partsOf) {
    List<IntStream.Builder> places = Stream.generate(IntStream::builder).limit(parts).toList();
    for (int h = 0; h < partsOf.length; h++) {
      places.get(partsOf[h]).add(h);
    }
    return places.stream().map(one -> one.build().toArray()).toArray(int[][]::new);
  }

  static Outlines of(List<Hypothesis> hypotheses) {
    Map<Set<String>, Integer> places = new LinkedHashMap<>();
    int[] partsOf = new int[hypotheses.size()];
    for (int h = 0; h < partsOf.length; h++) {
      partsOf[h] = places.computeIfAbsent(hypotheses.get(h).parts(), fresh -> places.size());
    }
    Outlines outlines =
        new Outlines(
            List.copyOf(places.keySet()), partsOf, besideOf(hypotheses), resists(hypotheses));
    for (Condition condition : Condition.values()) {
      outlines.wandering.put(condition, Wandering.of(hypotheses, condition));
    }
    return outlines;
  }

  private static boolean[] resists(List<Hypothesis> hypotheses) {
    boolean[] resists = new boolean[hypotheses.size()];
    for (int h = 0; h < resists.length; h++) {
      resists[h] = hypotheses.get(h).faults().stream().anyMatch(fault -> fault.ohms() > 0);
    }
    return resists;
  }

  /** Whether some of its faults have a resistance. */
  boolean resists(int hypothesis) {
    return resists[hypothesis];
  }

  /** A bad contact, whatever its resistance. */
  private record Contact(String part, int terminal) {}

  private static int[][] besideOf(List<Hypothesis> hypotheses) {
    Map<Contact, NavigableMap<Double, Integer>> sizes = new HashMap<>();
    for (int h = 0; h < hypotheses.size(); h++) {
      int of = h;
      contact(hypotheses.get(h))
          .ifPresent(
              one ->
                  sizes
                      .computeIfAbsent(
                          new Contact(one.part(), one.place()), fresh -> new TreeMap<>())
                      .putIfAbsent(one.contactOhms().orElseThrow(), of));
    }
    return hypotheses.stream().map(one -> beside(one, sizes)).toArray(int[][]::new);
  }

  private static Optional<Fault> contact(Hypothesis hypothesis) {
    return Optional.of(hypothesis.faults())
        .filter(faults -> faults.size() == 1)
        .map(faults -> faults.get(0))
        .filter(one -> one.contactOhms().isPresent());
  }

  /** One that is apart has no size. */
  private static int[] beside(
      Hypothesis hypothesis, Map<Contact, NavigableMap<Double, Integer>> sizes) {
    Optional<Fault> resists = contact(hypothesis).filter(one -> one.ohms() > 0);
    if (resists.isEmpty()) {
      return new int[0];
    }
    Fault one = resists.get();
    NavigableMap<Double, Integer> all = sizes.get(new Contact(one.part(), one.place()));
    Map.Entry<Double, Integer> milder = all.lowerEntry(one.ohms());
    Map.Entry<Double, Integer> worse = all.higherEntry(one.ohms());
    int less = milder == null ? SOUND : milder.getValue();
    return worse == null ? new int[] {less} : new int[] {less, worse.getValue()};
  }

  /**
   * The places of the same bad contact of the next smaller and the next larger size, apart at last;
   * {@link #SOUND} where there is no smaller one, nothing for what has no sizes.
   */
  int[] beside(int hypothesis) {
    return besideOf[hypothesis];
  }

  /** The places of all hypotheses: those with the same parts together. */
  int[][] byParts() {
    return byParts;
  }

  /** Which parts may have to be mended together. */
  List<Set<String>> parts() {
    return parts;
  }

  /** The place among them of what a hypothesis mends. */
  int partsOf(int hypothesis) {
    return partsOf[hypothesis];
  }

  /** The places of the hypotheses that mend a part and no other; not to be changed. */
  int[] placesOf(String part) {
    return placesOf.getOrDefault(part, new int[0]);
  }

  Wandering under(Condition condition) {
    return wandering.get(condition);
  }
}

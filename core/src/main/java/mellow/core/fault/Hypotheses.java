package mellow.core.fault;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellow.core.circuit.Circuit;

/** What may be wrong with a circuit, each with how often it is met. */
public final class Hypotheses {
  /** The share of what no model has: a judgement, kept small so that evidence decides. */
  private static final double NOT_IN_THE_MODEL = 0.02;

  /** How often a circuit that somebody complains of is sound: as judged as the other. */
  private static final double NOTHING_WRONG = 0.02;

  private static final double FAULTS = 1 - NOT_IN_THE_MODEL - NOTHING_WRONG;

  /** Of a fault that may come and go, how often it does. Judged. */
  private static final double WANDERING = 0.15;

  /**
   * For how much of the time one that keeps to a condition is there, when nobody minds it. Judged.
   */
  private static final double KEPT_TO = 0.35;

  /** For how much of the time one that comes and goes is there. Judged. */
  private static final double PRESENT = 0.6;

  /** Two faults at once, of all cases. Judged. */
  private static final double PAIRS = 0.1;

  private Hypotheses() {}

  /** All single faults, those that come and go among them, and what is none. */
  public static List<Hypothesis> single(Circuit circuit) {
    List<Hypothesis> all = new ArrayList<>();
    weighted(SingleFaults.of(circuit))
        .forEach(
            (fault, share) -> {
              double known = share * FAULTS;
              List<Condition> conditions = fault.kind().conditions();
              double wandering = conditions.isEmpty() ? 0 : WANDERING;
              all.add(new Hypothesis(List.of(fault), 1, known * (1 - wandering)));
              for (Condition condition : conditions) {
                all.add(
                    new Hypothesis(
                        List.of(fault),
                        present(condition),
                        condition,
                        known * wandering / conditions.size()));
              }
            });
    all.add(Hypothesis.nothingWrong(NOTHING_WRONG));
    all.add(Hypothesis.notInTheModel(NOT_IN_THE_MODEL));
    return List.copyOf(all);
  }

  /** For how much of the time a fault is there that keeps to a condition. */
  private static double present(Condition condition) {
    return switch (condition) {
      case ANY -> PRESENT;
      case ENGINE -> Hypothesis.UNDER_IT;
      case WARM, COLD, WET, STILL -> KEPT_TO;
    };
  }

  /**
   * Single faults, the likeliest pairs of faults of different parts, and what is none.
   *
   * @param most how many pairs
   */
  public static List<Hypothesis> withPairs(Circuit circuit, int most) {
    Map<Fault, Double> single = weighted(SingleFaults.of(circuit));
    List<Fault> faults = List.copyOf(single.keySet());
    List<Hypothesis> pairs = new ArrayList<>();
    for (int i = 0; i < faults.size(); i++) {
      for (int j = i + 1; j < faults.size(); j++) {
        if (!faults.get(i).part().equals(faults.get(j).part())) {
          List<Fault> both = List.of(faults.get(i), faults.get(j));
          pairs.add(new Hypothesis(both, 1, single.get(both.get(0)) * single.get(both.get(1))));
        }
      }
    }
    pairs.sort((one, other) -> Double.compare(other.prior(), one.prior()));
    List<Hypothesis> likeliest = pairs.subList(0, Math.min(most, pairs.size()));
    double sum = likeliest.stream().mapToDouble(Hypothesis::prior).sum();
    List<Hypothesis> all = new ArrayList<>();
    for (Hypothesis one : single(circuit)) {
      all.add(one.faults().isEmpty() ? one : one.times(1 - PAIRS));
    }
    double share = PAIRS * FAULTS / sum;
    likeliest.forEach(pair -> all.add(new Hypothesis(pair.faults(), 1, pair.prior() * share)));
    return List.copyOf(all);
  }

  /** The share of each fault: that of its kind at its part, spread over how bad it may be. */
  private static Map<Fault, Double> weighted(List<Fault> faults) {
    Map<String, Long> alike =
        faults.stream().collect(Collectors.groupingBy(Hypotheses::alike, Collectors.counting()));
    Map<Fault, Double> weights = new LinkedHashMap<>();
    double sum = 0;
    for (Fault fault : faults) {
      double weight = fault.kind().weight() / alike.get(alike(fault));
      weights.put(fault, weight);
      sum += weight;
    }
    double all = sum;
    weights.replaceAll((fault, weight) -> weight / all);
    return weights;
  }

  /** A part with many pins does not fail more often for it. */
  private static String alike(Fault fault) {
    return fault.part() + " " + fault.kind();
  }
}

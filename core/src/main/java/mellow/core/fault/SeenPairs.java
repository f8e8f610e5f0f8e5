package mellow.core.fault;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.stream.IntStream;
import mellow.core.fault.Suspects.Answer;

/**
 * Two steady faults at once that what was seen calls for. All pairs of a circuit are too many to be
 * solved before anything was seen; each fault alone, which is solved, tells well enough which pairs
 * are worth it: where one of the two changes nothing, the other one shows.
 */
public final class SeenPairs {
  /** Pairs that explain the same are many, for a bad contact is told by little from its wire. */
  private static final int MOST = 24;

  private final CheckTable table;
  private final List<Answer> seen;

  /** Places of single steady faults, how likely each makes each answer, and where it is sound. */
  private final int[] single;

  private final double[][] likely;
  private final boolean[][] sound;

  private SeenPairs(CheckTable table, List<Answer> seen) {
    this.table = table;
    this.seen = seen;
    this.single =
        IntStream.range(0, table.hypotheses().size())
            .filter(h -> table.hypotheses().get(h).faults().size() == 1)
            .filter(h -> table.hypotheses().get(h).present() == 1)
            .toArray();
    this.likely = new double[single.length][seen.size()];
    this.sound = new boolean[single.length][seen.size()];
    for (int a = 0; a < seen.size(); a++) {
      Answer answer = seen.get(a);
      Met met = new Met(table, answer, List.of());
      for (int i = 0; i < single.length; i++) {
        likely[i][a] = Math.log(met.likelihood(single[i]));
        sound[i][a] = table.shows(answer.check(), single[i]) == table.sound(answer.check());
      }
    }
  }

  /** A pair, by places among the single faults, and how well it explains what was seen. */
  private record Scored(int one, int other, double score) {}

  /**
   * The likeliest ones that a table does not have.
   *
   * @param table one that has pairs: how often two faults are met at once is as in it
   * @param seen all that was seen
   * @return none where the table has single faults only
   */
  public static List<Hypothesis> of(CheckTable table, List<Answer> seen) {
    return new SeenPairs(table, seen).likeliest();
  }

  private List<Hypothesis> likeliest() {
    Map<Fault, Integer> places = new HashMap<>();
    for (int i = 0; i < single.length; i++) {
      places.put(fault(i), i);
    }
    boolean[][] known = new boolean[single.length][single.length];
    double often = 0;
    for (Hypothesis pair : table.hypotheses()) {
      if (pair.faults().size() == 2) {
        int one = places.get(pair.faults().get(0));
        int other = places.get(pair.faults().get(1));
        known[one][other] = true;
        often = pair.prior() / (prior(one) * prior(other));
      }
    }
    return often == 0 ? List.of() : likeliest(known, often);
  }

  /**
   * Those that are not known.
   *
   * @param often a pair is met so many times as often as both its faults by chance
   */
  private List<Hypothesis> likeliest(boolean[][] known, double often) {
    PriorityQueue<Scored> best = new PriorityQueue<>(Comparator.comparingDouble(Scored::score));
    for (int i = 0; i < single.length; i++) {
      for (int j = i + 1; j < single.length; j++) {
        if (!known[i][j] && !fault(i).part().equals(fault(j).part())) {
          best.add(new Scored(i, j, score(i, j)));
          if (best.size() > MOST) {
            best.remove();
          }
        }
      }
    }
    return best.stream()
        .sorted(Comparator.comparingDouble(Scored::score).reversed())
        .map(
            pair ->
                new Hypothesis(
                    List.of(fault(pair.one()), fault(pair.other())),
                    1,
                    often * prior(pair.one()) * prior(pair.other())))
        .toList();
  }

  private Fault fault(int i) {
    return table.hypotheses().get(single[i]).faults().get(0);
  }

  private double prior(int i) {
    return table.hypotheses().get(single[i]).prior();
  }

  private double score(int i, int j) {
    double score = Math.log(prior(i) * prior(j));
    for (int a = 0; a < seen.size(); a++) {
      score +=
          sound[i][a]
              ? likely[j][a]
              : sound[j][a] ? likely[i][a] : Math.max(likely[i][a], likely[j][a]);
    }
    return score;
  }
}

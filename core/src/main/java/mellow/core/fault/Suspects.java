package mellow.core.fault;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * What may be wrong after what was seen: Bayes' rule over a table of checks.
 *
 * <p>What was looked at is told right in 98 of 100 cases; what a meter shows lies, but for the same
 * share, normally around what the circuit says. Something that is not in the model may show
 * anything; what comes and goes shows for a part of the time what a sound circuit does.
 */
public final class Suspects {
  /** How often what is told was misread, mistyped or measured elsewhere. Judged. */
  static final double MISREAD = 0.02;

  /** From this share of all conditions on one is named. Judged. */
  private static final double SEEN = 0.8;

  /** How often what comes and goes does so while somebody looks. Judged. */
  static final double CHANGING = 0.1;

  /** How often somebody complains of a fault that leaves every lamp as it is. Judged. */
  static final double NOT_AT_A_LAMP = 0.1;

  private final CheckTable table;
  private final double[] shares;

  /** By what is to be mended. */
  private final double[] sums;

  private final List<Answer> seen;

  private Suspects(CheckTable table, double[] shares, List<Answer> seen) {
    this.table = table;
    this.shares = shares;
    this.seen = List.copyOf(seen);
    this.sums = new double[table.outlines().parts().size()];
    for (int h = 0; h < shares.length; h++) {
      sums[table.outlines().partsOf(h)] += shares[h];
    }
  }

  /** What is met how often where somebody complains of a lamp, before anything was seen. */
  public static Suspects before(CheckTable table) {
    return before(table, hypothesis -> 1);
  }

  /**
   * The same where some things are likelier in this job than they are met.
   *
   * @param times by how much
   */
  public static Suspects before(CheckTable table, ToDoubleFunction<Hypothesis> times) {
    double[] weights = new double[table.hypotheses().size()];
    for (int h = 0; h < weights.length; h++) {
      Hypothesis one = table.hypotheses().get(h);
      weights[h] =
          one.prior()
              * times.applyAsDouble(one)
              * (one.faults().isEmpty() || table.isSeen(h) ? 1 : NOT_AT_A_LAMP);
    }
    return new Suspects(table, normal(weights), List.of());
  }

  /**
   * What was found by a check.
   *
   * @param check its place in the table
   * @param shown which answer, V or A
   */
  public record Answer(int check, double shown) {}

  /** What follows from one more answer. */
  public Suspects after(int check, double shown) {
    return after(List.of(new Answer(check, shown)));
  }

  /**
   * What follows from answers that were found at one moment: what comes and goes was there for all
   * of them, or for none, or changed meanwhile.
   */
  public Suspects after(List<Answer> moment) {
    Condition under =
        Condition.of(moment.stream().map(answer -> table.checks().get(answer.check())));
    Outlines.Wandering wandering = table.outlines().under(under);
    Met[] answers = moment.stream().map(answer -> new Met(table, answer, seen)).toArray(Met[]::new);
    double[] sounds = Arrays.stream(answers).mapToDouble(Met::asSound).toArray();
    double[] weights = new double[shares.length];
    for (int h = 0; h < weights.length; h++) {
      double there = 1;
      double sound = 1;
      double changing = 1;
      for (int a = 0; a < answers.length; a++) {
        Met one = answers[a];
        double asFaulty = one.likelihood(h);
        double asSound = one.isOfWhatStays() ? asFaulty : sounds[a];
        there *= asFaulty;
        sound *= asSound;
        changing *=
            table.isChanged(one.answer().check(), h) ? whileItChanges(one.answer(), h) : asSound;
      }
      double present = wandering.shares()[wandering.of()[h]];
      weights[h] =
          shares[h]
              * (present == 1
                  ? there
                  : (1 - CHANGING) * (present * there + (1 - present) * sound)
                      + CHANGING * changing);
    }
    List<Answer> all = new ArrayList<>(seen);
    all.addAll(moment);
    return new Suspects(table, normal(weights), all);
  }

  /** A lamp whose fault comes or goes just now flickers, or comes on after a few tries. */
  private double whileItChanges(Answer answer, int h) {
    return table.changes(answer.check(), h, answer.shown())
        ? (1 - MISREAD) / 2
        : MISREAD / (Look.values().length - 2);
  }

  private static double[] normal(double[] weights) {
    double sum = Arrays.stream(weights).sum();
    return Arrays.stream(weights).map(weight -> weight / sum).toArray();
  }

  CheckTable table() {
    return table;
  }

  /** All answers so far. */
  List<Answer> seen() {
    return seen;
  }

  /** The share of a hypothesis, by its place. */
  public double share(int hypothesis) {
    return shares[hypothesis];
  }

  /** What is to be mended, likeliest first, each with its share; no part for what is not known. */
  public Map<Set<String>, Double> byParts() {
    Map<Set<String>, Double> ordered = new LinkedHashMap<>();
    IntStream.range(0, sums.length)
        .boxed()
        .sorted(Comparator.comparingDouble(place -> -sums[place]))
        .forEach(place -> ordered.put(table.outlines().parts().get(place), sums[place]));
    return ordered;
  }

  /** The share of what is to be mended; none of it where the table has no such fault. */
  public double share(Set<String> parts) {
    int place = table.outlines().parts().indexOf(parts);
    return place < 0 ? 0 : sums[place];
  }

  /** The places of the hypotheses that mend a part and no other. */
  public IntStream placesOf(String part) {
    return Arrays.stream(table.outlines().placesOf(part));
  }

  /** The place of the likeliest hypothesis of all that mend the same. */
  public int likeliest(Set<String> parts) {
    int place = table.outlines().parts().indexOf(parts);
    return IntStream.range(0, shares.length)
        .filter(h -> table.outlines().partsOf(h) == place)
        .boxed()
        .max(Comparator.comparingDouble(h -> shares[h]))
        .orElseThrow();
  }

  /**
   * The condition that a fault keeps to; {@link Condition#ANY} while nobody has seen enough to say.
   *
   * @param hypothesis the place of the likeliest of its faults
   */
  public Condition condition(int hypothesis) {
    Hypothesis likeliest = table.hypotheses().get(hypothesis);
    double all =
        IntStream.range(0, shares.length)
            .filter(h -> table.hypotheses().get(h).faults().equals(likeliest.faults()))
            .filter(h -> table.hypotheses().get(h).present() < 1)
            .mapToDouble(h -> shares[h])
            .sum();
    return shares[hypothesis] >= SEEN * all ? likeliest.condition() : Condition.ANY;
  }
}

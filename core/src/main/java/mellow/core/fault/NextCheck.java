package mellow.core.fault;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The check that is expected to tell most for its minutes.
 *
 * @param place of the check in the table
 * @param bits what it is expected to tell
 * @param minutes what it costs as the job stands
 * @param splits how many suspects give each answer, the largest group first
 */
public record NextCheck(int place, Check check, double bits, double minutes, List<Integer> splits) {
  /** A suspect below this share is not counted among those that are told apart. */
  private static final double COUNTS = 0.005;

  /** Expected bits below this are noise. */
  private static final double LEAST_BITS = 0.02;

  /**
   * The best one; empty where no check tells anything more.
   *
   * @param minutes of a check as the job stands: with what has to come off first
   * @param allowed which may be made: not again what was answered, nothing that is not safe
   */
  public static Optional<NextCheck> of(
      Suspects suspects, ToDoubleFunction<Check> minutes, Predicate<Check> allowed) {
    return ranked(suspects, minutes, allowed).findFirst();
  }

  /** All that tell something, the best one first. */
  public static Stream<NextCheck> ranked(
      Suspects suspects, ToDoubleFunction<Check> minutes, Predicate<Check> allowed) {
    CheckTable table = suspects.table();
    return IntStream.range(0, table.checks().size())
        .filter(check -> allowed.test(table.checks().get(check)))
        .mapToObj(check -> of(suspects, check, minutes.applyAsDouble(table.checks().get(check))))
        .filter(next -> next.bits() > LEAST_BITS)
        .sorted(Comparator.comparingDouble(NextCheck::worth).reversed());
  }

  private double worth() {
    return bits / minutes;
  }

  /** What a check is expected to tell. */
  public static NextCheck of(Suspects suspects, int place, double minutes) {
    CheckTable table = suspects.table();
    Check check = table.checks().get(place);
    int sound = table.soundGroup(place);
    int answers = table.answers(place);
    Expected expected = new Expected(answers);
    int[] suspected = new int[answers];
    for (int h = 0; h < table.hypotheses().size(); h++) {
      double share = suspects.share(h);
      if (share > 0) {
        int group = table.group(place, h);
        double present = check.isOfWhatStays() ? 1 : table.hypotheses().get(h).present();
        expected.add(share, group, sound, present);
        if (group >= 0 && share >= COUNTS) {
          suspected[group]++;
        }
      }
    }
    List<Integer> splits =
        Arrays.stream(suspected)
            .filter(one -> one > 0)
            .boxed()
            .sorted(Comparator.reverseOrder())
            .toList();
    return new NextCheck(place, check, expected.bits(), minutes, splits);
  }

  /** How often each answer is expected, and how unsure each hypothesis is of its own. */
  private static final class Expected {
    private final double[] told;

    /** By answer, of hypotheses that always give it but for what is misread. */
    private final double[] steady;

    private double noise;

    Expected(int answers) {
      told = new double[answers];
      steady = new double[answers];
    }

    /**
     * Adds what a hypothesis lets expect.
     *
     * @param group its answer; below 0 for any
     * @param sound the answer of a sound circuit
     */
    void add(double share, int group, int sound, double present) {
      int answers = told.length;
      if (group < 0) {
        for (int i = 0; i < answers; i++) {
          told[i] += share / answers;
        }
        noise += share * Math.log(answers) / Math.log(2);
      } else if (present == 1 || group == sound) {
        steady[group] += share;
      } else {
        for (int i = 0; i < answers; i++) {
          double likely = present * likely(i, group) + (1 - present) * likely(i, sound);
          told[i] += share * likely;
          noise += share * entropy(likely);
        }
      }
    }

    private double likely(int answer, int said) {
      return answer == said ? 1 - Suspects.MISREAD : Suspects.MISREAD / (told.length - 1);
    }

    /** Information between the answer and what is wrong. */
    double bits() {
      double all = 0;
      for (double share : steady) {
        all += share;
      }
      double other = Suspects.MISREAD / (told.length - 1);
      double bits =
          -noise - all * (entropy(1 - Suspects.MISREAD) + (told.length - 1) * entropy(other));
      for (int i = 0; i < told.length; i++) {
        bits += entropy(told[i] + other * all + steady[i] * (1 - Suspects.MISREAD - other));
      }
      return bits;
    }
  }

  private static double entropy(double share) {
    return share > 0 ? -share * Math.log(share) / Math.log(2) : 0;
  }
}

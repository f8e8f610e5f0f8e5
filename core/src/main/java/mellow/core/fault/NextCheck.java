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
 * @param bits what it is expected to tell of which parts are to be mended
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

  /** The same for other minutes. */
  public NextCheck at(double other) {
    return new NextCheck(place, check, bits, other, splits);
  }

  private double worth() {
    return bits / minutes;
  }

  /** What a check is expected to tell. */
  public static NextCheck of(Suspects suspects, int place, double minutes) {
    CheckTable table = suspects.table();
    Check check = table.checks().get(place);
    int[] groups = table.groups(place);
    int answers = table.answers(place);
    Outlines.Wandering wandering = table.outlines().under(check.condition());
    int sound = groups[groups.length - 1];
    Optional<BetweenSizes> between = BetweenSizes.of(table, place, suspects.seen());
    Expected expected = new Expected(answers, sound, wandering.shares());
    int[] suspected = new int[answers];
    for (int[] together : table.outlines().byParts()) {
      for (int h : together) {
        double share = suspects.share(h);
        int group = groups[h];
        int present = check.isOfWhatStays() ? 0 : wandering.of()[h];
        if (between.isPresent() && between.get().isOpen(h)) {
          expected.addEach(share, between.get().truths(h), present);
        } else {
          expected.add(share, group, present);
        }
        if (group >= 0 && share >= COUNTS) {
          suspected[group]++;
        }
      }
      expected.closeParts();
    }
    List<Integer> splits =
        Arrays.stream(suspected)
            .filter(one -> one > 0)
            .boxed()
            .sorted(Comparator.reverseOrder())
            .toList();
    return new NextCheck(place, check, expected.bits(), minutes, splits);
  }

  /** How often each answer is expected, and how unsure each part is of its own. */
  private static final class Expected {
    /** The answer of a sound circuit. */
    private final int sound;

    private final double[] presents;

    /**
     * Sums of shares of what is wrong with the same parts, by how much of the time it is there and
     * by answer.
     */
    private final double[][] sums;

    /** How likely those parts are, together with each answer. */
    private final double[] here;

    /** How likely each answer is. */
    private final double[] told;

    /** What stays unsure of the answer once it is known what is wrong. */
    private double noise;

    Expected(int answers, int sound, double[] presents) {
      this.sound = sound;
      this.presents = presents;
      this.sums = new double[presents.length][answers];
      this.here = new double[answers];
      this.told = new double[answers];
    }

    /**
     * Adds what a hypothesis lets expect.
     *
     * @param group its answer; below 0 for any
     * @param present the place of the share of the time for which it is there
     */
    void add(double share, int group, int present) {
      if (group >= 0) {
        sums[present][group] += share;
        return;
      }
      noise += share * told.length * entropy(1.0 / told.length);
      for (int answer = 0; answer < told.length; answer++) {
        told[answer] += share / told.length;
      }
    }

    /** The same for one that leaves several answers, by how likely each is. */
    void addEach(double share, double[] truths, int present) {
      for (int truth = 0; truth < truths.length; truth++) {
        sums[present][truth] += share * truths[truth];
      }
    }

    private double likely(int answer, int said) {
      return answer == said ? 1 - Suspects.MISREAD : Suspects.MISREAD / (told.length - 1);
    }

    /** All that may be wrong with some parts was added; what is wrong with others comes next. */
    void closeParts() {
      Arrays.fill(here, 0);
      double share = 0;
      for (int i = 0; i < presents.length; i++) {
        for (int group = 0; group < here.length; group++) {
          if (sums[i][group] > 0) {
            share += sums[i][group];
            addHere(sums[i][group], group, presents[i]);
            sums[i][group] = 0;
          }
        }
      }
      noise -= entropy(share);
      for (int answer = 0; answer < here.length; answer++) {
        told[answer] += here[answer];
        noise += entropy(here[answer]);
      }
    }

    private void addHere(double share, int group, double present) {
      for (int answer = 0; answer < here.length; answer++) {
        here[answer] +=
            share * (present * likely(answer, group) + (1 - present) * likely(answer, sound));
      }
    }

    /** Information between the answer and which parts are to be mended. */
    double bits() {
      double bits = -noise;
      for (double share : told) {
        bits += entropy(share);
      }
      return bits;
    }
  }

  private static double entropy(double share) {
    return share > 0 ? -share * Math.log(share) / Math.log(2) : 0;
  }
}

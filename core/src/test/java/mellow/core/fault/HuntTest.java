package mellow.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.fault.Suspects.Answer;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FeedPlanBook;
import org.junit.jupiter.api.Test;

/**
 * Hidden faults of the ready plans are hunted to their end, with a meter that has noise and a
 * technician who misreads one answer in fifty. A part is named when it was found wrong by itself.
 */
class HuntTest {
  private static final int OF_EACH_PLAN = Integer.getInteger("hunts", 12);
  private static final double SURE = 0.9;
  private static final int MOST_CHECKS = 60;
  private static final double MISREAD = 0.02;
  private static final double METER_VOLTS = 0.05;

  /** What comes and goes is looked at again. */
  private static final int MOST_OFTEN = 5;

  private final Random random = new Random(15);
  private final List<Hunted> hunted = new ArrayList<>();

  /**
   * One hunt.
   *
   * @param steady whether the fault was always there
   * @param right whether its part was named
   * @param told the share that was told of the part that was named
   */
  private record Hunted(boolean steady, boolean right, double told) {}

  @Test
  void hiddenFaultsAreFoundAndWhatIsToldComesTrue() throws FeedProblem {
    for (FeedPlan plan : FeedPlanBook.all()) {
      hunt(PlannedFeed.usual(plan));
    }
    assertThat(right(true)).isGreaterThanOrEqualTo(0.97);
    assertThat(right(false)).isGreaterThanOrEqualTo(0.93);
    double told = hunted.stream().mapToDouble(Hunted::told).average().orElseThrow();
    double came = hunted.stream().filter(Hunted::right).count() / (double) hunted.size();
    assertThat(came).isGreaterThanOrEqualTo(told - 0.02);
  }

  private double right(boolean steady) {
    List<Hunted> those = hunted.stream().filter(one -> one.steady() == steady).toList();
    assertThat(those).hasSizeGreaterThan(50);
    return those.stream().filter(Hunted::right).count() / (double) those.size();
  }

  private void hunt(PlannedFeed feed) {
    Circuit circuit = feed.circuit();
    List<Controls> states = feed.plan().states().stream().map(DrivingState::controls).toList();
    CheckTable table = CheckTable.of(circuit, states, Hypotheses.single(circuit));
    int[] seen =
        IntStream.range(0, table.hypotheses().size())
            .filter(h -> table.hypotheses().get(h).isInTheModel() && isSeen(table, h))
            .toArray();
    for (int i = 0; i < OF_EACH_PLAN; i++) {
      hunted.add(hunt(table, seen[random.nextInt(seen.length)]));
    }
  }

  /** Whether somebody who looks at the lamps sees that something is wrong. */
  private static boolean isSeen(CheckTable table, int hypothesis) {
    return IntStream.range(0, table.checks().size())
        .filter(check -> table.checks().get(check) instanceof Check.LampSeen)
        .anyMatch(check -> table.shows(check, hypothesis) != table.sound(check));
  }

  private Hunted hunt(CheckTable table, int truth) {
    Suspects suspects = Suspects.before(table);
    Map<Check, Integer> answered = new HashMap<>();
    for (int i = 0; i < MOST_CHECKS; i++) {
      Set<String> named = named(suspects);
      boolean isSure = suspects.byParts().get(named) >= SURE && named.size() == 1;
      if (isSure && confirming(named).allMatch(answered::containsKey)) {
        break;
      }
      Optional<NextCheck> next =
          NextCheck.of(
              suspects,
              check -> isSure && confirming(named).anyMatch(check::equals) ? 0.01 : check.minutes(),
              check -> answered.getOrDefault(check, 0) < MOST_OFTEN);
      if (next.isEmpty()) {
        break;
      }
      List<Answer> moment = answers(table, next.get().place(), truth);
      moment.forEach(answer -> answered.merge(table.checks().get(answer.check()), 1, Integer::sum));
      suspects = suspects.after(moment);
    }
    Hypothesis hidden = table.hypotheses().get(truth);
    Set<String> named = named(suspects);
    return new Hunted(
        hidden.present() == 1, named.equals(hidden.parts()), suspects.byParts().get(named));
  }

  private static Set<String> named(Suspects suspects) {
    return suspects.byParts().keySet().iterator().next();
  }

  /** A part is not called bad before it was taken out and looked at. */
  private static Stream<Check> confirming(Set<String> parts) {
    return parts.stream().map(Check.Inspected::new);
  }

  /** Lamps of a state are seen together. */
  private List<Answer> answers(CheckTable table, int asked, int truth) {
    boolean there = random.nextDouble() < table.hypotheses().get(truth).present();
    return IntStream.range(0, table.checks().size())
        .filter(
            check ->
                check == asked
                    || (table.checks().get(check) instanceof Check.LampSeen one
                        && table.checks().get(asked) instanceof Check.LampSeen other
                        && one.state() == other.state()))
        .mapToObj(check -> new Answer(check, answer(table, check, truth, there)))
        .toList();
  }

  private double answer(CheckTable table, int check, int truth, boolean there) {
    double said =
        there || table.checks().get(check).isOfWhatStays()
            ? table.shows(check, truth)
            : table.sound(check);
    int answers = table.checks().get(check).answers();
    boolean misread = random.nextDouble() < MISREAD;
    if (answers > 0) {
      return misread ? (said + 1 + random.nextInt(answers - 1)) % answers : said;
    }
    return misread ? 15 * random.nextDouble() : said + METER_VOLTS * random.nextGaussian();
  }
}

package mellow.core.hunt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.fault.Check;
import mellow.core.fault.CheckTable;
import mellow.core.fault.Fault;
import mellow.core.fault.Hypotheses;
import mellow.core.fault.Hypothesis;
import mellow.core.fault.Shown;
import mellow.core.fault.SimulatedVehicle;
import mellow.core.fault.SingleFaults;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FactoryBook;
import mellow.core.formats.FeedPlanBook;
import org.junit.jupiter.api.Test;

/**
 * Hidden faults of the ready plans and of factory circuits are hunted to their end on a simulated
 * vehicle, with a meter that has noise and one answer in fifty misread; faults are drawn evenly.
 * The same faults are looked for in the trade's fixed order, by somebody who skips what cannot
 * explain the complaint.
 */
class HuntTest {
  private static final int OF_EACH_CIRCUIT = Integer.getInteger("hunts", 6);
  private static final int MOST_CHECKS = 60;
  private static final double MISREAD = 0.02;
  private static final Set<Double> OFF_THE_MODEL = Set.of(0.6, 4.0);

  /** The bumper is off already: what is compared is the order of checks. */
  static final Set<Reach> OPEN = EnumSet.allOf(Reach.class);

  private final Random random = new Random(15);
  private final List<Hunted> hunted = new ArrayList<>();

  /**
   * One hunt.
   *
   * @param steady whether the fault was always there
   * @param right whether its part was named
   * @param told the share that was told of the part that was named
   * @param minutes that it took
   * @param inOrder minutes that the fixed order takes; empty where it does not find the fault
   */
  private record Hunted(
      boolean steady, boolean right, double told, double minutes, Optional<Double> inOrder) {}

  /** A circuit to be searched. */
  private record Searched(PlannedFeed feed, List<DrivingState> states, CheckTable table) {
    List<Controls> controls() {
      return states.stream().map(DrivingState::controls).toList();
    }

    static Searched of(PlannedFeed feed) {
      List<Controls> controls = feed.plan().states().stream().map(DrivingState::controls).toList();
      return new Searched(
          feed,
          feed.plan().states(),
          CheckTable.of(feed.circuit(), controls, Hypotheses.single(feed.circuit())));
    }

    /** Whether somebody who looks at the lamps sees that something is wrong. */
    boolean isSeen(int hypothesis) {
      return looks(hypothesis).findAny().isPresent();
    }

    /** The first state in which somebody who looks at the lamps sees it. */
    int complaint(int hypothesis) {
      return looks(hypothesis).mapToInt(Check.LampSeen::state).min().orElseThrow();
    }

    private Stream<Check.LampSeen> looks(int hypothesis) {
      return IntStream.range(0, table.checks().size())
          .filter(check -> table.shows(check, hypothesis) != table.sound(check))
          .mapToObj(table.checks()::get)
          .filter(Check.LampSeen.class::isInstance)
          .map(Check.LampSeen.class::cast);
    }
  }

  @Test
  void hiddenFaultsAreFoundAndWhatIsToldComesTrue() throws FeedProblem {
    for (FeedPlan plan :
        Stream.concat(FeedPlanBook.all().stream(), FactoryBook.all().stream()).toList()) {
      hunt(Searched.of(PlannedFeed.usual(plan)));
    }
    assertThat(right(true)).isGreaterThanOrEqualTo(0.97);
    assertThat(right(false)).isGreaterThanOrEqualTo(0.93);
    double told = hunted.stream().mapToDouble(Hunted::told).average().orElseThrow();
    double came = hunted.stream().filter(Hunted::right).count() / (double) hunted.size();
    assertThat(came).isGreaterThanOrEqualTo(told - 0.02);
    List<Hunted> both =
        hunted.stream().filter(one -> one.steady() && one.inOrder().isPresent()).toList();
    double ours = median(both.stream().mapToDouble(Hunted::minutes));
    double inOrder = median(both.stream().mapToDouble(one -> one.inOrder().orElseThrow()));
    assertThat(ours).isLessThanOrEqualTo(inOrder);
  }

  /**
   * Bad contacts of resistances that the model does not have, common practice from a few tenths of
   * an ohm to some ohms.
   */
  @Test
  void contactsOfOtherResistancesAreFoundAsWell() throws FeedProblem {
    int right = 0;
    int all = 0;
    for (FeedPlan plan : FactoryBook.all()) {
      Searched searched = Searched.of(PlannedFeed.usual(plan));
      List<Fault> seen =
          SingleFaults.of(searched.feed().circuit(), 0.6, 4).stream()
              .filter(fault -> OFF_THE_MODEL.contains(fault.ohms()))
              .filter(fault -> vehicle(searched, fault).isSeen(searched.feed().circuit()))
              .toList();
      // a lamp of 5 W hardly minds some ohms
      for (int i = 0; i < OF_EACH_CIRCUIT && !seen.isEmpty(); i++) {
        Fault hidden = seen.get(random.nextInt(seen.size()));
        all++;
        if (named(searched, vehicle(searched, hidden)).equals(Set.of(hidden.part()))) {
          right++;
        }
      }
    }
    assertThat(all).isGreaterThan(40);
    assertThat(right).isGreaterThanOrEqualTo((int) Math.ceil(0.98 * all));
  }

  private SimulatedVehicle vehicle(Searched searched, Fault hidden) {
    return new SimulatedVehicle(
        searched.feed().circuit(),
        searched.controls(),
        new Hypothesis(List.of(hidden), 1, 1),
        MISREAD,
        random);
  }

  private Set<String> named(Searched searched, SimulatedVehicle vehicle) {
    List<Hunt.Moment> moments = new ArrayList<>();
    Hunt hunt = hunt(searched, moments, OPEN);
    while (hunt.next().isPresent() && moments.size() < MOST_CHECKS) {
      moments.add(
          shown(searched, vehicle, seen(searched, hunt.next().orElseThrow()), moments.size()));
      hunt = hunt(searched, moments, OPEN);
    }
    return hunt.candidates().get(0).parts();
  }

  /** What is seen at once: lamps of a state together. */
  private static List<Check> seen(Searched searched, Hunt.Suggestion suggestion) {
    Check next = suggestion.next().check();
    return next instanceof Check.LampSeen one ? seenIn(searched, one.state()) : List.of(next);
  }

  private static double median(DoubleStream minutes) {
    double[] sorted = minutes.sorted().toArray();
    assertThat(sorted).hasSizeGreaterThan(50);
    return sorted[sorted.length / 2];
  }

  private double right(boolean steady) {
    List<Hunted> those = hunted.stream().filter(one -> one.steady() == steady).toList();
    assertThat(those).hasSizeGreaterThan(50);
    return those.stream().filter(Hunted::right).count() / (double) those.size();
  }

  private void hunt(Searched searched) {
    int[] seen =
        IntStream.range(0, searched.table().hypotheses().size())
            .filter(h -> searched.table().hypotheses().get(h).isInTheModel() && searched.isSeen(h))
            .toArray();
    for (int i = 0; i < OF_EACH_CIRCUIT; i++) {
      hunted.add(hunt(searched, seen[random.nextInt(seen.length)]));
    }
  }

  private Hunted hunt(Searched searched, int truth) {
    Hypothesis hidden = searched.table().hypotheses().get(truth);
    SimulatedVehicle vehicle =
        new SimulatedVehicle(
            searched.feed().circuit(), searched.controls(), hidden, MISREAD, random);
    List<Hunt.Moment> moments = new ArrayList<>();
    Set<Reach> open = EnumSet.copyOf(OPEN);
    double minutes = 0;
    // the customer tells of the first state in which something is wrong, as in the fixed order
    int complaint = searched.complaint(truth);
    moments.add(shown(searched, vehicle, seenIn(searched, complaint), 0));
    Hunt hunt = hunt(searched, moments, open);
    while (hunt.next().isPresent() && moments.size() < MOST_CHECKS) {
      Check next = hunt.next().orElseThrow().next().check();
      minutes += hunt.next().orElseThrow().next().minutes();
      open.addAll(hunt.toOpen(next));
      moments.add(
          shown(searched, vehicle, seen(searched, hunt.next().orElseThrow()), moments.size()));
      hunt = hunt(searched, moments, open);
    }
    Hunt.Candidate named = hunt.candidates().get(0);
    return new Hunted(
        hidden.present() == 1,
        named.parts().equals(hidden.parts()),
        named.share(),
        minutes,
        new FixedOrder(searched.feed(), searched.table(), complaint).minutes(truth));
  }

  private static Hunt hunt(Searched searched, List<Hunt.Moment> moments, Set<Reach> open) {
    return new Hunt(
        searched.feed(),
        searched.table(),
        moments,
        Set.of(),
        new AtHand(open, EnumSet.allOf(Tool.class), true, true));
  }

  private static Hunt.Moment shown(
      Searched searched, SimulatedVehicle vehicle, List<Check> checks, int number) {
    List<Double> shows = vehicle.show(checks);
    return new Hunt.Moment(
        "line " + number,
        IntStream.range(0, checks.size())
            .mapToObj(c -> Shown.of(checks.get(c), searched.states(), shows.get(c)))
            .toList());
  }

  /** Lamps of a state are seen together. */
  private static List<Check> seenIn(Searched searched, int state) {
    return searched
        .feed()
        .circuit()
        .of(Emitter.class)
        .<Check>map(lamp -> new Check.LampSeen(state, lamp.id()))
        .toList();
  }
}

package mellow.core.hunt;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.fault.Check;
import mellow.core.fault.CheckTable;
import mellow.core.feed.PlannedFeed;

/**
 * How an electrician looks for a fault (common practice): with a meter in the middle of the way
 * from the battery through the lamp to ground, then in the middle of the half in which the voltage
 * is lost, down to what lies between two points; where that is a relay which is good, along its
 * coil. What is not found so is looked for in the fixed order. Nothing is misread.
 */
final class Halving {
  /** A point has its voltage from this share of the battery's on. */
  private static final double FED = 0.85;

  private final PlannedFeed feed;
  private final CheckTable table;
  private final int complaint;
  private final FixedOrder order;
  private final CheckCost cost;
  private final int truth;
  private final Set<Reach> open = EnumSet.noneOf(Reach.class);
  private double minutes;

  /**
   * A search.
   *
   * @param complaint the state in which the lamps are known, from the customer
   * @param truth what is wrong
   * @param already open
   */
  Halving(PlannedFeed feed, CheckTable table, int complaint, int truth, Set<Reach> already) {
    this.feed = feed;
    this.table = table;
    this.complaint = complaint;
    this.truth = truth;
    this.order = new FixedOrder(feed, table, complaint);
    this.cost = new CheckCost(feed, new AtHand(Set.of(), EnumSet.allOf(Tool.class), true, true));
    open.addAll(already);
  }

  /** Minutes until a fault is seen by itself; empty where it never is. */
  Optional<Double> minutes() {
    if (dark().filter(this::isFoundAlong).isPresent()) {
      return Optional.of(minutes);
    }
    return order.minutes(truth, open).map(more -> minutes + more);
  }

  /** The first lamp that should shine and does not as it should. */
  private Optional<Emitter> dark() {
    return feed.circuit()
        .of(Emitter.class)
        .filter(
            lamp -> {
              int look = table.place(new Check.LampSeen(complaint, lamp.id()));
              return table.sound(look) > 0 && table.shows(look, truth) != table.sound(look);
            })
        .findFirst();
  }

  private boolean isFoundAlong(Emitter lamp) {
    return isFoundBetween(lamp, lamp.plus(), lamp.minus());
  }

  /** Along the way that ends at a part's one terminal and goes on from its other. */
  private boolean isFoundBetween(Part part, String in, String out) {
    List<Step> way = new ArrayList<>();
    way.addAll(way(plus(), in));
    way.add(new Step(part, out));
    way.addAll(way(out, Circuit.GROUND));
    int fed = -1;
    int lost = way.size() - 1;
    while (lost - fed > 1) {
      int middle = (fed + lost) / 2;
      if (isFed(way.get(middle).to())) {
        fed = middle;
      } else {
        lost = middle;
      }
    }
    Part between = way.get(lost).part();
    return isAtFault(between)
        || between instanceof Moving.Relay relay
            && between != part
            && isFoundBetween(relay, relay.pins().p86(), relay.pins().p85());
  }

  private boolean isFed(String node) {
    if (node.equals(Circuit.GROUND)) {
      return false;
    }
    Check check = new Check.Measured(complaint, node, Circuit.GROUND);
    spend(check);
    double battery = table.sound(place(new Check.Measured(complaint, plus(), Circuit.GROUND)));
    return table.shows(place(check), truth) >= FED * battery;
  }

  private int place(Check check) {
    return table.place(check);
  }

  /** A good lamp in its place first; then it is looked over, its pins with it. */
  private boolean isAtFault(Part part) {
    return Stream.of(
            new Check.Exchanged(part.id(), complaint, part.id()), new Check.Inspected(part.id()))
        .filter(table.checks()::contains)
        .anyMatch(
            check -> {
              spend(check);
              return order.reveals(check, truth);
            });
  }

  private void spend(Check check) {
    minutes += check.minutes();
    for (Reach reach : cost.toOpen(check)) {
      minutes += open.add(reach) ? reach.minutes() : 0;
    }
  }

  private String plus() {
    return feed.circuit().of(Supply.class).findFirst().orElseThrow().plus();
  }

  /** A part on the way, and the point behind it. */
  private record Step(Part part, String to) {}

  /** The shortest way between two points over what conducts: wires, contacts, fuses. */
  private List<Step> way(String from, String to) {
    Map<String, List<Step>> ways = new HashMap<>(Map.of(from, List.of()));
    Deque<String> open = new ArrayDeque<>(List.of(from));
    while (!open.isEmpty() && !ways.containsKey(to)) {
      String at = open.pop();
      for (Part part : feed.circuit().parts()) {
        if (conducts(part)) {
          IntStream.range(0, part.branches().size())
              .mapToObj(part.branches()::get)
              .filter(branch -> !branch.name().equals("coil"))
              .flatMap(branch -> behind(branch, at).stream())
              .filter(next -> !ways.containsKey(next))
              .forEach(
                  next -> {
                    List<Step> longer = new ArrayList<>(ways.get(at));
                    longer.add(new Step(part, next));
                    ways.put(next, longer);
                    open.add(next);
                  });
        }
      }
    }
    return ways.getOrDefault(to, List.of());
  }

  private static boolean conducts(Part part) {
    return part instanceof Joining || part instanceof Switch || part instanceof Moving;
  }

  private static Optional<String> behind(Branch branch, String at) {
    return branch.from().equals(at)
        ? Optional.of(branch.to())
        : branch.to().equals(at) ? Optional.of(branch.from()) : Optional.empty();
  }
}

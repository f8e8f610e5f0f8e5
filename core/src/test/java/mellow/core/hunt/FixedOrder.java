package mellow.core.hunt;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Switch;
import mellow.core.fault.Check;
import mellow.core.fault.CheckTable;
import mellow.core.feed.PlannedFeed;

/**
 * How the trade looks for a fault (common practice): a known-good lamp or ballast first, then plug,
 * fuse, a known-good relay, switch and module, grounds, wires, and what is plugged into what. Who
 * does it thinks: what cannot explain how the lamps look in the state that the customer told of is
 * passed over. Nothing is misread.
 */
final class FixedOrder {
  private static final int INSPECTED = 4;
  private static final int PASSED_OVER = 100;

  private final PlannedFeed feed;
  private final CheckTable table;
  private final CheckCost cost;
  private final int complaint;

  /**
   * The order for one complaint.
   *
   * @param complaint the state in which the lamps are known, from the customer
   */
  FixedOrder(PlannedFeed feed, CheckTable table, int complaint) {
    this.complaint = complaint;
    this.feed = feed;
    this.table = table;
    this.cost = new CheckCost(feed, new AtHand(Set.of(), EnumSet.allOf(Tool.class), true, true));
  }

  /**
   * Minutes until a fault is seen by itself, with what is opened; empty where it never is.
   *
   * @param already open
   */
  Optional<Double> minutes(int truth, Set<Reach> already) {
    double minutes = 0;
    Set<Reach> open = EnumSet.noneOf(Reach.class);
    open.addAll(already);
    for (Check check : inOrder()) {
      if (explainsTheComplaint(check, truth)) {
        minutes += check.minutes();
        for (Reach reach : cost.toOpen(check)) {
          minutes += open.add(reach) ? reach.minutes() : 0;
        }
        if (reveals(check, truth)) {
          return Optional.of(minutes);
        }
      }
    }
    return Optional.empty();
  }

  private List<Check> looks() {
    return table.checks().stream()
        .filter(check -> check instanceof Check.LampSeen seen && seen.state() == complaint)
        .toList();
  }

  private List<Check> inOrder() {
    return table.checks().stream()
        .filter(check -> rank(check) < PASSED_OVER)
        .sorted(Comparator.comparingInt(this::rank))
        .toList();
  }

  private int rank(Check check) {
    if (check instanceof Check.Exchanged one && one.state() == complaint) {
      Part part = part(one.part());
      return part instanceof Emitter
          ? one.part().equals(one.lamp()) ? 0 : PASSED_OVER
          : part instanceof Moving.Relay ? 3 : PASSED_OVER;
    } else if (check instanceof Check.PlugLooked) {
      return 1;
    } else if (check instanceof Check.FuseLooked) {
      return 2;
    } else if (check instanceof Check.Inspected one) {
      return INSPECTED + inspected(part(one.part()));
    }
    return PASSED_OVER;
  }

  private static int inspected(Part part) {
    if (part instanceof Switch) {
      return 0;
    } else if (part instanceof Moving.Relay || part instanceof Joining.Guard) {
      return 5;
    } else if (part instanceof Moving) {
      return 1;
    } else if (part instanceof Joining.Wire) {
      return 3;
    }
    return part instanceof Emitter ? 4 : 2;
  }

  private Part part(String id) {
    return feed.circuit().part(id).orElseThrow();
  }

  /** Whether a check shows that its part is at fault; a good part in its place mends the lamp. */
  boolean reveals(Check check, int hypothesis) {
    int place = table.place(check);
    if (check instanceof Check.Exchanged one) {
      int look = table.place(new Check.LampSeen(one.state(), one.lamp()));
      return table.shows(look, hypothesis) != table.sound(look)
          && table.shows(place, hypothesis) == table.sound(look);
    }
    return table.shows(place, hypothesis) != table.sound(place);
  }

  /** Whether some fault that a check would show makes the lamps look as they do. */
  private boolean explainsTheComplaint(Check check, int truth) {
    return IntStream.range(0, table.hypotheses().size())
        .filter(h -> !table.hypotheses().get(h).faults().isEmpty())
        .filter(h -> reveals(check, h))
        .anyMatch(
            h ->
                looks().stream()
                    .mapToInt(table::place)
                    .allMatch(look -> table.shows(look, h) == table.shows(look, truth)));
  }
}

package mellow.core.hunt;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.fault.Check;
import mellow.core.feed.PlannedFeed;
import mellow.core.layout.Layout;
import mellow.core.vehicle.Site;

/** What a check costs as the job stands, and whether it can be made at all. */
final class CheckCost {
  /** Going to the controls and back, alone. Judged. */
  private static final double ALONE_MINUTES = 0.6;

  private final Circuit circuit;
  private final Layout layout;
  private final AtHand atHand;
  private final Set<String> supplies;

  /** By node; asked for at every check. */
  private final Map<String, Optional<Site>> nearest = new HashMap<>();

  CheckCost(PlannedFeed feed, AtHand atHand) {
    this.circuit = feed.circuit();
    this.layout = Layout.of(feed);
    this.atHand = atHand;
    this.supplies = circuit.of(Supply.class).map(Supply::plus).collect(Collectors.toSet());
  }

  /** Minutes for a check, with what has to be opened for it. */
  double minutes(Check check) {
    double minutes = check.minutes();
    if (!atHand.twoPeople() && needsTheControls(check)) {
      minutes += ALONE_MINUTES;
    }
    for (Reach reach : toOpen(check)) {
      minutes += reach.minutes();
    }
    return minutes;
  }

  /**
   * Minutes for a check that are lost if it was not the way: what has to be opened for it counts as
   * far as it would not be opened anyway.
   *
   * @param needed how likely each place has to be opened in the end, 0 to 1
   */
  double regretted(Check check, Map<Reach, Double> needed) {
    double minutes = minutes(check);
    for (Reach reach : toOpen(check)) {
      minutes -= reach.minutes() * needed.getOrDefault(reach, 0.0);
    }
    return minutes;
  }

  private static boolean needsTheControls(Check check) {
    return !(check instanceof Check.OfWhatStays)
        && !(check instanceof Check.Resistance)
        && !(check instanceof Check.FedAlone);
  }

  /** The places that have to be opened for a check. */
  Set<Reach> toOpen(Check check) {
    Set<Reach> closed = reached(check);
    closed.removeAll(atHand.open());
    return closed;
  }

  /** The places that have to be opened for parts to be mended. */
  Set<Reach> toOpen(Set<String> parts) {
    Set<Reach> closed = EnumSet.noneOf(Reach.class);
    parts.forEach(part -> of(part, closed));
    closed.removeAll(atHand.open());
    return closed;
  }

  private Set<Reach> reached(Check check) {
    Set<Reach> reached = EnumSet.noneOf(Reach.class);
    if (check instanceof Check.Measured measured) {
      at(measured.from(), reached);
      at(measured.to(), reached);
    } else if (check instanceof Check.Resistance resistance) {
      at(resistance.from(), reached);
      at(resistance.to(), reached);
    } else if (check instanceof Check.TestLight light) {
      at(light.node(), reached);
    } else if (check instanceof Check.Bridged bridged) {
      at(bridged.from(), reached);
      at(bridged.to(), reached);
    } else if (check instanceof Check.PlugTurned turned) {
      of(turned.lamp(), reached);
    } else if (check instanceof Check.Unplugged one) {
      of(one.part(), reached);
    } else if (check instanceof Check.Exchanged one) {
      of(one.part(), reached);
    } else if (check instanceof Check.Clamped one) {
      of(one.part(), reached);
    } else if (check instanceof Check.Swapped one) {
      of(one.part(), reached);
    } else if (check instanceof Check.Felt one) {
      of(one.part(), reached);
    } else if (check instanceof Check.FedAlone one) {
      of(one.lamp(), reached);
    } else if (check instanceof Check.RelayHeard one) {
      of(one.relay(), reached);
    } else if (check instanceof Check.OfWhatStays one) {
      of(one.part(), reached);
    }
    return reached;
  }

  private void at(String node, Set<Reach> reached) {
    // a clip finds ground and battery anywhere
    if (!node.equals(Circuit.GROUND) && !supplies.contains(node)) {
      nearest(node).flatMap(Reach::of).ifPresent(reached::add);
    }
  }

  /** Where a node is got at the soonest as the job stands. */
  Optional<Site> nearest(String node) {
    return nearest.computeIfAbsent(
        node, one -> layout.sites(one).stream().min(Comparator.comparingDouble(this::minutes)));
  }

  private double minutes(Site site) {
    return Reach.of(site)
        .filter(one -> !atHand.open().contains(one))
        .map(Reach::minutes)
        .orElse(0.0);
  }

  private void of(String part, Set<Reach> reached) {
    Reach.of(layout.site(part).orElse(Site.LOOM)).ifPresent(reached::add);
  }

  /** Whether its tool is there, and nothing forbids it. */
  boolean canBe(Check check) {
    if (check instanceof Check.Resistance) {
      // an ohmmeter on a live circuit reads nonsense, and may die of it
      return !atHand.live() && has(Tool.METER);
    }
    if (!atHand.live() && (check instanceof Check.Wiggled || needsTheControls(check))) {
      return false;
    }
    if (check instanceof Check.FedAlone) {
      return has(Tool.HELPER_BATTERY);
    } else if (check instanceof Check.Clamped) {
      return has(Tool.CLAMP);
    } else if (check instanceof Check.ByMeter) {
      return has(Tool.METER);
    } else if (check instanceof Check.TestLight) {
      return has(Tool.TEST_LIGHT);
    } else if (check instanceof Check.Bridged) {
      return has(Tool.LEADS);
    } else if (check instanceof Check.Exchanged exchanged) {
      Part part = circuit.part(exchanged.part()).orElseThrow();
      return has(
          part instanceof Emitter
              ? Tool.GOOD_LAMP
              : part instanceof Joining.Guard ? Tool.GOOD_FUSE : Tool.GOOD_RELAY);
    }
    return true;
  }

  private boolean has(Tool tool) {
    return atHand.tools().contains(tool);
  }
}

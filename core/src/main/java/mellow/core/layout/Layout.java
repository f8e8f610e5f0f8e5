package mellow.core.layout;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Joining;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.Site;

/** A circuit as it lies on the vehicle. */
public final class Layout {
  private final PlannedFeed feed;
  private final Map<String, Site> parts = new LinkedHashMap<>();

  /** By node, where a part has a terminal on it. */
  private final Map<String, Set<Site>> nodes = new LinkedHashMap<>();

  private Layout(PlannedFeed feed) {
    this.feed = feed;
    for (PlannedPart part : feed.parts()) {
      part.site()
          .ifPresent(
              site -> {
                parts.put(part.id(), site);
                terminals(part).forEach(node -> sites(nodes, node).add(site));
              });
    }
    for (PlannedPart wire : wires()) {
      for (String node : terminals(wire)) {
        if (!nodes.containsKey(node)) {
          sites(nodes, node).add(Site.LOOM);
        }
      }
    }
  }

  /** Of a feed, with each part where the plan has it. */
  public static Layout of(PlannedFeed feed) {
    return new Layout(feed);
  }

  /** The parts at each place; none where wires only pass. */
  public Map<Site, List<String>> places() {
    Map<Site, List<String>> places = new EnumMap<>(Site.class);
    parts.forEach((part, site) -> places.computeIfAbsent(site, at -> new ArrayList<>()).add(part));
    for (Run run : runs()) {
      places.computeIfAbsent(run.from().site(), at -> new ArrayList<>());
      places.computeIfAbsent(run.to().site(), at -> new ArrayList<>());
    }
    return places;
  }

  /** Where a part sits; a wire sits nowhere, it lies between places. */
  public Optional<Site> site(String part) {
    return Optional.ofNullable(parts.get(part));
  }

  /** Where a node can be got at: at each place where something is joined to it. */
  public Set<Site> sites(String node) {
    Set<Site> at = nodes.getOrDefault(node, Set.of());
    return at.isEmpty() ? Set.of() : EnumSet.copyOf(at);
  }

  /**
   * What lies between two places.
   *
   * @param part a wire of the circuit; empty where the circuit takes the wire as one point, since
   *     nothing is known of it but where it leads
   * @param from a node at a place, where it begins
   */
  public record Run(Optional<String> part, End from, End to) {}

  /** An end of a wire. */
  public record End(Site site, String node) {}

  /** Everything that lies between places; what the body joins needs no wire. */
  public List<Run> runs() {
    List<Run> runs = new ArrayList<>();
    for (PlannedPart wire : wires()) {
      if (wire.part() instanceof Joining.Wire one) {
        Site from = end(one.from(), wire.side());
        Site to = end(one.to(), wire.side());
        runs.add(new Run(Optional.of(wire.id()), new End(from, one.from()), new End(to, one.to())));
      }
    }
    nodes.forEach(
        (node, sites) -> {
          Site first = sites.iterator().next();
          if (!feed.rails().ground().contains(node)) {
            sites.stream()
                .skip(1)
                .map(other -> new Run(Optional.empty(), new End(first, node), new End(other, node)))
                .forEach(runs::add);
          }
        });
    return runs;
  }

  /** Where an end of a wire is: beside its own lamps or ground, if it has a side. */
  private Site end(String node, Optional<Side> side) {
    if (feed.rails().ground().contains(node)) {
      return side.map(Site::ground).orElse(Site.BODY_BOLT);
    }
    Set<Site> at = nodes.getOrDefault(node, Set.of(Site.LOOM));
    return at.iterator().next();
  }

  private List<PlannedPart> wires() {
    return feed.parts().stream().filter(part -> part.site().isEmpty()).toList();
  }

  private static Collection<String> terminals(PlannedPart part) {
    return part.part().terminals().stream().filter(node -> !node.isEmpty()).toList();
  }

  private static Set<Site> sites(Map<String, Set<Site>> of, String node) {
    return of.computeIfAbsent(node, ignored -> new LinkedHashSet<>());
  }
}

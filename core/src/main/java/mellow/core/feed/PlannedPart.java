package mellow.core.feed;

import java.util.Map;
import java.util.Optional;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Part;
import mellow.core.subject.Subject;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.Site;

/**
 * A part of an answered plan.
 *
 * @param kind of block that it came from
 * @param name of the block, the same on both sides
 * @param values of the block, with the answers and changes filled in
 * @param factory whether the vehicle had it before
 * @param tag of the plan that it came with, where it stands beside another; empty where it does not
 */
public record PlannedPart(
    Part part, String kind, String name, Map<String, String> values, boolean factory, String tag) {
  /** Says where the part sits on the vehicle, in place of where its kind usually does. */
  static final String AT = "at";

  public PlannedPart {
    values = Map.copyOf(values);
  }

  /** What findings on it are about. */
  public Subject subject() {
    return part.subject();
  }

  public String id() {
    return part.id();
  }

  /** The side that it is on, where both sides have such a part; else empty. */
  public Optional<Side> side() {
    return Optional.ofNullable(values.get(Block.ON_SIDE)).map(Side::valueOf);
  }

  /**
   * Where it sits on the vehicle: as the plan says, else where its kind usually does. A wire lies
   * between places, whatever is said of it.
   */
  public Optional<Site> site() {
    return values.containsKey(AT) && !(part instanceof Joining.Wire)
        ? Optional.of(Site.valueOf(Values.constant(value(AT))))
        : UsualSites.of(part, side());
  }

  /** One of its values; empty where it has none of that name. */
  public String value(String name) {
    return values.getOrDefault(name, "");
  }
}

package mellow.core.rules;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mellow.core.finding.Quantity;
import mellow.core.finding.Source;
import mellow.core.vehicle.LampFunction;
import org.jspecify.annotations.Nullable;

/**
 * What a rule set asks of the place of some lamps.
 *
 * @param id unique in its set: "un-r48.drl.spacing"
 * @param functions the lamps it is for
 * @param asks what is held against the limits
 * @param limits in the unit of {@code asks}
 * @param vehicleWidthMm the widths of vehicle it is for; empty for all
 * @param excuse what makes the rule fall away
 * @param source where it stands
 */
public record PlaceRule(
    String id,
    Set<LampFunction> functions,
    Asks asks,
    Band limits,
    Optional<WidthCondition> vehicleWidthMm,
    Optional<Excuse> excuse,
    Source source) {
  public PlaceRule {
    functions = Set.copyOf(functions);
  }

  /** What a rule of place asks about. */
  public enum Asks {
    /** Lowest point of the lit surface above the ground, mm. */
    LOWER_EDGE_HEIGHT(Quantity.LENGTH, "lower edge"),
    /** Highest point of the lit surface above the ground, mm. */
    UPPER_EDGE_HEIGHT(Quantity.LENGTH, "upper edge"),
    /** Height of the lamp's centre above the ground, mm. */
    CENTRE_HEIGHT(Quantity.LENGTH, "centre"),
    /** From the lit surface's outermost point to the vehicle's outer edge, mm. */
    OUTER_EDGE(Quantity.LENGTH, "distance from the vehicle's side"),
    /** Between the inner edges of the two lit surfaces, mm. */
    INNER_SPACING(Quantity.LENGTH, "space between the inner edges"),
    /** Highest point of the lit surface above that of the low beam, mm. */
    ABOVE_DIPPED(Quantity.LENGTH, "height above the top of the low beam"),
    /** From the lit surface to that of the turn signal on the same side, mm. */
    TURN_SIGNAL_GAP(Quantity.LENGTH, "gap to the turn signal"),
    /** From the lit surface to the optical centre of the turn signal on the same side, mm. */
    TURN_SIGNAL_CENTRE_GAP(Quantity.LENGTH, "gap to the turn signal's optical centre"),
    /** Lit area of one side, all heads together, cm². */
    LIT_AREA(Quantity.AREA, "lit area"),
    /** Intensity on the axis, cd. */
    INTENSITY(Quantity.INTENSITY, "intensity"),
    /** How far the lamp looks away from straight ahead, either way, degrees. */
    HEADING(Quantity.DIRECTION, "direction off straight ahead"),
    /** How many lamps of the function there are. */
    COUNT(Quantity.COUNT, "number of lamps");

    private final Quantity quantity;
    private final String words;

    Asks(Quantity quantity, String words) {
      this.quantity = quantity;
      this.words = words;
    }

    public Quantity quantity() {
      return quantity;
    }

    public String words() {
      return words;
    }

    /** Whether it speaks of both lamps together rather than of each. */
    public boolean ofThePair() {
      return this == INNER_SPACING || this == COUNT;
    }
  }

  /**
   * The widths of vehicle for which a rule holds.
   *
   * @param fromMm from this width on; empty where there is no lower bound
   * @param belowMm below this width; empty where there is no upper bound
   */
  public record WidthCondition(OptionalDouble fromMm, OptionalDouble belowMm) {
    public boolean holdsFor(double widthMm) {
      return widthMm >= fromMm.orElse(0) && widthMm < belowMm.orElse(Double.POSITIVE_INFINITY);
    }
  }

  /**
   * What makes a rule fall away.
   *
   * @param intensityMostCd a lamp no brighter than this; empty where brightness is no excuse
   * @param goesOutWithTurnSignal a lamp that goes out while the turn signal flashes
   */
  public record Excuse(OptionalDouble intensityMostCd, boolean goesOutWithTurnSignal) {}

  /** Whether the rule is for such a lamp on a vehicle of such a width. */
  boolean isFor(LampFunction function, double widthMm) {
    return functions.contains(function)
        && vehicleWidthMm.map(condition -> condition.holdsFor(widthMm)).orElse(true);
  }

  PlaceRule confirmed(@Nullable Confirmation by) {
    return by == null
        ? this
        : new PlaceRule(id, functions, asks, limits, vehicleWidthMm, excuse, by.lift(source));
  }
}

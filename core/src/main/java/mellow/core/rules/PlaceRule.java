package mellow.core.rules;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mellow.core.finding.Quantity;
import mellow.core.finding.Source;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.TurnCategory;
import org.jspecify.annotations.Nullable;

/**
 * What a rule set asks of the place of some lamps.
 *
 * @param id unique in its set: "un-r48.drl.spacing"
 * @param functions the lamps it is for
 * @param asks what is held against the limits
 * @param limits in the unit of {@code asks}
 * @param when the vehicles and lamps it is for
 * @param excuse what makes the rule fall away
 * @param source where it stands
 */
public record PlaceRule(
    String id,
    Set<LampFunction> functions,
    Asks asks,
    Band limits,
    When when,
    Optional<Excuse> excuse,
    Source source) {
  public PlaceRule {
    functions = Set.copyOf(functions);
  }

  /** What a rule of place asks about. */
  public enum Asks {
    /** Lowest point of the lit surface above the ground, mm. */
    LOWER_EDGE_HEIGHT(Quantity.LENGTH),
    /** Highest point of the lit surface above the ground, mm. */
    UPPER_EDGE_HEIGHT(Quantity.LENGTH),
    /** Height of the lamp's centre above the ground, mm. */
    CENTRE_HEIGHT(Quantity.LENGTH),
    /** From the lit surface's outermost point to the vehicle's outer edge, mm. */
    OUTER_EDGE(Quantity.LENGTH),
    /** Between the inner edges of the two lit surfaces, mm. */
    INNER_SPACING(Quantity.LENGTH),
    /** Highest point of the lit surface above that of the low beam, mm. */
    ABOVE_DIPPED(Quantity.LENGTH),
    /** From the lit surface to that of the turn signal on the same side, mm. */
    TURN_SIGNAL_GAP(Quantity.LENGTH),
    /** From the lit surface to the optical centre of the turn signal on the same side, mm. */
    TURN_SIGNAL_CENTRE_GAP(Quantity.LENGTH),
    /** Lit area of one side, all heads together, cm². */
    LIT_AREA(Quantity.AREA),
    /** Intensity on the axis, cd. */
    INTENSITY(Quantity.INTENSITY),
    /** How far the lamp looks away from straight ahead, either way, degrees. */
    HEADING(Quantity.DIRECTION),
    /** Free sight of the whole lit surface past what stands around it, outwards, degrees. */
    SEEN_OUTWARDS(Quantity.DIRECTION),
    /** The same towards the centre line. */
    SEEN_INWARDS(Quantity.DIRECTION),
    /** The same upwards. */
    SEEN_UPWARDS(Quantity.DIRECTION),
    /** The same downwards. */
    SEEN_DOWNWARDS(Quantity.DIRECTION),
    /** How many lamps of the rule's functions there are. */
    COUNT(Quantity.COUNT),
    /** Reference marks of all lamps that are lit as main beams, together. */
    REFERENCE_SUM(Quantity.COUNT);

    private final Quantity quantity;

    Asks(Quantity quantity) {
      this.quantity = quantity;
    }

    public Quantity quantity() {
      return quantity;
    }

    /** Whether it speaks of both lamps together rather than of each. */
    public boolean ofThePair() {
      return this == INNER_SPACING || quantity == Quantity.COUNT || isOfSight();
    }

    /** Whether it asks from how far aside the lamp can be seen. */
    public boolean isOfSight() {
      return switch (this) {
        case SEEN_OUTWARDS, SEEN_INWARDS, SEEN_UPWARDS, SEEN_DOWNWARDS -> true;
        default -> false;
      };
    }
  }

  /**
   * The vehicles and lamps for which a rule holds.
   *
   * @param vehicleWidthMm width of the vehicle
   * @param centreHeightMm height of the lamp's centre
   * @param upperBeam a running lamp that is the dimmed main beam, or one that is not; empty for
   *     both
   */
  public record When(Span vehicleWidthMm, Span centreHeightMm, Optional<Boolean> upperBeam) {
    public static final When ALWAYS = new When(Span.ALL, Span.ALL, Optional.empty());

    /** Whether it holds for a lamp whose centre sits at such a height. */
    public boolean holdsFor(double centreMm, boolean isUpperBeam) {
      return centreHeightMm.holdsFor(centreMm)
          && upperBeam.map(wanted -> wanted == isUpperBeam).orElse(true);
    }
  }

  /**
   * A range of lengths, mm.
   *
   * @param fromMm from this one on; empty where there is no lower bound
   * @param belowMm below this one; empty where there is no upper bound
   */
  public record Span(OptionalDouble fromMm, OptionalDouble belowMm) {
    public static final Span ALL = new Span(OptionalDouble.empty(), OptionalDouble.empty());

    public boolean holdsFor(double mm) {
      return mm >= fromMm.orElse(0) && mm < belowMm.orElse(Double.POSITIVE_INFINITY);
    }
  }

  /**
   * What makes a rule fall away.
   *
   * @param intensityMostCd a lamp no brighter than this; empty where brightness is no excuse
   * @param goesOutWithTurnSignal a lamp that goes out while the turn signal flashes
   * @param turnCategories turn signals that are bright enough to stand nearer; empty for none
   */
  public record Excuse(
      OptionalDouble intensityMostCd,
      boolean goesOutWithTurnSignal,
      Set<TurnCategory> turnCategories) {
    public Excuse {
      turnCategories = Set.copyOf(turnCategories);
    }
  }

  /** Whether the rule is for such a lamp on a vehicle of such a width. */
  boolean isFor(LampFunction function, double widthMm) {
    return functions.contains(function) && when.vehicleWidthMm().holdsFor(widthMm);
  }

  PlaceRule confirmed(@Nullable Confirmation by) {
    return by == null
        ? this
        : new PlaceRule(id, functions, asks, limits, when, excuse, by.lift(source));
  }
}

package mellow.core.placement;

import java.util.OptionalDouble;
import mellow.core.rules.PlaceRule;

/**
 * A limit as a line on the drawing.
 *
 * @param rule of the findings that judge it
 * @param ruleSetId whose limit it is
 * @param asks what it limits
 * @param atLeast a lower limit; else an upper one
 * @param limit in the unit of what it limits
 * @param lineMm where the line stands: a height above the ground, or a distance from the centre
 *     line; empty where it is none (an area, a direction)
 */
public record Bound(
    String rule,
    String ruleSetId,
    PlaceRule.Asks asks,
    boolean atLeast,
    double limit,
    OptionalDouble lineMm) {}

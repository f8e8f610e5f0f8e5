package mellow.core.rules;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;
import mellow.core.finding.Limit;

/**
 * What a rule allows, in the rule's own unit.
 *
 * @param lowest the least that is allowed; empty where the rule sets no lower limit
 * @param highest the most that is allowed; empty where the rule sets no upper limit
 */
public record Band(OptionalDouble lowest, OptionalDouble highest) {
  public Band {
    if (lowest.isEmpty() && highest.isEmpty()) {
      throw new CannotBe(RulesWords.noLimit());
    }
    if (lowest.isPresent()
        && highest.isPresent()
        && lowest.getAsDouble() >= highest.getAsDouble()) {
      throw new CannotBe(
          RulesWords.lowestAbove(
              Figure.number(lowest.getAsDouble()), Figure.number(highest.getAsDouble())));
    }
  }

  public static Band between(double lowest, double highest) {
    return new Band(OptionalDouble.of(lowest), OptionalDouble.of(highest));
  }

  /** Half the band's width; where one side is open, the given substitute. */
  public double halfWidthOr(double substitute) {
    return lowest.isPresent() && highest.isPresent()
        ? (highest.getAsDouble() - lowest.getAsDouble()) / 2
        : substitute;
  }

  /** Distance to the nearer limit: positive inside, negative outside. */
  public double marginOf(double value) {
    return Math.min(
        value - lowest.orElse(Double.NEGATIVE_INFINITY),
        highest.orElse(Double.POSITIVE_INFINITY) - value);
  }

  /** Whether the highest limit, not the lowest, is the nearer one. */
  public boolean isNearerToHighest(double value) {
    return highest.orElse(Double.POSITIVE_INFINITY) - value
        <= value - lowest.orElse(Double.NEGATIVE_INFINITY);
  }

  /** The same as a finding says it. */
  public Limit limit(DoubleFunction<Figure> figure) {
    return new Limit(of(lowest, figure), of(highest, figure));
  }

  private static Optional<Figure> of(OptionalDouble end, DoubleFunction<Figure> figure) {
    return end.isPresent() ? Optional.of(figure.apply(end.getAsDouble())) : Optional.empty();
  }

  /** The limit nearer to the given value. */
  public double nearestLimit(double value) {
    return isNearerToHighest(value) ? highest.orElseThrow() : lowest.orElseThrow();
  }
}

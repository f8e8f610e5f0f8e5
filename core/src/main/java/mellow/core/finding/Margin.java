package mellow.core.finding;

/**
 * How far a measured value stands from its limit.
 *
 * @param amount positive within the limit, negative beyond it
 * @param uncertainty of the measured value, in the same unit
 * @param share the amount as a share of what the rule leaves room for (half the width of its band),
 *     so that margins of different kinds can be drawn side by side; same sign as the amount
 * @param limit what the value is held against, in the quantity of the value
 */
public record Margin(Figure amount, Figure uncertainty, double share, Limit limit) {

  /** The margin against room of the given size; {@code room} is positive. */
  public static Margin of(Figure amount, double uncertainty, double room, Limit limit) {
    if (!(room > 0)) {
      throw new IllegalArgumentException("the room must be positive, not " + room);
    }
    return new Margin(
        amount, Figure.of(uncertainty, amount.quantity()), amount.value() / room, limit);
  }

  /** The margin of a value that may be so much at most, and anything less. */
  public static Margin upTo(Figure most, double value, double uncertainty) {
    return of(
        Figure.of(most.value() - value, most.quantity()),
        uncertainty,
        most.value(),
        Limit.most(most));
  }

  public Verdict verdict() {
    return Verdict.of(amount.value(), uncertainty.value());
  }
}

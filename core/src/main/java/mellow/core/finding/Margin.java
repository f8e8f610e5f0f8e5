package mellow.core.finding;

/**
 * How far a measured value stands from its limit.
 *
 * @param amount positive within the limit, negative beyond it
 * @param uncertainty of the measured value, in the same unit
 * @param share the amount as a share of what the rule leaves room for (half the width of its band),
 *     so that margins of different kinds can be drawn side by side; same sign as the amount
 */
public record Margin(Figure amount, Figure uncertainty, double share) {

  /** The margin against room of the given size; {@code room} is positive. */
  public static Margin of(Figure amount, double uncertainty, double room) {
    if (!(room > 0)) {
      throw new IllegalArgumentException("the room must be positive, not " + room);
    }
    return new Margin(amount, Figure.of(uncertainty, amount.quantity()), amount.value() / room);
  }

  public Verdict verdict() {
    return Verdict.of(amount.value(), uncertainty.value());
  }
}

package mellow.core.workflow.ledger;

import java.util.Optional;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.Side;

/**
 * A place that was pointed at on the vehicle.
 *
 * @param view from where it is seen
 * @param across share of the view, 0 to 1; which way is said in the package
 * @param up share of the view, 0 to 1
 */
public record Spot(View view, double across, double up) {
  private static final double OUTER_THIRD = 1 / 3.0;

  /** From where the vehicle is seen. */
  public enum View {
    FRONT,
    LEFT_SIDE,
    RIGHT_SIDE,
    UNDERSIDE
  }

  public Spot {
    if (!(across >= 0 && across <= 1 && up >= 0 && up <= 1)) {
      throw new CannotBe(LedgerWords.outsideVehicle());
    }
  }

  /** On which side it lies; empty for the middle. */
  public Optional<Side> side() {
    return switch (view) {
      case LEFT_SIDE -> Optional.of(Side.LEFT);
      case RIGHT_SIDE -> Optional.of(Side.RIGHT);
      case FRONT -> side(across);
      case UNDERSIDE -> side(up);
    };
  }

  private static Optional<Side> side(double leftward) {
    if (leftward > 1 - OUTER_THIRD) {
      return Optional.of(Side.LEFT);
    }
    return leftward < OUTER_THIRD ? Optional.of(Side.RIGHT) : Optional.empty();
  }

  /** In words: "upper edge, left". */
  public Sentence words() {
    return side().map(side -> LedgerWords.onSide(place(), side)).orElse(place());
  }

  /** The same without the side. */
  Sentence place() {
    return switch (view) {
      case FRONT ->
          third(up, LedgerWords.lowerEdge(), LedgerWords.middle(), LedgerWords.upperEdge());
      case LEFT_SIDE, RIGHT_SIDE ->
          across < OUTER_THIRD
              ? third(up, LedgerWords.underCorner(), LedgerWords.corner(), LedgerWords.wing())
              : third(up, LedgerWords.sill(), LedgerWords.wheelArch(), LedgerWords.wing());
      case UNDERSIDE ->
          third(
              across,
              LedgerWords.undersideFront(),
              LedgerWords.undersideBehind(),
              LedgerWords.undersideBack());
    };
  }

  private static Sentence third(double share, Sentence low, Sentence middle, Sentence high) {
    return share < OUTER_THIRD ? low : share > 1 - OUTER_THIRD ? high : middle;
  }
}

package mellow.core.workflow.ledger;

import java.util.Optional;
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
      throw new IllegalArgumentException("The place lies outside the vehicle.");
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
  public String words() {
    String where =
        switch (view) {
          case FRONT -> third(up, "lower edge", "middle", "upper edge");
          case LEFT_SIDE, RIGHT_SIDE ->
              across < OUTER_THIRD
                  ? third(up, "under the front corner", "front corner", "wing")
                  : third(up, "sill", "wheel arch", "wing");
          case UNDERSIDE ->
              "underside, " + third(across, "front edge", "behind the edge", "far back");
        };
    return side().map(side -> where + ", " + side.word()).orElse(where);
  }

  private static String third(double share, String low, String middle, String high) {
    return share < OUTER_THIRD ? low : share > 1 - OUTER_THIRD ? high : middle;
  }
}

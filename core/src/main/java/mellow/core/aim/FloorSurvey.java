package mellow.core.aim;

import java.util.List;
import java.util.OptionalDouble;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;

/**
 * What was read of a bay's floor with a water level or a laser, all from one level.
 *
 * @param plan where the readings were taken
 * @param tyres heights at the tyre contacts; a tyre that was read twice stands here twice
 * @param footMm heights at the wall's foot, ahead of the left and right lamp
 * @param underLampMm heights of the floor straight below the lamps' centres, where they were read
 * @param readingErrorMm what the coarsest of these heights was read to, ± mm
 */
public record FloorSurvey(
    Plan plan,
    List<TyreReading> tyres,
    BySide<OptionalDouble> footMm,
    BySide<OptionalDouble> underLampMm,
    double readingErrorMm) {

  /** A tyre's contact with the floor. */
  public enum Corner {
    FRONT_LEFT(Side.LEFT, true),
    FRONT_RIGHT(Side.RIGHT, true),
    REAR_LEFT(Side.LEFT, false),
    REAR_RIGHT(Side.RIGHT, false);

    private final Side side;
    private final boolean front;

    Corner(Side side, boolean front) {
      this.side = side;
      this.front = front;
    }
  }

  /** A height read at a tyre, in mm, up is positive. */
  public record TyreReading(Corner corner, double heightMm) {}

  /**
   * Where the tyres stood when the floor was read.
   *
   * @param frontTyresToWallMm front axle to wall
   * @param wheelbaseMm front to rear axle
   * @param trackMm left to right tyre
   * @param footSpacingMm between the two readings at the wall's foot
   */
  public record Plan(
      double frontTyresToWallMm, double wheelbaseMm, double trackMm, double footSpacingMm) {
    public Plan {
      requirePositive(frontTyresToWallMm, "front tyres to wall");
      requirePositive(wheelbaseMm, "wheelbase");
      requirePositive(trackMm, "track");
      requirePositive(footSpacingMm, "spacing at the wall's foot");
    }

    private static void requirePositive(double mm, String what) {
      if (!(mm > 0)) {
        throw new IllegalArgumentException(what + " must be positive, not " + mm);
      }
    }
  }

  public FloorSurvey {
    tyres = List.copyOf(tyres);
  }

  List<FloorPlane.Point> points() {
    return tyres.stream()
        .map(
            tyre ->
                new FloorPlane.Point(
                    tyre.corner().side.sign() * plan.trackMm() / 2,
                    -plan.frontTyresToWallMm() - (tyre.corner().front ? 0 : plan.wheelbaseMm()),
                    tyre.heightMm()))
        .toList();
  }

  /** Each of the four tyres was read at least twice, so that a slip would show. */
  boolean everyTyreReadTwice() {
    return List.of(Corner.values()).stream()
        .allMatch(corner -> tyres.stream().filter(tyre -> tyre.corner() == corner).count() >= 2);
  }
}

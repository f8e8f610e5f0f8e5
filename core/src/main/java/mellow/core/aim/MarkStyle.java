package mellow.core.aim;

import java.util.Optional;
import mellow.core.measure.Measured;
import mellow.core.vehicle.BySide;

/**
 * How the tape is put on the wall.
 *
 * @param edge which edge of the tape is the line
 * @param tapeWidthMm width of the tape
 * @param origin where the lamp-height line comes from
 * @param axisMark transferred only: heights above the wall's foot at which the axes were taped
 */
public record MarkStyle(
    Edge edge, double tapeWidthMm, Origin origin, BySide<Optional<Measured>> axisMark) {

  /** The part of a tape that is the line. */
  public enum Edge {
    UPPER,
    MIDDLE,
    LOWER
  }

  /** Where the lamp-height line comes from. */
  public enum Origin {
    /** Taped up from the floor by computed heights. */
    MEASURED,
    /** Taped at the lamps' axes with the vehicle at the wall, then reversed straight back. */
    TRANSFERRED
  }

  /** The usual way: upper edge, inch-wide tape, measured. */
  public static MarkStyle usual() {
    return new MarkStyle(Edge.UPPER, 25, Origin.MEASURED, BySide.of(side -> Optional.empty()));
  }

  /** Height of the tape's upper edge for a line at the given height, in mm. */
  public double upperEdgeMm(double lineMm) {
    return switch (edge) {
      case UPPER -> lineMm;
      case MIDDLE -> lineMm + tapeWidthMm / 2;
      case LOWER -> lineMm + tapeWidthMm;
    };
  }
}

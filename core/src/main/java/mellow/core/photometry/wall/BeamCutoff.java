package mellow.core.photometry.wall;

import java.util.Optional;
import mellow.core.photometry.Beam;

/**
 * A cutoff in the light itself: where the logarithm of the intensity falls steepest from below
 * upwards over a tenth of a degree, as instruments for aiming take it (UN R112 annex on the cutoff,
 * from memory).
 *
 * @param flatDeg height of the flat part where it ends, degrees up of the lamp's axis
 * @param rollDeg of the flat part, positive where its left end is higher
 * @param sharpness the largest step of log10 of the intensity over 0.1°; UN R112 asks for 0.13 to
 *     0.40
 * @param arm what rises beside the flat part; empty where nothing does
 */
public record BeamCutoff(double flatDeg, double rollDeg, double sharpness, Optional<Arm> arm) {

  /**
   * The part of a cutoff that is not flat.
   *
   * @param elbowDeg where it leaves the flat part, degrees to the right
   * @param slopeDeg how steeply it rises towards its own side
   */
  public record Arm(double elbowDeg, double slopeDeg) {}

  /** The part of the beam in which the flat part of a cutoff is sought. */
  public enum Flat {
    /** To the left of straight ahead: low beams for traffic on the right, and VOL. */
    LEFT(-5, -1),
    /** To the right: low beams for traffic on the left, and VOR. */
    RIGHT(1, 5),
    /** All over, as with fog lamps. */
    WHOLE(-5, 5);

    private final double fromDeg;
    private final double toDeg;

    Flat(double fromDeg, double toDeg) {
      this.fromDeg = fromDeg;
      this.toDeg = toDeg;
    }

    /** The part of the same lamp made for traffic on the other side. */
    public Flat mirrored() {
      return switch (this) {
        case LEFT -> RIGHT;
        case RIGHT -> LEFT;
        case WHOLE -> WHOLE;
      };
    }
  }

  /** Finds a cutoff; empty where the light fades without one. */
  public static Optional<BeamCutoff> of(Beam beam, Flat flat) {
    return new CutoffSearch(beam).find(flat.fromDeg, flat.toDeg, flat);
  }
}

package mellow.core.aim;

import mellow.core.measure.Measured;
import mellow.core.vehicle.Side;

/** What happened at the wall, in the order in which it happened. */
public sealed interface AimEvent {
  Side side();

  /**
   * A cutoff's flat part was read.
   *
   * @param read where it stood, by {@code datum}
   */
  record CutoffRead(Side side, Measured read, Datum datum) implements AimEvent {}

  /**
   * A low beam's flat part was read with the vehicle loaded and its levelling set for the load.
   *
   * @param below down from the line at the height that the lamp has then
   */
  record LadenRead(Side side, Measured below) implements AimEvent {}

  /** From where a cutoff was measured. */
  enum Datum {
    /** Down from the lamp-height line; a cutoff above the line is negative. */
    BELOW_LINE,
    /** Up from the wall's foot. */
    ABOVE_FOOT
  }

  /** The cutoff's step was read, to the left of this lamp's straight-ahead line. */
  record StepRead(Side side, Measured left) implements AimEvent {}

  /**
   * Two points of the cutoff's flat part were read.
   *
   * @param leftHigher by how much the left one stands higher
   * @param runMm horizontal distance between them, positive
   */
  record RollRead(Side side, Measured leftHigher, double runMm) implements AimEvent {}

  /** An adjuster was turned; clockwise is positive, seen facing the screw's head. */
  record Turned(Side side, String adjusterId, double turns) implements AimEvent {}
}

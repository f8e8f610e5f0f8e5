package mellow.server.sheet;

/** The documents of a job, by what they settle. */
public enum SheetKind {
  /** What is wanted, and how the vehicle was taken in. */
  TAKE_IN,
  /** What the job found, for the next one like it. */
  FOUND,
  /** The parts, and whether they are right. */
  PARTS,
  /** The front with its lamps. */
  PLACE,
  /** How the lamps are fed. */
  FEED,
  /** What is told to the owner at the end. */
  HAND_OVER
}

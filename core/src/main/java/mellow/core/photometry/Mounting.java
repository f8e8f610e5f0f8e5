package mellow.core.photometry;

/**
 * How a lamp sits on the vehicle.
 *
 * @param place its centre
 * @param upDeg how far its axis points up
 * @param rightDeg how far its axis points to the right of straight ahead
 * @param rollDeg positive where the left end of a level cutoff is raised, seen from the seat
 */
public record Mounting(Place place, double upDeg, double rightDeg, double rollDeg) {
  /** A point in the vehicle's frame, mm: x to its left, y forward, z up. */
  public record Place(double xMm, double yMm, double zMm) {}

  /** A lamp that points straight ahead and level. */
  public static Mounting level(Place place) {
    return new Mounting(place, 0, 0, 0);
  }
}

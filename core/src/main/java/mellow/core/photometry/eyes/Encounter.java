package mellow.core.photometry.eyes;

import mellow.core.photometry.MountedBeam;
import mellow.core.photometry.Mounting.Place;
import mellow.core.photometry.eyes.Glare.Source;
import mellow.core.photometry.road.Headlamps;
import mellow.core.photometry.road.Lane;
import mellow.core.photometry.road.RoadShape;

/**
 * Somebody else on the road.
 *
 * @param lane the road, the vehicle with the lamps in its own lane
 * @param eyeHeightMm of the other driver over the road
 * @param towardsMiddleMm how far the other driver sits from the middle of the lane, towards the
 *     middle of the road
 */
public record Encounter(Lane lane, double eyeHeightMm, double towardsMiddleMm) {
  private static final double MM2_PER_M2 = 1e6;

  /**
   * 3 m aside and 1.25 m high: at 50 m, before lamps 0.75 m high, the point B50L of UN R112, 3.43°
   * to the left and 0.57° up (from memory).
   */
  public static Encounter usual(Lane lane) {
    return new Encounter(lane, 1250, lane.widthMm() - 3000);
  }

  /** Where the eye of the oncoming driver is, so far ahead of the lamps. */
  public Place eye(RoadShape road, double aheadMm) {
    double middle = lane.oncomingXMm();
    return new Place(
        middle - Math.signum(middle) * towardsMiddleMm,
        aheadMm,
        road.heightMm(aheadMm) + eyeHeightMm);
  }

  /** What an oncoming driver has in the eye who looks straight along the lane. */
  public Glare oncoming(Headlamps headlamps, RoadShape road, double aheadMm) {
    Place eye = eye(road, aheadMm);
    return new Glare(
        headlamps.lamps().stream()
            .filter(lamp -> !road.hides(lamp.place().zMm(), eye))
            .map(lamp -> source(lamp, eye))
            .toList());
  }

  private static Source source(MountedBeam lamp, Place eye) {
    double x = eye.xMm() - lamp.place().xMm();
    double y = eye.yMm() - lamp.place().yMm();
    double z = eye.zMm() - lamp.place().zMm();
    double aside = Math.hypot(x, z);
    double squared = aside * aside + y * y;
    double cosine = y / Math.sqrt(squared);
    return new Source(
        lamp.candela(eye) / squared * MM2_PER_M2 * cosine, Math.toDegrees(Math.atan2(aside, y)));
  }

  /** Which mirror of the car ahead. */
  public enum Mirror {
    INSIDE(0, 1250),
    /** On the side of the oncoming lane. */
    OUTSIDE(900, 1000);

    private final double towardsOncomingMm;
    private final double heightMm;

    Mirror(double towardsOncomingMm, double heightMm) {
      this.towardsOncomingMm = towardsOncomingMm;
      this.heightMm = heightMm;
    }
  }

  /**
   * Light on a mirror of a car that goes ahead in the same lane, lx. The places of the mirrors are
   * judged, for a car; what its driver gets is this times what glass and mirror let through.
   */
  public double mirrorLux(Headlamps headlamps, RoadShape road, Mirror mirror, double aheadMm) {
    return headlamps.lux(
        road,
        Math.signum(lane.oncomingXMm()) * mirror.towardsOncomingMm,
        aheadMm,
        mirror.heightMm,
        MountedBeam.Facing.BACKWARD);
  }
}

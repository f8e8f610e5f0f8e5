package mellow.core.photometry;

import mellow.core.photometry.Mounting.Place;

/** A lamp's light, from where it sits on the vehicle and the way it points. */
public final class MountedBeam {
  /** Candela over square millimetres, as lux. */
  private static final double MM2_PER_M2 = 1e6;

  private final Beam beam;
  private final Place place;
  private final double[] right;
  private final double[] forward;
  private final double[] up;

  public MountedBeam(Beam beam, Mounting mounting) {
    this.beam = beam;
    this.place = mounting.place();
    double heading = Math.toRadians(mounting.rightDeg());
    double pitch = Math.toRadians(mounting.upDeg());
    double roll = Math.toRadians(mounting.rollDeg());
    double sinHeading = Math.sin(heading);
    double cosHeading = Math.cos(heading);
    this.forward =
        new double[] {-sinHeading * Math.cos(pitch), cosHeading * Math.cos(pitch), Math.sin(pitch)};
    double[] level = {-cosHeading, -sinHeading, 0};
    double[] upright = {
      sinHeading * Math.sin(pitch), -cosHeading * Math.sin(pitch), Math.cos(pitch)
    };
    this.right = mixed(level, Math.cos(roll), upright, -Math.sin(roll));
    this.up = mixed(upright, Math.cos(roll), level, Math.sin(roll));
  }

  private static double[] mixed(double[] one, double share, double[] other, double otherShare) {
    return new double[] {
      share * one[0] + otherShare * other[0],
      share * one[1] + otherShare * other[1],
      share * one[2] + otherShare * other[2]
    };
  }

  public Place place() {
    return place;
  }

  /** Intensity towards a point, in cd. */
  public double candela(Place point) {
    return candela(point.xMm() - place.xMm(), point.yMm() - place.yMm(), point.zMm() - place.zMm());
  }

  private double candela(double x, double y, double z) {
    return beam.towards(
        right[0] * x + right[1] * y + right[2] * z,
        forward[0] * x + forward[1] * y + forward[2] * z,
        up[0] * x + up[1] * y + up[2] * z);
  }

  /** Illuminance at a point, in lx: intensity over distance squared, by the way its face looks. */
  public double lux(double xMm, double yMm, double zMm, Facing facing) {
    double x = xMm - place.xMm();
    double y = yMm - place.yMm();
    double z = zMm - place.zMm();
    double squared = x * x + y * y + z * z;
    double distance = Math.sqrt(squared);
    double cosine =
        switch (facing) {
          case BACKWARD -> y / distance;
          case UP -> -z / distance;
        };
    return cosine <= 0 ? 0 : candela(x, y, z) / squared * MM2_PER_M2 * cosine;
  }

  /** Which way a small lit face looks. */
  public enum Facing {
    /** Upright, towards the vehicle, as a wall or a pedestrian stands. */
    BACKWARD,
    /** Lying, as the road's surface. */
    UP
  }
}

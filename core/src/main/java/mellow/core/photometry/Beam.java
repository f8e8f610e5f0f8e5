package mellow.core.photometry;

import mellow.core.photometry.lm63.BeamFile;
import mellow.core.photometry.lm63.Grid;
import mellow.core.photometry.lm63.PhotometricType;

/**
 * The light of one lamp in every direction.
 *
 * <p>Between the file's angles it is smooth and never outside the values around it; outside them
 * there is none. The source's tilt factors are left out: a lamp is used the way it was measured.
 */
public final class Beam {
  /** Steps in which a whole sphere is added up, degrees. */
  private static final double FLUX_STEP_DEG = 0.25;

  private final PhotometricType type;
  private final Surface surface;
  private final boolean mirrored;

  private Beam(PhotometricType type, Surface surface, boolean mirrored) {
    this.type = type;
    this.surface = surface;
    this.mirrored = mirrored;
  }

  /** The light that a file describes, its factors included. */
  public static Beam of(BeamFile file) {
    Grid whole = Whole.of(file.grid());
    double factor = file.factor();
    double[][] candela = new double[whole.candela().length][];
    for (int i = 0; i < candela.length; i++) {
      candela[i] = whole.candela()[i].clone();
      for (int j = 0; j < candela[i].length; j++) {
        candela[i][j] *= factor;
      }
    }
    return new Beam(
        whole.type(), new Surface(whole.horizontal(), whole.vertical(), candela), false);
  }

  /** The same lamp made for traffic on the other side. */
  public Beam mirrored() {
    return new Beam(type, surface, !mirrored);
  }

  /**
   * Intensity in a direction, in cd.
   *
   * @param hDeg to the right
   * @param vDeg up
   */
  public double candela(double hDeg, double vDeg) {
    if (type == PhotometricType.A) {
      return surface.at(mirrored ? -hDeg : hDeg, vDeg);
    }
    double h = Math.toRadians(hDeg);
    double v = Math.toRadians(vDeg);
    return towards(Math.sin(h) * Math.cos(v), Math.cos(h) * Math.cos(v), Math.sin(v));
  }

  /** Intensity along a vector of any length in the lamp's own axes, in cd. */
  public double towards(double right, double forward, double up) {
    double aside = mirrored ? -right : right;
    return switch (type) {
      case A -> surface.at(degrees(aside, forward), degrees(up, Math.hypot(aside, forward)));
      case B -> surface.at(degrees(aside, Math.hypot(forward, up)), degrees(up, forward));
      case C -> {
        double plane = degrees(up, aside);
        yield surface.at(plane < 0 ? plane + 360 : plane, degrees(Math.hypot(aside, up), forward));
      }
    };
  }

  private static double degrees(double opposite, double adjacent) {
    return Math.toDegrees(Math.atan2(opposite, adjacent));
  }

  /** Luminous flux, in lm: the intensity added up over the sphere. */
  public double lumens() {
    double lumens = 0;
    double step = Math.toRadians(FLUX_STEP_DEG);
    for (double v = -90 + FLUX_STEP_DEG / 2; v < 90; v += FLUX_STEP_DEG) {
      double ring = 0;
      for (double h = -180 + FLUX_STEP_DEG / 2; h < 180; h += FLUX_STEP_DEG) {
        ring += candela(h, v);
      }
      lumens += ring * Math.cos(Math.toRadians(v)) * step * step;
    }
    return lumens;
  }
}

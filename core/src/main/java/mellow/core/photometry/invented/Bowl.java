package mellow.core.photometry.invented;

/**
 * A reflector of facets, made for one source and lit by another.
 *
 * <p>A paraboloid of focal length f: its facet at the angle β from the axis (as seen from the
 * focus, counted from the vertex) and φ round it (0 to the right, 90° up, seen from behind) lies s
 * = 2f ÷ (1 + cos β) from the focus and catches the light of sin β dβ dφ. A point of the source off
 * the focus by a (forward) and t (across) is thrown off the facet's own direction, to first order,
 * by
 *
 * <p>δ = −(a sin β + t·e cos β) ÷ s along e = (cos φ, sin φ), and −t·n ÷ s along n = (−sin φ, cos
 * φ).
 *
 * <p>Each facet has a place aside, drawn evenly over its zone, and is tilted so that the upper edge
 * of the image of the source it was made for just touches the cutoff, or lies below it where the
 * foreground is lit. With another source in its place the images are larger or elsewhere, and what
 * hangs over the edge is glare. Surface and lens blur each point by a bell of {@link #BLUR_DEG} up
 * and down; a share of all light is strewn.
 */
final class Bowl {
  private static final double FOCAL_MM = 24;
  private static final double FROM_VERTEX_DEG = 24;
  private static final double TO_VERTEX_DEG = 112;
  private static final int RINGS = 44;
  private static final int SPOKES = 88;
  private static final double BLUR_DEG = 0.1;
  private static final double FLUTE_NEAR_DEG = 3;
  private static final double FLUTE_FAR_DEG = 0.45;

  /** How far the facets nearest and farthest from the source throw their images aside. */
  private static final double WIDE_DEG = 34;

  private static final double NARROW_DEG = 5;
  private static final double MIDDLE_DEG = 2.3;
  private static final double REFLECTED = 0.76;
  private static final double STRAY_SHARE = 0.045;
  private static final double STRAY_DEG = 11;

  private static final double GOLDEN = 0.6180339887498949;

  private final Edge edge;
  private final Canvas canvas = new Canvas();

  private Bowl(Edge edge) {
    this.edge = edge;
  }

  /** The light of a bowl made for a filament with another source, or the same, in its place. */
  static Light of(Edge edge, LightSource madeFor, LightSource lit) {
    Bowl bowl = new Bowl(edge);
    bowl.trace(madeFor, lit);
    return bowl.canvas::candela;
  }

  private void trace(LightSource madeFor, LightSource lit) {
    double whole = 0;
    for (double beta = 0.5; beta < 180; beta++) {
      for (double phi = 2.5; phi < 360; phi += 5) {
        whole +=
            lit.towards().relative(Math.toRadians(beta), Math.toRadians(phi))
                * Math.sin(Math.toRadians(beta));
      }
    }
    double perUnit = lit.lumens() * REFLECTED / (whole * Math.toRadians(1) * Math.toRadians(5));
    double ringWidth = Math.toRadians(TO_VERTEX_DEG - FROM_VERTEX_DEG) / RINGS;
    double spokeWidth = 2 * Math.PI / SPOKES;
    double strewn = 0;
    for (int ring = 0; ring < RINGS; ring++) {
      double beta = Math.toRadians(FROM_VERTEX_DEG) + (ring + 0.5) * ringWidth;
      double far = (ring + 0.5) / RINGS;
      for (int spoke = 0; spoke < SPOKES; spoke++) {
        double phi = (spoke + 0.5) * spokeWidth;
        double lumens =
            perUnit * lit.towards().relative(beta, phi) * Math.sin(beta) * ringWidth * spokeWidth;
        strewn += lumens * STRAY_SHARE;
        facet(
            new Facet(beta, phi, far, ring * SPOKES + spoke),
            madeFor,
            lit,
            lumens * (1 - STRAY_SHARE));
      }
    }
    canvas.strew(strewn, STRAY_DEG);
  }

  /**
   * @param far 0 for those next to the source, with large images, to 1 at the rim
   * @param number that decides where it aims
   */
  private record Facet(double beta, double phi, double far, int number) {
    /** Where a point of the source goes, off the facet's own direction: right and up, degrees. */
    double[] thrown(LightSource.Point point) {
      double distance = 2 * FOCAL_MM / (1 + Math.cos(beta));
      double across = point.rightMm() * Math.cos(phi) + point.upMm() * Math.sin(phi);
      double along = -(point.forwardMm() * Math.sin(beta) + across * Math.cos(beta)) / distance;
      double round = -(point.upMm() * Math.cos(phi) - point.rightMm() * Math.sin(phi)) / distance;
      return new double[] {
        Math.toDegrees(along * Math.cos(phi) - round * Math.sin(phi)),
        Math.toDegrees(along * Math.sin(phi) + round * Math.cos(phi))
      };
    }

    private double even(int turn) {
      double value = 0.5 + (number * 4.0 + turn) * GOLDEN + turn * 0.31;
      return value - Math.floor(value);
    }

    /**
     * Those at the rim and to the sides, whose images lie flat, make the bright middle; those near
     * the source, above and below it, the width.
     */
    double asideDeg() {
      double upright = Math.sin(phi) * Math.sin(phi);
      double wide = NARROW_DEG + (WIDE_DEG - NARROW_DEG) * Math.max((1 - far) * (1 - far), upright);
      double even = 2 * even(0) - 1;
      return MIDDLE_DEG + wide * Math.signum(even) * Math.pow(Math.abs(even), 1 + far);
    }

    /** Some light the foreground: so far below the cutoff. */
    double belowDeg() {
      double even = even(1);
      return (1 - far) * 5 * even * even + 0.9 * even(2) * even(2) * far;
    }
  }

  private void facet(Facet facet, LightSource madeFor, LightSource lit, double lumens) {
    double aside = facet.asideDeg();
    double height = Double.POSITIVE_INFINITY;
    for (LightSource.Point point : madeFor.points()) {
      double[] thrown = facet.thrown(point);
      height = Math.min(height, edge.heightDeg(aside + thrown[0]) - thrown[1]);
    }
    height -= facet.belowDeg() + BLUR_DEG;
    double flute = FLUTE_NEAR_DEG + (FLUTE_FAR_DEG - FLUTE_NEAR_DEG) * facet.far();
    for (LightSource.Point point : lit.points()) {
      double[] thrown = facet.thrown(point);
      canvas.bell(aside + thrown[0], height + thrown[1], flute, BLUR_DEG, lumens * point.share());
    }
  }
}

package mellow.core.placement;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** The library's overlay that never fails, whatever nearly touches: it snaps where it has to. */
public final class Shapes {
  private Shapes() {}

  public static Geometry union(Collection<Geometry> shapes) {
    return OverlayNGRobust.union(shapes);
  }

  public static Geometry common(Geometry one, Geometry other) {
    return OverlayNGRobust.overlay(one, other, OverlayNG.INTERSECTION);
  }

  /**
   * How far two shapes lie apart: from a corner of one to an edge of the other, or 0. The library's
   * own distance takes a root for each pair of edges, which was two thirds of a judgement.
   */
  static double gap(Geometry one, Geometry other) {
    if (one.getEnvelopeInternal().intersects(other.getEnvelopeInternal())
        && one.intersects(other)) {
      return 0;
    }
    if (one.getDimension() == 0 || other.getDimension() == 0) {
      return one.distance(other);
    }
    double least = Double.POSITIVE_INFINITY;
    for (LineString ours : lines(one)) {
      for (LineString theirs : lines(other)) {
        least = squaredGap(ours.getCoordinates(), theirs.getCoordinates(), least);
        least = squaredGap(theirs.getCoordinates(), ours.getCoordinates(), least);
      }
    }
    return Math.sqrt(least);
  }

  private static List<LineString> lines(Geometry shape) {
    List<LineString> lines = new ArrayList<>();
    shape.apply(new LinearComponentExtracter(lines));
    return lines;
  }

  /**
   * From a corner to an edge, squared. An edge that lies farther from the box of all corners than
   * what was found already is passed over; the one nearest to that box goes first, so that this is
   * nearly every edge of a round lens.
   */
  private static double squaredGap(Coordinate[] corners, Coordinate[] ring, double known) {
    Envelope box = new Envelope();
    for (Coordinate corner : corners) {
      box.expandToInclude(corner);
    }
    double[] bounds = new double[ring.length];
    int first = 1;
    for (int i = 1; i < ring.length; i++) {
      double gap = new Envelope(ring[i - 1], ring[i]).distance(box);
      bounds[i] = gap * gap;
      first = bounds[i] < bounds[first] ? i : first;
    }
    double least = Math.min(known, squaredGap(corners, ring[first - 1], ring[first]));
    for (int i = 1; i < ring.length; i++) {
      if (bounds[i] < least) {
        least = Math.min(least, squaredGap(corners, ring[i - 1], ring[i]));
      }
    }
    return least;
  }

  private static double squaredGap(Coordinate[] corners, Coordinate from, Coordinate to) {
    double least = Double.POSITIVE_INFINITY;
    double dx = to.getX() - from.getX();
    double dy = to.getY() - from.getY();
    double squared = dx * dx + dy * dy;
    for (Coordinate corner : corners) {
      double px = corner.getX() - from.getX();
      double py = corner.getY() - from.getY();
      double along = squared == 0 ? 0 : Math.max(0, Math.min(1, (px * dx + py * dy) / squared));
      double offX = px - along * dx;
      double offY = py - along * dy;
      least = Math.min(least, offX * offX + offY * offY);
    }
    return least;
  }

  public static Geometry without(Geometry shape, Geometry taken) {
    return OverlayNGRobust.overlay(shape, taken, OverlayNG.DIFFERENCE);
  }
}

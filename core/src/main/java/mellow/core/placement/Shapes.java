package mellow.core.placement;

import java.util.Collection;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** The library's overlay that never fails, whatever nearly touches: it snaps where it has to. */
final class Shapes {
  private Shapes() {}

  static Geometry union(Collection<Geometry> shapes) {
    return OverlayNGRobust.union(shapes);
  }

  static Geometry common(Geometry one, Geometry other) {
    return OverlayNGRobust.overlay(one, other, OverlayNG.INTERSECTION);
  }

  static Geometry without(Geometry shape, Geometry taken) {
    return OverlayNGRobust.overlay(shape, taken, OverlayNG.DIFFERENCE);
  }
}

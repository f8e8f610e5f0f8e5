package mellow.core.placement;

import org.locationtech.jts.geom.Geometry;

/**
 * Something to stay clear of: a radiator, a tow eye, a sensor.
 *
 * @param id its short name in this front
 * @param name as people call it
 * @param outline on the vehicle: x to its left, y above the ground
 * @param clearanceMm how far lamps have to stay away
 */
public record KeepOut(String id, String name, Outline.Polygon outline, double clearanceMm) {
  public KeepOut {
    if (!(clearanceMm >= 0) || clearanceMm > Outline.LARGEST_MM) {
      throw new IllegalArgumentException("a clearance lies between 0 and 4 m");
    }
  }

  public Geometry geometry() {
    return outline.geometry();
  }
}

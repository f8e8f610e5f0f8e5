package mellow.core.placement.free;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import mellow.core.effort.Effort;
import mellow.core.finding.Words;
import mellow.core.placement.Excused;
import mellow.core.placement.Front;
import mellow.core.placement.KeepOut;
import mellow.core.placement.LampPair;
import mellow.core.placement.Outline;
import mellow.core.placement.Shapes;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateArrays;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;
import org.locationtech.jts.util.GeometricShapeFactory;

/**
 * Something that a pair must not come near, as the places that it takes from the pair's reference
 * point.
 *
 * @param name as people call it
 * @param taken x from the centre line out, y above the ground
 */
record Obstacle(String name, Geometry taken) {
  private static final int ARC_STEPS = 32;

  /** A rounded corner is drawn inside its circle; so much wider it lies outside. */
  private static final double ARC_WIDENING = 1 / Math.cos(Math.PI / (4 * ARC_STEPS));

  /** Two shapes that merely touch are told apart from two that overlap by this. */
  private static final double HAIR_MM = 1e-6;

  /** A point, drawn as a shape that can be summed. */
  private static final double CENTRE_MM = 0.01;

  /** Everything that takes a part of a box of places. */
  static List<Obstacle> of(
      Front front, LampPair pair, List<RuleSet> sets, double spareMm, Geometry box) {
    Looked looked = new Looked(box, new ArrayList<>());
    Geometry body = pair.lamp().body();
    for (KeepOut keepOut : front.keepOuts()) {
      double away = keepOut.clearanceMm() + spareMm;
      for (Side side : Side.values()) {
        looked.at(keepOut.name(), keepOut.geometry(), side, body, away);
      }
    }
    OptionalDouble gap = gapToTurnSignal(front, pair, sets, PlaceRule.Asks.TURN_SIGNAL_GAP);
    OptionalDouble centreGap =
        gapToTurnSignal(front, pair, sets, PlaceRule.Asks.TURN_SIGNAL_CENTRE_GAP);
    for (LampPair other : front.pairs()) {
      if (!other.id().equals(pair.id())) {
        looked.atBoth(other, other.lamp().body(), body, spareMm);
        if (other.lamp().function() == LampFunction.TURN && gap.isPresent()) {
          double away = gap.getAsDouble() + spareMm;
          looked.atBoth(other, other.lamp().lit(), pair.lamp().lit(), away);
        }
        if (other.lamp().function() == LampFunction.TURN && centreGap.isPresent()) {
          double away = centreGap.getAsDouble() + spareMm;
          Geometry centre = other.lamp().lit().getCentroid().buffer(CENTRE_MM);
          looked.atBoth(other, centre, pair.lamp().lit(), away);
        }
      }
    }
    return looked.found();
  }

  /** What was found so far to take a part of a box of places. */
  private record Looked(Geometry box, List<Obstacle> found) {
    void atBoth(LampPair other, Geometry shape, Geometry body, double away) {
      for (Side side : Side.values()) {
        Geometry there = Front.onVehicle(shape, side, other.spots().on(side));
        at(other.name(), there, side, body, away);
      }
    }

    void at(String name, Geometry shape, Side side, Geometry body, double away) {
      Geometry outwards = AffineTransformation.scaleInstance(side.sign(), 1).transform(shape);
      // most things are far off: only those that can come near are worked out
      if (mayReach(outwards, body, away)) {
        Effort.spend();
        Geometry taken = taken(outwards, body, away);
        if (taken.intersects(box)) {
          found.add(new Obstacle(Words.typed(name), taken));
        }
      }
    }

    private boolean mayReach(Geometry shape, Geometry body, double away) {
      Envelope reach = shape.getEnvelopeInternal();
      Envelope turned = body.getEnvelopeInternal();
      return box.getEnvelopeInternal()
          .intersects(
              new Envelope(
                  reach.getMinX() - turned.getMaxX() - away * ARC_WIDENING,
                  reach.getMaxX() - turned.getMinX() + away * ARC_WIDENING,
                  reach.getMinY() - turned.getMaxY() - away * ARC_WIDENING,
                  reach.getMaxY() - turned.getMinY() + away * ARC_WIDENING));
    }
  }

  private static OptionalDouble gapToTurnSignal(
      Front front, LampPair pair, List<RuleSet> sets, PlaceRule.Asks asks) {
    return sets.stream()
        .flatMap(set -> set.placeRulesFor(pair.lamp().function(), front.widthMm()).stream())
        .filter(rule -> rule.asks() == asks)
        .filter(rule -> Excused.of(front, pair, rule).isEmpty())
        .mapToDouble(rule -> rule.limits().lowest().orElse(0))
        .max();
  }

  /** The places of a reference point at which the body would come nearer than allowed. */
  private static Geometry taken(Geometry shape, Geometry body, double awayMm) {
    Geometry hull = body.convexHull();
    return awayMm > 0
        ? sum(shape, sumOfConvex(hull, circle(awayMm * ARC_WIDENING)))
        : sum(shape, hull).buffer(-HAIR_MM);
  }

  /** Wider all round is a sum with a circle: that costs a walk round both outlines. */
  private static Geometry circle(double radiusMm) {
    GeometricShapeFactory shape = new GeometricShapeFactory(Outline.FACTORY);
    shape.setCentre(new Coordinate(0, 0));
    shape.setSize(2 * radiusMm);
    shape.setNumPoints(4 * ARC_STEPS);
    return shape.createCircle();
  }

  /** Minkowski sum of a shape and a convex body turned about its reference point. */
  private static Geometry sum(Geometry shape, Geometry body) {
    List<Geometry> sums = new ArrayList<>();
    boolean convex = shape.convexHull().getArea() - shape.getArea() < HAIR_MM;
    Geometry parts = convex ? shape : ConstrainedDelaunayTriangulator.triangulate(shape);
    for (int i = 0; i < parts.getNumGeometries(); i++) {
      Effort.spend();
      Geometry hull = parts.getGeometryN(i).convexHull();
      // a sliver without area is covered by its neighbours
      if (hull instanceof Polygon) {
        sums.add(sumOfConvex(hull, body));
      }
    }
    return sums.size() == 1 ? sums.get(0) : Shapes.union(sums);
  }

  /**
   * The sum of two convex shapes, the second turned about its origin: both outlines' edges, in the
   * order of their directions, laid end to end from the sum of the lowest corners.
   */
  private static Geometry sumOfConvex(Geometry part, Geometry body) {
    Coordinate[] ours = fromTheLowest(part);
    Coordinate[] theirs = fromTheLowest(AffineTransformation.scaleInstance(-1, -1).transform(body));
    Coordinate[] sum = new Coordinate[ours.length + theirs.length + 1];
    int i = 0;
    int j = 0;
    for (int next = 0; next < sum.length - 1; next++) {
      Coordinate one = ours[i % ours.length];
      Coordinate other = theirs[j % theirs.length];
      sum[next] = new Coordinate(one.getX() + other.getX(), one.getY() + other.getY());
      double turn =
          i == ours.length
              ? -1
              : j == theirs.length
                  ? 1
                  : cross(one, ours[(i + 1) % ours.length], other, theirs[(j + 1) % theirs.length]);
      if (turn >= 0) {
        i++;
      } else {
        j++;
      }
    }
    sum[sum.length - 1] = sum[0].copy();
    return Outline.FACTORY.createPolygon(sum);
  }

  private static double cross(Coordinate a, Coordinate b, Coordinate c, Coordinate d) {
    return (b.getX() - a.getX()) * (d.getY() - c.getY())
        - (b.getY() - a.getY()) * (d.getX() - c.getX());
  }

  /** Corners of a convex outline anticlockwise, without the closing one, the lowest first. */
  private static Coordinate[] fromTheLowest(Geometry convex) {
    Coordinate[] ring = convex.getCoordinates();
    if (!Orientation.isCCW(ring)) {
      CoordinateArrays.reverse(ring);
    }
    int corners = ring.length - 1;
    int lowest = 0;
    for (int i = 1; i < corners; i++) {
      boolean lower = ring[i].getY() < ring[lowest].getY();
      boolean level = ring[i].getY() == ring[lowest].getY();
      if (lower || (level && ring[i].getX() < ring[lowest].getX())) {
        lowest = i;
      }
    }
    Coordinate[] turned = new Coordinate[corners];
    for (int i = 0; i < corners; i++) {
      turned[i] = ring[(lowest + i) % corners];
    }
    return turned;
  }
}

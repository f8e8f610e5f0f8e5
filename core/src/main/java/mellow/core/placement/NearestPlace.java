package mellow.core.placement;

import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Sentence;
import mellow.core.rules.RuleSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.distance.DistanceOp;

/**
 * The smallest move of a mirrored pair after which every limit of place holds.
 *
 * <p>The limits on heights, edges and spacing leave a rectangle for the lamp's reference point;
 * what has to be kept clear of (things in the way, other lamps, the turn signal) takes away its
 * Minkowski sum with the lamp's convex hull, widened by the clearance. What is left is exact for
 * convex lamps and on the safe side for others; the answer is its point nearest to where the lamp
 * sits.
 */
public sealed interface NearestPlace {
  /** Nothing has to move. */
  record Stays() implements NearestPlace {}

  /**
   * The pair goes there.
   *
   * @param spot where both lamps sit then; their direction is not changed
   * @param moveMm how far the reference point moves
   */
  record Moves(Spot spot, double moveMm) implements NearestPlace {}

  /**
   * No place holds all limits.
   *
   * @param clashes which limits exclude each other, and by how much
   */
  record Nowhere(List<Sentence> clashes) implements NearestPlace {}

  /**
   * Looks for it. A pair whose sides differ is looked at as if both sat in the middle of the two.
   *
   * @param spareMm how far inside each limit the pair is to sit, so that the tape cannot tell
   *     otherwise; not negative
   */
  static NearestPlace of(Front front, LampPair pair, List<RuleSet> sets, double spareMm) {
    PlaceLimits limits = PlaceLimits.of(front, pair, sets, spareMm);
    List<Sentence> clashes = new ArrayList<>(limits.clashes());
    if (!clashes.isEmpty()) {
      return new Nowhere(clashes);
    }
    Geometry free = limits.box();
    List<Obstacle> obstacles = Obstacle.of(front, pair, sets, spareMm);
    for (Obstacle obstacle : obstacles) {
      free = free.difference(obstacle.taken());
    }
    if (free.isEmpty()) {
      return new Nowhere(
          List.of(
              Sentence.of(
                  "All that the limits leave is taken by: "
                      + String.join(
                          ", ", obstacles.stream().map(Obstacle::name).distinct().toList()))));
    }
    Spot from = middle(pair);
    Coordinate start = new Coordinate(from.outMm(), from.heightMm());
    Geometry here = Outline.FACTORY.createPoint(start);
    Coordinate there = new DistanceOp(free, here).nearestPoints()[0];
    double move = there.distance(start);
    boolean even = pair.spots().left().equals(pair.spots().right());
    return move == 0 && even ? new Stays() : new Moves(from.at(there.getX(), there.getY()), move);
  }

  private static Spot middle(LampPair pair) {
    Spot left = pair.spots().left();
    Spot right = pair.spots().right();
    return new Spot(
        (left.outMm() + right.outMm()) / 2,
        (left.heightMm() + right.heightMm()) / 2,
        (left.headingDeg() + right.headingDeg()) / 2);
  }
}

package mellow.core.placement.free;

import java.util.List;
import mellow.core.effort.Effort;
import mellow.core.finding.Sentence;
import mellow.core.placement.Front;
import mellow.core.placement.LampPair;
import mellow.core.placement.Outline;
import mellow.core.placement.PlacementWords;
import mellow.core.placement.Shapes;
import mellow.core.placement.Spot;
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
   * Both lamps go there; their direction is another matter.
   *
   * @param outMm from the vehicle's centre line to the lamps' own sides
   * @param heightMm above the ground
   * @param moveMm how far that is from where they sit, or from the middle of the two
   */
  record Moves(double outMm, double heightMm, double moveMm) implements NearestPlace {}

  /**
   * No place holds all limits.
   *
   * @param clashes which limits exclude each other, and by how much
   */
  record Nowhere(List<Sentence> clashes) implements NearestPlace {}

  /**
   * Looks for it. A pair whose sides differ is looked at as if both sat in the middle of the two. A
   * limit that cannot be judged yet (nothing drawn to hold it against) is not heeded.
   *
   * @param spareMm how far inside each limit the pair is to sit, so that the tape cannot tell
   *     otherwise; not negative
   */
  static NearestPlace of(Front front, LampPair pair, List<RuleSet> sets, double spareMm) {
    PlaceLimits limits = PlaceLimits.of(front, pair, sets, spareMm);
    List<Sentence> clashes = limits.clashes();
    if (!clashes.isEmpty()) {
      return new Nowhere(clashes);
    }
    Geometry box = limits.box();
    List<Obstacle> inTheWay = Obstacle.of(front, pair, sets, spareMm, box);
    Geometry free = box;
    for (Obstacle obstacle : inTheWay) {
      Effort.spend();
      free = Shapes.without(free, obstacle.taken());
    }
    if (free.isEmpty()) {
      List<String> names = inTheWay.stream().map(Obstacle::name).distinct().toList();
      return new Nowhere(List.of(PlacementWords.allTaken(String.join(", ", names))));
    }
    Spot left = pair.spots().left();
    Spot right = pair.spots().right();
    Coordinate from =
        new Coordinate(
            (left.outMm() + right.outMm()) / 2, (left.heightMm() + right.heightMm()) / 2);
    Coordinate there = new DistanceOp(free, Outline.FACTORY.createPoint(from)).nearestPoints()[0];
    double move = there.distance(from);
    return move == 0 && left.isLevelWith(right)
        ? new Stays()
        : new Moves(there.getX(), there.getY(), move);
  }
}

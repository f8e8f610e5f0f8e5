package mellow.core.placement.free;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.placement.Front;
import mellow.core.placement.LampPair;
import mellow.core.placement.Outline;
import mellow.core.placement.PlacementWords;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleSet;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** The limits on a mirrored pair's reference point: from the centre line out, and up. */
final class PlaceLimits {
  private enum Axis {
    OUT,
    UP
  }

  /** One limit on one axis, already moved from the lamp's edge to its reference point. */
  private record Limit(Axis axis, boolean atLeast, double mm, Sentence says) {}

  private final Front front;
  private final Envelope lit;
  private final double spareMm;
  private final List<Limit> limits = new ArrayList<>();

  private PlaceLimits(Front front, LampPair pair, double spareMm) {
    this.front = front;
    this.lit = pair.lamp().litReach();
    this.spareMm = spareMm;
    Envelope body = pair.lamp().bodyReach();
    limits.add(new Limit(Axis.OUT, true, -body.getMinX(), PlacementWords.limitCentre()));
    limits.add(
        new Limit(
            Axis.OUT, false, front.widthMm() / 2 - body.getMaxX(), PlacementWords.limitSide()));
    limits.add(new Limit(Axis.UP, true, -body.getMinY(), PlacementWords.limitGround()));
    limits.add(new Limit(Axis.UP, false, Outline.LARGEST_MM, PlacementWords.limitRoof()));
  }

  static PlaceLimits of(Front front, LampPair pair, List<RuleSet> sets, double spareMm) {
    PlaceLimits limits = new PlaceLimits(front, pair, spareMm);
    for (RuleSet set : sets) {
      for (PlaceRule rule : set.placeRulesFor(pair.lamp().function(), front.widthMm())) {
        limits.add(rule, set);
      }
    }
    return limits;
  }

  private void add(PlaceRule rule, RuleSet set) {
    Sentence says = PlacementWords.limitOf(set.title(), rule.asks());
    rule.limits().lowest().ifPresent(at -> add(rule.asks(), true, at + spareMm, says));
    rule.limits().highest().ifPresent(at -> add(rule.asks(), false, at - spareMm, says));
  }

  private void add(PlaceRule.Asks asks, boolean atLeast, double mm, Sentence says) {
    switch (asks) {
      case LOWER_EDGE_HEIGHT -> limits.add(new Limit(Axis.UP, atLeast, mm - lit.getMinY(), says));
      case UPPER_EDGE_HEIGHT -> limits.add(new Limit(Axis.UP, atLeast, mm - lit.getMaxY(), says));
      case CENTRE_HEIGHT -> limits.add(new Limit(Axis.UP, atLeast, mm, says));
      case ABOVE_DIPPED ->
          front
              .topOfDippedMm()
              .ifPresent(
                  top -> limits.add(new Limit(Axis.UP, atLeast, top + mm - lit.getMaxY(), says)));
      case OUTER_EDGE ->
          // The farther from the side, the nearer to the centre line: least and most change places.
          limits.add(new Limit(Axis.OUT, !atLeast, front.widthMm() / 2 - mm - lit.getMaxX(), says));
      case INNER_SPACING -> limits.add(new Limit(Axis.OUT, atLeast, mm / 2 - lit.getMinX(), says));
      default -> {
        // no limit on where the lamp sits, or one that is no straight line
      }
    }
  }

  /** The pairs of limits that exclude each other; empty where there is room. */
  List<Sentence> clashes() {
    List<Sentence> clashes = new ArrayList<>();
    for (Axis axis : Axis.values()) {
      Limit least = tightest(axis, true);
      Limit most = tightest(axis, false);
      if (least.mm() > most.mm()) {
        clashes.add(
            PlacementWords.clash(
                least.says(), most.says(), Figure.lengthMm(least.mm() - most.mm())));
      }
    }
    return clashes;
  }

  private Limit tightest(Axis axis, boolean atLeast) {
    Comparator<Limit> byPlace = Comparator.comparingDouble(Limit::mm);
    Optional<Limit> tightest =
        limits.stream()
            .filter(limit -> limit.axis() == axis && limit.atLeast() == atLeast)
            .max(atLeast ? byPlace : byPlace.reversed());
    return tightest.orElseThrow();
  }

  /** Where the reference point may sit: x from the centre line out, y above the ground. */
  Geometry box() {
    return Outline.FACTORY.toGeometry(
        new Envelope(
            tightest(Axis.OUT, true).mm(),
            tightest(Axis.OUT, false).mm(),
            tightest(Axis.UP, true).mm(),
            tightest(Axis.UP, false).mm()));
  }
}

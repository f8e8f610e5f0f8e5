package mellow.core.placement;

import mellow.core.finding.Figure;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.rules.PlaceRule;
import mellow.core.vehicle.Side;

/** What is said of a lamp's place, by what its rule asks about. */
final class PlaceWords {
  private PlaceWords() {}

  /** "Left fog lamp", or "Fog lamp pair" for a rule about both. */
  static Sentence who(LampPair pair, Side side, PlaceRule rule) {
    return rule.asks().ofThePair() ? both(pair) : who(pair, side);
  }

  static Sentence who(LampPair pair, Side side) {
    return PlacementWords.lampOn(side, pair.name());
  }

  static Sentence both(LampPair pair) {
    return PlacementWords.pairOf(Words.capital(pair.name()));
  }

  static Sentence headline(
      LampPair pair,
      Side side,
      PlaceRule rule,
      boolean high,
      Verdict verdict,
      double value,
      double amount) {
    Sentence who = who(pair, side, rule);
    PlaceRule.Asks asks = rule.asks();
    Figure off = PlaceJudge.figure(rule, Math.abs(amount));
    if (asks == PlaceRule.Asks.COUNT) {
      return PlacementWords.fitted(who, PlaceJudge.figure(rule, value));
    }
    if (asks == PlaceRule.Asks.REFERENCE_SUM) {
      return PlacementWords.marksSum(who, PlaceJudge.figure(rule, value));
    }
    return switch (verdict) {
      case OUT -> breach(who, asks, high, off);
      case AT_EDGE -> PlacementWords.edgeOfRule(who, asks);
      default ->
          asks == PlaceRule.Asks.ABOVE_DIPPED
              ? PlacementWords.belowTopBy(who, off)
              : PlacementWords.withinBy(who, asks, off);
    };
  }

  private static Sentence breach(Sentence who, PlaceRule.Asks asks, boolean high, Figure off) {
    return switch (asks) {
      case OUTER_EDGE -> PlacementWords.outerEdge(who, off, high);
      case INNER_SPACING -> PlacementWords.innerEdges(who, off, high);
      case ABOVE_DIPPED -> PlacementWords.aboveTop(who, off, high);
      case TURN_SIGNAL_GAP, TURN_SIGNAL_CENTRE_GAP -> PlacementWords.turnGap(who, off, high);
      case LIT_AREA -> PlacementWords.litArea(who, off, high);
      case INTENSITY -> PlacementWords.intensity(who, off, high);
      case SEEN_OUTWARDS, SEEN_INWARDS, SEEN_UPWARDS, SEEN_DOWNWARDS ->
          PlacementWords.seenTooLittle(who, asks, off);
      case HEADING -> PlacementWords.headingOff(who, off);
      default -> PlacementWords.highOrLow(who, asks, off, high);
    };
  }

  static Sentence detail(PlaceRule rule, boolean high, double value, String title) {
    return PlacementWords.detail(
        PlaceJudge.figure(rule, value),
        high,
        PlaceJudge.figure(rule, rule.limits().nearestLimit(value)),
        title);
  }

  static Remedy remedy(PlaceRule rule, boolean high, double offBy) {
    Figure off = PlaceJudge.figure(rule, offBy);
    return switch (rule.asks()) {
      case LOWER_EDGE_HEIGHT, UPPER_EDGE_HEIGHT, CENTRE_HEIGHT, ABOVE_DIPPED ->
          move(PlacementWords.moveUpDown(off, high)).by(off);
      case OUTER_EDGE -> move(PlacementWords.moveInOut(off, high)).by(off);
      case INNER_SPACING -> move(PlacementWords.moveEach(off, high)).by(off);
      case TURN_SIGNAL_GAP, TURN_SIGNAL_CENTRE_GAP ->
          move(PlacementWords.moveAway(off, rule.excuse().isPresent())).by(off);
      case HEADING ->
          Remedy.of(Remedy.Action.TURN, Remedy.Page.PLACE, PlacementWords.turnAhead(off)).by(off);
      case SEEN_OUTWARDS, SEEN_INWARDS, SEEN_UPWARDS, SEEN_DOWNWARDS ->
          move(PlacementWords.bringForward());
      case REFERENCE_SUM -> change(PlacementWords.smallerMarks());
      case LIT_AREA -> change(PlacementWords.otherArea(high));
      case INTENSITY -> change(PlacementWords.otherIntensity(high));
      case COUNT -> change(PlacementWords.remove(off)).by(off);
    };
  }

  private static Remedy move(Sentence says) {
    return Remedy.of(Remedy.Action.MOVE, Remedy.Page.PLACE, says);
  }

  private static Remedy change(Sentence says) {
    return Remedy.of(Remedy.Action.CHANGE, Remedy.Page.PLACE, says);
  }
}

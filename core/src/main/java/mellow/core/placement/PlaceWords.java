package mellow.core.placement;

import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.rules.PlaceRule;
import mellow.core.vehicle.Side;

/** How findings on a lamp's place are put into the trade's words. */
final class PlaceWords {
  private PlaceWords() {}

  /** "Left fog lamp", or "Fog lamps" for a rule about both. */
  static String who(LampPair pair, Side side, PlaceRule rule) {
    return rule.asks().ofThePair() ? both(pair) : who(pair, side);
  }

  /** "Left fog lamp". */
  static String who(LampPair pair, Side side) {
    return Words.capital(side.word()) + " " + Words.typed(pair.name());
  }

  /** "Fog lamps". */
  static String both(LampPair pair) {
    return Words.capital(Words.typed(pair.name())) + "s";
  }

  static Sentence headline(
      LampPair pair,
      Side side,
      PlaceRule rule,
      boolean high,
      Verdict verdict,
      double value,
      double amount) {
    String who = who(pair, side, rule);
    Figure off = PlaceJudge.figure(rule, Math.abs(amount));
    if (rule.asks() == PlaceRule.Asks.COUNT) {
      return Sentence.of(who + ": {0} fitted", PlaceJudge.figure(rule, value));
    }
    if (rule.asks() == PlaceRule.Asks.REFERENCE_SUM) {
      return Sentence.of(
          who + ": the reference marks add up to {0}", PlaceJudge.figure(rule, value));
    }
    return switch (verdict) {
      case OUT -> Sentence.of(who + ": " + breach(rule.asks(), high), off);
      case AT_EDGE -> Sentence.of(who + ": " + rule.asks().words() + " at the edge of the rule");
      default -> Sentence.of(who + ": " + room(rule.asks()), off);
    };
  }

  private static String room(PlaceRule.Asks asks) {
    return asks == PlaceRule.Asks.ABOVE_DIPPED
        ? "{0} below the top of the low beam"
        : asks.words() + " within by {0}";
  }

  private static String breach(PlaceRule.Asks asks, boolean high) {
    return switch (asks) {
      case OUTER_EDGE ->
          high ? "{0} too far inside the vehicle's side" : "{0} too near to the side";
      case INNER_SPACING -> high ? "inner edges {0} too far apart" : "inner edges {0} too close";
      case ABOVE_DIPPED -> high ? "{0} above the top of the low beam" : "{0} too low";
      case TURN_SIGNAL_GAP, TURN_SIGNAL_CENTRE_GAP ->
          high ? "{0} too far off" : "{0} too near to the turn signal";
      case LIT_AREA -> high ? "lit area {0} too large" : "lit area {0} too small";
      case INTENSITY -> high ? "{0} too bright" : "{0} too weak";
      case SEEN_OUTWARDS, SEEN_INWARDS, SEEN_UPWARDS, SEEN_DOWNWARDS ->
          asks.words() + " {0} too little";
      case HEADING -> "looks {0} too far away from straight ahead";
      default -> asks.words() + (high ? " {0} too high" : " {0} too low");
    };
  }

  static Sentence detail(PlaceRule rule, boolean high, double value, String title) {
    return Sentence.build()
        .figure(PlaceJudge.figure(rule, value))
        .text(high ? ", at most " : ", at least ")
        .figure(PlaceJudge.figure(rule, rule.limits().nearestLimit(value)))
        .text(": " + title + ".")
        .done();
  }

  static Sentence remedy(PlaceRule rule, boolean high, double offBy) {
    Figure off = PlaceJudge.figure(rule, offBy);
    String words =
        switch (rule.asks()) {
          case LOWER_EDGE_HEIGHT, UPPER_EDGE_HEIGHT, CENTRE_HEIGHT, ABOVE_DIPPED ->
              high ? "Move it {0} down." : "Move it {0} up.";
          case OUTER_EDGE -> high ? "Move it {0} outwards." : "Move it {0} inwards.";
          case INNER_SPACING ->
              high ? "Move each half of {0} inwards." : "Move each half of {0} outwards.";
          case TURN_SIGNAL_GAP, TURN_SIGNAL_CENTRE_GAP -> {
            String excuse = rule.excuse().isPresent() ? ", or let it go out with the signal" : "";
            yield "Move it {0} away" + excuse + ".";
          }
          case HEADING -> "Turn it {0} towards straight ahead.";
          case SEEN_OUTWARDS, SEEN_INWARDS, SEEN_UPWARDS, SEEN_DOWNWARDS ->
              "Bring it forward, or cut back the edge that hides it.";
          case REFERENCE_SUM -> "Fit main beams with smaller reference marks, or fewer of them.";
          case LIT_AREA -> high ? "Choose a smaller lamp." : "Add a head or choose a larger lamp.";
          case INTENSITY ->
              high ? "Dim it by its duty, or choose another." : "Choose another lamp.";
          case COUNT -> "Take {0} away.";
        };
    return words.contains("{0}") ? Sentence.of(words, off) : Sentence.of(words);
  }
}

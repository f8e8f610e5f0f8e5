package mellow.core.placement;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mellow.core.effort.Effort;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Quantity;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.rules.Band;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** Holds one lamp, or one pair, against one rule of place. */
final class PlaceJudge {
  /** Room against which a margin is drawn where a rule limits one side only, by what it limits. */
  private static final double ROOM_MM = 100;

  private static final double ROOM_OTHER_SHARE = 0.2;

  /** A question about both lamps is asked once; either side will do. */
  private static final Side[] ONCE = {Side.LEFT};

  private final Front front;
  private final PlaceMeasure measure;

  PlaceJudge(Front front, double tapeMm) {
    this.front = front;
    this.measure = new PlaceMeasure(front, tapeMm);
  }

  /** The findings of a set's rules on a pair. */
  List<Finding> judge(LampPair pair, RuleSet set) {
    List<Finding> findings = new ArrayList<>();
    Set<Sentence> asked = new HashSet<>();
    for (PlaceRule rule : set.placeRulesFor(pair.lamp().function(), front.widthMm())) {
      for (Side side : rule.asks().ofThePair() ? ONCE : Side.values()) {
        if (isOfSignalsThatStay(rule)) {
          continue;
        }
        double centreMm = pair.spots().on(side).heightMm();
        if (rule.when().holdsFor(centreMm, pair.lamp().light().upperBeam())) {
          Finding judged = judge(pair, side, rule, set);
          // what several rules wait for is asked once
          if (judged.verdict() != Verdict.NOT_KNOWN || asked.add(judged.headline())) {
            findings.add(judged);
          }
        }
      }
    }
    return findings;
  }

  /** Signals that nobody drew stay as they are: their category was made for where they stand. */
  private boolean isOfSignalsThatStay(PlaceRule rule) {
    return rule.excuse().map(excuse -> !excuse.turnCategories().isEmpty()).orElse(false)
        && front.of(LampFunction.TURN).findAny().isEmpty();
  }

  static FindingKey key(LampPair pair, Side side, PlaceRule rule) {
    return FindingKey.of(
        ruleOf(rule), rule.asks().ofThePair() ? pair.subject() : pair.subject(side));
  }

  static String ruleOf(PlaceRule rule) {
    return "place." + rule.id();
  }

  private Finding judge(LampPair pair, Side side, PlaceRule rule, RuleSet set) {
    Effort.spend();
    Finding drawn = asDrawn(pair, side, rule, set);
    return Guess.behind(front, pair, rule.asks())
        .map(guess -> guess.leavesOpen(drawn))
        .orElse(drawn);
  }

  private Finding asDrawn(LampPair pair, Side side, PlaceRule rule, RuleSet set) {
    OptionalDouble measured = measure.of(pair, side, rule);
    if (measured.isEmpty()) {
      return missing(pair, side, rule);
    }
    double value = measured.getAsDouble();
    Band limits = rule.limits();
    boolean high = limits.isNearerToHighest(value);
    double amount = limits.marginOf(value);
    Optional<Excused> excused = amount < 0 ? Excused.of(front, pair, rule) : Optional.empty();
    if (excused.isPresent()) {
      return Finding.plain(
              key(pair, side, rule),
              excused.get().verdict(),
              rule.source(),
              excused.get().verdict() == Verdict.WITHIN
                  ? PlacementWords.allowedNearer(
                      PlaceWords.who(pair, side, rule), figure(rule, limits.nearestLimit(value)))
                  : PlacementWords.nearerDepends(
                      PlaceWords.who(pair, side, rule), figure(rule, limits.nearestLimit(value))))
          .withDetail(excused.get().why());
    }
    double room = limits.halfWidthOr(room(rule, limits.nearestLimit(value)));
    Margin margin =
        Margin.of(
            figure(rule, amount),
            measure.uncertainty(pair, rule.asks()),
            room,
            limits.limit(limit -> figure(rule, limit)));
    Verdict verdict =
        rule.asks().quantity() == Quantity.COUNT
            ? amount < 0 ? Verdict.OUT : Verdict.WITHIN
            : margin.verdict();
    Sentence headline = PlaceWords.headline(pair, side, rule, high, verdict, value, amount);
    Finding finding =
        new Finding(
            key(pair, side, rule),
            verdict,
            headline,
            PlaceWords.detail(rule, high, value, set.title()),
            Optional.of(margin),
            Optional.empty(),
            working(rule, high, value, amount),
            rule.source());
    return verdict == Verdict.OUT
        ? finding.withRemedy(PlaceWords.remedy(rule, high, Math.abs(amount)))
        : finding;
  }

  private static Finding missing(LampPair pair, Side side, PlaceRule rule) {
    Sentence who = PlaceWords.who(pair, side, rule);
    FindingKey key = key(pair, side, rule);
    PlaceRule.Asks asks = rule.asks();
    return switch (asks) {
      case ABOVE_DIPPED ->
          Finding.notKnown(
              key,
              rule.source(),
              PlacementWords.topNotKnown(who),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.PLACE, PlacementWords.drawLowBeam()));
      case TURN_SIGNAL_GAP, TURN_SIGNAL_CENTRE_GAP ->
          Finding.notKnown(
              key,
              rule.source(),
              PlacementWords.gapNotKnown(who),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.PLACE, PlacementWords.drawTurnSignal()));
      case SEEN_OUTWARDS, SEEN_INWARDS, SEEN_UPWARDS, SEEN_DOWNWARDS ->
          Finding.notKnown(
              key,
              rule.source(),
              PlacementWords.sightNotKnown(who),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.PLACE, PlacementWords.measureRecess()));
      case REFERENCE_SUM ->
          Finding.notKnown(
              key,
              rule.source(),
              PlacementWords.sumNotKnown(who),
              Remedy.of(Remedy.Action.READ, Remedy.Page.PLACE, PlacementWords.enterMarks()));
      default ->
          Finding.notKnown(
              key,
              rule.source(),
              PlacementWords.notKnown(who, asks),
              Remedy.of(
                  Remedy.Action.ENTER, Remedy.Page.PLACE, PlacementWords.enterFromSheet(asks)));
    };
  }

  private static Working working(PlaceRule rule, boolean high, double value, double amount) {
    double limit = rule.limits().nearestLimit(value);
    return Working.of(
        Working.read(PlacementWords.asked(rule.asks()), figure(rule, value)),
        Working.read(PlacementWords.limit(high), figure(rule, limit)),
        new Working.Line(
            PlacementWords.margin(),
            PlacementWords.marginFormula(high),
            Sentence.of(
                "{0} − {1}",
                figure(rule, high ? limit : value), figure(rule, high ? value : limit)),
            figure(rule, amount)));
  }

  static Figure figure(PlaceRule rule, double value) {
    return Figure.of(value, rule.asks().quantity());
  }

  private static double room(PlaceRule rule, double limit) {
    return switch (rule.asks().quantity()) {
      case LENGTH -> ROOM_MM;
      default -> Math.max(1, Math.abs(limit) * ROOM_OTHER_SHARE);
    };
  }
}

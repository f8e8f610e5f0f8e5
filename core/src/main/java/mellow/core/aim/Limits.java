package mellow.core.aim;

import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.finding.Working;
import mellow.core.rules.AimRule;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFacts;
import mellow.core.vehicle.Side;

/** Holds an inclination against the limits of a rule set. */
final class Limits {
  /** Half of the last digit that is shown. */
  private static final double LEAST_SHOWN_PERCENT = 0.005;

  private Limits() {}

  /**
   * The finding on an inclination.
   *
   * @param uncertainty of the inclination, ± percent
   * @param lamp for the sentence: lengths on the wall go by its distance
   * @param state words on how the vehicle stood, "laden "; empty as it is aimed
   */
  static Finding judge(
      FindingKey key,
      RuleSet rules,
      LampFacts facts,
      LampPlace lamp,
      double percent,
      double uncertainty,
      String state) {
    RuleSet.Answer answer = rules.aimRuleFor(facts);
    return answer instanceof RuleSet.Answer.Holds holds
        ? judge(
            key,
            holds.rule(),
            lamp,
            percent,
            uncertainty,
            Words.capital(lamp.side().word())
                + " "
                + facts.beamClass().kind().lampWords()
                + " "
                + state)
        : open(key, rules, answer, lamp.side());
  }

  private static Finding judge(
      FindingKey key,
      AimRule rule,
      LampPlace lamp,
      double percent,
      double uncertainty,
      String who) {
    double amount = shown(rule.limits().marginOf(percent));
    Margin margin =
        Margin.of(
            Figure.percent(amount),
            uncertainty,
            rule.limits().halfWidthOr(Practice.OPEN_BAND_ROOM_PERCENT));
    double wallMm = Math.abs(amount) / 100 * lamp.alongMm();
    boolean high = rule.limits().isNearerToHighest(percent);
    double limit = rule.limits().nearestLimit(percent);
    Sentence headline =
        switch (margin.verdict()) {
          case OUT ->
              Sentence.of(
                  who + "{0} too " + (high ? "high" : "low") + " for the rule",
                  Figure.lengthMm(wallMm));
          case AT_EDGE -> Sentence.of(who + "at the edge of the rule");
          default -> Sentence.of(who + "within the rule by {0}", Figure.lengthMm(wallMm));
        };
    return Finding.on(key, margin, rule.source(), headline)
        .withDetail(
            Sentence.build()
                .inclination(percent)
                .text(high ? ", highest allowed " : ", lowest allowed ")
                .inclination(limit)
                .text(".")
                .done())
        .withWorking(
            Working.of(
                Working.read("inclination", Figure.percent(percent)),
                Working.read("nearer limit", Figure.percent(limit)),
                new Working.Line(
                    "margin",
                    high ? "limit − inclination" : "inclination − limit",
                    Sentence.of(
                        "{0} − ({1})",
                        Figure.percent(high ? limit : percent),
                        Figure.percent(high ? percent : limit)),
                    Figure.percent(amount)),
                new Working.Line(
                    "uncertainty",
                    "√(line² + tape²) ÷ distance",
                    Sentence.EMPTY,
                    Figure.percent(uncertainty))));
  }

  /** Less than is shown of a percentage is nothing: a lamp is not out by 0.00 %. */
  private static double shown(double percent) {
    return Math.abs(percent) < LEAST_SHOWN_PERCENT ? 0 : percent;
  }

  /** The finding where a rule set has no rule for a lamp, or needs a height first. */
  static Finding open(FindingKey key, RuleSet rules, RuleSet.Answer answer, Side side) {
    if (answer instanceof RuleSet.Answer.Needs needs) {
      return Finding.notKnown(
          key,
          Source.derived(rules.title()),
          "Which rule holds for the %s lamp depends on the height of %s"
              .formatted(side.word(), needs.height().words()),
          "Measure %s of the %s lamp.".formatted(needs.height().words(), side.word()));
    }
    if (answer instanceof RuleSet.Answer.Unread) {
      return Finding.notKnown(
          key,
          Source.derived(rules.title()),
          "What the lens of the %s low beam says is not known yet".formatted(side.word()),
          "Read the lens, and say with the vehicle what it says: which rule holds depends on it.");
    }
    boolean ofHeight = answer instanceof RuleSet.Answer.Silent silent && silent.ofHeight();
    return Finding.plain(
        key,
        Verdict.NOT_KNOWN,
        Source.derived(rules.title()),
        Sentence.of(
            "%s has no rule for such a lamp%s"
                .formatted(rules.title(), ofHeight ? " at this height" : "")));
  }
}

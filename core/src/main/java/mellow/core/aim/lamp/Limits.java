package mellow.core.aim.lamp;

import mellow.core.aim.AimWords;
import mellow.core.aim.Inclined;
import mellow.core.aim.LampPlace;
import mellow.core.aim.Practice;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.rules.AimRule;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFacts;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/** Holds an inclination against the limits of a rule set. */
public final class Limits {
  /** Half of the last digit that is shown. */
  private static final double LEAST_SHOWN_PERCENT = 0.005;

  private Limits() {}

  /**
   * The finding on an inclination.
   *
   * @param uncertainty of the inclination, ± percent
   * @param lamp for the sentence: lengths on the wall go by its distance
   * @param laden the vehicle was loaded; else it stood as it is aimed
   */
  public static Finding judge(
      FindingKey key,
      RuleSet rules,
      LampFacts facts,
      LampPlace lamp,
      double percent,
      double uncertainty,
      boolean laden) {
    RuleSet.Answer answer = rules.aimRuleFor(facts);
    return answer instanceof RuleSet.Answer.Holds holds
        ? judge(key, holds.rule(), lamp, percent, uncertainty, facts.beamClass().kind(), laden)
        : open(key, rules, answer, lamp.side());
  }

  private static Finding judge(
      FindingKey key,
      AimRule rule,
      LampPlace lamp,
      double percent,
      double uncertainty,
      LampKind kind,
      boolean laden) {
    double amount = shown(rule.limits().marginOf(percent));
    Margin margin =
        Margin.of(
            Figure.percent(amount),
            uncertainty,
            rule.limits().halfWidthOr(Practice.OPEN_BAND_ROOM_PERCENT),
            rule.limits().limit(Figure::percent));
    double wallMm = Math.abs(amount) / 100 * lamp.alongMm();
    boolean high = rule.limits().isNearerToHighest(percent);
    double limit = rule.limits().nearestLimit(percent);
    Sentence headline =
        switch (margin.verdict()) {
          case OUT -> AimWords.limitsOut(lamp.side(), kind, laden, Figure.lengthMm(wallMm), high);
          case AT_EDGE -> AimWords.limitsEdge(lamp.side(), kind, laden);
          default -> AimWords.limitsWithin(lamp.side(), kind, laden, Figure.lengthMm(wallMm));
        };
    return Finding.on(key, margin, rule.source(), headline)
        .withDetail(AimWords.limitsDetail(Inclined.by(percent), high, Inclined.by(limit)))
        .withWorking(
            Working.of(
                Working.read(AimWords.inclination(), Figure.percent(percent)),
                Working.read(AimWords.nearerLimit(), Figure.percent(limit)),
                new Working.Line(
                    AimWords.margin(),
                    AimWords.marginFormula(high),
                    Sentence.of(
                        "{0} − ({1})",
                        Figure.percent(high ? limit : percent),
                        Figure.percent(high ? percent : limit)),
                    Figure.percent(amount)),
                new Working.Line(
                    AimWords.uncertainty(),
                    AimWords.uncertaintyFormula(),
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
          Source.derived(Sentence.typed(rules.title())),
          AimWords.ruleNeedsHeight(side, needs.height()),
          Remedy.of(
              Remedy.Action.MEASURE,
              Remedy.Page.WALL,
              AimWords.measureHeight(needs.height(), side)));
    }
    if (answer instanceof RuleSet.Answer.Unread) {
      return Finding.notKnown(
          key,
          Source.derived(Sentence.typed(rules.title())),
          AimWords.lensUnread(side),
          Remedy.of(Remedy.Action.READ, Remedy.Page.PARTS, AimWords.readLens()));
    }
    boolean ofHeight = answer instanceof RuleSet.Answer.Silent silent && silent.ofHeight();
    return Finding.plain(
        key,
        Verdict.NOT_KNOWN,
        Source.derived(Sentence.typed(rules.title())),
        AimWords.noRule(rules.title(), ofHeight));
  }
}

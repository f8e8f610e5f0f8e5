package mellow.core.aim;

import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Verdict;
import mellow.core.rules.AimRule;
import mellow.core.rules.HeightCondition;
import mellow.core.rules.RuleSet;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampFacts;
import mellow.core.vehicle.Side;

/**
 * A pair whose lamps stand on either side of a step of the rule, nearer to each other than the tape
 * can tell: both are aimed by the rule that asks for the lower cutoff.
 */
public final class Astride {
  /** Two readings differ surely by more than this many of their common uncertainty. */
  private static final double SURE = 2;

  private final PairInput pair;
  private final Optional<Side> byWhich;
  private final double apartMm;

  private Astride(PairInput pair, Optional<Side> byWhich, double apartMm) {
    this.pair = pair;
    this.byWhich = byWhich;
    this.apartMm = apartMm;
  }

  public static Astride of(PairInput pair, RuleSet market) {
    if (market.aimRuleFor(pair.lampFacts(Side.LEFT)) instanceof RuleSet.Answer.Holds left
        && market.aimRuleFor(pair.lampFacts(Side.RIGHT)) instanceof RuleSet.Answer.Holds right
        && left.rule().aimPercent() != right.rule().aimPercent()) {
      OptionalDouble apart = apart(pair, left.rule(), right.rule());
      if (apart.isPresent()
          && apart.getAsDouble() <= SURE * Math.sqrt(2) * pair.heightsPlusMinusMm()) {
        boolean leftIsLower = left.rule().aimPercent() < right.rule().aimPercent();
        return new Astride(
            pair, Optional.of(leftIsLower ? Side.LEFT : Side.RIGHT), apart.getAsDouble());
      }
    }
    return new Astride(pair, Optional.empty(), 0);
  }

  private static OptionalDouble apart(PairInput pair, AimRule left, AimRule right) {
    Optional<HeightCondition> asked = left.height().or(right::height);
    if (asked.isEmpty()) {
      return OptionalDouble.empty();
    }
    OptionalDouble one = asked.get().heightMm(pair.lampFacts(Side.LEFT));
    OptionalDouble other = asked.get().heightMm(pair.lampFacts(Side.RIGHT));
    return one.isPresent() && other.isPresent()
        ? OptionalDouble.of(Math.abs(one.getAsDouble() - other.getAsDouble()))
        : OptionalDouble.empty();
  }

  /** What the rule is asked with for a lamp: for both the same where the tape cannot tell. */
  public LampFacts facts(Side side) {
    return pair.lampFacts(byWhich.orElse(side));
  }

  public Optional<Finding> finding() {
    return byWhich.map(
        side ->
            Finding.plain(
                    FindingKey.of("wall.step", Subject.Lamp.pair(pair.kind().function())),
                    Verdict.AT_EDGE,
                    Practice.READING,
                    AimWords.astride(Figure.fineMm(apartMm)))
                .withDetail(AimWords.astrideDetail(side))
                .withRemedy(
                    Remedy.of(
                        Remedy.Action.MEASURE, Remedy.Page.WALL, AimWords.measureHeightsAgain())));
  }
}

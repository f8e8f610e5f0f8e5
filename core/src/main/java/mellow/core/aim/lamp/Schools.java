package mellow.core.aim.lamp;

import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.AimWords;
import mellow.core.aim.Astride;
import mellow.core.aim.Inclined;
import mellow.core.aim.LampPlace;
import mellow.core.aim.PairInput;
import mellow.core.aim.Practice;
import mellow.core.aim.School;
import mellow.core.aim.Target;
import mellow.core.aim.WallInput;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.rules.AimRule;
import mellow.core.rules.Band;
import mellow.core.rules.RuleSet;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/** What each school of aiming asks of a lamp, or why it cannot be followed. */
public final class Schools {
  private final WallInput wall;
  private final PairInput pair;
  private final PairGeometry geometry;
  private final Astride astride;

  public Schools(WallInput wall, PairInput pair, PairGeometry geometry, Astride astride) {
    this.wall = wall;
    this.pair = pair;
    this.geometry = geometry;
    this.astride = astride;
  }

  /** A school's answer for a lamp: a target, or the finding that says why there is none. */
  public sealed interface Answer {
    record Aims(Target target) implements Answer {}

    record Declines(Finding why) implements Answer {}
  }

  public Answer answer(School school, Side side) {
    return switch (school) {
      case RULE -> byRule(side);
      case EQUAL_DROP -> drop(Practice.EQUAL_DROP_PERCENT, AimWords.srcEqualDrop());
      case SPLIT_DROP ->
          drop(
              side == wall.traffic().oncomingSide()
                  ? Practice.SPLIT_DROP_ONCOMING_PERCENT
                  : Practice.SPLIT_DROP_KERB_PERCENT,
              AimWords.srcSplitDrop());
      case LEVEL -> level(side);
      case ABSOLUTE_BAND -> absoluteBand(side);
      case MATCH_BEFORE -> matchBefore(side);
    };
  }

  private Answer byRule(Side side) {
    RuleSet.Answer rule = wall.market().aimRuleFor(astride.facts(side));
    if (pair.labelPercent().isPresent()) {
      return new Answer.Aims(
          new Target(
              pair.labelPercent().getAsDouble(),
              rule instanceof RuleSet.Answer.Holds holds
                  ? tolerance(holds.rule())
                  : Practice.RULE_TOLERANCE_PERCENT,
              Source.commonPractice(AimWords.srcLabel()),
              Optional.empty()));
    }
    if (rule instanceof RuleSet.Answer.Holds holds) {
      return new Answer.Aims(
          new Target(
              holds.rule().aimPercent(),
              tolerance(holds.rule()),
              holds.rule().source(),
              Optional.empty()));
    }
    if (pair.kind() == LampKind.DRIVING) {
      return drop(0, AimWords.srcStraight());
    }
    return new Answer.Declines(Limits.open(key("rule", side), wall.market(), rule, side));
  }

  private static double tolerance(AimRule rule) {
    return rule.setting()
        .map(band -> band.halfWidthOr(Practice.RULE_TOLERANCE_PERCENT))
        .orElse(
            rule.limits().highest().isEmpty() || rule.limits().lowest().isEmpty()
                ? Practice.SETTING_TOLERANCE_PERCENT
                : Practice.RULE_TOLERANCE_PERCENT);
  }

  private static Answer drop(double percent, Sentence practice) {
    return new Answer.Aims(
        new Target(
            percent,
            Practice.SETTING_TOLERANCE_PERCENT,
            Source.commonPractice(practice),
            Optional.empty()));
  }

  private Answer level(Side side) {
    OptionalDouble centre = pair.centreMm().on(side);
    boolean made =
        pair.beamClass() == BeamClass.SAE_VOR
            && centre.isPresent()
            && centre.getAsDouble() <= Practice.LEVEL_VOR_HIGHEST_MM;
    Optional<Finding> warning = made ? Optional.empty() : Optional.of(levelIsTooHigh(side, centre));
    return new Answer.Aims(
        new Target(
            0,
            Practice.SETTING_TOLERANCE_PERCENT,
            Source.commonPractice(AimWords.srcLevel()),
            warning));
  }

  private Finding levelIsTooHigh(Side side, OptionalDouble centre) {
    if (pair.beamClass() == BeamClass.DIPPED_UNREAD) {
      return Finding.notKnown(
          key("level", side),
          Source.derived(AimWords.srcLens()),
          AimWords.levelNotKnown(side),
          Remedy.of(Remedy.Action.READ, Remedy.Page.PARTS, AimWords.readLensFirst()));
    }
    Sentence headline =
        pair.beamClass() == BeamClass.SAE_VOR
            ? AimWords.levelTooHighHere(side)
            : AimWords.levelTooHigh(side);
    Finding finding =
        Finding.plain(
            key("level", side), Verdict.OUT, Source.fromMemory(AimWords.srcVor()), headline);
    RuleSet.Answer rule = wall.market().aimRuleFor(astride.facts(side));
    if (rule instanceof RuleSet.Answer.Holds holds && centre.isPresent()) {
      return finding.withDetail(
          AimWords.levelDetail(
              Inclined.by(holds.rule().aimPercent()),
              Figure.percent(Math.abs(holds.rule().aimPercent()))));
    }
    return finding;
  }

  private Answer absoluteBand(Side side) {
    Optional<LampPlace> lamp = geometry.lamps().on(side);
    if (lamp.isEmpty()) {
      return new Answer.Declines(
          Finding.notKnown(
              key("band", side),
              Practice.READING,
              AimWords.bandNeedsReadings(),
              Remedy.of(
                  Remedy.Action.MEASURE, Remedy.Page.WALL, AimWords.readHeightAndDistance())));
    }
    double centre = lamp.get().centreMm();
    double low = lamp.get().percentOf(Practice.BAND_LOW_MM - centre);
    double high = lamp.get().percentOf(Practice.BAND_HIGH_MM - centre);
    Source source = Source.commonPractice(AimWords.srcBand());
    if (low >= 0) {
      return new Answer.Declines(
          Finding.plain(
                  key("band", side),
                  Verdict.OUT,
                  source,
                  AimWords.bandRefused(side, Figure.percent(high)))
              .withDetail(AimWords.bandRefusedDetail(Figure.lengthMm(centre))));
    }
    Band usable = Band.between(low, Math.min(high, 0));
    double aim = (usable.lowest().getAsDouble() + usable.highest().getAsDouble()) / 2;
    Optional<Finding> warning =
        high <= 0
            ? Optional.empty()
            : Optional.of(
                Finding.plain(
                        key("band", side),
                        Verdict.OUT,
                        source,
                        AimWords.bandAboveLevel(Figure.percent(high), side))
                    .withDetail(AimWords.bandBelowOnly()));
    return new Answer.Aims(
        new Target(aim, usable.halfWidthOr(Practice.SETTING_TOLERANCE_PERCENT), source, warning));
  }

  private Answer matchBefore(Side side) {
    Optional<PairInput.BeforeMark> before = pair.before().on(side);
    Source source = Source.commonPractice(AimWords.srcBefore());
    if (wall.stanceChanged()) {
      return new Answer.Declines(
          Finding.plain(key("before", side), Verdict.OUT, source, AimWords.beforeIsWrong())
              .withRemedy(
                  Remedy.of(Remedy.Action.CHANGE, Remedy.Page.WALL, AimWords.anotherSchool())));
    }
    if (before.isEmpty()) {
      return new Answer.Declines(
          Finding.notKnown(
              key("before", side),
              Practice.READING,
              AimWords.noMarkBefore(side),
              Remedy.of(Remedy.Action.READ, Remedy.Page.WALL, AimWords.tooLateToRead())));
    }
    return new Answer.Aims(
        new Target(
            before.get().percent(), Practice.SETTING_TOLERANCE_PERCENT, source, Optional.empty()));
  }

  private FindingKey key(String what, Side side) {
    return FindingKey.of("school." + what, Subject.Lamp.of(pair.kind().function(), side));
  }
}

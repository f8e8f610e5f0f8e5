package mellow.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import mellow.core.finding.Source;
import mellow.core.formats.BuiltInRules;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFacts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * UN R48 6.2.6 and 6.3, the periodic test of Great Britain 4.1.2, SAE J599, California Vehicle Code
 * 24403: all from memory, as {@code docs/references.md} says.
 */
class BuiltInRulesTest {
  @ParameterizedTest
  @CsvSource({
    // set, class, lower edge, centre, maker's choice, lowest, highest, aim
    "un-r48, UN_DIPPED, 799, 900, false, -2.5, -0.5, -1.25",
    "un-r48, UN_DIPPED, 800, 900, true, -3.0, -1.0, -1.75",
    "un-r48, UN_DIPPED, 800, 900, false, -2.5, -0.5, -1.25",
    "un-r48, UN_DIPPED, 1000, 1100, false, -2.5, -0.5, -1.25",
    "un-r48, UN_DIPPED, 1001, 1100, false, -3.0, -1.0, -1.75",
    "un-r48, UN_DIPPED, 700, 800, true, -2.5, -0.5, -1.25",
    "un-r48, FOG_F3, 800, 850, false, -3.0, -1.0, -1.75",
    "un-r48, FOG_F3, 801, 850, false, -3.5, -1.5, -2.25",
    "gb-inspection, UN_DIPPED, 750, 850, false, -2.0, -0.5, -1.25",
    "gb-inspection, UN_DIPPED, 750, 851, false, -2.75, -1.25, -2.0",
  })
  void percentRules(
      String set,
      BeamClass beam,
      double edge,
      double centre,
      boolean steeper,
      double lowest,
      double highest,
      double aim) {
    AimRule rule = rule(set, beam, centre, edge, steeper);
    assertThat(rule.limits()).isEqualTo(Band.between(lowest, highest));
    assertThat(rule.aimPercent()).isEqualTo(aim);
    assertThat(rule.source().mark()).isEqualTo(Source.Mark.FROM_MEMORY);
  }

  @ParameterizedTest
  @CsvSource({
    "SAE_VOL, 36, -2.1",
    "SAE_VOR, 36, 0",
    "SAE_VOR, 36.1, -2",
    "SAE_VOR, 48, -2",
    "SAE_VOR, 48.1, -2.5",
    "FOG_SAE, 20, -4",
  })
  void saeAimsInInchesAt25FtWithFourInchesEachWay(BeamClass beam, double centreIn, double aimIn) {
    AimRule rule = rule("us-sae-j599", beam, centreIn * 25.4, centreIn * 25.4 - 60, false);
    assertThat(rule.aimPercent()).isCloseTo(100 * aimIn / 300, within(1e-9));
    assertThat(rule.limits().lowest().getAsDouble())
        .isCloseTo(100 * (aimIn - 4) / 300, within(1e-9));
    assertThat(rule.limits().highest().getAsDouble())
        .isCloseTo(100 * (aimIn + 4) / 300, within(1e-9));
  }

  @Test
  void classBFogIsOneAndAHalfPercentDownOrLower() {
    AimRule rule = rule("un-r48", BeamClass.FOG_B, 400, 350, false);
    assertThat(rule.limits().lowest()).isEmpty();
    assertThat(rule.limits().marginOf(-1.5)).isZero();
    assertThat(rule.limits().marginOf(-8)).isCloseTo(6.5, within(1e-12));
  }

  @Test
  void aHeightThatWasNotMeasuredIsAskedFor() {
    assertThat(
            BuiltInRules.byId("un-r48")
                .orElseThrow()
                .aimRuleFor(
                    new LampFacts(
                        BeamClass.UN_DIPPED,
                        OptionalDouble.of(700),
                        OptionalDouble.empty(),
                        false)))
        .isEqualTo(new RuleSet.Answer.Needs(HeightCondition.HeightOf.LOWER_EDGE));
  }

  @Test
  void aLampThatNoRuleKnowsIsMetWithSilence() {
    LampFacts highVol =
        new LampFacts(BeamClass.SAE_VOL, OptionalDouble.of(1000), OptionalDouble.empty(), false);
    assertThat(BuiltInRules.byId("us-sae-j599").orElseThrow().aimRuleFor(highVol))
        .isEqualTo(new RuleSet.Answer.Silent(true));
  }

  /** "At this height" is said only where another height has a rule. */
  @Test
  void silenceIsOfTheHeightOnlyWhereAnotherHeightHasARule() {
    LampFacts fog =
        new LampFacts(BeamClass.FOG_B, OptionalDouble.of(400), OptionalDouble.empty(), false);
    assertThat(BuiltInRules.byId("gb-inspection").orElseThrow().aimRuleFor(fog))
        .isEqualTo(new RuleSet.Answer.Silent(false));
  }

  private static AimRule rule(
      String set, BeamClass beam, double centre, double edge, boolean steeper) {
    RuleSet.Answer answer =
        BuiltInRules.byId(set)
            .orElseThrow()
            .aimRuleFor(
                new LampFacts(beam, OptionalDouble.of(centre), OptionalDouble.of(edge), steeper));
    return ((RuleSet.Answer.Holds) answer).rule();
  }
}

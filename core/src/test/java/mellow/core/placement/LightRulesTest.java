package mellow.core.placement;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.formats.BuiltInRules;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.TurnCategory;
import mellow.core.vehicle.VehicleClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What rules ask of lamps beyond their place; limits from memory: UN R48, UN R6, 49 CFR 571.108.
 */
class LightRulesTest {
  private static final Outline LIT = new Outline.Rectangle(60, 60);

  private static LampPair pair(
      String id, LampFunction function, Light light, Optional<Recess> recess, double outMm) {
    Lamp lamp =
        new Lamp(
            function,
            List.of(new Lamp.Head(LIT, 0, 0)),
            Optional.empty(),
            light,
            recess,
            List.of());
    return LampPair.mirrored(id, function.name(), lamp, new Spot(outMm, 600, 0));
  }

  private static LampPair marked(String id, LampFunction function, double referenceMark) {
    Light light =
        new Light(
            OptionalDouble.empty(),
            false,
            false,
            OptionalDouble.of(referenceMark),
            Optional.empty());
    return pair(id, function, light, Optional.empty(), 500);
  }

  private static List<Finding> findings(String set, LampPair... pairs) {
    return PlaceSheet.of(new Front(1800, List.of(pairs), List.of()), List.of(set(set)), 1)
        .findings();
  }

  private static RuleSet set(String id) {
    return BuiltInRules.byId(id).orElseThrow();
  }

  private static Finding finding(List<Finding> findings, String rule) {
    return findings.stream().filter(one -> one.rule().contains(rule)).findFirst().orElseThrow();
  }

  /** Four marks of 25 are 100; low beams count with the mark of the main beam in them. */
  @ParameterizedTest
  @CsvSource({"25, WITHIN", "27.5, OUT"})
  void referenceMarksOfAllMainBeamsAddUp(double mark, Verdict verdict) {
    List<Finding> findings =
        findings(
            "un-r48",
            marked("low", LampFunction.DIPPED, 25),
            marked("far", LampFunction.DRIVING, mark));
    assertThatFinding(finding(findings, "place.un-r48.main.reference-sum")).is(verdict);
  }

  @Test
  void aMainBeamWithoutItsMarkLeavesTheSumOpen() {
    List<Finding> findings =
        findings(
            "un-r48",
            pair("main", LampFunction.MAIN, Light.UNKNOWN, Optional.empty(), 500),
            marked("far", LampFunction.DRIVING, 10));
    assertThatFinding(finding(findings, "reference-sum")).is(Verdict.NOT_KNOWN);
  }

  @Test
  void drivingLampsCountAmongTheMainBeams() {
    List<Finding> findings =
        findings(
            "un-r48",
            marked("main", LampFunction.MAIN, 10),
            marked("far", LampFunction.DRIVING, 10),
            marked("far2", LampFunction.DRIVING, 10));
    assertThatFinding(finding(findings, "un-r48.main.count")).is(Verdict.OUT).hasMargin(-2, 0);
  }

  /** Gap and category: 30 mm off, only 1a and 1b are bright enough; 10 mm off, only 1b. */
  @ParameterizedTest
  @CsvSource({
    "30, ONE, OUT",
    "30, ONE_A, WITHIN",
    "30, ONE_B, WITHIN",
    "30, , NOT_KNOWN",
    "10, ONE_A, OUT",
    "10, ONE_B, WITHIN",
    "50, , WITHIN"
  })
  void nearATurnSignalItsCategoryDecides(double gapMm, TurnCategory category, Verdict verdict) {
    Light light =
        new Light(
            OptionalDouble.empty(),
            false,
            false,
            OptionalDouble.empty(),
            Optional.ofNullable(category));
    List<Finding> findings =
        findings(
            "un-r48",
            pair("fog", LampFunction.FRONT_FOG, Light.UNKNOWN, Optional.empty(), 600),
            pair("turn", LampFunction.TURN, light, Optional.empty(), 660 + gapMm));
    Verdict worst =
        findings.stream()
            .filter(one -> one.rule().startsWith("place.un-r6.turn"))
            .map(Finding::verdict)
            .reduce(Verdict.WITHIN, Verdict::or);
    assertThat(worst).isEqualTo(verdict);
  }

  /** A rim as far ahead of the lens as it is beside the light hides it from 45° on. */
  @Test
  void aDeepLensIsSeenOnlyUpToTheRimThatHidesIt() {
    Recess deep = new Recess(30, 30, 60, 60, 60);
    List<Finding> findings =
        findings("un-r48", pair("turn", LampFunction.TURN, Light.UNKNOWN, Optional.of(deep), 700));
    assertThatFinding(finding(findings, "turn.seen-outwards")).is(Verdict.OUT).hasMargin(-35, 1e-9);
    // under 750 mm high 20° inwards will do, above it 45°
    assertThat(findings).noneMatch(one -> one.rule().endsWith("un-r48.turn.seen-inwards"));
    assertThatFinding(finding(findings, "turn.seen-inwards-low"))
        .is(Verdict.WITHIN)
        .hasMargin(Math.toDegrees(Math.atan(2)) - 20, 1e-9);
  }

  @Test
  void aFlushLensIsSeenFromAllSidesAndAnUnmeasuredOneIsAskedAboutOnce() {
    List<Finding> flush =
        findings(
            "un-r48",
            pair(
                "drl",
                LampFunction.DRL,
                Light.UNKNOWN,
                Optional.of(new Recess(0, 0, 0, 0, 0)),
                600));
    assertThatFinding(finding(flush, "drl.seen-outwards")).is(Verdict.WITHIN);
    List<Finding> open =
        findings("un-r48", pair("drl", LampFunction.DRL, Light.UNKNOWN, Optional.empty(), 600));
    assertThat(open.stream().filter(one -> one.id().contains("seen-")))
        .singleElement()
        .extracting(Finding::verdict)
        .isEqualTo(Verdict.NOT_KNOWN);
  }

  /** 49 CFR 571.108 S7.10: 34 in and 7000 cd for upper beams, else 42 in and 3000 cd. */
  @ParameterizedTest
  @CsvSource({"true, 6000, 860, WITHIN", "true, 6000, 870, OUT", "false, 6000, 860, OUT"})
  void aDimmedMainBeamHasItsOwnLimits(boolean upper, double cd, double centreMm, Verdict verdict) {
    Light light =
        new Light(OptionalDouble.of(cd), false, upper, OptionalDouble.empty(), Optional.empty());
    Lamp lamp =
        new Lamp(
            LampFunction.DRL,
            List.of(new Lamp.Head(LIT, 0, 0)),
            Optional.empty(),
            light,
            Optional.empty(),
            List.of());
    LampPair drl = LampPair.mirrored("drl", "running lamp", lamp, new Spot(600, centreMm, 0));
    Verdict worst =
        findings("us-fmvss-108", drl).stream()
            .filter(one -> one.id().contains("intensity") || one.id().contains("height"))
            .map(Finding::verdict)
            .reduce(Verdict.WITHIN, Verdict::or);
    assertThat(worst).isEqualTo(verdict);
  }

  @Test
  void aSetForCarsJudgesNoBusUnseen() {
    RuleSet cars = set("un-r48");
    RuleSet large = set("un-r48-large");
    VehicleScope unseen = new VehicleScope(Optional.empty(), Optional.of(BodyKind.BUS));
    VehicleScope minibus =
        new VehicleScope(Optional.of(VehicleClass.M2), Optional.of(BodyKind.BUS));
    VehicleScope car = new VehicleScope(Optional.empty(), Optional.of(BodyKind.HATCH));
    assertThatFinding(unseen.doubt(cars).orElseThrow()).is(Verdict.NOT_KNOWN);
    assertThatFinding(minibus.doubt(cars).orElseThrow()).is(Verdict.OUT);
    assertThat(minibus.doubt(large)).isEmpty();
    assertThat(car.doubt(cars)).isEmpty();
    assertThat(unseen.doubt(set("us-sae-j599"))).isEmpty();
  }
}

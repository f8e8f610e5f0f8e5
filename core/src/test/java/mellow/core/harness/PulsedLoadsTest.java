package mellow.core.harness;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Conductor;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Turn;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.circuit.solve.Point;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is pulsed, starts, or runs backwards: small circuits with sums made by hand. */
class PulsedLoadsTest {
  private static final String GROUND = Circuit.GROUND;
  private static final Supply.Battery BATTERY = Supply.Battery.charged("battery", "plus");
  private static final Emitter.Use LEFT = new Emitter.Use(LampFunction.DIPPED, Side.LEFT);
  private static final Emitter.Use RIGHT = new Emitter.Use(LampFunction.MAIN, Side.RIGHT);
  private static final Controls LEFT_TURN = Controls.OFF.with(Key.RUN).with(Turn.LEFT);

  private static Finding finding(Circuit circuit, String id, Controls at) {
    List<Finding> all =
        new FeedJudge(
                circuit,
                List.of(new Solver(circuit).solve(at)),
                new Laying(105, 60, 1),
                Optional.empty())
            .findings();
    return all.stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError(id + " is not among " + all));
  }

  private static String remedy(Finding finding) {
    return Said.pattern(finding.remedy().orElseThrow());
  }

  /**
   * 9.65 A flowing half of the time warm a fuse like 6.82 A, which is over 80 % of 7.5 A; their
   * mean, 4.8 A, would be within. A contact bears them all while it is closed.
   */
  @Test
  void flashingLoadIsJudgedByItsEffectiveCurrent() {
    Circuit circuit =
        Circuit.of(
            BATTERY,
            Joining.Fuse.of(7.5, "fuse", "plus", "49"),
            new Pulsed.Flasher("flasher", "49", "49a", 0),
            new Switch("lever", List.of(new Switch.Contact("49a", "out", When.turn(Turn.LEFT))), 8),
            new Load("lamps", "out", GROUND, 1.29, 200));
    Solution solution = new Solver(circuit).solve(LEFT_TURN);
    Load lamps = (Load) circuit.part("lamps").orElseThrow();
    double lit = solution.effectiveLit(point -> point.amps(lamps));
    assertThat(lit).isCloseTo(9.65, within(0.1));
    assertThat(solution.effective(point -> point.amps(lamps)))
        .isCloseTo(lit / Math.sqrt(2), within(1e-9));
    assertThat(finding(circuit, "feed.fuse@component:fuse", LEFT_TURN).verdict())
        .isEqualTo(Verdict.OUT);
    assertThat(finding(circuit, "feed.contact@component:lever", LEFT_TURN).verdict())
        .isEqualTo(Verdict.OUT);
  }

  /**
   * 62 % of the time 13.5 V are 10.63 V effective: (10.63 ÷ 12.8)^3.4 = 53 % of the light. Diodes
   * follow: 62 %.
   */
  @Test
  void filamentOnADimmerGlowsByItsEffectiveVoltage() {
    Supply.Battery steady = new Supply.Battery("battery", "plus", 13.5, 13.5, 1e-6);
    Emitter bulb = new Emitter.Bulb("bulb", LEFT, "dimmed", GROUND, 12.8, 5);
    Emitter diode = new Emitter.DrivenLed("led", RIGHT, "dimmed", GROUND, 5, 9);
    Circuit circuit =
        Circuit.of(steady, new Pulsed.Dimmer("dimmer", "plus", "dimmed", 0.62), bulb, diode);
    Solution solution = new Solver(circuit).solve(Controls.OFF);
    assertThat(solution.light(bulb)).isCloseTo(0.53, within(0.005));
    assertThat(solution.light(diode)).isCloseTo(0.62, within(0.001));
    assertThat(solution.averageLit(point -> point.at("dimmed")))
        .isCloseTo(0.62 * 13.5, within(0.1));
  }

  /** ISO 8820-3 (from memory): the least that a blade fuse stands, as shares of its rating. */
  @ParameterizedTest
  @CsvSource({
    "10, Infinity",
    "11, 360000",
    "13.5, 0.75",
    "16, 0.25",
    "20, 0.15",
    "35, 0.04",
    "60, 0.02",
    "120, 0.005"
  })
  void fuseStandsAtLeast(double amps, double seconds) {
    assertThat(BladeFuse.A10.standsSeconds(amps))
        .isCloseTo(seconds, within(Double.isInfinite(seconds) ? 0.0 : 1e-6 * seconds));
  }

  /** Both times bound each other for every load. */
  @Test
  void fuseNeverHasToOpenBeforeItMay() {
    for (double share = 1.35; share <= 6; share += 0.05) {
      assertThat(BladeFuse.A15.standsSeconds(15 * share))
          .isLessThan(BladeFuse.A15.opensWithinSeconds(15 * share).orElseThrow());
    }
  }

  private static Circuit started(double fuseAmps) {
    return Circuit.of(
        BATTERY,
        Joining.Fuse.of(fuseAmps, "fuse", "plus", "fused"),
        new Joining.Wire("wire", "fused", "lamp", Conductor.awg(12, 2)),
        Emitter.Discharge.of35W("ballast", LEFT, "lamp", GROUND),
        new Emitter.Bulb("bulb", RIGHT, "lamp", GROUND, 12.8, 55));
  }

  /**
   * A filament's inrush and a ballast's strike, each for its own time, do not open 20 A; taken
   * together for four seconds they would. A fuse of 7.5 A opens by the strike alone.
   */
  @Test
  void startIsTakenForTheTimeOfEachLoad() {
    Finding stands = finding(started(20), "feed.start@component:fuse", Controls.OFF);
    assertThat(stands.verdict()).isEqualTo(Verdict.WITHIN);
    Point cold =
        new Solver(started(20))
            .starting(
                new Solver(started(20)).solve(Controls.OFF),
                mellow.core.circuit.Situation.Start.COLD);
    double inrush = Math.abs(cold.amps(started(20).part("fuse").orElseThrow()));
    assertThat(BladeFuse.A20.standsSeconds(inrush)).as("together, for 4 s").isLessThan(4);
    assertThat(finding(started(7.5), "feed.start@component:fuse", Controls.OFF).verdict())
        .isEqualTo(Verdict.OUT);
  }

  /** The right lamp's ground is open: the left one's feed goes on through it, the wrong way. */
  @Test
  void lampFedBackwardsIsNamedAndNothingIsSaidOfItsLoss() {
    Circuit circuit =
        Circuit.of(
            BATTERY,
            new Joining.Joint("feed", "plus", "left +", 0.01, true),
            new Emitter.Bulb("left", LEFT, "left +", "shared", 12.8, 55),
            new Emitter.Bulb("right", RIGHT, "right +", "shared", 12.8, 55),
            new Joining.Joint("other ground", "right +", GROUND, 0.01, true));
    List<Finding> findings =
        new FeedJudge(
                circuit,
                List.of(new Solver(circuit).solve(Controls.OFF)),
                new Laying(105, 60, 1),
                Optional.empty())
            .findings();
    assertThat(findings).extracting(Finding::id).contains("feed.back@component:right");
    assertThat(findings).extracting(Finding::id).doesNotContain("feed.drop@component:right");
  }

  /** 0.5 Ω in the ground lose more than the wire does: the ground is cleaned. */
  @Test
  void remedyNamesWhereTheLossIs() {
    Finding ground = finding(lamp(0.5, 12), "feed.drop@component:bulb", Controls.OFF);
    assertThat(ground.verdict()).isEqualTo(Verdict.OUT);
    assertThatFinding(ground).advises(HarnessWords.cleanJoint("ground joint"));
    assertThat(ground.remedy().orElseThrow().on())
        .contains(SubjectKind.COMPONENT.named("ground joint"));
    assertThatFinding(finding(lamp(0.001, 20), "feed.drop@component:bulb", Controls.OFF))
        .advises(HarnessWords.thicker());
  }

  private static Circuit lamp(double groundOhms, int awg) {
    return Circuit.of(
        BATTERY,
        new Joining.Wire("wire", "plus", "lamp +", Conductor.awg(awg, 4)),
        new Emitter.Bulb("bulb", LEFT, "lamp +", "lamp -", 12.8, 55),
        new Joining.Joint("ground joint", "lamp -", GROUND, groundOhms, true));
  }

  /**
   * IES Lighting Handbook (from memory): at 13.9 V a 12.8 V filament lives (13.9 ÷ 12.8)^−13 = 34
   * %, which every charging brings; at 14.4 V it is 22 %.
   */
  @ParameterizedTest
  @CsvSource({"13.9, 34, WITHIN", "14.4, 22, AT_EDGE"})
  void moreThanTheRatedVoltageCostsLife(double volts, double percent, Verdict verdict) {
    Circuit circuit =
        Circuit.of(
            new Supply.Battery("battery", "plus", volts, volts, 1e-6),
            new Emitter.Bulb("bulb", LEFT, "plus", GROUND, 12.8, 55));
    Finding life = finding(circuit, "feed.life@component:bulb", Controls.OFF);
    assertThat(life.verdict()).isEqualTo(verdict);
    assertThat(Said.figures(life.headline()).get(2).value()).isCloseTo(percent, within(0.5));
  }

  /**
   * 800 cd at a duty of 30 % are 240 cd: too few by day (UN R87, 400 cd; 49 CFR 571.108, 500 cd;
   * both from memory), too many beside side lamps in a UN market (R7, 140 cd), and no UN value is
   * asked in the other one.
   */
  @Test
  void runningLampReducedByDayIsARunningLamp() {
    Emitter drl =
        new Emitter.DrivenLed(
            "drl", new Emitter.Use(LampFunction.DRL, Side.LEFT, 800), "out", GROUND, 8, 9);
    Circuit circuit = Circuit.of(BATTERY, new Pulsed.Dimmer("dimmer", "plus", "out", 0.3), drl);
    Controls day = Controls.OFF.with(Key.ENGINE);
    Controls side = day.with(Controls.Lights.SIDE);
    assertThat(dimmed(circuit, day, MarkFamily.UN)).containsExactly("feed.by-day@component:drl");
    assertThat(dimmed(circuit, day, MarkFamily.SAE)).containsExactly("feed.by-day@component:drl");
    assertThat(dimmed(circuit, side, MarkFamily.UN)).containsExactly("feed.dimmed@component:drl");
    assertThat(dimmed(circuit, side, MarkFamily.SAE)).isEmpty();
  }

  private static List<String> dimmed(Circuit circuit, Controls at, MarkFamily market) {
    return new FeedJudge(
            circuit,
            List.of(new Solver(circuit).solve(at)),
            new Laying(105, 60, 1),
            Optional.of(market))
        .findings().stream()
            .filter(finding -> finding.verdict() == Verdict.OUT)
            .map(Finding::id)
            .toList();
  }
}

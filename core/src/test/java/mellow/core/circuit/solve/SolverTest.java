package mellow.core.circuit.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Conductor;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Law;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.circuit.check.CircuitCheck;
import mellow.core.finding.Finding;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SolverTest {
  private static final Emitter.Use FOG = new Emitter.Use(LampFunction.FRONT_FOG, Side.LEFT);
  private static final Supply.Battery BATTERY = Supply.Battery.charged("battery", "plus");

  private static Emitter.Bulb bulb(String plus, String minus) {
    return new Emitter.Bulb("lamp", FOG, plus, minus, 12, 55);
  }

  private static Joining.Joint lead(String id, String from, String to, double ohms) {
    return new Joining.Joint(id, from, to, ohms, true);
  }

  /** IES Lighting Handbook, exponents of incandescent lamps, from memory: I ∝ V^0.55, V^3.4. */
  @Test
  void filamentFollowsTheHandbook() {
    Law lamp = new Law.Filament(12.8, 55);
    assertThat(lamp.current(12.8)).isCloseTo(4.30, within(0.005));
    assertThat(lamp.current(13.5)).isCloseTo(4.42, within(0.005));
    assertThat(new Emitter.Bulb("lamp", FOG, "a", "b", 12.8, 55).light(13.5))
        .isCloseTo(1.20, within(0.005));
    // a cold filament has about a twelfth of its hot resistance: common practice
    assertThat(lamp.slope(0)).isCloseTo(12 * 4.297 / 12.8, within(0.01));
  }

  /** ASTM B258: AWG 18 is 0.823 mm² and 20.95 Ω/km at 20 °C; others from the same table. */
  @ParameterizedTest
  @CsvSource({"20, 33.3, 0.05", "18, 20.95, 0.01", "16, 13.17, 0.01", "14, 8.286, 0.005"})
  void wireOfAnAmericanGauge(int gauge, double ohmsPerKm, double tolerance) {
    assertThat(Conductor.awg(gauge, 1).ohms() * 1000).isCloseTo(ohmsPerKm, within(tolerance));
    assertThat(Conductor.awgMm2(18)).isCloseTo(0.823, within(0.0005));
  }

  /** V = 12.8 − 0.11 Ω × 4.583 A × (V ÷ 12)^0.55, by hand: 12.289 V. */
  @Test
  void lampBehindItsLeads() {
    Emitter lamp = bulb("a", "b");
    Circuit circuit =
        Circuit.of(
            BATTERY, lead("out", "plus", "a", 0.05), lamp, lead("back", "b", Circuit.GROUND, 0.05));
    Solution solution = new Solver(circuit).solve(Controls.OFF);
    assertThat(solution.on().between("a", "b")).isCloseTo(12.289, within(0.001));
    assertThat(solution.light(lamp)).isCloseTo(1.084, within(0.001));
    assertThat(-solution.on().amps(BATTERY)).isCloseTo(solution.on().amps(lamp), within(1e-9));
  }

  @Test
  void engineLiftsTheVoltageAndTheStarterSinksIt() {
    Solver solver =
        new Solver(
            Circuit.of(
                BATTERY,
                new Supply.Alternator("alternator", "plus", 14.2, 0.002),
                new Load("heater", "plus", Circuit.GROUND, 10, 100)));
    assertThat(solver.solve(Controls.OFF.with(Key.ENGINE)).on().at("plus")).isBetween(13.8, 14.2);
    assertThat(solver.solve(Controls.OFF.with(Key.CRANKING)).on().at("plus")).isBetween(9.9, 10.0);
  }

  private static Circuit fogByRelay(Moving.Relay relay) {
    return Circuit.of(
        BATTERY,
        Joining.Fuse.of(20, "fuse", "plus", "30"),
        Switch.of("switch", "plus", "86", When.fogOn()),
        relay,
        bulb("87", Circuit.GROUND));
  }

  private static Moving.Relay fogRelay() {
    return Moving.Relay.of("relay", Moving.Relay.Pins.four("86", Circuit.GROUND, "30", "87"));
  }

  @Test
  void relayFeedsTheLampWhileItsSwitchIsOn() {
    Solver solver = new Solver(fogByRelay(fogRelay()));
    assertThat(solver.solve(Controls.OFF).on().at("87")).isCloseTo(0, within(1e-6));
    Solution on = solver.solve(Controls.OFF.withFog(true));
    assertThat(on.on().at("87")).isGreaterThan(12.5);
    assertThat(on.states()).containsEntry("relay", 1);
    assertThat(
            new Solver(fogByRelay(fogRelay().kill()))
                .solve(Controls.OFF.withFog(true))
                .on()
                .at("87"))
        .isCloseTo(0, within(1e-6));
  }

  /** Between letting go and pulling in a relay stays as it was: that is what hysteresis is. */
  @Test
  void relayHoldsOnWhereItWouldNotPullIn() {
    Circuit weak =
        Circuit.of(
            new Supply.Battery("battery", "plus", 12.8, 6, 0.01),
            Moving.Relay.of("relay", Moving.Relay.Pins.four("plus", Circuit.GROUND, "plus", "87")),
            new Load("load", "87", Circuit.GROUND, 10, 20));
    Solver solver = new Solver(weak);
    Controls cranking = Controls.OFF.with(Key.CRANKING);
    assertThat(solver.solve(cranking).on().at("87")).isCloseTo(0, within(1e-6));
    Solution before = solver.solve(Controls.OFF);
    assertThat(solver.solve(cranking, before).on().at("87")).isGreaterThan(5.9);
  }

  @Test
  void relayThatFeedsItselfThroughItsOwnRestContactChatters() {
    Circuit buzzer =
        Circuit.of(
            BATTERY,
            Moving.Relay.of(
                "buzzer", new Moving.Relay.Pins("87a", Circuit.GROUND, "plus", "87", "87a")));
    Solution solution = new Solver(buzzer).solve(Controls.OFF);
    assertThat(solution.restless()).containsExactly("buzzer");
    assertThat(CircuitCheck.ofSolution(buzzer, solution))
        .extracting(Finding::id)
        .containsExactly("circuit.chatter@component:buzzer");
  }

  @Test
  void polarisedLampIsDarkTheWrongWayRound() {
    Emitter right = new Emitter.DrivenLed("lamp", FOG, "plus", Circuit.GROUND, 12, 9);
    Emitter wrong = new Emitter.DrivenLed("lamp", FOG, Circuit.GROUND, "plus", 12, 9);
    assertThat(new Solver(Circuit.of(BATTERY, right)).solve(Controls.OFF).light(right))
        .isCloseTo(1, within(0.001));
    assertThat(new Solver(Circuit.of(BATTERY, wrong)).solve(Controls.OFF).light(wrong)).isZero();
  }

  /**
   * Through 2 Ω no more than 12.8² ÷ 8 = 20.5 W ever arrive: a driver of 24 W sinks its feed below
   * the 6 V that it works at. One of 18 W works at the upper of the two voltages at which 18 W come
   * through, 6.4 + √(6.4² − 2 × 18) = 8.63 V.
   */
  @Test
  void driverOnTooWeakAFeedStartsAndDropsOut() {
    Circuit starved = behindTwoOhms(24);
    Solution solution = new Solver(starved).solve(Controls.OFF);
    assertThat(solution.converged()).isTrue();
    assertThat(solution.on().at("a")).isBetween(5.4, 6.0);
    assertThat(CircuitCheck.ofSolution(starved, solution))
        .extracting(Finding::id)
        .containsExactly("circuit.starves@component:lamp");
    Circuit enough = behindTwoOhms(18);
    Solution lit = new Solver(enough).solve(Controls.OFF);
    assertThat(lit.on().at("a")).isCloseTo(8.63, within(0.03));
    assertThat(CircuitCheck.ofSolution(enough, lit)).isEmpty();
  }

  private static Circuit behindTwoOhms(double watts) {
    return Circuit.of(
        BATTERY,
        lead("bad", "plus", "a", 1.99),
        new Emitter.DrivenLed("lamp", FOG, "a", Circuit.GROUND, watts, 6));
  }

  /** 17.5 % of the time is √0.175 of the voltage to a filament, and 0.175^1.7 of its light. */
  @Test
  void dimmedFilamentGlowsByTheEffectiveVoltage() {
    Emitter lamp = bulb("a", Circuit.GROUND);
    Circuit circuit = Circuit.of(BATTERY, new Pulsed.Dimmer("dimmer", "plus", "a", 0.175), lamp);
    Solution solution = new Solver(circuit).solve(Controls.OFF);
    assertThat(solution.phases()).hasSize(2);
    assertThat(solution.light(lamp))
        .isCloseTo(Math.pow(0.175, 1.7) * lamp.light(solution.on().at("a")), within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"RUN, OFF, 0", "ENGINE, OFF, 1", "ENGINE, SIDE, 0.2"})
  void moduleWatchesChargeAndSideLamps(Key key, Lights lights, double light) {
    Emitter lamp = new Emitter.DrivenLed("drl", FOG, "out", Circuit.GROUND, 10, 8);
    Circuit circuit =
        Circuit.of(
            BATTERY,
            new Supply.Alternator("alternator", "plus", 14.2, 0.002),
            Switch.of("lights", "plus", "side", When.lights(Lights.SIDE)),
            new Moving.RunningLampModule(
                "module",
                new Moving.RunningLampModule.Pins("plus", Circuit.GROUND, "plus", "side", "out"),
                13.2,
                0.2),
            lamp);
    Solution solution = new Solver(circuit).solve(Controls.OFF.with(key).with(lights));
    assertThat(solution.light(lamp)).isCloseTo(light, within(0.001));
  }

  @Test
  void openGroundIsFoundAndNoException() {
    Circuit circuit = Circuit.of(BATTERY, bulb("plus", "loose"));
    assertThat(CircuitCheck.ofJoining(circuit))
        .extracting(Finding::id)
        .containsExactly("circuit.end@end:lamp:loose");
    assertThat(new Solver(circuit).solve(Controls.OFF).on().at("loose"))
        .isCloseTo(12.8, within(0.001));
    Circuit floating = Circuit.of(BATTERY, bulb("x", "y"), lead("wire", "x", "y", 1));
    assertThat(CircuitCheck.ofJoining(floating))
        .extracting(Finding::id)
        .contains("circuit.floating@component:lamp", "circuit.floating@component:wire");
  }

  @Test
  void shortCircuitIsFound() {
    Circuit negative = Circuit.of(BATTERY, lead("spanner", "plus", Circuit.GROUND, -1));
    assertThatThrownBy(() -> new Solver(negative).solve(Controls.OFF))
        .hasMessageContaining("circuit.resistanceNegative");
    for (double ohms : new double[] {0, 0.001}) {
      Circuit metal = Circuit.of(BATTERY, lead("spanner", "plus", Circuit.GROUND, ohms));
      assertThat(CircuitCheck.ofSolution(metal, new Solver(metal).solve(Controls.OFF)))
          .extracting(Finding::id)
          .containsExactly("circuit.short@component:battery");
    }
  }

  @Test
  void twoPartsOfOneNameAreRefused() {
    assertThatThrownBy(() -> Circuit.of(BATTERY, BATTERY)).hasMessageContaining("circuit.twoParts");
  }

  /** A diode across a coil stands from 85 to 86: with plus at 85 it shorts the feed. */
  @Test
  void suppressingDiodeTheWrongWayRoundIsAShort() {
    assertThat(coilAmps("trigger", Circuit.GROUND)).isCloseTo(12.8 / 90, within(0.001));
    assertThat(coilAmps(Circuit.GROUND, "trigger")).isGreaterThan(50);
  }

  private static double coilAmps(String p86, String p85) {
    Moving.Relay relay =
        new Moving.Relay(
            "relay",
            Moving.Relay.Pins.four(p86, p85, "plus", "87"),
            Moving.Relay.Coil.USUAL,
            Moving.Relay.Suppression.DIODE,
            30,
            false);
    Joining.Fuse fuse = Joining.Fuse.of(10, "fuse", "plus", "trigger");
    Circuit circuit =
        Circuit.of(BATTERY, fuse, relay, new Load("load", "87", Circuit.GROUND, 10, 20));
    return new Solver(circuit).solve(Controls.OFF).on().amps(fuse);
  }

  /** A loop of nothing but perfect contacts is solved, and carries no current of its own. */
  @Test
  void loopWithoutResistanceIsSolved() {
    Joining.Joint there = new Joining.Joint("there", "plus", "a", 0, true);
    Joining.Joint back = new Joining.Joint("back", "a", "plus", 0, true);
    Circuit circuit =
        Circuit.of(BATTERY, there, back, new Load("load", "a", Circuit.GROUND, 12.79, 20));
    Solution solution = new Solver(circuit).solve(Controls.OFF);
    assertThat(solution.converged()).isTrue();
    // 12.8 V over 12.79 Ω and the battery's 10 mΩ are one ampere, half by each contact
    assertThat(solution.on().amps(there)).isCloseTo(0.5, within(0.001));
    assertThat(solution.on().amps(back)).isCloseTo(-0.5, within(0.001));
  }

  /** A thousand loads in parallel are solved; more parts than any vehicle's are refused. */
  @Test
  void aThousandPartsAreSolved() {
    List<Part> parts = new ArrayList<>(List.of(BATTERY));
    for (int i = 0; i < 1000; i++) {
      parts.add(new Load("load " + i, "plus", Circuit.GROUND, 100, 20));
    }
    Solution solution = new Solver(new Circuit(parts)).solve(Controls.OFF);
    // 100 Ω a thousand times are 0.1 Ω: 12.8 V × 0.1 ÷ 0.11
    assertThat(solution.on().at("plus")).isCloseTo(11.636, within(0.001));
    for (int i = 0; i < 1000; i++) {
      parts.add(new Load("more " + i, "plus", Circuit.GROUND, 100, 20));
    }
    assertThatThrownBy(() -> new Circuit(parts)).hasMessageContaining("circuit.tooManyParts");
  }
}

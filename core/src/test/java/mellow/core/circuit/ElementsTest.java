package mellow.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Moving.Relay;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Each element by itself on a battery of 12.8 V and 10 mΩ, against sums by hand. */
class ElementsTest {
  private static final String GROUND = Circuit.GROUND;
  private static final Supply.Battery BATTERY = Supply.Battery.charged("battery", "plus");
  private static final Emitter.Use DRL = new Emitter.Use(LampFunction.DRL, Side.LEFT);

  private static Solution solved(Controls controls, Part... parts) {
    Part[] all = new Part[parts.length + 1];
    all[0] = BATTERY;
    System.arraycopy(parts, 0, all, 1, parts.length);
    return new Solver(Circuit.of(all)).solve(controls);
  }

  /** What the solver asks of a law at once is what each of its halves says, and its slope dI/dV. */
  @ParameterizedTest
  @MethodSource("laws")
  void currentAndSlopeAreOneLaw(Law law) {
    double[] flow = new double[2];
    double step = 1e-6;
    for (double volts : new double[] {-14, -0.3, 0, 1e-4, 0.02, 0.7, 5, 8.5, 12.8, 15}) {
      law.flow(volts, flow);
      assertThat(flow[0]).isCloseTo(law.current(volts), within(1e-12));
      double difference = (law.current(volts + step) - law.current(volts - step)) / (2 * step);
      assertThat(flow[1]).isCloseTo(difference, within(1e-4 + Math.abs(difference) * 1e-3));
    }
  }

  static List<Law> laws() {
    return List.of(
        Law.OPEN,
        new Law.Resistance(2.5),
        new Law.Source(12.8, 0.01),
        new Law.Filament(12.8, 55),
        new Law.Driver(18, 9.1),
        new Law.Junction(0.7, 0.02),
        new Law.Junction(9, 100));
  }

  /** (12.8 − 9) V ÷ 100 Ω are 38 mA; rated 20 mA it gives nearly twice its light, and wears out. */
  @Test
  void bareDiodesTakeWhatTheirResistorLeaves() {
    Emitter lamp = new Emitter.BareLed("lamp", DRL, "plus", GROUND, 9, 100, 0.02);
    Solution solution = solved(Controls.OFF, lamp);
    assertThat(solution.on().amps(lamp)).isCloseTo(0.038, within(0.0002));
    assertThat(solution.light(lamp)).isCloseTo(1.9, within(0.01));
    Emitter turned = new Emitter.BareLed("lamp", DRL, GROUND, "plus", 9, 100, 0.02);
    assertThat(solved(Controls.OFF, turned).light(turned)).isZero();
  }

  /** 35 W at the lamp: 41 W at the plug, 3.2 A; 8 A at 12.8 V while it strikes. Common practice. */
  @Test
  void ballastStrikesAndRuns() {
    Emitter lamp = Emitter.Discharge.of35W("lamp", DRL, "plus", GROUND);
    Solver solver = new Solver(Circuit.of(BATTERY, lamp));
    assertThat(solver.solve(Controls.OFF).on().amps(lamp)).isCloseTo(3.21, within(0.01));
    assertThat(solver.starting(solver.solve(Controls.OFF), Situation.Start.COLD).amps(lamp))
        .isCloseTo(8, within(0.1));
    Emitter on6Volts = Emitter.Discharge.of35W("lamp", DRL, "low", GROUND);
    Solution cranking =
        solved(
            Controls.OFF.with(Key.CRANKING),
            new Joining.Joint("long lead", "plus", "low", 1, true),
            on6Volts);
    assertThat(cranking.light(on6Volts)).as("10 V behind 1 Ω are too few for it").isZero();
  }

  /** A cold filament has a twelfth of its hot resistance: 55 W start with some 50 A. */
  @Test
  void coldFilamentInrush() {
    Emitter lamp = new Emitter.Bulb("lamp", DRL, "plus", GROUND, 12.8, 55);
    Solver solver = new Solver(Circuit.of(BATTERY, lamp));
    // 12 × 4.297 A are 51.6 A, less what 10 mΩ of the battery take: 12.8 ÷ (0.2482 + 0.01)
    assertThat(solver.starting(solver.solve(Controls.OFF), Situation.Start.COLD).amps(lamp))
        .isCloseTo(49.6, within(0.1));
  }

  @Test
  void shutterDrawsAndTheLightIsTheSourcesOwn() {
    Emitter source = Emitter.Discharge.of35W("low", DRL, "low", GROUND);
    Emitter shutter = new Emitter.Shutter("high", DRL, "main", GROUND, 24, 8, source);
    Switch main = Switch.of("lever", "plus", "main", When.lights(Lights.MAIN, Lights.FLASH));
    Switch dipped = Switch.of("light", "plus", "low", When.lights(Lights.DIPPED, Lights.MAIN));
    assertThat(solved(Controls.OFF.with(Lights.MAIN), source, shutter, main, dipped).light(shutter))
        .isEqualTo(1);
    assertThat(
            solved(Controls.OFF.with(Lights.FLASH), source, shutter, main, dipped).light(shutter))
        .as("it moves, and there is no light behind it")
        .isZero();
  }

  @ParameterizedTest
  @CsvSource({"12.8, yes, 1", "12.8, no, 0", "7, yes, 0"})
  void controllerFeedsItsOutputsOnceItHasPower(double volts, String auxiliary, double light) {
    Emitter lamp = new Emitter.DrivenLed("lamp", DRL, "one", GROUND, 5, 6);
    Circuit circuit =
        Circuit.of(
            new Supply.Battery("battery", "plus", volts, 6, 0.01),
            new Moving.Controller(
                "box",
                "plus",
                GROUND,
                List.of(new Moving.Controller.Output("1", "one", When.auxiliaryOn())),
                2000),
            lamp);
    Controls controls = Controls.OFF.withAuxiliary(auxiliary.equals("yes"));
    assertThat(new Solver(circuit).solve(controls).light(lamp)).isCloseTo(light, within(0.01));
  }

  @Test
  void bodyComputerFeedsWhatIsConfigured() {
    Emitter lamp = new Emitter.DrivenLed("lamp", DRL, "out", GROUND, 8, 8);
    When engine = When.key(Key.ENGINE);
    Part half = new Moving.BodyOutput("out", "plus", "out", engine, true, 0.5, 0);
    Part not = new Moving.BodyOutput("out", "plus", "out", engine, false, 1, 0);
    Controls running = Controls.OFF.with(Key.ENGINE);
    assertThat(solved(running, half, lamp).light(lamp)).isCloseTo(0.5, within(0.001));
    assertThat(solved(Controls.OFF, half, lamp).light(lamp)).isZero();
    assertThat(solved(running, not, lamp).light(lamp)).isZero();
  }

  /** Closed for half of its period: seen at full while lit, and half the current on average. */
  @Test
  void flasherFeedsHalfOfTheTime() {
    Emitter lamp = new Emitter.Bulb("lamp", DRL, "turn", GROUND, 12.8, 21);
    Solution flashing =
        solved(Controls.OFF, new Pulsed.Flasher("flasher", "plus", "turn", 0), lamp);
    assertThat(flashing.light(lamp)).isCloseTo(1, within(0.01));
    assertThat(flashing.average(point -> point.amps(lamp))).isCloseTo(0.82, within(0.005));
  }

  /** The middle contact of a relay with five pins is joined at rest: 30 to 87a by DIN 72552. */
  @Test
  void fivePinsChangeOver() {
    Relay relay = Relay.of("relay", new Relay.Pins("86", GROUND, "plus", "on", "rest"));
    Switch button = Switch.of("switch", "plus", "86", When.fogOn());
    Part one = new Load("one", "on", GROUND, 10, 20);
    Part two = new Load("two", "rest", GROUND, 10, 20);
    assertThat(lit(solved(Controls.OFF, relay, button, one, two))).containsExactly("rest");
    assertThat(lit(solved(Controls.OFF.withFog(true), relay, button, one, two)))
        .containsExactly("on");
  }

  private static Set<String> lit(Solution solution) {
    return solution.on().at("on") > 12
        ? solution.on().at("rest") > 12 ? Set.of("on", "rest") : Set.of("on")
        : solution.on().at("rest") > 12 ? Set.of("rest") : Set.of();
  }

  static List<ThrowingCallable> refused() {
    return List.of(
        () -> new Pulsed.Dimmer("d", "a", "b", 0),
        () -> new Pulsed.Dimmer("d", "a", "b", 1.01),
        () -> new Pulsed.Dimmer("d", "a", "b", Double.NaN),
        () -> new Moving.BodyOutput("o", "a", "b", When.ALWAYS, true, 0, 0),
        () ->
            new Moving.RunningLampModule(
                "m", new Moving.RunningLampModule.Pins("a", "b", "c", "d", "e"), 13, -0.1),
        () -> new Relay.Coil(90, 3, 8),
        () -> Relay.of("r", Relay.Pins.four("a", "b", "c", "")),
        () -> Switch.of("s", "a", "b", When.ALWAYS).rated(0),
        () -> new Emitter.Use(LampFunction.DRL, Side.LEFT, -1),
        () -> Conductor.awg(18, -2),
        () -> new Law.Resistance(-1),
        () -> new Law.Filament(12, 0));
  }

  @ParameterizedTest
  @MethodSource("refused")
  void whatCannotBeIsRefused(ThrowingCallable made) {
    assertThatThrownBy(made)
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageMatching(".{12,}");
  }
}

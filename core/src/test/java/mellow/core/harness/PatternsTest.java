package mellow.core.harness;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Diode;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Moving.Relay.Pins;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.circuit.check.StateTable;
import mellow.core.circuit.check.StateTable.State;
import mellow.core.circuit.solve.Solver;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

/** Ways of feeding lamps as workshops wire them, each with its whole table. Common practice. */
class PatternsTest {
  private static final String GROUND = Circuit.GROUND;
  private static final Supply.Battery BATTERY = Supply.Battery.charged("battery", "plus");
  private static final Supply.Alternator ALTERNATOR =
      new Supply.Alternator("alternator", "plus", 14.2, 0.002);
  private static final Switch IGNITION =
      Switch.of("ignition", "plus", "run", When.key(Key.RUN, Key.ENGINE));
  private static final Switch SIDE_LAMPS =
      Switch.of("side lamps", "plus", "side", When.lights(Lights.SIDE, Lights.DIPPED, Lights.MAIN));

  private static Emitter led(LampFunction function, String plus, String minus, double watts) {
    return new Emitter.DrivenLed(
        function.name(), new Emitter.Use(function, Side.LEFT), plus, minus, watts, 8);
  }

  private static State state(String name, Controls controls, LampFunction lamp, LightLevel level) {
    return new State(name, Sentence.of(name), controls, Map.of(StateTable.Lamps.of(lamp), level));
  }

  /** A running lamp in the states that its rules ask about, with what is expected of it. */
  private static List<State> runningLamp(LightLevel besideSideLamps) {
    return List.of(
        state("key out", Controls.OFF, LampFunction.DRL, LightLevel.OUT),
        state("engine", Controls.OFF.with(Key.ENGINE), LampFunction.DRL, LightLevel.FULL),
        state(
            "side lamps",
            Controls.OFF.with(Key.ENGINE).with(Lights.SIDE),
            LampFunction.DRL,
            besideSideLamps),
        state(
            "low beams",
            Controls.OFF.with(Key.ENGINE).with(Lights.DIPPED),
            LampFunction.DRL,
            besideSideLamps),
        state("off again", Controls.OFF, LampFunction.DRL, LightLevel.OUT));
  }

  private static Circuit twoRelays(Pins dropOut) {
    return Circuit.of(
        BATTERY,
        ALTERNATOR,
        IGNITION,
        SIDE_LAMPS,
        Joining.Fuse.of(10, "fuse", "plus", "fused"),
        Moving.Relay.of("ignition relay", Pins.four("run", GROUND, "fused", "feed")),
        Moving.Relay.of("drop-out relay", dropOut),
        led(LampFunction.DRL, "drl", GROUND, 12));
  }

  /** One relay from ignition, one that opens with the side lamps: it needs its 87a. */
  @Test
  void runningLampsThatGoOutWithTheSideLamps() {
    Circuit right = twoRelays(new Pins("side", GROUND, "feed", "unused", "drl"));
    assertThat(StateTable.of(right, runningLamp(LightLevel.OUT)).findings()).isEmpty();
    // a make relay in its place turns the logic round: dark by day, lit by night
    Circuit inverted = twoRelays(Pins.four("side", GROUND, "feed", "drl"));
    assertThat(StateTable.of(inverted, runningLamp(LightLevel.OUT)).findings())
        .extracting(finding -> Said.pattern(finding.headline()))
        .containsExactly(
            "Engine: daytime running lamp out, should be lit",
            "Side lamps: daytime running lamp lit, should be out",
            "Low beams: daytime running lamp lit, should be out");
  }

  /** A change-over relay puts a dimmer in the feed: 17.5 % for 140 of 800 cd. */
  @Test
  void runningLampsThatAreDimmedToPositionLamps() {
    Circuit circuit =
        Circuit.of(
            BATTERY,
            ALTERNATOR,
            IGNITION,
            SIDE_LAMPS,
            Moving.Relay.of("ignition relay", Pins.four("run", GROUND, "plus", "feed")),
            new Pulsed.Dimmer("dimmer", "feed", "dimmed", DimmedLamp.mostDuty(800, 140)),
            Moving.Relay.of("change-over", new Pins("side", GROUND, "drl", "dimmed", "feed")),
            led(LampFunction.DRL, "drl", GROUND, 12));
    StateTable table = StateTable.of(circuit, runningLamp(LightLevel.REDUCED));
    assertThat(table.findings()).isEmpty();
    assertThat(
            800
                * table
                    .rows()
                    .get(2)
                    .cells()
                    .get(StateTable.Lamps.of(LampFunction.DRL))
                    .darkest()
                    .light())
        .isBetween(135.0, 140.1);
  }

  /** A module that senses the charge: with a battery held up by a charger it stays dark in run. */
  @Test
  void moduleClippedOnTheBattery() {
    Circuit circuit =
        Circuit.of(
            BATTERY,
            ALTERNATOR,
            SIDE_LAMPS,
            Joining.Fuse.of(5, "fuse", "plus", "fused"),
            new Moving.RunningLampModule(
                "module",
                new Moving.RunningLampModule.Pins("fused", GROUND, "fused", "side", "drl"),
                13.2,
                0),
            led(LampFunction.DRL, "drl", GROUND, 12));
    assertThat(StateTable.of(circuit, runningLamp(LightLevel.OUT)).findings()).isEmpty();
    State run = state("run", Controls.OFF.with(Key.RUN), LampFunction.DRL, LightLevel.OUT);
    assertThat(StateTable.of(circuit, List.of(run)).findings()).isEmpty();
  }

  /** On many vehicles main beam takes the low beam's feed away: a bi-xenon lamp goes out then. */
  @Test
  void bixenonNeedsARelayThatHoldsItsBallast() {
    Switch low = Switch.of("low", "plus", "low", When.lights(Lights.DIPPED));
    Switch main = Switch.of("main", "plus", "main", When.lights(Lights.MAIN));
    Emitter.Use use = new Emitter.Use(LampFunction.DIPPED, Side.LEFT);
    Load shutter = new Load("shutter", "main", GROUND, 12, 15);
    Map<StateTable.Lamps, LightLevel> lit =
        Map.of(StateTable.Lamps.of(LampFunction.DIPPED), LightLevel.FULL);
    List<State> states =
        List.of(
            new State("low beam", Sentence.of("low beam"), Controls.OFF.with(Lights.DIPPED), lit),
            new State("main beam", Sentence.of("main beam"), Controls.OFF.with(Lights.MAIN), lit));
    Circuit plugged =
        Circuit.of(
            BATTERY, low, main, shutter, Emitter.Discharge.of35W("ballast", use, "low", GROUND));
    assertThat(StateTable.of(plugged, states).findings())
        .extracting(Finding::id)
        .containsExactly("state@in-state:main%20beam:lamp%3ADIPPED");
    Circuit harness =
        Circuit.of(
            BATTERY,
            low,
            main,
            shutter,
            new Diode("from low", "low", "86"),
            new Diode("from main", "main", "86"),
            Joining.Fuse.of(20, "fuse", "plus", "30"),
            Moving.Relay.of("relay", Pins.four("86", GROUND, "30", "held")),
            Emitter.Discharge.of35W("ballast", use, "held", GROUND));
    assertThat(StateTable.of(harness, states).findings()).isEmpty();
    // without the diodes the shutter would open with the low beam already
    assertThat(new Solver(harness).solve(Controls.OFF.with(Lights.DIPPED)).on().at("main"))
        .isLessThan(0.1);
  }

  /** A lit switch on a constant feed: its own lamp stays on for ever, key or no key. */
  @Test
  void litSwitchOnAConstantFeed() {
    Load lamp = new Load("switch's lamp", "supply", GROUND, 150, 2);
    Circuit constant = Circuit.of(BATTERY, Joining.Fuse.of(5, "tap", "plus", "supply"), lamp);
    Circuit switched =
        Circuit.of(BATTERY, IGNITION, Joining.Fuse.of(5, "tap", "run", "supply"), lamp);
    assertThat(Said.figures(atRest(constant).headline()).get(0).value()).isGreaterThan(0.05);
    assertThat(Said.figures(atRest(switched).headline()).get(0).value()).isLessThan(1e-6);
  }

  private static Finding atRest(Circuit circuit) {
    return FeedJudge.atRest(circuit, new Solver(circuit).solve(Controls.OFF), 60);
  }
}

package mellow.core.feed.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Conductor;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.solve.Solver;
import mellow.core.finding.Said;
import mellow.core.finding.Working;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

/** What stands on the cardboard gives what was solved. */
class PartWorkingTest {
  private static final Supply STIFF = new Supply.Battery("battery", "plus", 13.5, 10, 1e-4);

  private static Working of(Part part, Part... others) {
    Circuit circuit =
        new Circuit(Stream.concat(Stream.of(STIFF, part), Stream.of(others)).toList());
    return PartWorking.of(part, new Solver(circuit).solve(Controls.OFF));
  }

  private static double last(Working working) {
    return working.lines().get(working.lines().size() - 1).result().value();
  }

  /** 55 W at 12.8 V, on 13.5 V: 4.42 A and 120 % light. IES Lighting Handbook (from memory). */
  @Test
  void filament() {
    Emitter.Use use = new Emitter.Use(LampFunction.FRONT_FOG, Side.LEFT);
    Working working = of(new Emitter.Bulb("lamp", use, "plus", Circuit.GROUND, 12.8, 55));
    assertThat(working.lines().get(0).result().value()).isCloseTo(4.42, within(0.005));
    assertThat(last(working)).isCloseTo(120, within(0.3));
    assertThat(Said.text(working.lines().get(1).filled()))
        .isEqualTo("100 × (13.50 V ÷ 12.80 V)^3.4");
  }

  /** 6 Ω at 13.5 V make 30 W. */
  @Test
  void resistor() {
    assertThat(last(of(new Load("resistor", "plus", Circuit.GROUND, 6, 50))))
        .isCloseTo(30.4, within(0.05));
  }

  /** 2 m of 1 mm² at 20 °C are 34.5 mΩ; behind it 2.7 Ω take 4.94 A, and 0.17 V are lost. */
  @Test
  void wireAndFuse() {
    Part wire = new Joining.Wire("wire", "plus", "lamp", new Conductor(1, 2, 20));
    Part load = new Load("load", "lamp", Circuit.GROUND, 2.7, 100);
    Working working = of(wire, load);
    assertThat(working.lines().get(0).result().value()).isCloseTo(0.0345, within(0.0001));
    assertThat(last(working)).isCloseTo(0.170, within(0.001));
    // 10 mΩ in a fuse of 10 A: 13.5 V over 2.71 Ω are 4.98 A, half of its rating
    Part fuse = Joining.Fuse.of(10, "fuse", "plus", "lamp");
    assertThat(last(of(fuse, load))).isCloseTo(49.8, within(0.1));
  }

  @Test
  void whatOnlySwitchesHasNone() {
    assertThat(of(Joining.Joint.good("joint", "plus", Circuit.GROUND)).lines()).isEmpty();
  }
}

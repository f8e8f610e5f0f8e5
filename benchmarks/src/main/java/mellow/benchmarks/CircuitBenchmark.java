package mellow.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Conductor;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * One operating point of a circuit of some fifty nodes: six pairs of lamps, each fed by a fuse and
 * a relay through wires of its own, one relay more for the switch.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class CircuitBenchmark {
  private static final int PAIRS = 6;

  private final Solver solver = new Solver(circuit());
  private final Controls on = Controls.OFF.with(Lights.DIPPED);
  private final Solution off = solver.solve(Controls.OFF);

  private static Circuit circuit() {
    List<Part> parts = new ArrayList<>(List.of(Supply.Battery.charged("battery", "plus")));
    parts.add(Switch.of("lights", "plus", "trigger", When.lights(Lights.DIPPED)));
    for (int i = 0; i < PAIRS; i++) {
      String name = " " + i;
      parts.add(Joining.Fuse.of(15, "fuse" + name, "plus", "fused" + name));
      parts.add(
          new Joining.Wire("feed" + name, "fused" + name, "30" + name, Conductor.awg(14, 0.5)));
      parts.add(
          Moving.Relay.of(
              "relay" + name,
              Moving.Relay.Pins.four("trigger", Circuit.GROUND, "30" + name, "87" + name)));
      for (Side side : Side.values()) {
        String lamp = side.word() + name;
        Emitter.Use use = new Emitter.Use(LampFunction.DIPPED, side);
        parts.add(new Joining.Wire("out " + lamp, "87" + name, "+" + lamp, Conductor.awg(16, 2.5)));
        parts.add(
            i % 2 == 0
                ? new Emitter.Bulb(lamp, use, "+" + lamp, "-" + lamp, 12, 55)
                : new Emitter.DrivenLed(lamp, use, "+" + lamp, "-" + lamp, 18, 8));
        parts.add(
            new Joining.Wire("back " + lamp, "-" + lamp, Circuit.GROUND, Conductor.awg(16, 1)));
      }
    }
    return new Circuit(parts);
  }

  /** From all at rest: every relay has to pull in on the way. */
  @Benchmark
  public Solution circuitPointFromRest() {
    return solver.solve(on);
  }

  /** As a hand moves the switch: from the state before. */
  @Benchmark
  public Solution circuitPointFromNeighbour() {
    return solver.solve(on, off);
  }
}

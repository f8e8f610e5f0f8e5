package mellow.core.circuit;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.When;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** Circuits as nobody would build them: every kind of part, joined at random to what is there. */
final class RandomCircuits {
  private final Random random;
  private final List<Part> parts = new ArrayList<>();
  private final List<String> nodes = new ArrayList<>(List.of("plus"));

  private RandomCircuits(long seed) {
    random = new Random(seed);
  }

  static Circuit of(long seed) {
    return new RandomCircuits(seed).build(12 + (int) (seed % 30));
  }

  static Controls controls(long seed) {
    Random random = new Random(~seed);
    return Controls.OFF
        .with(Key.values()[random.nextInt(Key.values().length)])
        .with(Lights.values()[random.nextInt(Lights.values().length)]);
  }

  private Circuit build(int count) {
    parts.add(Supply.Battery.charged("battery", "plus"));
    parts.add(new Supply.Alternator("alternator", "plus", 14.2, 0.02));
    for (int i = 0; i < count; i++) {
      add("p" + i);
    }
    return new Circuit(parts);
  }

  private String old() {
    return nodes.get(random.nextInt(nodes.size()));
  }

  private String fresh() {
    String node = "node " + nodes.size();
    nodes.add(node);
    return node;
  }

  private String ground() {
    return random.nextInt(4) == 0 ? old() : Circuit.GROUND;
  }

  private Conductor wire() {
    return new Conductor(0.5 + random.nextInt(8) / 2.0, 0.2 + 5 * random.nextDouble(), 40);
  }

  private void add(String id) {
    Emitter.Use use = new Emitter.Use(LampFunction.DRL, Side.LEFT);
    Part part =
        switch (random.nextInt(11)) {
          case 0, 1 -> new Joining.Wire(id, old(), fresh(), wire());
          case 2 -> Joining.Fuse.of(5 + random.nextInt(26), id, old(), fresh());
          case 3 -> Switch.of(id, old(), fresh(), When.lights(Lights.SIDE, Lights.DIPPED));
          case 4 -> {
            String makes = fresh();
            String breaks = fresh();
            yield Moving.Relay.of(
                id, new Moving.Relay.Pins(old(), Circuit.GROUND, old(), makes, breaks));
          }
          case 5 -> new Diode(id, old(), fresh());
          case 6 -> new Load(id, old(), ground(), 2 + 100 * random.nextDouble(), 50);
          case 7 -> new Emitter.DrivenLed(id, use, old(), Circuit.GROUND, 5, 8);
          case 8 -> new Emitter.BareLed(id, use, old(), ground(), 6.4, 220, 0.02);
          case 9 -> Emitter.Discharge.of35W(id, use, old(), Circuit.GROUND);
          default -> new Emitter.Bulb(id, use, old(), ground(), 12, 5 + random.nextInt(51));
        };
    parts.add(part);
  }
}

package mellow.core.circuit;

import java.util.List;
import mellow.core.circuit.Controls.Key;

/** What feeds a circuit. */
public sealed interface Supply extends Part {
  String plus();

  @Override
  default List<Branch> branches() {
    return List.of(Branch.only(plus(), Circuit.GROUND));
  }

  @Override
  default List<String> terminals() {
    return List.of(plus());
  }

  /**
   * A battery, its minus at ground.
   *
   * @param openVolts without load
   * @param crankingVolts what is left of that while the starter turns
   * @param ohms its inner resistance
   */
  record Battery(String id, String plus, double openVolts, double crankingVolts, double ohms)
      implements Supply {
    /** A charged starter battery: 12.8 V, 10 V while cranking, 10 mΩ. Common practice. */
    public static Battery charged(String id, String plus) {
      return new Battery(id, plus, 12.8, 10, 0.01);
    }

    @Override
    public Battery at(List<String> nodes) {
      return new Battery(id, nodes.get(0), openVolts, crankingVolts, ohms);
    }

    @Override
    public Law law(int branch, Situation now) {
      boolean cranking = now.controls().key() == Key.CRANKING;
      return new Law.Source(cranking ? crankingVolts : openVolts, ohms);
    }
  }

  /**
   * An alternator as its regulator makes it: a level behind some resistance, with the engine
   * running.
   *
   * @param volts it regulates to
   * @param ohms how far it gives way
   */
  record Alternator(String id, String plus, double volts, double ohms) implements Supply {
    @Override
    public Alternator at(List<String> nodes) {
      return new Alternator(id, nodes.get(0), volts, ohms);
    }

    @Override
    public Law law(int branch, Situation now) {
      return now.controls().key() == Key.ENGINE ? new Law.Source(volts, ohms) : Law.OPEN;
    }
  }
}

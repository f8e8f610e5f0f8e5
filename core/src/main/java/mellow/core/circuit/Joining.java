package mellow.core.circuit;

import java.util.List;

/** What carries current from one place to another. */
public sealed interface Joining extends Part {
  String from();

  String to();

  @Override
  default List<Branch> branches() {
    return List.of(Branch.only(from(), to()));
  }

  /** A wire. */
  record Wire(String id, String from, String to, Conductor conductor) implements Joining {
    @Override
    public Law law(int branch, Situation now) {
      return new Law.Resistance(conductor.ohms());
    }
  }

  /**
   * A connector, a bolted ground or a splice.
   *
   * @param sound whether it makes contact at all
   */
  record Joint(String id, String from, String to, double ohms, boolean sound) implements Joining {
    public static Joint good(String id, String from, String to) {
      return new Joint(id, from, to, CONTACT_OHMS, true);
    }

    /** The same, come apart. */
    public Joint open() {
      return new Joint(id, from, to, ohms, false);
    }

    @Override
    public Law law(int branch, Situation now) {
      return sound ? new Law.Resistance(ohms) : Law.OPEN;
    }
  }

  /**
   * A blade fuse.
   *
   * @param ratedAmps printed on it
   */
  record Fuse(String id, String from, String to, double ratedAmps, boolean blown)
      implements Joining {
    /** Blade fuses lose about 0.1 V at their rating. Common practice. */
    private static final double VOLTS_AT_RATING = 0.1;

    public static Fuse of(double ratedAmps, String id, String from, String to) {
      return new Fuse(id, from, to, ratedAmps, false);
    }

    /** The same, gone. */
    public Fuse blow() {
      return new Fuse(id, from, to, ratedAmps, true);
    }

    @Override
    public Law law(int branch, Situation now) {
      return blown ? Law.OPEN : new Law.Resistance(VOLTS_AT_RATING / ratedAmps);
    }
  }
}

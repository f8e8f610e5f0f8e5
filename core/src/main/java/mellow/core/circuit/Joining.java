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

  @Override
  default List<String> terminals() {
    return List.of(from(), to());
  }

  /** A wire. */
  record Wire(String id, String from, String to, Conductor conductor) implements Joining {
    @Override
    public Wire at(List<String> nodes) {
      return new Wire(id, nodes.get(0), nodes.get(1), conductor);
    }

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

    @Override
    public Joint at(List<String> nodes) {
      return new Joint(id, nodes.get(0), nodes.get(1), ohms, sound);
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
   * A tap on a factory wire that only tells: it drives a coil or an input, never a lamp.
   *
   * @param mostAmps that such a wire gives beside what it was laid for
   * @param guardAmps rating of the fuse that the factory put before the wire; 0 while nobody looked
   *     it up
   */
  record Clip(String id, String from, String to, double mostAmps, double guardAmps)
      implements Joining {
    /** A coil and a module's inputs stay below, the smallest lamp does not. Judged. */
    public static final double USUAL_AMPS = 0.3;

    public static Clip of(String id, String from, String to) {
      return new Clip(id, from, to, USUAL_AMPS, 0);
    }

    @Override
    public Clip at(List<String> nodes) {
      return new Clip(id, nodes.get(0), nodes.get(1), mostAmps, guardAmps);
    }

    @Override
    public Law law(int branch, Situation now) {
      return CONTACT;
    }
  }

  /** What opens when too much flows. */
  sealed interface Guard extends Joining {
    /** Blade fuses lose about 0.1 V at their rating. Common practice. */
    double VOLTS_AT_RATING = 0.1;

    /** Printed on it. */
    double ratedAmps();

    boolean blown();

    /** The same, gone. */
    Guard blow();

    @Override
    default Law law(int branch, Situation now) {
      return blown() ? Law.OPEN : new Law.Resistance(VOLTS_AT_RATING / ratedAmps());
    }
  }

  /** A blade fuse. */
  record Fuse(String id, String from, String to, double ratedAmps, boolean blown) implements Guard {
    public static Fuse of(double ratedAmps, String id, String from, String to) {
      return new Fuse(id, from, to, ratedAmps, false);
    }

    @Override
    public Fuse at(List<String> nodes) {
      return new Fuse(id, nodes.get(0), nodes.get(1), ratedAmps, blown);
    }

    @Override
    public Fuse blow() {
      return new Fuse(id, from, to, ratedAmps, true);
    }
  }

  /** The second fuse of a fuse tap, from the slot's feed to the new circuit. */
  record TapFuse(String id, String from, String to, double ratedAmps, boolean blown, Slot slot)
      implements Guard {
    @Override
    public TapFuse at(List<String> nodes) {
      return new TapFuse(id, nodes.get(0), nodes.get(1), ratedAmps, blown, slot);
    }

    @Override
    public TapFuse blow() {
      return new TapFuse(id, from, to, ratedAmps, true, slot);
    }
  }

  /**
   * The slot that a fuse tap sits in.
   *
   * @param name as the fuse box's map calls it
   * @param feedAmps what the slot's feed bears
   * @param oldAmps rating of the old circuit's fuse
   * @param oldDrawnAmps what the old circuit draws at most
   */
  record Slot(
      String name,
      BladeSize size,
      BladeSize tapSize,
      double feedAmps,
      double oldAmps,
      double oldDrawnAmps) {}

  /** Sizes of blade fuses: they look alike and do not hold in each other's slots. */
  enum BladeSize {
    STANDARD,
    MINI,
    LOW_PROFILE,
    MICRO2,
    MICRO3
  }
}

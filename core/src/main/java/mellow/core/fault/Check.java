package mellow.core.fault;

/**
 * Something that is looked at or measured. What it shows is a number: of what is looked at, which
 * of a few answers; of what is measured, V.
 */
public sealed interface Check {
  /** How many answers it has; 0 for one that is measured. */
  int answers();

  /** Whether it shows what comes and goes also while that is not there, as damage does. */
  default boolean isOfWhatStays() {
    return false;
  }

  /** Minutes at the vehicle once the place can be reached. Judged. */
  double minutes();

  /** Under what it is made. */
  default Condition condition() {
    return Condition.ANY;
  }

  /** How a lamp looks in a state, after what was done for it. */
  sealed interface OfLamp extends Check {
    /** The state's place among the states. */
    int state();

    String lamp();

    @Override
    default int answers() {
      return Look.values().length;
    }
  }

  /** Something that is either so or not, and stays so: 1 where it is. */
  sealed interface OfWhatStays extends Check {
    String part();

    @Override
    default int answers() {
      return 2;
    }

    @Override
    default boolean isOfWhatStays() {
      return true;
    }
  }

  /** A lamp as it is. */
  record LampSeen(int state, String lamp) implements OfLamp {
    @Override
    public double minutes() {
      return 0.4;
    }
  }

  /** A lamp after it was made warm, cold or wet, or was shaken by the engine. */
  record LampUnder(Condition under, int state, String lamp) implements OfLamp {
    @Override
    public Condition condition() {
      return under;
    }

    @Override
    public double minutes() {
      return 0.4 + under.minutes();
    }
  }

  /** A lamp after a part and its twin of the other side changed places. */
  record Swapped(String part, int state, String lamp) implements OfLamp {
    @Override
    public double minutes() {
      return 4;
    }
  }

  /** A lamp that a separate battery feeds, plus and minus at its own pins. */
  record FedAlone(String lamp) implements Check {
    @Override
    public int answers() {
      return Look.values().length;
    }

    @Override
    public double minutes() {
      return 2;
    }
  }

  /** Whether a part is warm to the hand in a state: 1 where it is. */
  record Felt(int state, String part) implements Check {
    @Override
    public int answers() {
      return 2;
    }

    @Override
    public double minutes() {
      return 1;
    }
  }

  /** A lamp with its plug turned by half a turn. */
  record PlugTurned(int state, String lamp) implements OfLamp {
    @Override
    public double minutes() {
      return 1;
    }
  }

  /** A lamp with a part unplugged. */
  record Unplugged(String part, int state, String lamp) implements OfLamp {
    @Override
    public double minutes() {
      return 1;
    }
  }

  /** A lamp with a part exchanged for one that is known to be good. */
  record Exchanged(String part, int state, String lamp) implements OfLamp {
    @Override
    public double minutes() {
      return 3;
    }
  }

  /** A lamp with a wire of the shop's from one node to another: a known-good ground or feed. */
  record Bridged(String from, String to, int state, String lamp) implements OfLamp {
    @Override
    public double minutes() {
      return 1.5;
    }
  }

  /** Something that a meter shows, in its unit. */
  sealed interface ByMeter extends Check {
    /** Within so many deviations a reading agrees. */
    double AGREES = 3;

    @Override
    default int answers() {
      return 0;
    }

    /** The deviation of a reading near nothing: the meter's own, and the vehicle's. Judged. */
    double zero();

    /** What is added to it, as a share of the reading. Judged. */
    double share();

    /** The span over which a misread figure may lie. */
    double span();

    /** The deviation of what is read where the circuit says something. */
    default double sigma(double said) {
      return zero() + share() * Math.abs(said);
    }
  }

  /** What a meter shows from one node to another in a state, V. */
  record Measured(int state, String from, String to) implements ByMeter {
    @Override
    public double zero() {
      return 0.12;
    }

    @Override
    public double share() {
      return 0.02;
    }

    @Override
    public double span() {
      return 15;
    }

    @Override
    public double minutes() {
      return 1.5;
    }
  }

  /** What a clamp shows around the first branch of a part in a state, A; its zero drifts. */
  record Clamped(int state, String part) implements ByMeter {
    @Override
    public double zero() {
      return 0.15;
    }

    @Override
    public double share() {
      return 0.06;
    }

    @Override
    public double span() {
      return 30;
    }

    @Override
    public double minutes() {
      return 1;
    }
  }

  /**
   * What a meter shows from one node to another with the battery off and the controls as in a
   * state, Ω; {@link #MOST_OHMS} for all above.
   */
  record Resistance(int state, String from, String to) implements ByMeter {
    /** What shows more is open. */
    public static final double MOST_OHMS = 10_000;

    @Override
    public double zero() {
      return 0.3;
    }

    @Override
    public double share() {
      return 0.08;
    }

    @Override
    public double span() {
      return MOST_OHMS;
    }

    @Override
    public double minutes() {
      return 1.5;
    }
  }

  /**
   * What a test light from a node to ground shows in a state: dark, dim or lit. Unlike a meter it
   * draws some hundred mA, so that a corroded joint drops its voltage.
   */
  record TestLight(int state, String node) implements Check {
    @Override
    public int answers() {
      return 3;
    }

    @Override
    public double minutes() {
      return 1;
    }
  }

  /**
   * Whether a lamp changes while a part's plug and wire are moved: 1 where it does. It finds what
   * comes and goes by shaking.
   */
  record Wiggled(String part, int state, String lamp) implements OfWhatStays {
    @Override
    public double minutes() {
      return 1.5;
    }
  }

  /** Whether a relay pulls in when it should, by ear or finger: 1 where it does. */
  record RelayHeard(int state, String relay) implements Check {
    @Override
    public int answers() {
      return 2;
    }

    @Override
    public double minutes() {
      return 0.7;
    }
  }

  /** Whether a fuse is blown, by eye or by meter. */
  record FuseLooked(String part) implements OfWhatStays {
    @Override
    public double minutes() {
      return 1;
    }
  }

  /** Whether a plug sits home. */
  record PlugLooked(String part) implements OfWhatStays {
    @Override
    public double minutes() {
      return 0.5;
    }
  }

  /**
   * Whether a part shows its fault when it is taken out, looked at all along and measured by
   * itself.
   */
  record Inspected(String part) implements OfWhatStays {
    @Override
    public double minutes() {
      return 5;
    }
  }
}

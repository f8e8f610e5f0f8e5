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

  /** What a meter shows from one node to another in a state. */
  record Measured(int state, String from, String to) implements Check {
    @Override
    public int answers() {
      return 0;
    }

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

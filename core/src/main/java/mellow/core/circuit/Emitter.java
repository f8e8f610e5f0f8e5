package mellow.core.circuit;

import java.util.List;
import mellow.core.finding.CannotBe;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** What gives light. */
public sealed interface Emitter extends Part {
  Use use();

  String plus();

  String minus();

  /**
   * How bright it is at that voltage, as a share of its rating.
   *
   * @param volts from its plus to its minus
   */
  double light(double volts);

  /** How bright it is in a circuit, as a share of its rating. */
  default double light(Voltages volts) {
    return light(volts.between(plus(), minus()));
  }

  /** Whether it starts and drops out at that voltage, for want of a stronger feed. */
  default boolean starvesAt(double volts) {
    return false;
  }

  @Override
  default List<Branch> branches() {
    return List.of(Branch.only(plus(), minus()));
  }

  @Override
  default List<String> terminals() {
    return List.of(plus(), minus());
  }

  @Override
  Emitter at(List<String> nodes);

  /**
   * What its light is for.
   *
   * @param candela on its axis at its rating; 0 where nobody said
   * @param pair which of several pairs of that function it belongs to: "factory"; empty where there
   *     is but one
   */
  record Use(LampFunction function, Side side, double candela, String pair) {
    public Use {
      if (!(candela >= 0)) {
        throw new CannotBe(CircuitWords.intensityNegative());
      }
    }

    /** The vehicle's own pair beside a new one. */
    public static final String FACTORY = "factory";

    public Use(LampFunction function, Side side, double candela) {
      this(function, side, candela, "");
    }

    public Use(LampFunction function, Side side) {
      this(function, side, 0);
    }
  }

  /** A filament lamp. Light ∝ V^3.4: IES Lighting Handbook (from memory). */
  record Bulb(String id, Use use, String plus, String minus, double ratedVolts, double ratedWatts)
      implements Emitter {
    static final double LIGHT_EXPONENT = 3.4;

    @Override
    public Bulb at(List<String> nodes) {
      return new Bulb(id, use, nodes.get(0), nodes.get(1), ratedVolts, ratedWatts);
    }

    private Law.Filament filament() {
      return new Law.Filament(ratedVolts, ratedWatts);
    }

    @Override
    public Law law(int branch, Situation now) {
      return now.start() == Situation.Start.COLD
          ? new Law.Resistance(filament().coldOhms())
          : filament();
    }

    @Override
    public double light(double volts) {
      return Math.pow(Math.abs(volts) / ratedVolts, LIGHT_EXPONENT);
    }
  }

  /** A lamp of light-emitting diodes behind a driver of its own; polarised. */
  record DrivenLed(String id, Use use, String plus, String minus, double watts, double leastVolts)
      implements Emitter {
    @Override
    public DrivenLed at(List<String> nodes) {
      return new DrivenLed(id, use, nodes.get(0), nodes.get(1), watts, leastVolts);
    }

    private Law.Driver driver() {
      return new Law.Driver(watts, leastVolts);
    }

    @Override
    public Law law(int branch, Situation now) {
      return driver();
    }

    @Override
    public boolean starvesAt(double volts) {
      return driver().starvesAt(volts);
    }

    @Override
    public double light(double volts) {
      return volts > 0 ? Math.min(1, driver().current(volts) * volts / watts) : 0;
    }
  }

  /**
   * Bare light-emitting diodes in series with a resistor; polarised.
   *
   * @param thresholdVolts of all in the chain together
   * @param ratedAmps at which it gives its rated light
   */
  record BareLed(
      String id,
      Use use,
      String plus,
      String minus,
      double thresholdVolts,
      double ohms,
      double ratedAmps)
      implements Emitter {
    @Override
    public BareLed at(List<String> nodes) {
      return new BareLed(id, use, nodes.get(0), nodes.get(1), thresholdVolts, ohms, ratedAmps);
    }

    private Law junction() {
      return new Law.Junction(thresholdVolts, ohms);
    }

    @Override
    public Law law(int branch, Situation now) {
      return junction();
    }

    @Override
    public double light(double volts) {
      return Math.max(0, junction().current(volts)) / ratedAmps;
    }
  }

  /**
   * A gas-discharge lamp with its ballast.
   *
   * @param strikeAmps what it draws in its first seconds
   */
  record Discharge(
      String id,
      Use use,
      String plus,
      String minus,
      double watts,
      double leastVolts,
      double strikeAmps)
      implements Emitter {
    /** 35 W at the lamp draw about 3.2 A, two to three times that at strike. Common practice. */
    public static Discharge of35W(String id, Use use, String plus, String minus) {
      return new Discharge(id, use, plus, minus, 41, 9, 8);
    }

    @Override
    public Discharge at(List<String> nodes) {
      return new Discharge(id, use, nodes.get(0), nodes.get(1), watts, leastVolts, strikeAmps);
    }

    private Law.Driver ballast() {
      return new Law.Driver(watts, leastVolts);
    }

    /** What a ballast regulates for: it takes the same from a weak feed, so more current. */
    private static final double RATED_VOLTS = 12.8;

    @Override
    public Law law(int branch, Situation now) {
      return now.start() == Situation.Start.RUNNING
          ? ballast()
          : new Law.Driver(strikeAmps * RATED_VOLTS, leastVolts);
    }

    @Override
    public boolean starvesAt(double volts) {
      return ballast().starvesAt(volts);
    }

    @Override
    public double light(double volts) {
      return ballast().worksAt(volts) ? 1 : 0;
    }
  }

  /**
   * The solenoid of a projector with two beams: with it drawn, the same light serves as main beam.
   *
   * @param opensAtVolts at least this to draw
   * @param source what gives the light behind it
   */
  record Shutter(
      String id,
      Use use,
      String plus,
      String minus,
      double ohms,
      double opensAtVolts,
      Emitter source)
      implements Emitter {
    @Override
    public Shutter at(List<String> nodes) {
      return new Shutter(id, use, nodes.get(0), nodes.get(1), ohms, opensAtVolts, source);
    }

    /** The same before another source. */
    public Shutter before(Emitter other) {
      return new Shutter(id, use, plus, minus, ohms, opensAtVolts, other);
    }

    @Override
    public Law law(int branch, Situation now) {
      return new Law.Resistance(ohms);
    }

    /** Whether it stands open; the light is the source's own. */
    @Override
    public double light(double volts) {
      return Math.abs(volts) >= opensAtVolts ? 1 : 0;
    }

    @Override
    public double light(Voltages volts) {
      return light(volts.between(plus, minus)) * source.light(volts);
    }
  }
}

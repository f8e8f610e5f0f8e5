package mellow.core.circuit;

import java.util.Locale;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/** What current flows through a branch at which voltage across it: A and V, both from → to. */
public sealed interface Law {
  /** An open contact lets nothing through. */
  Law OPEN = new Open();

  double current(double volts);

  /** dI/dV, siemens; finite everywhere, negative where a driver holds its power. */
  double slope(double volts);

  /**
   * Both at once: what they have in common is worked out but once.
   *
   * @param flow becomes the current and its slope, A and S
   */
  default void flow(double volts, double[] flow) {
    flow[0] = current(volts);
    flow[1] = slope(volts);
  }

  /**
   * A straight law through this voltage to begin with, the branch's own or one that leads faster
   * from what shines to what is dark and back.
   *
   * @param flow becomes its current and slope, A and S
   */
  default void firstGuess(double volts, double[] flow) {
    flow(volts, flow);
  }

  /** Whether its slope is the same at any voltage. */
  default boolean isStraight() {
    return false;
  }

  /** The current as an expression of a general circuit simulator, of the voltage so named. */
  String expression(String volts);

  /** Nothing flows. */
  record Open() implements Law {
    @Override
    public double current(double volts) {
      return 0;
    }

    @Override
    public double slope(double volts) {
      return 0;
    }

    @Override
    public boolean isStraight() {
      return true;
    }

    @Override
    public String expression(String volts) {
      return "0";
    }
  }

  /** Ohm's law. */
  record Resistance(double ohms) implements Law {
    /** Nothing that is joined conducts better; a loop of no resistance would have no answer. */
    static final double LEAST_OHMS = 1e-4;

    public Resistance {
      if (!(ohms >= 0) || Double.isInfinite(ohms)) {
        throw new CannotBe(CircuitWords.resistanceNegative());
      }
      ohms = Math.max(ohms, LEAST_OHMS);
    }

    @Override
    public double current(double volts) {
      return volts / ohms;
    }

    @Override
    public double slope(double volts) {
      return 1 / ohms;
    }

    @Override
    public boolean isStraight() {
      return true;
    }

    @Override
    public String expression(String volts) {
      return volts + "/" + number(ohms);
    }
  }

  /** A source behind its inner resistance, its plus at the branch's first node. */
  record Source(double volts, double ohms) implements Law {
    public Source {
      requirePositive(CircuitWords.innerResistance(), ohms);
    }

    @Override
    public double current(double across) {
      return (across - volts) / ohms;
    }

    @Override
    public double slope(double across) {
      return 1 / ohms;
    }

    @Override
    public boolean isStraight() {
      return true;
    }

    @Override
    public String expression(String across) {
      return "(" + across + "-" + number(volts) + ")/" + number(ohms);
    }
  }

  /**
   * A filament: I ∝ V^0.55 around its rating, down to the resistance of the cold wire, a twelfth of
   * the hot one. Source: IES Lighting Handbook, exponents of incandescent lamps (from memory).
   */
  record Filament(double ratedVolts, double ratedWatts) implements Law {
    static final double EXPONENT = 0.55;
    private static final double COLD_PER_HOT = 1.0 / 12;

    /** Below this share of its rated voltage the wire is as good as cold. */
    private static final double COLD_SHARE = Math.pow(COLD_PER_HOT, 1 / (1 - EXPONENT));

    public Filament {
      requirePositive(CircuitWords.ratedVoltage(), ratedVolts);
      requirePositive(CircuitWords.ratedPower(), ratedWatts);
    }

    private double ratedAmps() {
      return ratedWatts / ratedVolts;
    }

    /** Below it the wire is as good as cold, and Ohm's law holds. */
    private double coldVolts() {
      return ratedVolts * COLD_SHARE;
    }

    private double coldSiemens() {
      return ratedAmps() / ratedVolts / COLD_PER_HOT;
    }

    /** Resistance of the cold wire. */
    double coldOhms() {
      return 1 / coldSiemens();
    }

    @Override
    public double current(double volts) {
      double size = Math.abs(volts);
      return size <= coldVolts()
          ? volts * coldSiemens()
          : Math.signum(volts) * ratedAmps() * Math.pow(size / ratedVolts, EXPONENT);
    }

    @Override
    public double slope(double volts) {
      double size = Math.abs(volts);
      return size <= coldVolts()
          ? coldSiemens()
          : EXPONENT * ratedAmps() / ratedVolts * Math.pow(size / ratedVolts, EXPONENT - 1);
    }

    @Override
    public void flow(double volts, double[] flow) {
      flow[0] = current(volts);
      // dI/dV of a power of V
      flow[1] = Math.abs(volts) <= coldVolts() ? coldSiemens() : EXPONENT * flow[0] / volts;
    }

    /**
     * Its resistance at its rating. By its own slope each step towards dark only turns the voltage
     * round, to 1 − 1/0.55 of what it was.
     */
    @Override
    public void firstGuess(double volts, double[] flow) {
      flow[1] = ratedAmps() / ratedVolts;
      flow[0] = flow[1] * volts;
    }

    @Override
    public String expression(String volts) {
      return "(abs(%1$s) <= %2$s ? %1$s*%3$s : sgn(%1$s)*%4$s*pow(abs(%1$s)/%5$s,%6$s))"
          .formatted(
              volts,
              number(coldVolts()),
              number(coldSiemens()),
              number(ratedAmps()),
              number(ratedVolts),
              number(EXPONENT));
    }
  }

  /**
   * A regulated driver: its power stays the same from its least voltage up; a tenth below that it
   * has shut down. The wrong way round it lets nothing through but a leak.
   */
  record Driver(double watts, double leastVolts) implements Law {
    private static final double SHUT_DOWN = 0.9;
    private static final double LEAK_SIEMENS = 1e-6;

    public Driver {
      requirePositive(CircuitWords.power(), watts);
      requirePositive(CircuitWords.leastVoltage(), leastVolts);
    }

    /** Whether it works at that voltage. */
    boolean worksAt(double volts) {
      return volts >= leastVolts;
    }

    /** Whether it hangs between working and shut down: it starts, sinks its feed and drops out. */
    boolean starvesAt(double volts) {
      return volts > SHUT_DOWN * leastVolts && !worksAt(volts);
    }

    private double rampSiemens() {
      return watts / leastVolts / (leastVolts * (1 - SHUT_DOWN));
    }

    @Override
    public double current(double volts) {
      double leak = LEAK_SIEMENS * volts;
      if (volts <= SHUT_DOWN * leastVolts) {
        return leak;
      }
      return leak
          + (worksAt(volts) ? watts / volts : rampSiemens() * (volts - SHUT_DOWN * leastVolts));
    }

    @Override
    public double slope(double volts) {
      if (volts <= SHUT_DOWN * leastVolts) {
        return LEAK_SIEMENS;
      }
      return LEAK_SIEMENS + (worksAt(volts) ? -watts / (volts * volts) : rampSiemens());
    }

    @Override
    public String expression(String volts) {
      return "(%1$s*%2$s + (%1$s <= %3$s ? 0 : (%1$s < %4$s ? %5$s*(%1$s-%3$s) : %6$s/%1$s)))"
          .formatted(
              volts,
              number(LEAK_SIEMENS),
              number(SHUT_DOWN * leastVolts),
              number(leastVolts),
              number(rampSiemens()),
              number(watts));
    }
  }

  /**
   * A junction: a diode, or a chain of light-emitting ones. Above its threshold a line of its
   * series resistance, below it an exponential foot; the wrong way round next to nothing.
   */
  record Junction(double thresholdVolts, double ohms) implements Law {
    /** Width of the foot: about twice kT/q, as power diodes have it. */
    private static final double FOOT_VOLTS = 0.05;

    public Junction {
      requirePositive(CircuitWords.threshold(), thresholdVolts);
      requirePositive(CircuitWords.seriesResistance(), ohms);
    }

    @Override
    public void flow(double volts, double[] flow) {
      double x = (volts - thresholdVolts) / FOOT_VOLTS;
      // of numbers below 1 only: neither overflows; log1p is slower, and its digits beyond 1e-16 of
      // a foot are far below what the sums of currents are held to
      double e = Math.exp(-Math.abs(x));
      double at = Math.max(0, x) + Math.log(1 + e);
      flow[0] = (at - soft(-thresholdVolts / FOOT_VOLTS)) * FOOT_VOLTS / ohms;
      flow[1] = (x >= 0 ? 1 : e) / (1 + e) / ohms;
    }

    private static double soft(double x) {
      return x > 40 ? x : Math.log(1 + Math.exp(x));
    }

    @Override
    public double current(double volts) {
      double at = soft((volts - thresholdVolts) / FOOT_VOLTS);
      return (at - soft(-thresholdVolts / FOOT_VOLTS)) * FOOT_VOLTS / ohms;
    }

    @Override
    public double slope(double volts) {
      return 1 / (1 + Math.exp((thresholdVolts - volts) / FOOT_VOLTS)) / ohms;
    }

    @Override
    public String expression(String volts) {
      return "((ln(1+exp((%1$s-%2$s)/%3$s))-%4$s)*%5$s)"
          .formatted(
              volts,
              number(thresholdVolts),
              number(FOOT_VOLTS),
              number(soft(-thresholdVolts / FOOT_VOLTS)),
              number(FOOT_VOLTS / ohms));
    }
  }

  private static void requirePositive(Sentence what, double value) {
    if (!(value > 0) || Double.isInfinite(value)) {
      throw new CannotBe(CircuitWords.notPositive(what, Figure.number(value)));
    }
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.12g", value);
  }
}

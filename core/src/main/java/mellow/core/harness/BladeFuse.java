package mellow.core.harness;

import java.util.Arrays;
import java.util.Optional;

/** Blade fuses by rating, with their colour: ISO 8820-3. */
public enum BladeFuse {
  A3(3, "violet"),
  A5(5, "tan"),
  A7_5(7.5, "brown"),
  A10(10, "red"),
  A15(15, "blue"),
  A20(20, "yellow"),
  A25(25, "clear"),
  A30(30, "green"),
  A40(40, "orange");

  /** A fuse carries at most this share of its rating for long: common practice. */
  public static final double LASTING_SHARE = 0.8;

  private final double amps;
  private final String colour;

  BladeFuse(double amps, String colour) {
    this.amps = amps;
    this.colour = colour;
  }

  public double amps() {
    return amps;
  }

  public String colour() {
    return colour;
  }

  /** The fuse of a rating; empty where none is made. */
  public static Optional<BladeFuse> rated(double amps) {
    return Arrays.stream(values()).filter(fuse -> fuse.amps == amps).findFirst();
  }

  /**
   * The smallest that carries a load for long and still guards the wire behind it.
   *
   * @param loadAmps taken for long
   * @param wireAmps that the thinnest wire behind it may carry
   */
  public static Optional<BladeFuse> forLoad(double loadAmps, double wireAmps) {
    return Arrays.stream(values())
        .filter(fuse -> fuse.amps * LASTING_SHARE >= loadAmps && fuse.amps <= wireAmps)
        .findFirst();
  }

  /** Shares of the rating at which the opening times are given: ISO 8820-3, from memory. */
  private static final double[] SHARES = {1.1, 1.35, 1.6, 2, 3.5, 6};

  private static final double[] LONGEST_S = {Double.POSITIVE_INFINITY, 600, 50, 5, 0.5, 0.1};
  private static final double[] SHORTEST_S = {360_000, 0.75, 0.25, 0.15, 0.04, 0.02};

  /**
   * How long it takes to open at the most, s; empty where it may never do so. Largest times
   * allowed: 110 % never, 135 % within 600 s, 160 % within 50 s, 200 % within 5 s, 350 % within 0.5
   * s, 600 % within 0.1 s: ISO 8820-3 (from memory), a straight line between them on both
   * logarithms.
   */
  public Optional<Double> opensWithinSeconds(double loadAmps) {
    double share = loadAmps / amps;
    return share < SHARES[1] ? Optional.empty() : Optional.of(between(share, LONGEST_S, 1));
  }

  /**
   * How long it stands a load at the least, s; infinite up to its rating. Smallest times allowed:
   * 110 % for 100 h, 135 % for 0.75 s, 160 % for 0.25 s, 200 % for 0.15 s, 350 % for 0.04 s, 600 %
   * for 0.02 s: ISO 8820-3 (from memory), a straight line between them on both logarithms, and from
   * there on by the heat that it takes, I² × t.
   */
  public double standsSeconds(double loadAmps) {
    double share = loadAmps / amps;
    if (share < SHARES[0]) {
      return Double.POSITIVE_INFINITY;
    }
    int last = SHARES.length - 1;
    return share > SHARES[last]
        ? SHORTEST_S[last] * Math.pow(SHARES[last] / share, 2)
        : between(share, SHORTEST_S, 0);
  }

  private static double between(double share, double[] seconds, int first) {
    for (int i = first + 1; i < SHARES.length; i++) {
      if (share <= SHARES[i]) {
        double along = Math.log(share / SHARES[i - 1]) / Math.log(SHARES[i] / SHARES[i - 1]);
        return seconds[i - 1] * Math.pow(seconds[i] / seconds[i - 1], along);
      }
    }
    return seconds[seconds.length - 1];
  }
}

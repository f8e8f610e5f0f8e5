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

  /**
   * How long it takes to open, s; empty where it never does. Largest times allowed: 110 % never,
   * 135 % within 600 s, 160 % within 50 s, 200 % within 5 s, 350 % within 0.5 s, 600 % within 0.1
   * s: ISO 8820-3 (from memory), a straight line between them on both logarithms.
   */
  public Optional<Double> opensWithinSeconds(double loadAmps) {
    double[] shares = {1.35, 1.6, 2, 3.5, 6};
    double[] seconds = {600, 50, 5, 0.5, 0.1};
    double share = loadAmps / amps;
    if (share < shares[0]) {
      return Optional.empty();
    }
    for (int i = 1; i < shares.length; i++) {
      if (share <= shares[i]) {
        double along = Math.log(share / shares[i - 1]) / Math.log(shares[i] / shares[i - 1]);
        return Optional.of(seconds[i - 1] * Math.pow(seconds[i] / seconds[i - 1], along));
      }
    }
    return Optional.of(seconds[seconds.length - 1]);
  }
}

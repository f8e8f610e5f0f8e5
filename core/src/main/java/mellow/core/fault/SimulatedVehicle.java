package mellow.core.fault;

import java.util.List;
import java.util.Random;
import java.util.Set;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;

/**
 * A vehicle with a hidden fault, to train on and to test with: it answers checks as its circuit
 * would, with the noise of a meter and the slips of whoever looks. What comes and goes is there for
 * a moment, or not.
 */
public final class SimulatedVehicle {
  /** A meter's last digits. Judged. */
  private static final double NOISE = 0.4;

  private final ShownBy shownBy;
  private final Hypothesis hidden;
  private final double misread;
  private final Random random;

  /**
   * A vehicle.
   *
   * @param hidden what is wrong with it
   * @param misread how often what is told is not what was there, 0 to 1
   */
  public SimulatedVehicle(
      Circuit circuit, List<Controls> states, Hypothesis hidden, double misread, Random random) {
    this.shownBy = new ShownBy(circuit, states, List.of(hidden));
    this.hidden = hidden;
    this.misread = misread;
    this.random = random;
  }

  /** Whether somebody who looks at the lamps in every state may see that something is wrong. */
  public boolean isSeen(Circuit circuit) {
    for (int state = 0; state < shownBy.sound().states(); state++) {
      for (Emitter lamp : circuit.of(Emitter.class).toList()) {
        Check look = new Check.LampSeen(state, lamp.id());
        if (shownBy.shown(look, 0) != shownBy.shown(look, 1)) {
          return true;
        }
      }
    }
    return false;
  }

  /** What checks of one moment show, in their order. */
  public List<Double> show(List<Check> checks) {
    boolean there = random.nextDouble() < hidden.present();
    return checks.stream().map(check -> show(check, there)).toList();
  }

  private double show(Check check, boolean there) {
    double said = shownBy.shown(check, there || check.isOfWhatStays() ? 0 : 1);
    boolean slips = random.nextDouble() < misread;
    if (check instanceof Check.ByMeter meter) {
      return slips
          ? meter.span() * random.nextDouble()
          : said + NOISE * meter.sigma(0) * random.nextGaussian();
    }
    return slips ? (said + 1 + random.nextInt(check.answers() - 1)) % check.answers() : said;
  }

  /** The parts that are at fault: to be told to whoever gives up. */
  public Set<String> truth() {
    return hidden.parts();
  }
}

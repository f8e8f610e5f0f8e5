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

  /** Of its hypothesis, and of a sound circuit behind it. */
  private static final int AS_HIDDEN = 0;

  private static final int SOUND = 1;

  private final Circuit circuit;
  private final List<Controls> states;
  private final ShownBy shownBy;
  private final Hypothesis hidden;
  private final double misread;
  private final Random random;

  /**
   * A vehicle.
   *
   * @param hidden what is wrong with it
   * @param misread how often what is told is not what was there, 0 to 1
   * @throws IllegalArgumentException for something that the model does not have
   */
  public SimulatedVehicle(
      Circuit circuit, List<Controls> states, Hypothesis hidden, double misread, Random random) {
    if (!hidden.isInTheModel()) {
      throw new IllegalArgumentException("nobody knows what it would show");
    }
    this.circuit = circuit;
    this.states = List.copyOf(states);
    this.shownBy = new ShownBy(circuit, states, List.of(hidden));
    this.hidden = hidden;
    this.misread = misread;
    this.random = random;
  }

  /**
   * The same vehicle after parts were mended.
   *
   * @param parts that were mended; what is wrong with others stays
   */
  public SimulatedVehicle mended(Set<String> parts) {
    List<Fault> left =
        hidden.faults().stream().filter(fault -> !parts.contains(fault.part())).toList();
    return left.size() == hidden.faults().size()
        ? this
        : new SimulatedVehicle(
            circuit,
            states,
            new Hypothesis(left, hidden.present(), hidden.condition(), 1),
            misread,
            random);
  }

  /** Whether somebody who looks at the lamps in every state may see that something is wrong. */
  public boolean isSeen() {
    for (int state = 0; state < shownBy.sound().states(); state++) {
      for (Emitter lamp : circuit.of(Emitter.class).toList()) {
        Check look = new Check.LampSeen(state, lamp.id());
        if (shownBy.shown(look, AS_HIDDEN) != shownBy.shown(look, SOUND)) {
          return true;
        }
      }
    }
    return false;
  }

  /** What checks of one moment show, in their order. */
  public List<Double> show(List<Check> checks) {
    Moment moment = moment(Condition.of(checks.stream()));
    return checks.stream().map(moment::show).toList();
  }

  /** Now, under a condition: what comes and goes stays as it is for as long. */
  public Moment moment(Condition under) {
    double present = hidden.present(under);
    boolean changes = present < 1 && random.nextDouble() < Suspects.CHANGING;
    return new Moment(random.nextDouble() < present, changes);
  }

  /** A moment at the vehicle, in which readings differ by their noise alone. */
  public final class Moment {
    private final boolean there;
    private final boolean changes;

    private Moment(boolean there, boolean changes) {
      this.there = there;
      this.changes = changes;
    }

    /** What a check shows. */
    public double show(Check check) {
      if (changes
          && check instanceof Check.OfLamp
          && shownBy.shown(check, AS_HIDDEN) != shownBy.shown(check, SOUND)) {
        return (random.nextBoolean() ? Look.FLICKERS : Look.AFTER_TRIES).answer();
      }
      return SimulatedVehicle.this.show(check, there && !changes);
    }
  }

  private double show(Check check, boolean there) {
    boolean asHidden = there || check.isOfWhatStays();
    double said = shownBy.shown(check, asHidden ? AS_HIDDEN : SOUND);
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

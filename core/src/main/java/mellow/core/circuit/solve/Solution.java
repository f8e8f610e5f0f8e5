package mellow.core.circuit.solve;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;

/**
 * A circuit with its controls in one position.
 *
 * @param states of the moving parts, by id
 * @param phases one, or one for each combination of what is pulsed; their shares add up to 1
 * @param restless parts that never come to rest: relays that chatter
 * @param converged whether voltages were found at which the currents add up, in every phase
 */
public record Solution(
    Controls controls,
    Map<String, Integer> states,
    List<Phase> phases,
    Set<String> restless,
    boolean converged) {

  /**
   * A part of the period.
   *
   * @param share of the time
   * @param off the pulsed parts that are open in it
   * @param dark between two flashes
   */
  public record Phase(double share, Set<String> off, boolean dark, Point point) {}

  /** The phase in which everything that is pulsed is closed. */
  public Point on() {
    return phases.get(0).point();
  }

  /**
   * The voltages on the average over the lit part of a flashing period, by the numbers that the
   * wiring gives its nodes, V.
   */
  public double[] voltsLit() {
    double[] volts = new double[on().volts().length];
    double share = 0;
    for (Phase phase : phases) {
      if (!phase.dark()) {
        share += phase.share();
        double[] now = phase.point().volts();
        for (int i = 0; i < volts.length; i++) {
          volts[i] += phase.share() * now[i];
        }
      }
    }
    for (int i = 0; i < volts.length; i++) {
      volts[i] /= share;
    }
    return volts;
  }

  /** A value on the average over the period. */
  public double average(ToDoubleFunction<Point> value) {
    return phases.stream()
        .mapToDouble(phase -> phase.share() * value.applyAsDouble(phase.point()))
        .sum();
  }

  /**
   * The effective value of what is pulsed, over the whole period: what warms a wire, a fuse or a
   * filament.
   */
  public double effective(ToDoubleFunction<Point> value) {
    return Math.sqrt(average(point -> Math.pow(value.applyAsDouble(point), 2)));
  }

  /**
   * The same over the lit part of a flashing period alone: what a contact bears while it is closed,
   * and what warms before the next dark.
   */
  public double effectiveLit(ToDoubleFunction<Point> value) {
    return Math.sqrt(averageLit(point -> Math.pow(value.applyAsDouble(point), 2)));
  }

  /** A value on the average over the lit part of a flashing period: what a meter shows there. */
  public double averageLit(ToDoubleFunction<Point> value) {
    double sum = 0;
    double share = 0;
    for (Phase phase : phases) {
      if (!phase.dark()) {
        sum += phase.share() * value.applyAsDouble(phase.point());
        share += phase.share();
      }
    }
    return sum / share;
  }

  /**
   * How bright a lamp is to the eye, as a share of its rating: a flashing one while it is lit. A
   * filament is too slow for a dimmer and glows by the effective voltage; diodes follow it, and the
   * eye sees the mean.
   */
  public double light(Emitter lamp) {
    return lamp instanceof Emitter.Bulb
        ? lamp.light(effectiveLit(point -> point.between(lamp.plus(), lamp.minus())))
        : averageLit(lamp::light);
  }
}

package mellow.core.circuit;

import java.util.List;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;

/** What opens and closes by itself, many times a second or a few. */
public sealed interface Pulsed extends Part {
  String from();

  String to();

  /** Share of the period in which it is closed; above 0, at most 1. */
  double duty();

  @Override
  default List<Branch> branches() {
    return List.of(Branch.only(from(), to()));
  }

  @Override
  default List<String> terminals() {
    return List.of(from(), to());
  }

  @Override
  default Law law(int branch, Situation now) {
    return now.off().contains(id()) ? Law.OPEN : CONTACT;
  }

  private static void requireDuty(double duty) {
    if (!(duty > 0) || duty > 1) {
      throw new CannotBe(CircuitWords.dutyAboveNone(Figure.percent(100 * duty)));
    }
  }

  /** A dimmer that switches faster than the eye sees. */
  record Dimmer(String id, String from, String to, double duty) implements Pulsed {
    public Dimmer {
      requireDuty(duty);
    }

    @Override
    public Dimmer at(List<String> nodes) {
      return new Dimmer(id, nodes.get(0), nodes.get(1), duty);
    }
  }

  /**
   * A flasher.
   *
   * @param leastAmps below this it takes a lamp for broken and runs fast; 0 for one that does not
   */
  record Flasher(String id, String from, String to, double leastAmps) implements Pulsed {
    @Override
    public Flasher at(List<String> nodes) {
      return new Flasher(id, nodes.get(0), nodes.get(1), leastAmps);
    }

    @Override
    public double duty() {
      return 0.5;
    }
  }
}

package mellow.core.circuit;

import java.util.ArrayList;
import java.util.List;
import mellow.core.circuit.Controls.When;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;

/** What changes its own contacts by the voltages that it sees. */
public sealed interface Moving extends Part {
  /**
   * The state that follows from these voltages.
   *
   * @param now its state until then; 0 at rest
   */
  int next(int now, Voltages volts, Controls controls);

  /** The branches that make it move: a coil, what tells it, its own power. */
  default List<Branch> drives() {
    return List.of();
  }

  /** Share of the period in which it feeds in a state; 1 for one that is not pulsed. */
  default double duty(int state) {
    return 1;
  }

  /**
   * A relay by DIN 72552: coil from 86 to 85, contacts from 30 to 87 and, where it has one, from 30
   * to 87a.
   *
   * @param pins the nodes at its terminals
   * @param coil how it pulls in and lets go
   * @param suppression across the coil
   * @param dead it does not move any more
   */
  record Relay(
      String id, Pins pins, Coil coil, Suppression suppression, double ratedAmps, boolean dead)
      implements Moving {
    private static final int COIL = 0;
    private static final int FIRST_CONTACT = 1;
    private static final String ACROSS = "suppression";

    /** What takes the coil's spark when it is switched off, across 85 and 86. */
    public enum Suppression {
      NONE,
      /** 680 Ω: either way round. Common practice. */
      RESISTOR,
      /** From 85 to 86: with plus at 85 it is a short. */
      DIODE
    }

    private static final Law SUPPRESSING_RESISTOR = new Law.Resistance(680);
    private static final Law SUPPRESSING_DIODE = new Law.Junction(0.7, 0.1);

    public static Relay of(String id, Pins pins) {
      return new Relay(id, pins, Coil.USUAL, Suppression.NONE, 30, false);
    }

    /** The same, stuck at rest. */
    public Relay kill() {
      return new Relay(id, pins, coil, suppression, ratedAmps, true);
    }

    /**
     * Nodes at the terminals; 87 or 87a is empty where nothing is joined to it.
     *
     * @param p87a empty for a relay of four pins, too
     */
    public record Pins(String p86, String p85, String p30, String p87, String p87a) {
      public Pins {
        if (p87.isEmpty() && p87a.isEmpty()) {
          throw new CannotBe(CircuitWords.relaySwitches());
        }
      }

      public static Pins four(String p86, String p85, String p30, String p87) {
        return new Pins(p86, p85, p30, p87, "");
      }
    }

    /**
     * A coil.
     *
     * @param pullInVolts at least this to pull in
     * @param letGoVolts at most this to let go; lower than the other
     */
    public record Coil(double ohms, double pullInVolts, double letGoVolts) {
      /** A relay for 12 V: 90 Ω, pulls in at 8 V, lets go at 3 V. Common practice. */
      public static final Coil USUAL = new Coil(90, 8, 3);

      public Coil {
        if (!(pullInVolts > letGoVolts) || !(letGoVolts > 0)) {
          throw new CannotBe(
              CircuitWords.coilPullsIn(Figure.volts(pullInVolts), Figure.volts(letGoVolts)));
        }
      }
    }

    @Override
    public List<Branch> drives() {
      return branches().subList(COIL, FIRST_CONTACT);
    }

    /** How many of 87 and 87a are joined; they follow the coil among the branches. */
    public int contacts() {
      return (pins.p87().isEmpty() ? 0 : 1) + (pins.p87a().isEmpty() ? 0 : 1);
    }

    @Override
    public List<Branch> branches() {
      List<Branch> branches = new ArrayList<>();
      branches.add(new Branch("coil", pins.p86(), pins.p85()));
      if (!pins.p87().isEmpty()) {
        branches.add(new Branch("87", pins.p30(), pins.p87()));
      }
      if (!pins.p87a().isEmpty()) {
        branches.add(new Branch("87a", pins.p30(), pins.p87a()));
      }
      if (suppression != Suppression.NONE) {
        branches.add(new Branch(ACROSS, pins.p85(), pins.p86()));
      }
      return List.copyOf(branches);
    }

    @Override
    public List<String> terminals() {
      return List.of(pins.p86(), pins.p85(), pins.p30(), pins.p87(), pins.p87a());
    }

    @Override
    public Relay at(List<String> nodes) {
      Pins between = new Pins(nodes.get(0), nodes.get(1), nodes.get(2), nodes.get(3), nodes.get(4));
      return new Relay(id, between, coil, suppression, ratedAmps, dead);
    }

    @Override
    public Law law(int branch, Situation now) {
      if (branch == COIL) {
        return new Law.Resistance(coil.ohms());
      }
      if (suppression != Suppression.NONE && branch == FIRST_CONTACT + contacts()) {
        return suppression == Suppression.RESISTOR ? SUPPRESSING_RESISTOR : SUPPRESSING_DIODE;
      }
      boolean pulled = now.stateOf(this) == 1;
      boolean makes = branch == FIRST_CONTACT && !pins.p87().isEmpty();
      return makes == pulled ? CONTACT : Law.OPEN;
    }

    @Override
    public int next(int now, Voltages volts, Controls controls) {
      double across = Math.abs(volts.between(pins.p86(), pins.p85()));
      if (dead) {
        return 0;
      }
      return across >= (now == 1 ? coil.letGoVolts() : coil.pullInVolts()) ? 1 : 0;
    }
  }

  /**
   * A module that watches the supply and the side lamps' wire and feeds running lamps: full with
   * the engine running, reduced or out with the side lamps on.
   *
   * @param pins the nodes at its terminals
   * @param runVolts above this its sensing lead says that the engine runs
   * @param reducedDuty share of the period in which it feeds with the side lamps on; 0 for out
   */
  record RunningLampModule(String id, Pins pins, double runVolts, double reducedDuty)
      implements Moving {
    private static final int FULL = 1;
    private static final int REDUCED = 2;

    /** An input above this counts as on. */
    private static final double ON_VOLTS = 6;

    private static final double INPUT_OHMS = 50_000;

    public RunningLampModule {
      if (!(reducedDuty >= 0) || reducedDuty > 1) {
        throw new CannotBe(CircuitWords.duty(Figure.percent(100 * reducedDuty)));
      }
    }

    /**
     * Nodes at its terminals.
     *
     * @param run what tells it of the engine: the supply itself, or a wire
     * @param side what tells it of the side lamps
     */
    public record Pins(String supply, String ground, String run, String side, String out) {}

    @Override
    public List<Branch> branches() {
      return List.of(
          new Branch("out", pins.supply(), pins.out()),
          new Branch("run", pins.run(), pins.ground()),
          new Branch("side", pins.side(), pins.ground()));
    }

    @Override
    public List<Branch> drives() {
      return branches().subList(1, branches().size());
    }

    @Override
    public List<String> terminals() {
      return List.of(pins.supply(), pins.ground(), pins.run(), pins.side(), pins.out());
    }

    @Override
    public RunningLampModule at(List<String> nodes) {
      Pins between = new Pins(nodes.get(0), nodes.get(1), nodes.get(2), nodes.get(3), nodes.get(4));
      return new RunningLampModule(id, between, runVolts, reducedDuty);
    }

    @Override
    public Law law(int branch, Situation now) {
      if (branch > 0) {
        return new Law.Resistance(INPUT_OHMS);
      }
      boolean feeds =
          switch (now.stateOf(this)) {
            case FULL -> true;
            case REDUCED -> reducedDuty > 0 && !now.off().contains(id);
            default -> false;
          };
      return feeds ? CONTACT : Law.OPEN;
    }

    @Override
    public int next(int now, Voltages volts, Controls controls) {
      boolean grounded = volts.between(pins.supply(), pins.ground()) >= ON_VOLTS;
      if (!grounded || volts.between(pins.run(), pins.ground()) < runVolts) {
        return 0;
      }
      return volts.between(pins.side(), pins.ground()) >= ON_VOLTS ? REDUCED : FULL;
    }

    @Override
    public double duty(int state) {
      return state == REDUCED ? reducedDuty : 1;
    }
  }

  /**
   * An output of the body computer: on by the controls, once its function is configured.
   *
   * @param duty share of the period in which it feeds
   * @param leastAmps it takes the lamp for broken below this; 0 where it does not look
   */
  record BodyOutput(
      String id,
      String supply,
      String out,
      When commanded,
      boolean configured,
      double duty,
      double leastAmps)
      implements Moving {
    public BodyOutput {
      if (!(duty > 0) || duty > 1) {
        throw new CannotBe(CircuitWords.dutyAboveNone(Figure.percent(100 * duty)));
      }
    }

    @Override
    public List<Branch> branches() {
      return List.of(Branch.only(supply, out));
    }

    @Override
    public List<String> terminals() {
      return List.of(supply, out);
    }

    @Override
    public BodyOutput at(List<String> nodes) {
      return new BodyOutput(id, nodes.get(0), nodes.get(1), commanded, configured, duty, leastAmps);
    }

    @Override
    public Law law(int branch, Situation now) {
      return now.stateOf(this) == 1 && !now.off().contains(id) ? CONTACT : Law.OPEN;
    }

    @Override
    public int next(int now, Voltages volts, Controls controls) {
      return configured && commanded.holds(controls) ? 1 : 0;
    }

    @Override
    public double duty(int state) {
      return duty;
    }
  }

  /**
   * A controller with several outputs, each on in positions of its own once it has power.
   *
   * @param standbyOhms what it takes for itself, as a resistor
   */
  record Controller(
      String id, String supply, String ground, List<Output> outputs, double standbyOhms)
      implements Moving {
    /** Below this it does not start. Judged. */
    private static final double LEAST_VOLTS = 8;

    public Controller {
      outputs = List.copyOf(outputs);
    }

    @Override
    public List<String> terminals() {
      List<String> nodes = new ArrayList<>(List.of(supply, ground));
      outputs.forEach(output -> nodes.add(output.node()));
      return List.copyOf(nodes);
    }

    @Override
    public Controller at(List<String> nodes) {
      List<Output> between = new ArrayList<>();
      for (int i = 0; i < outputs.size(); i++) {
        Output output = outputs.get(i);
        between.add(new Output(output.label(), nodes.get(2 + i), output.on()));
      }
      return new Controller(id, nodes.get(0), nodes.get(1), between, standbyOhms);
    }

    /** An output by its label, and when its owner wants it on. */
    public record Output(String label, String node, When on) {}

    @Override
    public List<Branch> branches() {
      List<Branch> branches = new ArrayList<>();
      branches.add(new Branch("itself", supply, ground));
      outputs.forEach(output -> branches.add(new Branch(output.label(), supply, output.node())));
      return List.copyOf(branches);
    }

    @Override
    public List<Branch> drives() {
      return branches().subList(0, 1);
    }

    @Override
    public Law law(int branch, Situation now) {
      if (branch == 0) {
        return new Law.Resistance(standbyOhms);
      }
      return now.stateOf(this) == 1 && outputs.get(branch - 1).on().holds(now.controls())
          ? CONTACT
          : Law.OPEN;
    }

    @Override
    public int next(int now, Voltages volts, Controls controls) {
      return volts.between(supply, ground) >= LEAST_VOLTS ? 1 : 0;
    }
  }
}

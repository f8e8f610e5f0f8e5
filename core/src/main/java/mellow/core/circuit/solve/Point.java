package mellow.core.circuit.solve;

import mellow.core.circuit.Circuit;
import mellow.core.circuit.Law;
import mellow.core.circuit.Part;
import mellow.core.circuit.Voltages;

/**
 * A circuit in one phase of one situation: the voltage of every node, the current of every branch.
 */
public final class Point implements Voltages {
  private final Network network;
  private final Law[] laws;
  private final double[] volts;

  Point(Network network, Law[] laws, double[] volts) {
    this.network = network;
    this.laws = laws;
    this.volts = volts;
  }

  @Override
  public double at(String node) {
    if (node.equals(Circuit.GROUND)) {
      return 0;
    }
    int number = network.number(node);
    if (number < 0) {
      throw new IllegalArgumentException("no node is called “%s”".formatted(node));
    }
    return volts[number];
  }

  /** Amperes through a part's branch, from its first node to its second. */
  public double amps(Part part, int branch) {
    for (int i = 0; i < laws.length; i++) {
      Network.Edge edge = network.edge(i);
      if (edge.branch() == branch && edge.part().id().equals(part.id())) {
        return laws[i].current(Network.across(edge, volts));
      }
    }
    throw new IllegalArgumentException(
        "“%s” has no branch %d in this circuit".formatted(part.id(), branch));
  }

  /** Amperes through a part with one branch. */
  public double amps(Part part) {
    return amps(part, 0);
  }

  /** What the branches take in all, W: what sources give counts negative. */
  public double watts() {
    double watts = 0;
    for (int i = 0; i < laws.length; i++) {
      double across = Network.across(network.edge(i), volts);
      watts += across * laws[i].current(across);
    }
    return watts;
  }

  double[] volts() {
    return volts;
  }
}

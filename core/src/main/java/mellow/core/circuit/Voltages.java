package mellow.core.circuit;

/** The voltage of every node against ground. */
public interface Voltages {
  /** Volts of a node; ground is 0. */
  double at(String node);

  default double between(String from, String to) {
    return at(from) - at(to);
  }
}

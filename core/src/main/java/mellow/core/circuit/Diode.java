package mellow.core.circuit;

import java.util.List;

/** A diode; current flows from its anode to its cathode. */
public record Diode(String id, String anode, String cathode) implements Part {
  /** Silicon: 0.7 V and some 20 mΩ. */
  private static final Law SILICON = new Law.Junction(0.7, 0.02);

  @Override
  public List<Branch> branches() {
    return List.of(Branch.only(anode, cathode));
  }

  @Override
  public List<String> terminals() {
    return List.of(anode, cathode);
  }

  @Override
  public Diode at(List<String> nodes) {
    return new Diode(id, nodes.get(0), nodes.get(1));
  }

  @Override
  public Law law(int branch, Situation now) {
    return SILICON;
  }
}

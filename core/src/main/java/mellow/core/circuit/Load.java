package mellow.core.circuit;

import java.util.List;

/**
 * A resistor, or anything that takes current as one: a load resistor, a solenoid, a switch's lamp.
 *
 * @param ratedWatts what it bears for long
 */
public record Load(String id, String from, String to, double ohms, double ratedWatts)
    implements Part {
  @Override
  public List<Branch> branches() {
    return List.of(Branch.only(from, to));
  }

  @Override
  public Law law(int branch, Situation now) {
    return new Law.Resistance(ohms);
  }
}

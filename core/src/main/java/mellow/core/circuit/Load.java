package mellow.core.circuit;

import java.util.List;

/**
 * What takes current as a resistor does.
 *
 * @param ratedWatts what it bears for long
 */
public record Load(
    String id, String from, String to, double ohms, double ratedWatts, Purpose purpose, Mount mount)
    implements Part {
  /** What it is there for. */
  public enum Purpose {
    /** To take the current that a filament took. */
    RESISTOR,
    /** To show that a switch is on. */
    PILOT_LAMP,
    OTHER
  }

  /** What it is fixed to. */
  public enum Mount {
    METAL,
    PLASTIC,
    LOOM
  }

  public Load(String id, String from, String to, double ohms, double ratedWatts) {
    this(id, from, to, ohms, ratedWatts, Purpose.RESISTOR, Mount.METAL);
  }

  @Override
  public List<Branch> branches() {
    return List.of(Branch.only(from, to));
  }

  @Override
  public List<String> terminals() {
    return List.of(from, to);
  }

  @Override
  public Load at(List<String> nodes) {
    return new Load(id, nodes.get(0), nodes.get(1), ohms, ratedWatts, purpose, mount);
  }

  @Override
  public Law law(int branch, Situation now) {
    return new Law.Resistance(ohms);
  }
}

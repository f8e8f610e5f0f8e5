package mellow.core.placement;

import java.util.List;
import mellow.core.finding.Caution;
import mellow.core.finding.Source;

/** What to heed before a lamp's place is cut or drilled. */
public final class PlaceCautions {
  private static final Source PRACTICE = Source.commonPractice("fitting lamps to a front");

  private PlaceCautions() {}

  /** The cautions, the most pressing first. */
  public static List<Caution> all() {
    return List.of(
        new Caution(
            "no-way-back",
            "A hole does not go away: prove place, fit and light before the drill is taken up.",
            PRACTICE),
        new Caution(
            "airbags",
            "Airbags and sensors live behind bumpers: follow the vehicle maker's procedure, and look"
                + " what lies behind before drilling.",
            PRACTICE),
        new Caution("eyes", "Eye protection for cutting and drilling.", PRACTICE),
        new Caution(
            "jack",
            "Jack only at the marked points, on level ground, with stands; never under a vehicle"
                + " held by a jack alone.",
            PRACTICE),
        new Caution(
            "clear",
            "Keep lamps and wires clear of heat, moving parts and spray; keep vents open.",
            PRACTICE),
        new Caution(
            "law",
            "Local lighting law and the vehicle's inspection decide; this product does not.",
            PRACTICE));
  }
}

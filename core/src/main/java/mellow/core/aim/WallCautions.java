package mellow.core.aim;

import java.util.List;
import mellow.core.finding.Caution;
import mellow.core.finding.Source;

/** What to heed at the wall. */
public final class WallCautions {
  private static final Source PRACTICE = Source.commonPractice("aiming on a wall");

  private WallCautions() {}

  /** The cautions, the most pressing first. */
  public static List<Caution> all() {
    return List.of(
        new Caution(
            "stand-aside",
            "Brake on, wheels chocked, engine off or gear out: nobody stands between a running"
                + " vehicle and the wall.",
            PRACTICE),
        new Caution(
            "dazzle",
            "Do not look into a lit lamp from near; read the wall, not the lens. Cover the other"
                + " lamp with something that stands the heat.",
            PRACTICE),
        new Caution(
            "high-voltage",
            "HID ballasts strike at 20 kV and more: off and disconnected before touching.",
            PRACTICE),
        new Caution(
            "load",
            "Tyres at pressure, driver's weight in the seat, tank about half, boot empty, levelling"
                + " dial at its driver-only position, suspension rolled and settled, not jacked.",
            new Source(Source.Mark.FROM_MEMORY, "UN R48 Annex 5; common practice")),
        new Caution(
            "road",
            "Aim before the vehicle goes on the road: lamps set too high dazzle.",
            PRACTICE),
        new Caution(
            "law",
            "Local lighting law and the vehicle's inspection decide; this product does not. HID or"
                + " LED in a housing not made for it is illegal on the road in many places.",
            PRACTICE));
  }
}

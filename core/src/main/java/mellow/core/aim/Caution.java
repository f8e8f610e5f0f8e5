package mellow.core.aim;

import java.util.List;
import mellow.core.finding.Source;

/**
 * Something to heed at the wall because work can hurt somebody, or because the product does not
 * decide.
 *
 * @param id stable name
 * @param text what to heed, for people
 * @param source where it comes from
 */
public record Caution(String id, String text, Source source) {
  private static final Source PRACTICE = Source.commonPractice("aiming on a wall");

  /** The cautions of this stage, the most pressing first. */
  public static List<Caution> atTheWall() {
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

package mellow.core.proof;

import java.util.List;
import mellow.core.finding.Source;

/**
 * Where to begin when a lamp does not do what it should: the first tests of the trade's order, from
 * the lamp by itself back to the vehicle.
 */
public final class Isolation {
  public static final Source SOURCE =
      Source.commonPractice("isolate: lamp on a battery, bulb, ballast, harness, then the rest");

  private Isolation() {}

  /** What gives the light, as far as it changes the tests. */
  public enum Light {
    FILAMENT,
    LED,
    DISCHARGE,
    UNKNOWN
  }

  /** The first three tests; the lamp's own wiring is taken out of the question first. */
  public static List<String> firstThree(Outcome outcome, Light light) {
    if (outcome == Outcome.LIT) {
      return List.of(
          "Pull its fuse: does it go out? If not, it is fed from elsewhere.",
          "Pull its relay: does it go out? If so, the contact sticks or the coil is still fed.",
          "Meter on the trigger (86 against 85): what feeds it in this state?");
    }
    return switch (light) {
      case DISCHARGE ->
          List.of(
              "Feed a known-good ballast and lamp straight from a battery, polarity checked and the"
                  + " clamps never touching: it takes the vehicle's wiring out of the question.",
              "Try each bulb on that ballast.",
              "Then each ballast with a good bulb.");
      case LED ->
          List.of(
              "Feed the lamp straight from a battery, plus to plus: LEDs are polarised.",
              "Turn its plug by 180° and try again.",
              "Feed the harness from a separate battery, the vehicle's own unplugged.");
      case UNKNOWN ->
          List.of(
              "Feed the lamp straight from a battery, plus to plus: it takes the vehicle's wiring out"
                  + " of the question.",
              "An LED: turn its plug by 180°. A bulb: try a known-good one in it.",
              "Feed the harness from a separate battery; then fuse, relay, switch, trigger, ground.");
      case FILAMENT ->
          List.of(
              "Feed the lamp straight from a battery: it takes the vehicle's wiring out of the"
                  + " question.",
              "Try a known-good bulb in it.",
              "Feed the harness from a separate battery; then fuse, relay, switch, trigger, ground.");
    };
  }
}

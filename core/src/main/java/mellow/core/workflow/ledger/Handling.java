package mellow.core.workflow.ledger;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * How a fastener comes off and goes back without harm, where the trade has a usual way. Common
 * practice.
 *
 * @param off the motion that takes it off, and what saves it; may be empty
 * @param on what to heed when it goes back; may be empty
 */
public record Handling(String off, String on) {
  private static final String BY_HAND =
      "By hand first; tight after the gaps are right, snug, not hard.";

  private static final Pattern LAMP = Pattern.compile("lamp|light|pod|indicator|turn signal");
  private static final Pattern FACE = Pattern.compile("bumper|fascia");
  private static final Pattern LENGTH = Pattern.compile("trim|mould|mold|bezel|strip");

  /** The usual way of what was called out: a piece is handled as what it is. */
  public static Handling of(LedgerRow.What what) {
    if (!what.kind().named()) {
      return of(what.kind());
    }
    String name = what.name().toLowerCase(Locale.ROOT);
    if (name.contains("bulb")) {
      return new Handling(
          "Cold, and by its base: fingers leave the glass alone.",
          "By its base; what touched the glass is wiped off with spirit.");
    }
    if (name.contains("socket")) {
      return new Handling(
          "A quarter turn, then straight out.", "In, and a quarter turn to its stop.");
    }
    if (name.contains("motor")) {
      return new Handling(
          "Turned free of the housing, then its ball stud slid out of the reflector.",
          "The ball stud in first, then turned to its stop.");
    }
    if (LAMP.matcher(name).find()) {
      return of(FastenerKind.PIECE);
    }
    if (FACE.matcher(name).find()) {
      return new Handling(
          "Two people, from the wheel arches forward; connectors parted before it is lifted away."
              + " On a towel, its face up.",
          "Two people; every tab seated before a bolt goes in.");
    }
    if (LENGTH.matcher(name).find()) {
      return new Handling("From one end, with a plastic lever; tape beside it.", "");
    }
    return new Handling("", "");
  }

  /** The usual way of a kind; of a piece, that of a lamp. */
  public static Handling of(FastenerKind kind) {
    return switch (kind) {
      case BOLT ->
          new Handling(
              "One that can only be loosened stays in its hole: tape it, so that it does not drop."
                  + " A rusty one is replaced.",
              BY_HAND);
      case NUT -> new Handling("", BY_HAND);
      case SCREW ->
          new Handling(
              "Cross-head at fog lamps, fender edges and bulb holders; weather strips hide some.",
              BY_HAND);
      case CLIP_PULL ->
          new Handling(
              "The pin first; levered from both sides, a rag round the screwdriver. Some pins are"
                  + " loosened with a cross-head.",
              "");
      case CLIP_PUSH ->
          new Handling("The pin pushed in.", "Press the pin back through before it is used again.");
      case RIVET -> new Handling("The centre pushed through, then the body pried.", "");
      case TAB ->
          new Handling(
              "From the ends, with opposing pressure, a hand behind the corner.",
              "All of them seated before anything is pressed home.");
      case LATCH -> new Handling("Behind a flap of the liner: up releases.", "Down to a click.");
      case STUD -> new Handling("", "Lined up, then pushed to a snap.");
      case PEG -> new Handling("Lift a little, then straight out.", "");
      case CONNECTOR ->
          new Handling(
              "Where it has a second slide: slide, then pinch.", "The slide pressed home again.");
      case THING, UNSORTED -> new Handling("", "");
      case PIECE ->
          new Handling(
              "A lamp comes out only so far before its plugs must part. A towel on the face.",
              "Inboard edge first, wires tucked.");
    };
  }
}

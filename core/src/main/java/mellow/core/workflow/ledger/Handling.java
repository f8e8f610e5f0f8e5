package mellow.core.workflow.ledger;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
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

  /** By how a name ends: a headlamp's bracket is no headlamp. */
  private static final Map<Pattern, Handling> NAMED = new LinkedHashMap<>();

  private static final Pattern SIDE = Pattern.compile("(?<!\\p{L})(left|right)(?!\\p{L})");

  static {
    NAMED.put(
        ends("bulb"),
        new Handling(
            "By its base: fingers leave the glass alone.", "What touched the glass is wiped off."));
    NAMED.put(
        ends("socket"),
        new Handling("A quarter turn, then straight out.", "A quarter turn to its stop."));
    NAMED.put(ends("motor"), new Handling("", "Its ball stud lined up, then pushed to a snap."));
    NAMED.put(ends("lamp|light|pod|indicator|turn signal"), of(FastenerKind.PIECE));
    NAMED.put(
        ends("bumper|bumper cover|fascia"),
        new Handling(
            "A second pair of hands, or the top-centre bolt last out; connectors before it is lifted"
                + " away. A towel for its face.",
            "A second pair of hands, or the top-centre bolt first in; all tabs seated before it is"
                + " pressed home."));
    NAMED.put(
        ends("trim|moulding|molding|bezel|strip"),
        new Handling("From the ends, a hand behind the corner.", ""));
  }

  private static Pattern ends(String names) {
    return Pattern.compile("(" + names + ")s?$");
  }

  /** The usual way of what was called out: a piece is handled as what it is. */
  public static Handling of(LedgerRow.What what) {
    if (!what.kind().named()) {
      return of(what.kind());
    }
    String name = SIDE.matcher(what.name().toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
    return NAMED.entrySet().stream()
        .filter(one -> one.getKey().matcher(name).find())
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(new Handling("", ""));
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

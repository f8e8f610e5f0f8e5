package mellow.core.workflow.ledger;

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

  /** The usual way of a kind. */
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
      case PIECE ->
          new Handling(
              "A lamp comes out only so far before its plugs must part. A towel on the face.",
              "Inboard edge first, wires tucked.");
    };
  }
}

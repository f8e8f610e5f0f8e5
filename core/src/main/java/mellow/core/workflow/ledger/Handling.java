package mellow.core.workflow.ledger;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;

/**
 * How a fastener comes off and goes back without harm, where the trade has a usual way. Common
 * practice.
 *
 * @param off the motion that takes it off, and what saves it; may be empty
 * @param on what to heed when it goes back; may be empty
 */
public record Handling(Sentence off, Sentence on) {
  private static final Handling NONE = new Handling(Sentence.EMPTY, Sentence.EMPTY);

  /** By how a name ends: a headlamp's bracket is no headlamp. */
  private static final Map<Pattern, Handling> NAMED = new LinkedHashMap<>();

  static {
    NAMED.put(
        ends("bulb|lampe|glühlampe|glühbirne"),
        new Handling(LedgerWords.offBulb(), LedgerWords.onBulb()));
    NAMED.put(
        ends("socket|fassung"), new Handling(LedgerWords.offSocket(), LedgerWords.onSocket()));
    NAMED.put(ends("motor"), new Handling(Sentence.EMPTY, LedgerWords.onMotor()));
    NAMED.put(
        ends(
            "lamp|light|pod|indicator|turn signal|leuchte|scheinwerfer|blinker"
                + "|fahrtrichtungsanzeiger"),
        of(FastenerKind.PIECE));
    NAMED.put(
        ends("bumper|bumper cover|fascia|stoßfänger|stoßstange"),
        new Handling(LedgerWords.offBumper(), LedgerWords.onBumper()));
    NAMED.put(
        ends("trim|moulding|molding|bezel|strip|blende|zierleiste|leiste"),
        new Handling(LedgerWords.offTrim(), Sentence.EMPTY));
  }

  private static Pattern ends(String names) {
    return Pattern.compile("(" + names + ")(s|n|en)?$");
  }

  /** The usual way of what was called out: a piece is handled as what it is. */
  public static Handling of(LedgerRow.What what) {
    if (!what.kind().named()) {
      return of(what.kind());
    }
    String name = Sides.without(what.name().toLowerCase(Locale.ROOT));
    return NAMED.entrySet().stream()
        .filter(one -> one.getKey().matcher(name).find())
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(NONE);
  }

  /** The usual way of a kind; of a piece, that of a lamp. */
  public static Handling of(FastenerKind kind) {
    return switch (kind) {
      case BOLT -> new Handling(LedgerWords.offBolt(), LedgerWords.onThreaded());
      case NUT -> new Handling(Sentence.EMPTY, LedgerWords.onThreaded());
      case SCREW -> new Handling(LedgerWords.offScrew(), LedgerWords.onThreaded());
      case CLIP_PULL -> new Handling(LedgerWords.offClipPull(), Sentence.EMPTY);
      case CLIP_PUSH -> new Handling(LedgerWords.offClipPush(), LedgerWords.onClipPush());
      case RIVET -> new Handling(LedgerWords.offRivet(), Sentence.EMPTY);
      case TAB -> new Handling(LedgerWords.offTab(), LedgerWords.onTab());
      case LATCH -> new Handling(LedgerWords.offLatch(), LedgerWords.onLatch());
      case STUD -> new Handling(Sentence.EMPTY, LedgerWords.onStud());
      case PEG -> new Handling(LedgerWords.offPeg(), Sentence.EMPTY);
      case CONNECTOR -> new Handling(LedgerWords.offConnector(), LedgerWords.onConnector());
      case THING, UNSORTED -> NONE;
      case PIECE -> new Handling(LedgerWords.offLamp(), LedgerWords.onLamp());
    };
  }
}

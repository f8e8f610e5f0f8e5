package mellow.core.workflow.ledger;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Sentence;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.Side;

/**
 * A line of the ledger: so many of one kind from one place, or a piece that came off.
 *
 * @param id of the line
 * @param count how many; a piece is one
 * @param what the kind with its size and thread
 * @param spot where it was pointed at; empty where it was only said
 * @param where the place in words, where it was said otherwise than pointed at; may be empty
 * @param tray into which tray or bag it went; may be empty
 * @param holds the piece that it holds, by name; may be empty
 * @param asFound as it was found, before anything was done
 * @param hidden it is not seen until something else is off
 * @param people how many hands it takes: 1 or 2
 * @param note anything else; may be empty
 * @param captive it is only loosened, and stays in what it holds
 * @param after what has to be off or open before it, by name: "flap"; may be empty
 */
public record LedgerRow(
    String id,
    int count,
    What what,
    Optional<Spot> spot,
    String where,
    String tray,
    String holds,
    AsFound asFound,
    boolean hidden,
    int people,
    String note,
    boolean captive,
    String after) {
  private static final int MOST = 60;

  public LedgerRow {
    if (count < 1 || count > MOST) {
      throw new CannotBe(LedgerWords.lineHolds());
    }
    if (what.kind() == FastenerKind.PIECE && (count != 1 || what.name().isBlank())) {
      throw new CannotBe(LedgerWords.pieceIsOne());
    }
    if (what.kind().named() && what.name().isBlank()) {
      throw new CannotBe(LedgerWords.giveName());
    }
    if (people < 1 || people > 2) {
      throw new CannotBe(LedgerWords.people());
    }
    where = where.strip();
  }

  /** What findings on it are about. */
  public Subject subject() {
    return SubjectKind.FASTENERS.named(id);
  }

  /**
   * What it is.
   *
   * @param name of a piece: "bumper"; of a connector: "left fog"; may be empty for others
   * @param size what the tool has to fit: "10 mm", "T25"; may be empty
   * @param thread "M6"; may be empty
   */
  public record What(FastenerKind kind, String name, String size, String thread) {
    public static What of(FastenerKind kind) {
      return new What(kind, "", "", "");
    }

    public static What of(FastenerKind kind, String name, String size) {
      return new What(kind, name, size, "");
    }

    /** In words, for so many: "bolts, 10 mm". */
    public Sentence words(int count) {
      Sentence named = kind.named() ? Sentence.typed(name) : kind.words(count);
      if (!kind.named() && !name.isEmpty()) {
        named = LedgerWords.called(name, kind.words(count));
      }
      return size.isEmpty() ? named : LedgerWords.sized(named, size);
    }

    /** The same without the side that its name may have. */
    What ofEitherSide() {
      return new What(kind, Sides.without(name), size, "");
    }
  }

  /** How it was before anything was done, so that the count stays honest. */
  public enum AsFound {
    SOUND,
    MISSING,
    SUBSTITUTED,
    BROKEN,
    GLUED
  }

  /** Whether it is a piece, and no fastener. */
  public boolean isPiece() {
    return what.kind() == FastenerKind.PIECE;
  }

  public boolean isConnector() {
    return what.kind() == FastenerKind.CONNECTOR;
  }

  /** The side on which it lies, as pointed at or as its words say; empty for the middle. */
  public Optional<Side> side() {
    if (spot.isPresent()) {
      return spot.get().side();
    }
    return Sides.of("%s %s %s".formatted(what.name(), where, holds));
  }

  /** Whether nobody has said yet what it is. */
  public boolean isUnsorted() {
    return what.kind() == FastenerKind.UNSORTED;
  }

  /** Whether it is called so, by its name or its kind. */
  boolean isCalled(String words) {
    String called = words.strip().toLowerCase(Locale.ROOT);
    return !called.isEmpty()
        && (LedgerText.kind(called).filter(what.kind()::equals).isPresent()
            || Pattern.compile("(?<!\\p{L})" + Pattern.quote(called) + "(?!\\p{L})")
                .matcher(what.name().toLowerCase(Locale.ROOT))
                .find());
  }

  /** Whether one of them can stand in front of the other: not on opposite sides. */
  boolean overlaps(LedgerRow other) {
    return side().isEmpty() || other.side().isEmpty() || side().equals(other.side());
  }

  /** Where it lies: as it was said, else as it was pointed at; empty where neither was. */
  public Sentence place() {
    return where.isEmpty() ? spot.map(Spot::words).orElse(Sentence.EMPTY) : Sentence.typed(where);
  }

  /** The same without the side. */
  Sentence placeOfEitherSide() {
    return where.isEmpty()
        ? spot.map(Spot::place).orElse(Sentence.EMPTY)
        : Sentence.typed(Sides.without(where));
  }

  /** In words: "4 clips, pin pulled, upper edge". */
  public Sentence words() {
    return at(counted(), place());
  }

  private Sentence counted() {
    return isPiece() ? what.words(1) : counted(what, count);
  }

  static Sentence counted(What what, int count) {
    return what.kind().named()
        ? LedgerWords.times(count, what.words(count))
        : LedgerWords.counted(count, what.words(count));
  }

  static Sentence at(Sentence what, Sentence place) {
    return place.isEmpty() ? what : LedgerWords.at(what, place);
  }
}

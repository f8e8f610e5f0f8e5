package mellow.core.workflow.ledger;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mellow.core.entry.Entry;
import mellow.core.finding.Sentence;
import mellow.core.workflow.ledger.LedgerRow.AsFound;
import mellow.core.workflow.ledger.LedgerRow.What;
import mellow.core.workflow.ledger.Spot.View;

/** Reads a line as it is called out: "4 clip upper edge", "2x bolt 10 mm M6 left", "bumper off". */
public final class LedgerText {
  private static final Sentence EXAMPLE = LedgerWords.example();
  private static final int LONGEST = 80;
  private static final Pattern COUNT =
      Pattern.compile("^(\\d{1,3}(?:\\s*\\+\\s*\\d{1,3}){0,5})\\s*[x×]?\\s+");
  private static final Pattern NUMBER = Pattern.compile("\\d");
  private static final Pattern SIZE =
      Pattern.compile(
          "(?<![\\p{L}\\d])(\\d{1,2}(?:[.,]\\d)?\\s*mm|t\\d{1,2}|ph\\d)(?![\\p{L}\\d])");
  private static final Pattern THREAD =
      Pattern.compile("(?<![\\p{L}\\d])(m\\d{1,2})(?![\\p{L}\\d])");
  private static final Map<String, FastenerKind> KINDS = new LinkedHashMap<>();

  /** Of these a side has one, and each is written by itself. */
  private static final List<String> PIECES =
      List.of(
          "bumper",
          "grille",
          "liner",
          "headlamp",
          "fog lamp",
          "shield",
          "panel",
          "stoßfänger",
          "stoßstange",
          "grill",
          "radhausschale",
          "scheinwerfer",
          "verkleidung");

  /** One of them is a piece like those; several are counted. */
  private static final List<String> PARTS =
      List.of(
          "weather strip",
          "corner piece",
          "trim",
          "cover",
          "flap",
          "bezel",
          "moulding",
          "molding",
          "intake",
          "duct",
          "blende",
          "leiste",
          "abdeckung",
          "klappe");

  private static final List<String> THINGS =
      List.of(
          "socket",
          "bulb",
          "bracket",
          "button",
          "motor",
          "fassung",
          "glühlampe",
          "lampe",
          "halter",
          "taste");

  private static final Pattern BEFORE = Pattern.compile("^(.+?)\\s+(?:before|vor)\\s+(.+)$");
  private static final Pattern CAPTIVE =
      Pattern.compile("(?<!\\p{L})(captive|unverlierbar)(?!\\p{L})");
  private static final Pattern AS_FOUND =
      Pattern.compile(
          "(?<!\\p{L})(missing|broken|torn|cracked|glued|substituted|wrong|fehlt|gebrochen|gerissen"
              + "|geklebt|ersetzt|falsch)(?!\\p{L})");
  private static final Map<String, Spot> SPOTS = new LinkedHashMap<>();

  static {
    KINDS.put("bolt", FastenerKind.BOLT);
    KINDS.put("spring nut", FastenerKind.NUT);
    KINDS.put("nut", FastenerKind.NUT);
    KINDS.put("screw", FastenerKind.SCREW);
    KINDS.put("push clip", FastenerKind.CLIP_PUSH);
    KINDS.put("clip", FastenerKind.CLIP_PULL);
    KINDS.put("rivet", FastenerKind.RIVET);
    KINDS.put("tab", FastenerKind.TAB);
    KINDS.put("latch", FastenerKind.LATCH);
    KINDS.put("ball stud", FastenerKind.STUD);
    KINDS.put("stud", FastenerKind.STUD);
    KINDS.put("locating peg", FastenerKind.PEG);
    KINDS.put("peg", FastenerKind.PEG);
    KINDS.put("connector", FastenerKind.CONNECTOR);
    KINDS.put("plug", FastenerKind.CONNECTOR);
    KINDS.put("sechskantschraube", FastenerKind.BOLT);
    KINDS.put("schraube", FastenerKind.SCREW);
    KINDS.put("federmutter", FastenerKind.NUT);
    KINDS.put("mutter", FastenerKind.NUT);
    KINDS.put("druckklammer", FastenerKind.CLIP_PUSH);
    KINDS.put("klammer", FastenerKind.CLIP_PULL);
    KINDS.put("niet", FastenerKind.RIVET);
    KINDS.put("lasche", FastenerKind.TAB);
    KINDS.put("riegel", FastenerKind.LATCH);
    KINDS.put("kugelbolzen", FastenerKind.STUD);
    KINDS.put("führungszapfen", FastenerKind.PEG);
    KINDS.put("zapfen", FastenerKind.PEG);
    KINDS.put("stecker", FastenerKind.CONNECTOR);
    SPOTS.put("upper edge left", new Spot(View.FRONT, 0.85, 0.85));
    SPOTS.put("upper edge right", new Spot(View.FRONT, 0.15, 0.85));
    SPOTS.put("upper edge", new Spot(View.FRONT, 0.5, 0.85));
    SPOTS.put("lower edge left", new Spot(View.FRONT, 0.85, 0.15));
    SPOTS.put("lower edge right", new Spot(View.FRONT, 0.15, 0.15));
    SPOTS.put("lower edge", new Spot(View.FRONT, 0.5, 0.15));
    SPOTS.put("wheel arch left", new Spot(View.LEFT_SIDE, 0.5, 0.5));
    SPOTS.put("wheel arch right", new Spot(View.RIGHT_SIDE, 0.5, 0.5));
    SPOTS.put("corner left", new Spot(View.LEFT_SIDE, 0.15, 0.5));
    SPOTS.put("corner right", new Spot(View.RIGHT_SIDE, 0.15, 0.5));
    SPOTS.put("underside", new Spot(View.UNDERSIDE, 0.15, 0.5));
    SPOTS.put("left", new Spot(View.FRONT, 0.85, 0.5));
    SPOTS.put("right", new Spot(View.FRONT, 0.15, 0.5));
    SPOTS.put("middle", new Spot(View.FRONT, 0.5, 0.5));
    SPOTS.put("oberkante links", new Spot(View.FRONT, 0.85, 0.85));
    SPOTS.put("oberkante rechts", new Spot(View.FRONT, 0.15, 0.85));
    SPOTS.put("oberkante", new Spot(View.FRONT, 0.5, 0.85));
    SPOTS.put("unterkante links", new Spot(View.FRONT, 0.85, 0.15));
    SPOTS.put("unterkante rechts", new Spot(View.FRONT, 0.15, 0.15));
    SPOTS.put("unterkante", new Spot(View.FRONT, 0.5, 0.15));
    SPOTS.put("radhaus links", new Spot(View.LEFT_SIDE, 0.5, 0.5));
    SPOTS.put("radhaus rechts", new Spot(View.RIGHT_SIDE, 0.5, 0.5));
    SPOTS.put("ecke links", new Spot(View.LEFT_SIDE, 0.15, 0.5));
    SPOTS.put("ecke rechts", new Spot(View.RIGHT_SIDE, 0.15, 0.5));
    SPOTS.put("unterseite", new Spot(View.UNDERSIDE, 0.15, 0.5));
    SPOTS.put("links", new Spot(View.FRONT, 0.85, 0.5));
    SPOTS.put("rechts", new Spot(View.FRONT, 0.15, 0.5));
    SPOTS.put("mitte", new Spot(View.FRONT, 0.5, 0.5));
  }

  private LedgerText() {}

  /**
   * What was called out.
   *
   * @param spot where its place has a known name
   * @param where the place in the words that were used; may be empty
   * @param asFound how it was found
   * @param captive it is only loosened
   * @param after what has to be off before it, by name; may be empty
   */
  public record Called(
      int count,
      What what,
      Optional<Spot> spot,
      String where,
      AsFound asFound,
      boolean captive,
      String after) {}

  /** What is said of a line beside the thing itself. */
  private record Said(AsFound asFound, boolean captive, String after) {
    Called of(int count, What what, Optional<Spot> spot, String where) {
      return new Called(count, what, spot, where, asFound, captive, after);
    }
  }

  /** The line, or where and why it cannot be read. */
  public static Entry<Called> read(String typed) {
    String text = typed.strip().toLowerCase(Locale.ROOT);
    if (text.isEmpty()) {
      return new Entry.Refused<>(typed, 0, LedgerWords.nothingTyped(), EXAMPLE);
    }
    if (text.length() > LONGEST) {
      return new Entry.Refused<>(typed, LONGEST, LedgerWords.tooLong(), EXAMPLE);
    }
    Matcher order = BEFORE.matcher(text);
    String after = "";
    if (order.matches() && !COUNT.matcher(text).lookingAt()) {
      after = words(order.group(1));
      text = order.group(2);
    }
    Matcher number = COUNT.matcher(text);
    boolean counted = number.lookingAt();
    int count = counted ? sum(number.group(1)) : 1;
    text = counted ? text.substring(number.end()) : text;
    if (count < 1 || count > 60) {
      return new Entry.Refused<>(typed, 0, LedgerWords.lineHolds(), EXAMPLE);
    }
    List<String> size = new ArrayList<>();
    List<String> thread = new ArrayList<>();
    List<String> found = new ArrayList<>();
    List<String> captive = new ArrayList<>();
    text = taken(text, SIZE, size);
    text = taken(text, THREAD, thread);
    text = taken(text, AS_FOUND, found);
    text = taken(text, CAPTIVE, captive);
    Said said = new Said(asFound(first(found)), !captive.isEmpty(), after);
    String sized = first(size).replaceAll("\\s*mm", " mm").replace(',', '.').replace("t", "T");
    Optional<String> kind = KINDS.keySet().stream().filter(hasWord(text + " ")::test).findFirst();
    if (kind.isEmpty()) {
      return named(typed, count, words(text), sized, said);
    }
    String rest = words(text.replaceFirst(Pattern.quote(kind.get()) + "(e?s|e?n)?(?!\\p{L})", " "));
    if (NUMBER.matcher(rest).find()) {
      return new Entry.Refused<>(
          typed,
          Math.max(0, typed.length() - rest.length()),
          LedgerWords.notUnderstood(rest),
          EXAMPLE);
    }
    return new Entry.Accepted<>(
        typed,
        said.of(
            count,
            new What(
                KINDS.get(kind.get()),
                kind.get().startsWith("spring") ? "spring" : "",
                sized,
                first(thread).toUpperCase(Locale.ROOT)),
            spot(rest),
            rest));
  }

  /** How many "2+3" are. */
  private static int sum(String typed) {
    return Stream.of(typed.split("\\+", -1)).map(String::strip).mapToInt(Integer::parseInt).sum();
  }

  /** The kind that goes by that name; empty where none does. */
  static Optional<FastenerKind> kind(String name) {
    return Optional.ofNullable(KINDS.get(name));
  }

  private static AsFound asFound(String word) {
    return switch (word) {
      case "missing", "fehlt" -> AsFound.MISSING;
      case "broken", "torn", "cracked", "gebrochen", "gerissen" -> AsFound.BROKEN;
      case "glued", "geklebt" -> AsFound.GLUED;
      case "substituted", "wrong", "ersetzt", "falsch" -> AsFound.SUBSTITUTED;
      default -> AsFound.SOUND;
    };
  }

  private static Predicate<String> hasWord(String text) {
    return kind ->
        Pattern.compile("(?<!\\p{L})" + Pattern.quote(kind) + "(e?s|e?n)?(?!\\p{L})")
            .matcher(text)
            .find();
  }

  /** What goes by its own name; a name that is not known here is kept, and asked about. */
  private static Entry<Called> named(String typed, int count, String text, String size, Said said) {
    String words = words(text.replaceAll("(?<!\\p{L})(off|ab|aus)(?!\\p{L})", " "));
    if (words.isEmpty() || !words.matches(".*\\p{L}.*")) {
      return new Entry.Refused<>(typed, 0, LedgerWords.whatCameOff(), EXAMPLE);
    }
    if (PIECES.stream().anyMatch(words::contains) && THINGS.stream().noneMatch(hasWord(words))) {
      return count == 1
          ? accepted(typed, said.of(1, What.of(FastenerKind.PIECE, words, ""), spot(words), ""))
          : new Entry.Refused<>(typed, 0, LedgerWords.oneByOne(), EXAMPLE);
    }
    if (count == 1 && PARTS.stream().anyMatch(hasWord(words))) {
      return accepted(typed, said.of(1, What.of(FastenerKind.PIECE, words, ""), spot(words), ""));
    }
    Optional<String> thing =
        Stream.concat(THINGS.stream(), PARTS.stream()).filter(hasWord(words)).findFirst();
    if (thing.isEmpty()) {
      return accepted(
          typed, said.of(count, What.of(FastenerKind.UNSORTED, words, size), spot(words), ""));
    }
    int end = words.indexOf(thing.get()) + thing.get().length();
    String name = words.substring(0, end);
    String where = words(words.substring(end).replaceFirst("^(e?s|e?n)(?!\\p{L})", ""));
    return accepted(
        typed, said.of(count, What.of(FastenerKind.THING, name, size), spot(words), where));
  }

  private static Entry<Called> accepted(String typed, Called called) {
    return new Entry.Accepted<>(typed, called);
  }

  private static String taken(String text, Pattern pattern, List<String> found) {
    Matcher matcher = pattern.matcher(text);
    if (!matcher.find()) {
      return text;
    }
    found.add(matcher.group(1));
    return text.substring(0, matcher.start()) + " " + text.substring(matcher.end());
  }

  private static Optional<Spot> spot(String words) {
    String sought = " " + words.replace(",", " ").replaceAll("\\s+", " ") + " ";
    return SPOTS.entrySet().stream()
        .filter(
            one ->
                List.of(one.getKey().split(" ")).stream()
                    .allMatch(w -> sought.contains(" " + w + " ")))
        .map(Map.Entry::getValue)
        .findFirst();
  }

  private static String words(String text) {
    return text.replaceAll("\\s+", " ").replaceAll("^[\\s,]+|[\\s,]+$", "");
  }

  private static String first(List<String> found) {
    return found.isEmpty() ? "" : found.get(0);
  }
}

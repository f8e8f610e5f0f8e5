package mellow.core.entry;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;

/**
 * Walks over a typed measurement: numbers (decimal point or comma, fractions, mixed numbers,
 * unicode fractions, thousands set apart by a space) and the words or signs between them.
 */
final class EntryScanner {
  private static final int LONGEST_TEXT = 60;
  private static final Map<Character, Double> VULGAR_FRACTIONS =
      Map.ofEntries(
          Map.entry('½', 1 / 2.0),
          Map.entry('¼', 1 / 4.0),
          Map.entry('¾', 3 / 4.0),
          Map.entry('⅛', 1 / 8.0),
          Map.entry('⅜', 3 / 8.0),
          Map.entry('⅝', 5 / 8.0),
          Map.entry('⅞', 7 / 8.0),
          Map.entry('⅓', 1 / 3.0),
          Map.entry('⅔', 2 / 3.0));

  /** A space that people or this product put between thousands. */
  private static final String GAP = "[ \\u00a0\\u2009\\u202f]";

  private static final Pattern SIMPLE_FRACTION =
      Pattern.compile("(\\d{1,4})\\s*[/⁄]\\s*(\\d{1,4})");
  private static final Pattern WHOLE =
      Pattern.compile("\\d{1,3}(?:" + GAP + "\\d{3})+(?![\\d/⁄])|\\d+");
  private static final Pattern DECIMALS = Pattern.compile("[.,](\\d*)");
  private static final Pattern MIXED_TAIL =
      Pattern.compile("(?:\\s+|\\s*-\\s*)(\\d{1,4})\\s*[/⁄]\\s*(\\d{1,4})");
  private static final Pattern WORD = Pattern.compile("\\p{L}+|''|[\"″”'′’°%]");

  private static final Pattern PLUS_MINUS = Pattern.compile("±|\\+\\s*[/-]?\\s*-");

  private final String text;
  private final Sentence example;
  private int at;
  private double lastPlace = 1;

  /**
   * @param text what was typed
   * @param example what a right entry looks like; goes into every refusal
   */
  EntryScanner(String text, Sentence example) throws EntryProblem {
    this.text = text;
    this.example = example;
    if (text.length() > LONGEST_TEXT) {
      throw problem(LONGEST_TEXT, EntryWords.tooLong());
    }
    skipSpace();
    if (atEnd()) {
      throw problem(0, EntryWords.nothingTyped());
    }
  }

  /** What is still to be read. */
  String rest() {
    return text.substring(at);
  }

  /** What was typed from a place on. */
  String from(int position) {
    return text.substring(position);
  }

  /** Takes all that is left as read. */
  void skipRest() {
    at = text.length();
  }

  /** Takes a word where it stands next. */
  boolean takes(String word) throws EntryProblem {
    int before = at;
    if (!atEnd() && word().equalsIgnoreCase(word)) {
      return true;
    }
    at = before;
    return false;
  }

  boolean atEnd() {
    return at >= text.length();
  }

  int position() {
    return at;
  }

  /** A refusal at the given place of the text. */
  EntryProblem problem(int position, Sentence why) {
    return new EntryProblem(position, why, example);
  }

  /** Takes a leading sign; −1 for a minus, else +1. */
  int sign() {
    if (atEnd()) {
      return 1;
    }
    char c = text.charAt(at);
    if (c == '+' || c == '-' || c == '−' || c == '–') {
      at++;
      skipSpace();
      return c == '+' ? 1 : -1;
    }
    return 1;
  }

  /** The number that stands here, without a sign. */
  double number() throws EntryProblem {
    int start = at;
    lastPlace = 1;
    double value = takeNumber();
    skipSpace();
    if (!Double.isFinite(value)) {
      throw problem(start, EntryWords.tooLarge());
    }
    return value;
  }

  private double takeNumber() throws EntryProblem {
    if (!atEnd() && VULGAR_FRACTIONS.containsKey(text.charAt(at))) {
      return vulgarFraction();
    }
    Matcher fraction = matcher(SIMPLE_FRACTION);
    if (fraction.lookingAt()) {
      return fraction(fraction);
    }
    Matcher whole = matcher(WHOLE);
    Matcher bareDecimals = matcher(DECIMALS);
    if (!whole.lookingAt()) {
      if (bareDecimals.lookingAt() && !bareDecimals.group(1).isEmpty()) {
        at = bareDecimals.end();
        lastPlace = Math.pow(10, -bareDecimals.group(1).length());
        return Double.parseDouble("0." + bareDecimals.group(1));
      }
      throw problem(
          at,
          atEnd()
              ? EntryWords.numberMissing()
              : EntryWords.numberExpected(text.substring(at, at + 1)));
    }
    int start = at;
    at = whole.end();
    String digits = whole.group().replaceAll(GAP, "");
    Matcher decimals = matcher(DECIMALS);
    if (decimals.lookingAt()) {
      return decimal(start, digits, decimals);
    }
    return Double.parseDouble(digits) + mixedTail();
  }

  private double decimal(int start, String digits, Matcher decimals) throws EntryProblem {
    String behind = decimals.group(1);
    boolean comma = decimals.group().startsWith(",");
    if (behind.isEmpty()) {
      throw problem(decimals.end(), EntryWords.digitsMissing());
    }
    if (comma && behind.length() == 3 && !digits.equals("0")) {
      throw problem(
          start, EntryWords.twoWays(digits + "," + behind, digits + behind, digits + "." + behind));
    }
    at = decimals.end();
    lastPlace = Math.pow(10, -behind.length());
    if (!atEnd() && (text.charAt(at) == '.' || text.charAt(at) == ',')) {
      throw problem(at, EntryWords.oneDecimal());
    }
    return Double.parseDouble(digits + "." + behind);
  }

  private double mixedTail() throws EntryProblem {
    Matcher mixed = matcher(MIXED_TAIL);
    if (mixed.lookingAt()) {
      return fraction(mixed);
    }
    int before = at;
    skipSpace();
    if (!atEnd() && VULGAR_FRACTIONS.containsKey(text.charAt(at))) {
      return vulgarFraction();
    }
    at = before;
    return 0;
  }

  /** Halves to sixty-fourths. */
  private static boolean isOnATape(int below) {
    return Integer.bitCount(below) == 1;
  }

  private double vulgarFraction() {
    return VULGAR_FRACTIONS.get(text.charAt(at++));
  }

  private double fraction(Matcher found) throws EntryProblem {
    double below = Double.parseDouble(found.group(2));
    if (below == 0) {
      throw problem(found.start(2), EntryWords.zeroBelow());
    }
    double above = Double.parseDouble(found.group(1));
    if (above >= below && !isOnATape((int) below)) {
      throw problem(
          found.start(1),
          EntryWords.mixed(
              found.group(),
              "%d %d/%d".formatted((int) (above / below), (int) (above % below), (int) below)));
    }
    at = found.end();
    lastPlace = 1 / below;
    return above / below;
  }

  /** What the last place of the latest number stands for: 1, 0.1, 1/16 … */
  double lastPlace() {
    return lastPlace;
  }

  boolean isAtPlusMinus() {
    return matcher(PLUS_MINUS).lookingAt();
  }

  /** Takes "±" or "+-" where it stands next. */
  boolean takesPlusMinus() {
    Matcher sign = matcher(PLUS_MINUS);
    if (!sign.lookingAt()) {
      return false;
    }
    at = sign.end();
    skipSpace();
    return true;
  }

  /** The word or sign that stands here, or an empty text where there is none. */
  String word() {
    Matcher word = matcher(WORD);
    if (!word.lookingAt()) {
      return "";
    }
    at = word.end();
    skipSpace();
    return word.group().equals("''") ? "\"" : word.group();
  }

  /** Refuses whatever is left over. */
  void expectEnd() throws EntryProblem {
    if (!atEnd()) {
      throw problem(at, EntryWords.leftOver(text.substring(at)));
    }
  }

  private Matcher matcher(Pattern pattern) {
    return pattern.matcher(text).region(at, text.length());
  }

  private void skipSpace() {
    while (!atEnd()
        && (Character.isWhitespace(text.charAt(at)) || Character.isSpaceChar(text.charAt(at)))) {
      at++;
    }
  }
}

package mellow.core.photometry.lm63;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;

/** The numbers behind the tilt, each with its line; a number that is none is a fault, told once. */
final class Numbers {
  private static final Pattern PARTED = Pattern.compile("[\\s,]+");
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d{1,3})?");

  /** No lamp, angle or count is larger. */
  private static final double MOST = 1e9;

  private static final int LONGEST_SHOWN = 20;

  private record Token(int line, String text) {}

  private final List<Token> tokens = new ArrayList<>();
  private final List<Lm63Fault> faults;
  private int next;
  private int lastLine;

  Numbers(List<String> lines, int from, List<Lm63Fault> faults) {
    this.faults = faults;
    this.lastLine = Math.max(1, lines.size());
    for (int i = from; i < lines.size(); i++) {
      for (String text : PARTED.split(lines.get(i).strip())) {
        if (!text.isEmpty()) {
          tokens.add(new Token(i + 1, text));
        }
      }
    }
    if (!tokens.isEmpty()) {
      lastLine = tokens.get(tokens.size() - 1).line();
    }
  }

  /** The line of the number that is read next; the last one where none is left. */
  int line() {
    return next < tokens.size() ? tokens.get(next).line() : lastLine;
  }

  int left() {
    return tokens.size() - next;
  }

  void fault(int line, Sentence says) {
    faults.add(new Lm63Fault(line, says));
  }

  /** The next number; empty where it is missing or is none, which is a fault then. */
  OptionalDouble next(Sentence what) {
    if (next == tokens.size()) {
      fault(lastLine, Lm63Words.missing(what));
      return OptionalDouble.empty();
    }
    Token token = tokens.get(next++);
    if (!NUMBER.matcher(token.text()).matches()) {
      fault(token.line(), Lm63Words.notNumber(shown(token.text()), what));
      return OptionalDouble.empty();
    }
    double value = Double.parseDouble(token.text());
    if (Math.abs(value) > MOST) {
      fault(token.line(), Lm63Words.tooLarge(shown(token.text()), what));
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(value);
  }

  /** The next number, which counts something; empty where it is no whole number in the bounds. */
  OptionalDouble count(Sentence what, int least, int most) {
    int line = line();
    OptionalDouble value = next(what);
    if (value.isPresent()) {
      double count = value.getAsDouble();
      if (count < least || count > most || count != Math.rint(count)) {
        fault(line, Lm63Words.notCount(plain(count), plain(least), plain(most), what));
        return OptionalDouble.empty();
      }
    }
    return value;
  }

  /**
   * Numbers that stand one behind the other.
   *
   * @param lines of each
   */
  record Row(double[] values, int[] lines) {
    private static final Row NONE = new Row(new double[0], new int[0]);
  }

  /** As many numbers; none where one is missing or is no number. */
  Row row(int count, Sentence what) {
    if (left() < count) {
      fault(lastLine, Lm63Words.tooFew(plain(count), plain(left()), what));
      next = tokens.size();
      return Row.NONE;
    }
    double[] values = new double[count];
    int[] lines = new int[count];
    int before = faults.size();
    for (int i = 0; i < count; i++) {
      lines[i] = line();
      values[i] = next(what).orElse(0);
    }
    return faults.size() == before ? new Row(values, lines) : Row.NONE;
  }

  /** As many numbers, each larger than the one before it; the first that is not is a fault. */
  double[] ascending(int count, Sentence what) {
    Row row = row(count, what);
    for (int i = 1; i < row.values().length; i++) {
      if (!(row.values()[i] > row.values()[i - 1])) {
        fault(row.lines()[i], Lm63Words.notAscending(plain(row.values()[i]), what));
        break;
      }
    }
    return row.values();
  }

  /** As many numbers that are not below 0; the first that is, is a fault. */
  double[] notNegative(int count, Sentence what) {
    Row row = row(count, what);
    for (int i = 0; i < row.values().length; i++) {
      if (row.values()[i] < 0) {
        fault(row.lines()[i], Lm63Words.negative(plain(row.values()[i]), what));
        break;
      }
    }
    return row.values();
  }

  /** A number as it is written, without needless decimals. */
  static String plain(double value) {
    return value == Math.rint(value) && Math.abs(value) < MOST
        ? Long.toString((long) value)
        : Double.toString(value);
  }

  private static String shown(String text) {
    return text.length() <= LONGEST_SHOWN ? text : text.substring(0, LONGEST_SHOWN) + "…";
  }
}

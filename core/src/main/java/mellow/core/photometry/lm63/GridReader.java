package mellow.core.photometry.lm63;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import mellow.core.finding.Sentence;

/** Reads the angles and the intensities, and holds them against what their type allows. */
final class GridReader {
  private final Lm63Reader.Head head;
  private final Numbers numbers;
  private final List<Lm63Fault> notices;

  GridReader(Lm63Reader.Head head, Numbers numbers, List<Lm63Fault> notices) {
    this.head = head;
    this.numbers = numbers;
    this.notices = notices;
  }

  Optional<Grid> grid() {
    int verticalLine = numbers.line();
    double[] vertical = angles(head.verticals(), Lm63Words.verticalAngles());
    int horizontalLine = numbers.line();
    double[] horizontal = angles(head.horizontals(), Lm63Words.horizontalAngles());
    if (vertical.length == 0 || horizontal.length == 0) {
      return Optional.empty();
    }
    range(vertical, verticalLine);
    if (head.type() == PhotometricType.C) {
      planes(horizontal, horizontalLine);
    } else {
      aside(horizontal, horizontalLine);
    }
    double[][] candela = new double[horizontal.length][];
    for (int i = 0; i < candela.length; i++) {
      int line = numbers.line();
      Sentence what = Lm63Words.candelaAt(Numbers.plain(horizontal[i]));
      candela[i] = numbers.list(vertical.length, what);
      if (candela[i].length == 0) {
        return Optional.empty();
      }
      negative(candela[i], line, what);
    }
    return Optional.of(new Grid(head.type(), vertical, horizontal, candela));
  }

  private double[] angles(int count, Sentence what) {
    int line = numbers.line();
    double[] angles = numbers.list(count, what);
    notAscending(angles)
        .ifPresent(
            at -> numbers.fault(line, Lm63Words.notAscending(Numbers.plain(angles[at]), what)));
    return angles;
  }

  /** Where the first value stands that is not larger than the one before it. */
  static OptionalInt notAscending(double[] values) {
    for (int i = 1; i < values.length; i++) {
      if (!(values[i] > values[i - 1])) {
        return OptionalInt.of(i);
      }
    }
    return OptionalInt.empty();
  }

  private void negative(double[] candela, int line, Sentence what) {
    for (double value : candela) {
      if (value < 0) {
        numbers.fault(line, Lm63Words.negative(Numbers.plain(value), what));
        return;
      }
    }
  }

  private void range(double[] vertical, int line) {
    double first = vertical[0];
    double last = vertical[vertical.length - 1];
    double least = head.type().leastVertical();
    double most = head.type().mostVertical();
    if (first < least || last > most) {
      numbers.fault(
          line,
          Lm63Words.outside(Numbers.plain(least), Numbers.plain(most), Lm63Words.verticalAngles()));
      return;
    }
    boolean starts = first == least || first == 0 || first == 90;
    boolean ends = last == 90 || last == most;
    if (!starts || !ends) {
      part(Lm63Words.verticalAngles(), first, last, line);
    }
  }

  private void aside(double[] horizontal, int line) {
    double first = horizontal[0];
    double last = horizontal[horizontal.length - 1];
    if (first < -90 || last > 90) {
      numbers.fault(line, Lm63Words.outside("-90", "90", Lm63Words.horizontalAngles()));
    } else if (!(first == -90 || first == 0) || last != 90) {
      part(Lm63Words.horizontalAngles(), first, last, line);
    }
  }

  private void part(Sentence what, double first, double last, int line) {
    notices.add(
        new Lm63Fault(
            line, Lm63Words.partOfRange(Numbers.plain(first), Numbers.plain(last), what)));
  }

  /** Type C goes round: whole, one half, or one quarter. */
  private void planes(double[] horizontal, int line) {
    double first = horizontal[0];
    double last = horizontal[horizontal.length - 1];
    boolean fromZero = first == 0 && List.of(0.0, 90.0, 180.0, 360.0).contains(last);
    if (!fromZero && !(first == 90 && last == 270)) {
      numbers.fault(line, Lm63Words.planesNotRound());
    }
  }
}

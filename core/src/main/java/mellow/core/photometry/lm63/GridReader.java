package mellow.core.photometry.lm63;

import java.util.List;
import java.util.Optional;
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
    double[] vertical = numbers.ascending(head.verticals(), Lm63Words.verticalAngles());
    int horizontalLine = numbers.line();
    double[] horizontal = numbers.ascending(head.horizontals(), Lm63Words.horizontalAngles());
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
      candela[i] =
          numbers.notNegative(vertical.length, Lm63Words.candelaAt(Numbers.plain(horizontal[i])));
      if (candela[i].length == 0) {
        return Optional.empty();
      }
    }
    return Optional.of(new Grid(head.type(), vertical, horizontal, candela));
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
    // type C may give the lower or the upper half only
    boolean half = head.type() == PhotometricType.C;
    boolean starts = first == least || (half && first == 90);
    boolean ends = last == most || (half && last == 90);
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

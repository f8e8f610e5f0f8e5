package mellow.core.photometry.lm63;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;

/**
 * Reads an LM-63 file and names the line of each fault.
 *
 * <p>Numbers may be parted by spaces, commas or line ends, as the standard has it. What real files
 * get wrong without harm is read and told as a notice: an unknown opening line, a missing required
 * keyword, numbers left over, angles that cover a part of the range only. A distribution outside
 * its angles is not known; it is read as no light there.
 */
public final class Lm63Reader {
  /** Characters; a lamp measured each tenth of a degree over 180° by 90° has less. */
  public static final int LONGEST = 8_000_000;

  private static final int MOST_ANGLES = 4_000;
  private static final int MOST_VALUES = 2_000_000;
  private static final int MOST_LAMPS = 1_000;
  private static final int MOST_FAULTS = 100;
  private static final Pattern LABEL = Pattern.compile("\\s*\\[([^\\]]{1,40})\\](.*)");
  private static final Pattern TILT = Pattern.compile("\\s*TILT\\s*=\\s*(.*?)\\s*");

  /** Keywords that editions since 1991 require (from memory). */
  private static final List<String> REQUIRED_1991 = List.of("TEST", "MANUFAC");

  private static final List<String> REQUIRED_2002 =
      List.of("TEST", "TESTLAB", "ISSUEDATE", "MANUFAC");

  private final List<String> lines;
  private final List<Lm63Fault> faults = new ArrayList<>();
  private final List<Lm63Fault> notices = new ArrayList<>();

  private Lm63Reader(String text) {
    this.lines = text.lines().toList();
  }

  /** Reads a file; a text of any kind is answered, never thrown at. */
  public static Lm63Reading read(String text) {
    if (text.isBlank()) {
      return unreadable(new Lm63Fault(1, Lm63Words.empty()));
    }
    if (text.length() > LONGEST) {
      return unreadable(new Lm63Fault(1, Lm63Words.fileTooLarge()));
    }
    Lm63Reader reader = new Lm63Reader(text.startsWith("\uFEFF") ? text.substring(1) : text);
    Optional<BeamFile> file = reader.file();
    if (file.isPresent() && reader.faults.isEmpty()) {
      return new Lm63Reading.Read(file.get(), reader.notices);
    }
    return new Lm63Reading.Unreadable(
        reader.faults.subList(0, Math.min(MOST_FAULTS, reader.faults.size())));
  }

  private static Lm63Reading unreadable(Lm63Fault fault) {
    return new Lm63Reading.Unreadable(List.of(fault));
  }

  private Optional<BeamFile> file() {
    int tiltAt = tiltLine();
    if (tiltAt < 0) {
      faults.add(new Lm63Fault(lines.size(), Lm63Words.noTilt()));
      return Optional.empty();
    }
    Optional<Edition> opening = Edition.opening(lines.get(0));
    Edition edition = opening.orElse(Edition.LM_63_1986);
    List<Label> labels = labels(edition, opening.isPresent() ? 1 : 0, tiltAt);
    Numbers numbers = new Numbers(lines, tiltAt + 1, faults);
    Optional<Tilt> tilt = tilt(tiltAt, numbers);
    if (tilt.isEmpty()) {
      return Optional.empty();
    }
    return head(numbers)
        .flatMap(
            head -> {
              Optional<Grid> grid = new GridReader(head, numbers, notices).grid();
              if (grid.isPresent() && numbers.left() > 0) {
                notices.add(new Lm63Fault(numbers.line(), Lm63Words.leftOver(numbers.left())));
              }
              return grid.map(
                  read ->
                      new BeamFile(
                          edition,
                          labels,
                          tilt.get(),
                          head.source(),
                          head.factors(),
                          head.opening(),
                          read,
                          head.watts()));
            });
  }

  private int tiltLine() {
    for (int i = 0; i < lines.size(); i++) {
      if (TILT.matcher(lines.get(i).toUpperCase(Locale.ROOT)).matches()) {
        return i;
      }
    }
    return -1;
  }

  private List<Label> labels(Edition edition, int from, int to) {
    List<Label> labels = new ArrayList<>();
    for (int i = from; i < to; i++) {
      Matcher label = LABEL.matcher(lines.get(i));
      boolean keyed = edition != Edition.LM_63_1986 && label.matches();
      if (!keyed && edition != Edition.LM_63_1986 && !lines.get(i).isBlank()) {
        notices.add(new Lm63Fault(i + 1, Lm63Words.noKeyword()));
      }
      if (edition == Edition.LM_63_1986
          && i == 0
          && lines.get(0).toUpperCase(Locale.ROOT).startsWith("IES")) {
        notices.add(new Lm63Fault(1, Lm63Words.otherOpening(lines.get(0).strip())));
      }
      labels.add(
          keyed
              ? new Label(label.group(1).strip().toUpperCase(Locale.ROOT), label.group(2).strip())
              : new Label("", lines.get(i).stripTrailing()));
    }
    required(edition).stream()
        .filter(keyword -> labels.stream().noneMatch(label -> label.keyword().equals(keyword)))
        .forEach(keyword -> notices.add(new Lm63Fault(to + 1, Lm63Words.keywordMissing(keyword))));
    return labels;
  }

  private static List<String> required(Edition edition) {
    return switch (edition) {
      case LM_63_1986 -> List.of();
      case LM_63_1991, LM_63_1995 -> REQUIRED_1991;
      case LM_63_2002, LM_63_2019 -> REQUIRED_2002;
    };
  }

  private Optional<Tilt> tilt(int at, Numbers numbers) {
    Matcher line = TILT.matcher(lines.get(at).toUpperCase(Locale.ROOT));
    line.matches();
    String way = line.group(1);
    if (way.equals("NONE")) {
      return Optional.of(new Tilt.None());
    }
    if (way.equals("INCLUDE")) {
      return included(numbers);
    }
    if (way.isEmpty()) {
      faults.add(new Lm63Fault(at + 1, Lm63Words.tiltUnknown()));
      return Optional.empty();
    }
    String file = lines.get(at).substring(lines.get(at).indexOf('=') + 1).strip();
    notices.add(new Lm63Fault(at + 1, Lm63Words.tiltElsewhere(file)));
    return Optional.of(new Tilt.Elsewhere(file));
  }

  private Optional<Tilt> included(Numbers numbers) {
    OptionalDouble geometry = numbers.count(Lm63Words.tiltGeometry(), 1, 3);
    OptionalDouble pairs = numbers.count(Lm63Words.tiltPairs(), 1, MOST_ANGLES);
    if (geometry.isEmpty() || pairs.isEmpty()) {
      return Optional.empty();
    }
    int count = (int) pairs.getAsDouble();
    double[] angles = numbers.ascending(count, Lm63Words.tiltAngles());
    double[] factors = numbers.row(count, Lm63Words.tiltFactors()).values();
    if (angles.length != count || factors.length != count) {
      return Optional.empty();
    }
    return Optional.of(
        new Tilt.Included((int) geometry.getAsDouble(), boxed(angles), boxed(factors)));
  }

  private static List<Double> boxed(double[] values) {
    return Arrays.stream(values).boxed().toList();
  }

  /**
   * The two lines of figures before the angles.
   *
   * @param verticals how many vertical angles
   * @param horizontals how many horizontal angles
   */
  record Head(
      BeamFile.Source source,
      BeamFile.Factors factors,
      PhotometricType type,
      Opening opening,
      int verticals,
      int horizontals,
      double watts) {}

  /** Reads both lines whole, so that all their faults are told at once. */
  private Optional<Head> head(Numbers numbers) {
    OptionalDouble lamps = numbers.count(Lm63Words.lamps(), 1, MOST_LAMPS);
    int lumensLine = numbers.line();
    OptionalDouble lumens = numbers.next(Lm63Words.lumens());
    if (lumens.isPresent() && lumens.getAsDouble() != -1 && lumens.getAsDouble() <= 0) {
      numbers.fault(lumensLine, Lm63Words.lumensNotPositive());
    }
    OptionalDouble multiplier = positive(numbers, Lm63Words.multiplier());
    OptionalDouble verticals = numbers.count(Lm63Words.verticalCount(), 1, MOST_ANGLES);
    int horizontalLine = numbers.line();
    OptionalDouble horizontals = numbers.count(Lm63Words.horizontalCount(), 1, MOST_ANGLES);
    if (verticals.orElse(0) * horizontals.orElse(0) > MOST_VALUES) {
      numbers.fault(horizontalLine, Lm63Words.tooManyValues());
    }
    Optional<PhotometricType> type =
        chosen(numbers, Lm63Words.type(), "1 (C), 2 (B), 3 (A)", PhotometricType::of);
    Optional<Boolean> feet =
        chosen(
            numbers,
            Lm63Words.units(),
            "1 (ft), 2 (m)",
            unit -> unit == 1 || unit == 2 ? Optional.of(unit == 1) : Optional.empty());
    OptionalDouble width = numbers.next(Lm63Words.width());
    OptionalDouble length = numbers.next(Lm63Words.length());
    OptionalDouble height = numbers.next(Lm63Words.height());
    OptionalDouble ballast = positive(numbers, Lm63Words.ballast());
    OptionalDouble third = positive(numbers, Lm63Words.third());
    OptionalDouble watts = numbers.next(Lm63Words.watts());
    if (!faults.isEmpty()) {
      return Optional.empty();
    }
    double unit = feet.orElseThrow() ? Opening.M_PER_FOOT : 1;
    return Optional.of(
        new Head(
            new BeamFile.Source(
                (int) lamps.getAsDouble(),
                lumens.getAsDouble() == -1 ? OptionalDouble.empty() : lumens),
            new BeamFile.Factors(
                multiplier.getAsDouble(), ballast.getAsDouble(), third.getAsDouble()),
            type.orElseThrow(),
            new Opening(
                width.getAsDouble() * unit,
                length.getAsDouble() * unit,
                height.getAsDouble() * unit,
                feet.orElseThrow()),
            (int) verticals.getAsDouble(),
            (int) horizontals.getAsDouble(),
            watts.getAsDouble()));
  }

  private static OptionalDouble positive(Numbers numbers, Sentence what) {
    int line = numbers.line();
    OptionalDouble value = numbers.next(what);
    if (value.isPresent() && !(value.getAsDouble() > 0)) {
      numbers.fault(line, Lm63Words.notPositive(Numbers.plain(value.getAsDouble()), what));
      return OptionalDouble.empty();
    }
    return value;
  }

  private static <T> Optional<T> chosen(
      Numbers numbers, Sentence what, String allowed, DoubleFunction<Optional<T>> choose) {
    int line = numbers.line();
    OptionalDouble number = numbers.next(what);
    if (number.isEmpty()) {
      return Optional.empty();
    }
    Optional<T> chosen = choose.apply(number.getAsDouble());
    if (chosen.isEmpty()) {
      numbers.fault(line, Lm63Words.notAmong(Numbers.plain(number.getAsDouble()), allowed, what));
    }
    return chosen;
  }
}

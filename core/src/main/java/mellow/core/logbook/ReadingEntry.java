package mellow.core.logbook;

import mellow.core.finding.Figure;
import mellow.core.measure.Entry;
import mellow.core.measure.LengthEntry;
import mellow.core.measure.TurnsEntry;
import mellow.core.measure.TyreSize;
import mellow.core.measure.UnitSystem;

/** Reads what was typed for a kind of reading, and refuses what cannot be. */
public final class ReadingEntry {
  private static final String DIAL_EXAMPLE = "For example 0, 2 or 1.5.";

  private ReadingEntry() {}

  /**
   * What was read.
   *
   * @param value in mm, turns or positions
   * @param plusMinus what it was read to, in the same unit; 0 for what is counted
   */
  public record Value(double value, double plusMinus) {
    private static Value counted(double value) {
      return new Value(value, 0);
    }
  }

  /** What was read, or the refusal. */
  public static Entry<Value> read(ReadingKind kind, String typed, UnitSystem units) {
    Entry<Value> entry =
        switch (kind.form()) {
          case TURNS -> TurnsEntry.readTurns(typed).map(Value::counted);
          case LENGTH ->
              LengthEntry.measured(typed, units)
                  .map(length -> new Value(length.mm(), length.plusMinusMm()));
          case TYRE -> TyreSize.read(typed).map(TyreSize::diameterMm).map(Value::counted);
          case DIAL -> dial(typed).map(Value::counted);
        };
    if (entry instanceof Entry.Accepted<Value> accepted) {
      return checked(kind, accepted, units);
    }
    return entry;
  }

  private static Entry<Double> dial(String typed) {
    String text = typed.strip().replace(',', '.');
    return text.matches("\\d(?:\\.\\d)?")
        ? new Entry.Accepted<>(typed, Double.parseDouble(text))
        : new Entry.Refused<>(
            typed, 0, "A dial's position is the number that stands on it.", DIAL_EXAMPLE);
  }

  private static Entry<Value> checked(
      ReadingKind kind, Entry.Accepted<Value> accepted, UnitSystem units) {
    double value = accepted.value().value();
    if (value >= kind.least() && value <= kind.most()) {
      return accepted;
    }
    String why =
        value <= 0 && kind.least() > 0
            ? "“%s” has to be more than zero.".formatted(kind.title())
            : "“%s” of %s cannot be.".formatted(kind.title(), figure(kind, value).text(units));
    return new Entry.Refused<>(
        accepted.typed(),
        0,
        why,
        "From %s to %s."
            .formatted(
                figure(kind, kind.least()).text(units), figure(kind, kind.most()).text(units)));
  }

  /**
   * What a reading that was taken once was read to. A text that today's grammar refuses was read to
   * its tape's finest mark.
   */
  public static double plusMinus(ReadingKind kind, String typed, UnitSystem units) {
    if (read(kind, typed, units) instanceof Entry.Accepted<Value> accepted) {
      return accepted.value().plusMinus();
    }
    return plusMinus(kind, units);
  }

  /** What a reading without its text was read to. */
  public static double plusMinus(ReadingKind kind, UnitSystem units) {
    return kind.form() == ReadingKind.Form.LENGTH ? units.tapeStepMm() : 0;
  }

  /** The number of a reading as it is shown. */
  public static Figure figure(ReadingKind kind, double value) {
    return switch (kind.form()) {
      case TURNS -> Figure.turns(value);
      case DIAL -> Figure.dial(value);
      case LENGTH, TYRE -> Figure.lengthMm(value);
    };
  }
}

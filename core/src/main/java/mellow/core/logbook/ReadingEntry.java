package mellow.core.logbook;

import mellow.core.entry.Entry;
import mellow.core.entry.LengthEntry;
import mellow.core.entry.TurnsEntry;
import mellow.core.entry.TyreSize;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;

/** Reads what was typed for a kind of reading, and refuses what cannot be. */
public final class ReadingEntry {
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
        : new Entry.Refused<>(typed, 0, LogbookWords.dialPosition(), LogbookWords.dialExample());
  }

  private static Entry<Value> checked(
      ReadingKind kind, Entry.Accepted<Value> accepted, UnitSystem units) {
    double value = accepted.value().value();
    if (value >= kind.least() && value <= kind.most()) {
      return accepted;
    }
    Sentence why =
        value <= 0 && kind.least() > 0
            ? LogbookWords.moreThanZero(kind)
            : LogbookWords.impossible(kind, figure(kind, value));
    return new Entry.Refused<>(
        accepted.typed(),
        0,
        why,
        LogbookWords.fromTo(figure(kind, kind.least()), figure(kind, kind.most())));
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

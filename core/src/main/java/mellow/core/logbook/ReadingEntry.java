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

  /** The number in mm, turns or positions, or the refusal. */
  public static Entry<Double> read(ReadingKind kind, String typed, UnitSystem units) {
    Entry<Double> entry =
        switch (kind.form()) {
          case TURNS -> TurnsEntry.readTurns(typed);
          case LENGTH -> LengthEntry.readMm(typed, units.bareUnit());
          case TYRE -> TyreSize.read(typed).map(TyreSize::diameterMm);
          case DIAL -> dial(typed);
        };
    if (entry instanceof Entry.Accepted<Double> accepted) {
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

  private static Entry<Double> checked(
      ReadingKind kind, Entry.Accepted<Double> accepted, UnitSystem units) {
    double value = accepted.value();
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

  /** The number of a reading as it is shown. */
  public static Figure figure(ReadingKind kind, double value) {
    return switch (kind.form()) {
      case TURNS -> Figure.turns(value);
      case DIAL -> Figure.dial(value);
      case LENGTH, TYRE -> Figure.lengthMm(value);
    };
  }
}

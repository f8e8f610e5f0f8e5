package mellow.core.logbook;

import mellow.core.finding.Figure;
import mellow.core.measure.Entry;
import mellow.core.measure.LengthEntry;
import mellow.core.measure.TurnsEntry;
import mellow.core.measure.UnitSystem;

/** Reads what was typed for a kind of reading, and refuses what cannot be. */
public final class ReadingEntry {
  private ReadingEntry() {}

  /** The number in mm or turns, or the refusal. */
  public static Entry<Double> read(ReadingKind kind, String typed, UnitSystem units) {
    Entry<Double> entry =
        kind.form() == ReadingKind.Form.TURNS
            ? TurnsEntry.readTurns(typed)
            : LengthEntry.readMm(typed, units.bareUnit());
    if (entry instanceof Entry.Accepted<Double> accepted) {
      return checked(kind, accepted, units);
    }
    return entry;
  }

  private static Entry<Double> checked(
      ReadingKind kind, Entry.Accepted<Double> accepted, UnitSystem units) {
    double value = accepted.value();
    if (value >= kind.least() && value <= kind.most()) {
      return accepted;
    }
    boolean turns = kind.form() == ReadingKind.Form.TURNS;
    Figure read = figure(turns, value);
    String why =
        value <= 0 && kind.least() > 0
            ? "“%s” has to be more than zero.".formatted(kind.title())
            : "“%s” of %s cannot be.".formatted(kind.title(), read.text(units));
    return new Entry.Refused<>(
        accepted.typed(),
        0,
        why,
        "From %s to %s."
            .formatted(
                figure(turns, kind.least()).text(units), figure(turns, kind.most()).text(units)));
  }

  private static Figure figure(boolean turns, double value) {
    return turns ? Figure.turns(value) : Figure.lengthMm(value);
  }
}

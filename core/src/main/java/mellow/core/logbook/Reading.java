package mellow.core.logbook;

import java.util.Optional;
import mellow.core.finding.CannotBe;
import mellow.core.measure.Measured;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * One number that was read and still counts.
 *
 * @param value mm, turns or a dial's position, by the kind
 * @param plusMinus how far the true value may lie from it, in the same unit; 0 for a count
 * @param lamp for which pair; low beam where the kind does not ask
 * @param side of which side; empty where the kind does not ask
 * @param adjusterId of which screw; empty where the kind does not ask
 */
public record Reading(
    ReadingKind kind,
    double value,
    double plusMinus,
    LampKind lamp,
    Optional<Side> side,
    Optional<String> adjusterId) {
  public Reading {
    if (!Double.isFinite(value) || !(plusMinus >= 0)) {
      throw new IllegalArgumentException("a reading is finite and its ± is not negative");
    }
    if (kind.needs(ReadingKind.Needs.SIDE) && side.isEmpty()) {
      throw new CannotBe(LogbookWords.needsSide(kind));
    }
    if (kind.needs(ReadingKind.Needs.ADJUSTER) && adjusterId.isEmpty()) {
      throw new CannotBe(LogbookWords.needsScrew(kind));
    }
  }

  /** The reading as a length; of kinds that are lengths. */
  Measured length() {
    return new Measured(value, plusMinus);
  }
}

package mellow.core.logbook;

import java.util.Optional;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * One number that was read and still counts.
 *
 * @param value mm or turns, by the kind
 * @param lamp for which pair; low beam where the kind does not ask
 * @param side of which side; empty where the kind does not ask
 * @param adjusterId of which screw; empty where the kind does not ask
 */
public record Reading(
    ReadingKind kind,
    double value,
    LampKind lamp,
    Optional<Side> side,
    Optional<String> adjusterId) {
  public Reading {
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException("a reading must be finite");
    }
    if (kind.needs(ReadingKind.Needs.SIDE) && side.isEmpty()) {
      throw new IllegalArgumentException("“" + kind.title() + "” needs a side");
    }
    if (kind.needs(ReadingKind.Needs.ADJUSTER) && adjusterId.isEmpty()) {
      throw new IllegalArgumentException("“" + kind.title() + "” needs a screw");
    }
  }
}

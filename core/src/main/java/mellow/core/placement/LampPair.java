package mellow.core.placement;

import java.util.Set;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;

/**
 * Two lamps of one kind, left and right.
 *
 * @param id its short name in this front
 * @param name as people call it: "fog lamp"
 * @param spots where they sit; equal on both sides while they are mirrored
 * @param guessed what of that nobody has measured or chosen yet
 */
public record LampPair(String id, String name, Lamp lamp, BySide<Spot> spots, Set<Guess> guessed) {
  public LampPair {
    guessed = Set.copyOf(guessed);
  }

  /** A pair whose place was measured or chosen. */
  public LampPair(String id, String name, Lamp lamp, BySide<Spot> spots) {
    this(id, name, lamp, spots, Set.of());
  }

  public static LampPair mirrored(String id, String name, Lamp lamp, Spot spot) {
    return new LampPair(id, name, lamp, new BySide<>(spot, spot));
  }

  /** What findings on one of its lamps are about. */
  public Subject.Lamp subject(Side side) {
    return Subject.Lamp.of(lamp.function(), side).which(id);
  }

  /** What findings on both of its lamps are about. */
  public Subject.Lamp subject() {
    return Subject.Lamp.pair(lamp.function()).which(id);
  }

  public LampPair at(BySide<Spot> newSpots) {
    return new LampPair(id, name, lamp, newSpots, guessed);
  }
}

package mellow.core.placement;

import mellow.core.vehicle.BySide;

/**
 * Two lamps of one kind, left and right.
 *
 * @param id its short name in this front
 * @param name as people call it: "fog lamp"
 * @param spots where they sit; equal on both sides while they are mirrored
 */
public record LampPair(String id, String name, Lamp lamp, BySide<Spot> spots) {

  public static LampPair mirrored(String id, String name, Lamp lamp, Spot spot) {
    return new LampPair(id, name, lamp, new BySide<>(spot, spot));
  }

  public LampPair at(BySide<Spot> newSpots) {
    return new LampPair(id, name, lamp, newSpots);
  }
}

package mellow.core.aim.wall;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.School;
import mellow.core.finding.Finding;
import mellow.core.vehicle.BySide;

/**
 * What one school means for both lamps.
 *
 * @param lamps left and right
 */
public record SchoolRow(School school, BySide<Lamp> lamps) {

  /**
   * What the school means for one lamp.
   *
   * @param percent the inclination it asks for; empty where it asks none
   * @param mark where that falls on the wall; empty while the lamp's place is not known
   * @param remark what is to be said against it, or why it asks nothing
   * @param opinions what the market and the compared rule sets say of it, the market first
   */
  public record Lamp(
      OptionalDouble percent,
      Optional<Mark> mark,
      Optional<Finding> remark,
      List<Opinion> opinions) {}

  /**
   * A mark on the wall.
   *
   * @param heightMm above the wall's foot
   * @param belowLineMm below the lamp-height line
   * @param reachMm where such a cutoff meets a level road; empty where it does not fall
   */
  public record Mark(double heightMm, double belowLineMm, OptionalDouble reachMm) {}

  /** A rule set's verdict on the inclination. */
  public record Opinion(String ruleSetId, String title, Finding finding) {}
}

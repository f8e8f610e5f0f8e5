package mellow.core.rules;

import java.util.OptionalDouble;
import mellow.core.finding.CannotBe;
import mellow.core.vehicle.LampFacts;

/**
 * The heights for which a rule holds.
 *
 * @param of which height of the lamp
 * @param aboveMm lower bound; empty where there is none
 * @param aboveIncluded whether a lamp exactly at the lower bound belongs here
 * @param belowMm upper bound; empty where there is none
 * @param belowIncluded whether a lamp exactly at the upper bound belongs here
 */
public record HeightCondition(
    HeightOf of,
    OptionalDouble aboveMm,
    boolean aboveIncluded,
    OptionalDouble belowMm,
    boolean belowIncluded) {

  /** Which height of a lamp a rule speaks of. */
  public enum HeightOf {
    CENTRE,
    LOWER_EDGE
  }

  public HeightCondition {
    if (aboveMm.isPresent()
        && belowMm.isPresent()
        && aboveMm.getAsDouble() > belowMm.getAsDouble()) {
      throw new CannotBe(RulesWords.boundsSwapped());
    }
  }

  /** The height that this condition asks about; empty where it was not measured. */
  public OptionalDouble heightMm(LampFacts lamp) {
    return of == HeightOf.CENTRE ? lamp.centreHeightMm() : lamp.lowerEdgeHeightMm();
  }

  public boolean holdsFor(double heightMm) {
    boolean overLower =
        aboveMm.isEmpty()
            || heightMm > aboveMm.getAsDouble()
            || (aboveIncluded && heightMm == aboveMm.getAsDouble());
    boolean underUpper =
        belowMm.isEmpty()
            || heightMm < belowMm.getAsDouble()
            || (belowIncluded && heightMm == belowMm.getAsDouble());
    return overLower && underUpper;
  }
}

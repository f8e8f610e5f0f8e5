package mellow.core.aim.lamp;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.LampPlace;
import mellow.core.aim.Target;
import mellow.core.finding.Finding;
import mellow.core.finding.Working;
import mellow.core.measure.Measured;
import mellow.core.rules.Band;
import mellow.core.vehicle.Side;

/**
 * Everything about the aim of one lamp.
 *
 * @param place where it meets the wall; empty while its height or distance is missing
 * @param target what the chosen school asks; empty where it asks nothing
 * @param targetWorking how the mark's height comes about
 * @param limits the market's limits for this lamp; empty where it has none
 * @param percentAsItCame the cutoff's inclination before anything was done; empty where not read
 * @param reading the latest reading of the cutoff; empty where it was not read
 * @param turnedSinceRead a screw was turned after that reading
 * @param correction what to do; empty where nothing is to be done or known
 * @param screws how its screws behave
 * @param findings verdicts on this lamp
 */
public record LampSheet(
    Side side,
    Optional<LampPlace> place,
    Optional<Target> target,
    Working targetWorking,
    Optional<Band> limits,
    OptionalDouble percentAsItCame,
    Optional<Reading> reading,
    boolean turnedSinceRead,
    Optional<Correction> correction,
    List<ScrewBehaviour> screws,
    List<Finding> findings) {

  /**
   * A cutoff as read.
   *
   * @param percent its inclination
   * @param uncertaintyPercent ± of the inclination
   * @param height its height above the wall's foot, with what it was read to
   * @param reachMm where it meets a level road; empty where it does not fall
   */
  public record Reading(
      double percent, double uncertaintyPercent, Measured height, OptionalDouble reachMm) {

    public double heightMm() {
      return height.mm();
    }

    double tapeMm() {
      return height.plusMinusMm();
    }
  }

  public LampSheet {
    screws = List.copyOf(screws);
    findings = List.copyOf(findings);
  }
}

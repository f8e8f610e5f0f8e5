package mellow.core.workshop;

import java.util.List;
import java.util.Optional;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.sheet.TimedBattery;
import mellow.core.proof.PlanProof;

/**
 * What the work has to know of how a job's lamps are fed.
 *
 * @param planned empty while no plan was taken
 * @param proof what of it has to be proved
 * @param battery what was noted of the battery
 */
public record WiredFeed(
    Optional<PlannedFeed> planned, Optional<PlanProof> proof, List<TimedBattery> battery) {}

package mellow.core.workflow;

import java.time.Instant;
import java.util.Optional;
import mellow.core.vehicle.Side;

/**
 * That a step was done, or left out.
 *
 * @param stepId which
 * @param side of a step that is done once a side
 * @param skipped it was left out on purpose
 * @param reason why it was left out, or done though something was missing; else empty
 * @param without what was missing then, in words; else empty
 */
public record StepMark(
    String stepId,
    Optional<Side> side,
    boolean skipped,
    String reason,
    String without,
    String by,
    Instant at) {}

package mellow.core.aim.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.aim.AimEvent;
import mellow.core.aim.CutoffReadings;
import mellow.core.aim.LampPlace;

/**
 * What the readings around turns of one screw say about it.
 *
 * @param moves each turn that stands between two readings of its lamp
 * @param lastTurn the latest turn, clockwise positive; 0 where it was never turned
 */
record ScrewTrial(List<Move> moves, double lastTurn) {

  /**
   * One turn between two readings.
   *
   * @param turns clockwise positive, never 0
   * @param upPercent by how much the cutoff rose; empty where it was not read on both sides
   * @param leftPercent by how much the step went to the left; empty likewise
   * @param reversed the screw was turned the other way the time before
   */
  record Move(
      double turns, Optional<Double> upPercent, Optional<Double> leftPercent, boolean reversed) {}

  /** Collects the moves of one screw from what happened to its lamp. */
  static ScrewTrial of(String adjusterId, LampPlace lamp, List<AimEvent> events) {
    return new Collector(adjusterId, lamp).collect(events);
  }

  private static final class Collector {
    private final String adjusterId;
    private final LampPlace lamp;
    private final List<Move> moves = new ArrayList<>();
    private final Axis vertical = new Axis();
    private final Axis sideways = new Axis();
    private double pendingTurns;
    private double lastTurn;
    private double turnBefore;
    private boolean otherScrewTurned;
    private boolean mixedDirections;

    /** The readings of one axis before and after the turns that are pending. */
    private static final class Axis {
      private Optional<Double> before = Optional.empty();
      private Optional<Double> after = Optional.empty();

      Optional<Double> change() {
        return before.flatMap(from -> after.map(to -> to - from));
      }

      void settle() {
        before = after.isPresent() ? after : before;
        after = Optional.empty();
      }

      void forget() {
        before = Optional.empty();
        after = Optional.empty();
      }
    }

    Collector(String adjusterId, LampPlace lamp) {
      this.adjusterId = adjusterId;
      this.lamp = lamp;
    }

    ScrewTrial collect(List<AimEvent> events) {
      for (AimEvent event : events) {
        if (event.side() == lamp.side()) {
          take(event);
        }
      }
      close();
      return new ScrewTrial(List.copyOf(moves), lastTurn);
    }

    private void take(AimEvent event) {
      if (event instanceof AimEvent.CutoffRead read) {
        record(vertical, CutoffReadings.percent(read, lamp));
      } else if (event instanceof AimEvent.StepRead step) {
        record(sideways, lamp.percentOf(step.left().mm()));
      } else if (event instanceof AimEvent.Turned turned && turned.turns() != 0) {
        turn(turned);
      }
    }

    private void record(Axis axis, double percent) {
      if (pendingTurns == 0 && !otherScrewTurned) {
        axis.before = Optional.of(percent);
      } else {
        axis.after = Optional.of(percent);
      }
    }

    private void turn(AimEvent.Turned turned) {
      if (vertical.after.isPresent() || sideways.after.isPresent()) {
        close();
      }
      if (!turned.adjusterId().equals(adjusterId)) {
        otherScrewTurned = true;
        return;
      }
      if (pendingTurns == 0) {
        turnBefore = lastTurn;
      } else if (pendingTurns * turned.turns() < 0) {
        mixedDirections = true;
      }
      pendingTurns += turned.turns();
      lastTurn = turned.turns();
    }

    private void close() {
      boolean read = vertical.after.isPresent() || sideways.after.isPresent();
      if (pendingTurns != 0 && read && !otherScrewTurned && !mixedDirections) {
        moves.add(
            new Move(
                pendingTurns, vertical.change(), sideways.change(), turnBefore * pendingTurns < 0));
      }
      if (pendingTurns != 0 || otherScrewTurned) {
        keepOrForget(vertical);
        keepOrForget(sideways);
      }
      pendingTurns = 0;
      otherScrewTurned = false;
      mixedDirections = false;
    }

    /**
     * A reading from before a turn says nothing once the turn was made and not read on this axis.
     */
    private static void keepOrForget(Axis axis) {
      if (axis.after.isPresent()) {
        axis.settle();
      } else {
        axis.forget();
      }
    }
  }
}

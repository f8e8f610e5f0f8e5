package mellow.server.workshop;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.StateTable;
import mellow.core.circuit.StateTable.Lamps;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.proof.Isolation;
import mellow.core.vehicle.LampFunction;
import mellow.core.workflow.Plan;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.server.feed.Feeds.Wired;

/**
 * What the workshop has to know of the rest of a job.
 *
 * @param wired how lamps are fed; empty where nothing was kept
 * @param others how other stages stand
 */
record Around(TakeIn takeIn, Plan plan, Optional<Wired> wired, Map<Stage, StageStanding> others) {

  Optional<PlannedFeed> feed() {
    return wired.flatMap(Wired::planned);
  }

  /** The states of the plan, where something was wired. */
  Optional<StateTable> table() {
    return feed().map(PlannedFeed::table);
  }

  /** The functions that the vehicle has, as far as is known. */
  Set<LampFunction> fitted() {
    Set<LampFunction> fitted =
        EnumSet.of(
            LampFunction.DIPPED, LampFunction.MAIN, LampFunction.POSITION, LampFunction.TURN);
    takeIn.checks().stream()
        .filter(check -> check.state() != mellow.core.workflow.LampCheck.State.NOT_FITTED)
        .forEach(check -> fitted.add(check.function()));
    fitted.addAll(wanted());
    return fitted;
  }

  /** The functions that the work is about. */
  Set<LampFunction> wanted() {
    Set<LampFunction> wanted = EnumSet.noneOf(LampFunction.class);
    for (WorkKind kind : takeIn.kinds()) {
      switch (kind) {
        case FOG -> wanted.add(LampFunction.FRONT_FOG);
        case DRL -> wanted.add(LampFunction.DRL);
        case PODS -> wanted.add(LampFunction.DRIVING);
        case SWAP, RETROFIT, REPAIR, AIM -> {}
      }
    }
    // pods may be planned as fog lamps: what is wired counts
    feed()
        .filter(feed -> wanted.contains(LampFunction.DRIVING))
        .filter(feed -> lamps(feed).noneMatch(use -> use.function() == LampFunction.DRIVING))
        .ifPresent(feed -> wanted.remove(LampFunction.DRIVING));
    return wanted;
  }

  private static java.util.stream.Stream<Emitter.Use> lamps(PlannedFeed feed) {
    return feed.parts().stream()
        .map(PlannedPart::part)
        .filter(Emitter.class::isInstance)
        .map(part -> ((Emitter) part).use());
  }

  /** What gives the light of lamps. */
  Isolation.Light light(Lamps lamps) {
    return feed().stream()
        .flatMap(feed -> feed.parts().stream())
        .map(PlannedPart::part)
        .filter(Emitter.class::isInstance)
        .map(Emitter.class::cast)
        .filter(lamp -> lamp.use().function() == lamps.function())
        .findFirst()
        .map(Around::light)
        .orElse(Isolation.Light.UNKNOWN);
  }

  private static Isolation.Light light(Emitter lamp) {
    if (lamp instanceof Emitter.Bulb) {
      return Isolation.Light.FILAMENT;
    }
    return lamp instanceof Emitter.Discharge || lamp instanceof Emitter.Shutter
        ? Isolation.Light.DISCHARGE
        : Isolation.Light.LED;
  }

  boolean plans(Stage stage) {
    return plan.stages().stream().anyMatch(planned -> planned.stage() == stage);
  }

  /** What keeps a stage from being proved; empty where nothing does. */
  Optional<String> keeps(Stage stage) {
    StageStanding standing = others.get(stage);
    if (!plans(stage)) {
      return Optional.empty();
    }
    if (standing == null || !standing.begun()) {
      return Optional.of(stage.words() + " was not begun");
    }
    return standing.next().map(open -> stage.words() + ": " + plain(open));
  }

  private static String plain(StageStanding.Open open) {
    return open.headline().text(mellow.core.measure.UnitSystem.METRIC);
  }

  List<StageStanding> standings() {
    return List.copyOf(others.values());
  }
}

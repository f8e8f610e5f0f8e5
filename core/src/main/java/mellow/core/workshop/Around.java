package mellow.core.workshop;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mellow.core.circuit.Emitter;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.finding.Sentence;
import mellow.core.proof.Isolation;
import mellow.core.proof.Mended;
import mellow.core.proof.ProofLamp;
import mellow.core.proof.ProofList;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.LampCheck;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.ledger.HangsOn;
import mellow.core.workflow.ledger.Ledger;
import mellow.core.workflow.ledger.LedgerLine;
import mellow.core.workflow.schedule.Plan;

/**
 * What the workshop has to know of the rest of a job.
 *
 * @param wired how lamps are fed; empty where nothing was kept
 * @param dischargeByLens the lenses that it came with are approved for gas discharge
 * @param mended what a search for a fault ended with; empty where nothing was mended
 * @param others how other stages stand
 */
public record Around(
    TakeIn takeIn,
    Plan plan,
    Optional<WiredFeed> wired,
    boolean dischargeByLens,
    Optional<Mended> mended,
    Map<Stage, StageStanding> others) {

  public Optional<PlannedFeed> feed() {
    return wired.flatMap(WiredFeed::planned);
  }

  /**
   * What every road vehicle has at its front; proved unless somebody said that it is not fitted.
   */
  private static final Set<LampFunction> ALWAYS_FITTED =
      EnumSet.of(LampFunction.DIPPED, LampFunction.MAIN, LampFunction.POSITION, LampFunction.TURN);

  /** What has to be proved: what is wired, what works, and what was unplugged. */
  public ProofList proofs(Ledger ledger) {
    ProofList list = ProofList.of(wired.flatMap(WiredFeed::proof), own(ledger));
    return mended.map(list::after).orElse(list);
  }

  private Set<ProofLamp> own(Ledger ledger) {
    Set<ProofLamp> own = new TreeSet<>();
    for (LampFunction function : LampFunction.values()) {
      for (Side side : Side.values()) {
        if (has(function, side, ledger)) {
          own.add(ProofLamp.of(function, side));
        }
        if (besideNewOnes(function, side)) {
          own.add(ProofLamp.of(function, side).factory());
        }
      }
    }
    return own;
  }

  private boolean has(LampFunction function, Side side, Ledger ledger) {
    Optional<LampCheck.State> tried = tried(function, side);
    if (wanted().contains(function)) {
      return true;
    }
    return tried.isPresent()
        ? tried.get() != LampCheck.State.NOT_FITTED
        : ALWAYS_FITTED.contains(function) || isUnplugged(function, side, ledger);
  }

  private Optional<LampCheck.State> tried(LampFunction function, Side side) {
    return takeIn.checks().stream()
        .filter(check -> check.function() == function && check.side() == side)
        .map(LampCheck::state)
        .findFirst();
  }

  private static boolean isUnplugged(LampFunction function, Side side, Ledger ledger) {
    return ledger.lines().stream()
        .map(LedgerLine::row)
        .anyMatch(
            row ->
                HangsOn.named(row).contains(function) && row.side().map(side::equals).orElse(true));
  }

  /** New lamps beside those that the vehicle came with; a repair works on those. */
  private boolean besideNewOnes(LampFunction function, Side side) {
    return !takeIn.kinds().contains(WorkKind.REPAIR)
        && ADDED_TO.contains(function)
        && wanted().contains(function)
        && tried(function, side).filter(state -> state != LampCheck.State.NOT_FITTED).isPresent()
        && feed().stream()
            .flatMap(feed -> feed.parts().stream())
            .noneMatch(
                part ->
                    part.factory()
                        && part.part() instanceof Emitter lamp
                        && lamp.use().function() == function);
  }

  /** Functions of which a vehicle can get a second pair. */
  private static final Set<LampFunction> ADDED_TO =
      EnumSet.of(LampFunction.FRONT_FOG, LampFunction.DRIVING, LampFunction.DRL);

  /** The functions that the work is about. */
  Set<LampFunction> wanted() {
    Set<LampFunction> wanted = EnumSet.noneOf(LampFunction.class);
    for (WorkKind kind : takeIn.kinds()) {
      switch (kind) {
        case FOG -> wanted.add(LampFunction.FRONT_FOG);
        case DRL -> wanted.add(LampFunction.DRL);
        case PODS -> wanted.add(LampFunction.DRIVING);
        case SWAP, RETROFIT, REPAIR, REWIRE, AIM -> {}
      }
    }
    // pods may be planned as fog lamps: what is wired counts
    Set<LampFunction> wired = wiredAnew();
    if (wanted.contains(LampFunction.DRIVING)
        && !wired.isEmpty()
        && !wired.contains(LampFunction.DRIVING)) {
      wanted.remove(LampFunction.DRIVING);
      wanted.addAll(wired);
    }
    return wanted;
  }

  /** The functions of lamps that are new to the vehicle, as wanted and as wired. */
  public Set<LampFunction> newFunctions() {
    Set<LampFunction> functions = EnumSet.noneOf(LampFunction.class);
    functions.addAll(wanted());
    functions.addAll(wiredAnew());
    return functions;
  }

  /** The functions of the lamps that a plan adds. */
  private Set<LampFunction> wiredAnew() {
    return feed().stream()
        .flatMap(feed -> feed.parts().stream())
        .filter(part -> !part.factory() && part.part() instanceof Emitter)
        .map(part -> ((Emitter) part.part()).use().function())
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(LampFunction.class)));
  }

  /** What gives the light of lamps. */
  public Isolation.Light light(ProofLamp proved) {
    return feed().stream()
        .flatMap(feed -> feed.parts().stream())
        .map(PlannedPart::part)
        .filter(Emitter.class::isInstance)
        .map(Emitter.class::cast)
        .filter(lamp -> lamp.use().function() == proved.function())
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

  /** Whether a ballast strikes somewhere at this job: 20 kV and more. */
  public boolean hasDischarge() {
    return dischargeByLens
        || feed().stream()
            .flatMap(feed -> feed.parts().stream())
            .anyMatch(part -> part.part() instanceof Emitter.Discharge);
  }

  boolean plans(Stage stage) {
    return plan.stages().stream().anyMatch(planned -> planned.stage() == stage);
  }

  /** What keeps a stage from being proved; empty where nothing does. */
  Optional<Sentence> keeps(Stage stage) {
    StageStanding standing = others.get(stage);
    if (!plans(stage)) {
      return Optional.empty();
    }
    if (standing == null || !standing.begun()) {
      return Optional.of(WorkshopWords.notBegun(stage));
    }
    return standing.next().map(open -> WorkshopWords.stageOpen(stage, open.headline()));
  }

  List<StageStanding> standings() {
    return List.copyOf(others.values());
  }
}

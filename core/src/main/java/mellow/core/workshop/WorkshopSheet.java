package mellow.core.workshop;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.aim.lamp.BenchAim;
import mellow.core.aim.lamp.Roll;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.sheet.NotMirrored;
import mellow.core.feed.sheet.TimedBattery;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.proof.ProofLamp;
import mellow.core.proof.ProofSheet;
import mellow.core.record.WorkLog;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.retrofit.Fit;
import mellow.core.retrofit.HeatCheck;
import mellow.core.retrofit.Housing;
import mellow.core.retrofit.LensLadder;
import mellow.core.retrofit.Mount;
import mellow.core.retrofit.Projector;
import mellow.core.retrofit.RollWay;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Precondition;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Step;
import mellow.core.workflow.StepList;
import mellow.core.workflow.StepMark;
import mellow.core.workflow.StepReading;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.ledger.AccessMoved;
import mellow.core.workflow.ledger.Ledger;
import mellow.core.workflow.ledger.LedgerFindings;
import mellow.core.workflow.ledger.SecondSide;

/** All that follows from what was written down of a job and from what is around it. */
public final class WorkshopSheet implements StepList.Known {
  private static final Source BENCH = Source.commonPractice(WorkshopWords.srcBench());

  private final WorkLog log;
  private final Around around;
  private final Instant now;
  private final Ledger ledger;
  private final ProofSheet proof;
  private final Map<WorkChoice, WorkChoice.Answer> choices;

  public WorkshopSheet(WorkLog log, Around around, Instant now) {
    this.log = log;
    this.around = around;
    this.now = now;
    this.ledger = log.ledger();
    this.choices = log.choices();
    this.proof = ProofSheet.of(around.proofs(ledger), log.proofEvents());
  }

  public Ledger ledger() {
    return ledger;
  }

  public ProofSheet proof() {
    return proof;
  }

  Side firstSide() {
    return choices.get(WorkChoice.FIRST_SIDE) == WorkChoice.Answer.RIGHT ? Side.RIGHT : Side.LEFT;
  }

  public Housing housing() {
    return new Housing(
        log.measuredOf(
            Housing.Size.class,
            size ->
                switch (size) {
                  case BOWL_OPENING -> BenchField.BOWL_OPENING;
                  case BOWL_DEPTH -> BenchField.BOWL_DEPTH;
                  case BEHIND -> BenchField.BEHIND;
                  case HOLE -> BenchField.HOLE;
                  case CUT_TO -> BenchField.CUT_TO;
                }),
        choices.get(WorkChoice.SEAL) == WorkChoice.Answer.WELDED
            ? Housing.Seal.WELDED
            : Housing.Seal.GLUED);
  }

  public Projector projector() {
    return new Projector(
        log.measuredOf(
            Projector.Size.class,
            size ->
                switch (size) {
                  case LENS -> BenchField.LENS;
                  case SHROUD -> BenchField.SHROUD;
                  case FRONT -> BenchField.FRONT;
                  case BEHIND -> BenchField.BACK;
                  case THREAD -> BenchField.THREAD;
                }));
  }

  public Mount mount() {
    return Optional.ofNullable(choices.get(WorkChoice.MOUNT))
        .map(answer -> Mount.valueOf(answer.name()))
        .orElseGet(() -> Mount.advice(housing(), projector()).mount());
  }

  public RollWay rollWay() {
    return Optional.ofNullable(choices.get(WorkChoice.ROLL))
        .map(answer -> RollWay.valueOf(answer.name()))
        .orElseGet(() -> RollWay.usual(mount()));
  }

  boolean restoresLens() {
    return choices.get(WorkChoice.LENS) == WorkChoice.Answer.RESTORE;
  }

  public boolean resealsWithButyl() {
    return choices.get(WorkChoice.RESEAL) == WorkChoice.Answer.BUTYL;
  }

  boolean isLive() {
    return choices.get(WorkChoice.BATTERY) == WorkChoice.Answer.LIVE;
  }

  private Set<String> ways() {
    Set<String> ways = new HashSet<>(Set.of(mount().way(), rollWay().way()));
    ways.add(housing().seal() == Housing.Seal.GLUED ? "seal-glued" : "seal-welded");
    if (restoresLens()) {
      ways.add("restore-lens");
    }
    if (!isLive()) {
      ways.add("negative-off");
    }
    if (choices.get(WorkChoice.HOLE) != WorkChoice.Answer.NONE) {
      ways.add("drill");
    }
    if (around.takeIn().access() == TakeIn.Access.BUMPER_OFF) {
      ways.add("bumper-off");
    }
    return ways;
  }

  public StepList steps(Stage stage) {
    List<Step> planned =
        around.plan().stages().stream().flatMap(one -> one.steps().stream()).toList();
    return StepList.of(stage, planned, ways(), log.marks(), this, firstSide());
  }

  /** There is one battery, wherever it was written down. */
  public BatteryTimeline battery() {
    return TimedBattery.timeline(
        TimedBattery.joined(
            around.wired().map(WiredFeed::battery).orElse(List.of()), log.battery()));
  }

  @Override
  public boolean isRead(StepReading reading, Optional<Side> side) {
    return switch (reading) {
      case HEAT -> !log.warmed().isEmpty();
      case FLASH_RATE -> log.flashRates().size() == Side.values().length;
      case OVEN ->
          side.stream()
              .flatMap(of -> log.bakes(of).stream())
              .anyMatch(bake -> bake.purpose() == Bake.Purpose.OPEN);
      case LENS -> side.stream().anyMatch(of -> log.rungs(of).contains(LensLadder.POLISH));
      case ROLL ->
          side.flatMap(of -> flat(of, BenchField.NOW_LEFT, BenchField.NOW_RIGHT)).isPresent();
    };
  }

  /** What steps wait for and is not so. */
  @Override
  public Map<Precondition, Sentence> missing(Optional<Side> side) {
    Map<Precondition, Sentence> missing = new EnumMap<>(Precondition.class);
    BatteryTimeline battery = battery();
    if (!isLive() && battery.isLive()) {
      missing.put(Precondition.BATTERY_OFF, Sentence.term(Precondition.BATTERY_OFF));
    }
    if (!battery.isLive()) {
      missing.put(Precondition.LIVE, Sentence.term(Precondition.LIVE));
    }
    around.keeps(Stage.PLACE).ifPresent(why -> missing.put(Precondition.PLACE, why));
    around.keeps(Stage.PARTS).ifPresent(why -> missing.put(Precondition.PARTS, why));
    unlessSettled(fit()).ifPresent(why -> missing.put(Precondition.FIT, why));
    unlit().ifPresent(why -> missing.put(Precondition.LIT, why));
    heat().ifPresent(why -> missing.put(Precondition.HEAT, why));
    if (!proof.isProved()) {
      missing.put(Precondition.PROVED, Sentence.term(Precondition.PROVED));
    }
    if (!around.takeIn().reachableClosed()) {
      around
          .keeps(Stage.WALL)
          .ifPresent(
              why -> missing.put(Precondition.REACHABLE, Sentence.term(Precondition.REACHABLE)));
    }
    side.ifPresent(of -> missingOfSide(of, missing));
    return missing;
  }

  private void missingOfSide(Side side, Map<Precondition, Sentence> missing) {
    if (rollWay() == RollWay.ON_BENCH
        && flat(side, BenchField.FACTORY_LEFT, BenchField.FACTORY_RIGHT).isEmpty()) {
      missing.put(Precondition.FACTORY_CUTOFF, Sentence.term(Precondition.FACTORY_CUTOFF));
    }
    if (rollWay() == RollWay.ON_VEHICLE) {
      if (!log.isDone("bench.roll", Optional.of(side))) {
        missing.put(Precondition.BENCH_AIM, WorkshopWords.rollOnVehicle());
      }
    } else if (flat(side, BenchField.NOW_LEFT, BenchField.NOW_RIGHT).isEmpty()
        || aim(side).stream().anyMatch(WorkshopSheet::isOpen)) {
      missing.put(Precondition.BENCH_AIM, Sentence.term(Precondition.BENCH_AIM));
    }
    if (rollWay() == RollWay.ON_BENCH && !log.isDone("bench.recheck", Optional.of(side))) {
      missing.put(Precondition.RECHECKED, Sentence.term(Precondition.RECHECKED));
    }
    cure(side, BenchTimer.Adhesive.FAST_EPOXY)
        .ifPresent(why -> missing.put(Precondition.FAST_EPOXY, why));
    if (mount() == Mount.GLUED) {
      cure(side, BenchTimer.Adhesive.FULL_EPOXY)
          .ifPresent(why -> missing.put(Precondition.FULL_EPOXY, why));
    }
    closing(side).ifPresent(why -> missing.put(Precondition.SEALANT, why));
    curing(side).ifPresent(why -> missing.put(Precondition.CURES, why));
  }

  /** Whatever still cures at a lamp: glue, silicone, threadlocker. */
  private Optional<Sentence> curing(Side side) {
    return log.timers().stream()
        .filter(timed -> timed.side().isEmpty() || timed.side().get() == side)
        .map(WorkLog.Timed::timer)
        .filter(timer -> timer.kind() == BenchTimer.Kind.CURE)
        .filter(timer -> timer.state(now) == BenchTimer.State.RUNNING)
        .findFirst()
        .map(timer -> WorkshopWords.stillCures(timer.name()));
  }

  /** What closes the lens and has not cured: a cut flange is closed with epoxy, butyl holds. */
  private Optional<Sentence> closing(Side side) {
    if (housing().seal() == Housing.Seal.WELDED) {
      Instant closed =
          log.marks().stream()
              .filter(mark -> mark.stepId().equals("bench.weld") && !mark.skipped())
              .filter(mark -> mark.side().equals(Optional.of(side)))
              .map(StepMark::at)
              .reduce(Instant.EPOCH, (earlier, later) -> later);
      return cure(side, BenchTimer.Adhesive.FULL_EPOXY, closed);
    }
    return resealsWithButyl() ? Optional.empty() : cure(side, BenchTimer.Adhesive.SEALANT);
  }

  private Optional<Sentence> cure(Side side, BenchTimer.Adhesive adhesive) {
    return cure(side, adhesive, Instant.EPOCH);
  }

  /** What of an adhesive that was begun since then has not cured. */
  private Optional<Sentence> cure(Side side, BenchTimer.Adhesive adhesive, Instant since) {
    List<BenchTimer> cures =
        log.timers().stream()
            .filter(timed -> timed.side().isEmpty() || timed.side().get() == side)
            .map(WorkLog.Timed::timer)
            .filter(timer -> timer.adhesive().filter(adhesive::equals).isPresent())
            .filter(timer -> !timer.start().isBefore(since))
            .toList();
    if (cures.isEmpty()) {
      return Optional.of(WorkshopWords.notTimed(adhesive));
    }
    BenchTimer last = cures.get(cures.size() - 1);
    if (last.isThrough(now)) {
      return Optional.empty();
    }
    return Optional.of(
        last.state(now) == BenchTimer.State.RUNNING
            ? WorkshopWords.adhesiveCures(adhesive)
            : WorkshopWords.cureStopped(adhesive));
  }

  private Optional<Sentence> unlit() {
    List<Sentence> dark =
        around.wanted().stream()
            .flatMap(function -> Stream.of(Side.values()).map(side -> ProofLamp.of(function, side)))
            .filter(wanted -> !isSeenLit(wanted))
            .map(ProofLamp::words)
            .toList();
    return dark.isEmpty() ? Optional.empty() : Optional.of(WorkshopWords.notLit(dark));
  }

  private boolean isSeenLit(ProofLamp wanted) {
    return proof.cells().stream()
        .filter(cell -> cell.lamp().function() == wanted.function())
        .filter(cell -> cell.lamp().side() == wanted.side())
        .anyMatch(cell -> cell.expected() != LightLevel.OUT && cell.isProved());
  }

  private Optional<Sentence> heat() {
    boolean warm =
        Stream.of(WorkKind.DRL, WorkKind.PODS).anyMatch(around.takeIn().kinds()::contains);
    if (!warm) {
      return Optional.empty();
    }
    List<Finding> heats = heats();
    return heats.isEmpty() ? Optional.of(Sentence.term(Precondition.HEAT)) : unlessSettled(heats);
  }

  private static Optional<Sentence> unlessSettled(List<Finding> findings) {
    return findings.stream().filter(WorkshopSheet::isOpen).findFirst().map(Finding::headline);
  }

  private static boolean isOpen(Finding finding) {
    return finding.verdict() == Verdict.OUT || finding.verdict() == Verdict.NOT_KNOWN;
  }

  public List<Finding> fit() {
    return Fit.of(housing(), projector(), mount());
  }

  private Optional<BenchAim.Flat> flat(Side side, BenchField left, BenchField right) {
    var atLeft = log.reading(left, Optional.of(side));
    var atRight = log.reading(right, Optional.of(side));
    return atLeft.isPresent() && atRight.isPresent()
        ? Optional.of(new BenchAim.Flat(atLeft.get(), atRight.get()))
        : Optional.empty();
  }

  /** The aim of a lamp on the bench; empty while the bench is not measured. */
  public List<Finding> aim(Side side) {
    var distance = log.measured(BenchField.BENCH_DISTANCE);
    var run = log.measured(BenchField.RUN);
    if (distance.isEmpty() || run.isEmpty()) {
      return List.of(
          Finding.notKnown(
              FindingKey.of("bench.bench"),
              BENCH,
              WorkshopWords.benchUnknown(),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BENCH, WorkshopWords.measureBench())));
    }
    return BenchAim.of(
        side,
        new BenchAim.Bench(
            distance.getAsDouble(),
            run.getAsDouble(),
            mount() == Mount.GLUED ? Roll.Holding.GLUE : Roll.Holding.NUT),
        flat(side, BenchField.FACTORY_LEFT, BenchField.FACTORY_RIGHT),
        flat(side, BenchField.NOW_LEFT, BenchField.NOW_RIGHT));
  }

  List<Finding> heats() {
    return log.warmed().stream()
        .map(warmed -> HeatCheck.of(warmed.object(), warmed.readings()))
        .toList();
  }

  /** Everything that a stage comes to. */
  public List<Finding> findings(Stage stage) {
    List<Finding> findings = new ArrayList<>();
    switch (stage) {
      case APART -> {
        secondSide().ifPresent(findings::add);
        findings.addAll(LedgerFindings.unsorted(ledger));
      }
      case BENCH -> {
        findings.addAll(fit());
        if (rollWay() == RollWay.ON_BENCH) {
          Stream.of(Side.values())
              .flatMap(side -> aim(side).stream())
              .distinct()
              .forEach(findings::add);
        }
      }
      case PROVE -> {
        findings.addAll(proof.findings(around::light));
        log.flashRates().forEach(rate -> findings.add(rate.finding()));
        findings.addAll(heats());
      }
      case TOGETHER -> {
        findings.addAll(LedgerFindings.of(ledger, isClosed()));
        findings.addAll(
            AccessMoved.of(
                ledger,
                new AccessMoved.Around(
                    around.takeIn().kinds(),
                    around.plans(Stage.WALL),
                    proof.isProved(),
                    around.keeps(Stage.WALL).isEmpty())));
      }
      default -> throw new IllegalArgumentException("no stage of the workshop: " + stage);
    }
    findings.addAll(steps(stage).findings());
    return findings.stream()
        .sorted(java.util.Comparator.comparing(WorkshopSheet::gravity))
        .toList();
  }

  /** Whether somebody said that the front is closed, or everything tight. */
  boolean isClosed() {
    return Stream.of("together.close", "together.align")
        .anyMatch(step -> log.isDone(step, Optional.empty()));
  }

  private static int gravity(Finding finding) {
    return switch (finding.verdict()) {
      case OUT -> 0;
      case NOT_KNOWN -> 1;
      case AT_EDGE -> 2;
      case WITHIN -> 3;
    };
  }

  private Optional<Finding> secondSide() {
    return SecondSide.of(ledger)
        .map(
            second ->
                second.finding().withDetail(NotMirrored.words(around.feed().map(NotMirrored::of))));
  }
}

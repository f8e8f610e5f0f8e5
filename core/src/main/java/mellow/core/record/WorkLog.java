package mellow.core.record;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import mellow.core.entry.DurationEntry;
import mellow.core.entry.Entry;
import mellow.core.entry.LengthEntry;
import mellow.core.entry.TemperatureEntry;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.sheet.TimedBattery;
import mellow.core.finding.Sentence;
import mellow.core.measure.Measured;
import mellow.core.proof.FlashRate;
import mellow.core.proof.ProofEvent;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.retrofit.HeatCheck;
import mellow.core.retrofit.WarmingCurve;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StepMark;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.ledger.HangsOn;
import mellow.core.workflow.ledger.Ledger;
import mellow.core.workflow.ledger.LedgerEntry;
import mellow.core.workflow.ledger.LedgerProblem;
import mellow.core.workflow.ledger.LedgerRow;

/**
 * What was written down of the work at a job: the record, read as ledger, steps, timers, proofs.
 */
public final class WorkLog {
  /** The pages on which work is written down. */
  public static final List<Stage> STAGES =
      List.of(Stage.APART, Stage.BENCH, Stage.PROVE, Stage.TOGETHER);

  /** The stages of whose lines the minutes of work are told. */
  public static final List<Stage> TIMED =
      Stream.concat(Stream.of(Stage.FIND), STAGES.stream()).toList();

  /** The kinds of facts that are written down while working, and what undoes any of them. */
  public static final Set<FactKind> WORK = EnumSet.range(FactKind.TAKEN_OFF, FactKind.UNDONE);

  private static final Map<String, BatteryTimeline.What> BATTERY_STEPS =
      Map.of(
          "apart.negative", BatteryTimeline.What.NEGATIVE_OFF,
          "prove.power", BatteryTimeline.What.NEGATIVE_ON);

  private final JobRecord record;
  private final List<Line> all;
  private final List<Line> living;

  public WorkLog(JobRecord record) {
    this.record = record;
    this.all = record.lines().stream().filter(this::isOfWork).toList();
    this.living = record.living().stream().filter(this::isOfWork).toList();
  }

  /** Whether a line belongs to the work, and not to the readings or to a document. */
  private boolean isOfWork(Line line) {
    if (line.isUndoing()) {
      return line.strikes().flatMap(record::line).filter(this::isOfWork).isPresent();
    }
    return WORK.contains(line.fact().kind());
  }

  /** All lines of the work, those that were struck too. */
  public List<Line> all() {
    return all;
  }

  /** The lines of the work that count. */
  public List<Line> living() {
    return living;
  }

  /** The record that it is read from. */
  public JobRecord record() {
    return record;
  }

  /** Whether nothing was written down. */
  public boolean isEmpty() {
    return all.isEmpty();
  }

  /** Whether anything that counts was written down on the page of a stage. */
  public boolean isBegun(Stage stage) {
    return living.stream().anyMatch(line -> line.stage() == stage);
  }

  private <F extends Fact> List<F> facts(Class<F> type) {
    return living.stream().map(Line::fact).filter(type::isInstance).map(type::cast).toList();
  }

  /** What is off; a line was checked against it before it was kept. */
  public Ledger ledger() {
    List<LedgerEntry> entries = new ArrayList<>();
    for (Line line : living) {
      ledgerEntry(line.id(), line.fact()).ifPresent(entries::add);
    }
    try {
      return Ledger.of(entries);
    } catch (LedgerProblem problem) {
      throw new IllegalStateException("a ledger that was kept cannot be read", problem);
    }
  }

  /** A line of the ledger as it was written last. */
  public LedgerRow row(String id) {
    return facts(Fact.TakenOff.class).stream()
        .map(Fact.TakenOff::row)
        .filter(row -> row.id().equals(id))
        .reduce((earlier, later) -> later)
        .orElseThrow();
  }

  /** What a fact is to the ledger; empty where it is nothing to it. */
  public static Optional<LedgerEntry> ledgerEntry(String id, Fact fact) {
    if (fact instanceof Fact.TakenOff off) {
      return Optional.of(
          off.putsRight()
              ? new LedgerEntry.Changed(id, off.row())
              : new LedgerEntry.Out(off.row()));
    }
    return fact instanceof Fact.Moved moved
        ? Optional.of(new LedgerEntry.Moved(id, moved.row(), moved.move(), moved.count()))
        : Optional.empty();
  }

  /** The steps that were done or left out. */
  public List<StepMark> marks() {
    List<StepMark> marks = new ArrayList<>();
    for (Line line : living) {
      if (line.fact() instanceof Fact.StepDone step) {
        marks.add(
            new StepMark(
                step.step(),
                step.side(),
                step.skipped(),
                step.reason(),
                step.without(),
                line.by(),
                line.at()));
      }
    }
    return marks;
  }

  /** Whether a step was done, and not left out. */
  public boolean isDone(String step, Optional<Side> side) {
    return marks().stream()
        .anyMatch(
            mark -> mark.stepId().equals(step) && mark.side().equals(side) && !mark.skipped());
  }

  /** A timer, the side of the lamp that it is about (empty for both), and who started it. */
  public record Timed(BenchTimer timer, Optional<Side> side, String by) {}

  /** The timers that were started, stopped ones too. */
  public List<Timed> timers() {
    Map<String, Instant> stops = new LinkedHashMap<>();
    for (Line line : living) {
      if (line.fact() instanceof Fact.TimerStopped stopped) {
        stops.putIfAbsent(stopped.timer(), line.at());
      }
    }
    List<Timed> timers = new ArrayList<>();
    for (Line line : living) {
      Optional<Instant> stopped = Optional.ofNullable(stops.get(line.id()));
      if (line.fact() instanceof Fact.TimerStarted started) {
        timers.add(
            new Timed(
                new BenchTimer(
                    line.id(),
                    Sentence.typed(started.name()),
                    started.what(),
                    started.adhesive(),
                    line.at(),
                    time(started.time()),
                    stopped),
                started.side(),
                line.by()));
      } else if (line.fact() instanceof Fact.Baked baked) {
        timers.add(
            new Timed(
                new BenchTimer(
                    line.id(),
                    RecordWords.ovenTimer(baked.side(), baked.temperature()),
                    BenchTimer.Kind.BAKE,
                    Optional.empty(),
                    line.at(),
                    time(baked.time()),
                    stopped),
                Optional.of(baked.side()),
                line.by()));
      }
    }
    return timers;
  }

  /** The times in the oven of the lamp of a side. */
  public List<Bake> bakes(Side side) {
    return facts(Fact.Baked.class).stream()
        .filter(baked -> baked.side() == side)
        .map(
            baked ->
                new Bake(
                    baked.purpose(),
                    kept(TemperatureEntry.readCelsius(baked.temperature())),
                    time(baked.time()).toSeconds() / 60.0,
                    baked.notInside()))
        .toList();
  }

  /** What warmed, with its readings. */
  public record Heated(HeatCheck.Object object, List<WarmingCurve.At> readings) {}

  /** What warmed, by what it is called. */
  public List<Heated> warmed() {
    Map<String, List<Fact.Warmed>> by = new LinkedHashMap<>();
    facts(Fact.Warmed.class)
        .forEach(
            heat -> by.computeIfAbsent(heat.what().strip(), key -> new ArrayList<>()).add(heat));
    return by.entrySet().stream()
        .map(one -> new Heated(object(one.getKey(), one.getValue()), readings(one.getValue())))
        .toList();
  }

  private static HeatCheck.Object object(String what, List<Fact.Warmed> heats) {
    return new HeatCheck.Object(
        what.replace(' ', '-'),
        what,
        heats.stream()
            .flatMap(heat -> heat.limit().stream())
            .reduce((earlier, later) -> later)
            .map(limit -> kept(TemperatureEntry.readCelsius(limit))));
  }

  private static List<WarmingCurve.At> readings(List<Fact.Warmed> heats) {
    return heats.stream()
        .map(
            heat ->
                new WarmingCurve.At(
                    kept(sinceSwitchedOn(heat.after())).toSeconds() / 60.0,
                    kept(TemperatureEntry.readCelsius(heat.temperature()))))
        .toList();
  }

  /** A time since something was switched on; 0 is a time as well. */
  public static Entry<Duration> sinceSwitchedOn(String typed) {
    return typed.strip().matches("0+( ?(s|sec|m|min|minutes))?")
        ? new Entry.Accepted<>(typed, Duration.ZERO)
        : DurationEntry.read(typed);
  }

  /** Whether any lamp was tried. */
  public boolean hasProofs() {
    return !facts(Fact.LampsTried.class).isEmpty();
  }

  /** What was tried, and what was unplugged since. */
  public List<ProofEvent> proofEvents() {
    List<ProofEvent> events = new ArrayList<>();
    for (Line line : living) {
      if (line.fact() instanceof Fact.LampsTried tried) {
        events.add(tried.tried());
      } else if (line.fact() instanceof Fact.TakenOff off && !off.putsRight()) {
        LedgerRow row = row(line.id());
        Set<LampFunction> parted = HangsOn.parted(row);
        if (!parted.isEmpty()) {
          events.add(new ProofEvent.Unplugged(parted, row.side(), row.words()));
        }
      }
    }
    return events;
  }

  /** How fast turn signals flash, the latest count of each side. */
  public List<FlashRate> flashRates() {
    Map<Side, FlashRate> rates = new EnumMap<>(Side.class);
    facts(Fact.FlashesCounted.class)
        .forEach(
            counted ->
                rates.put(
                    counted.side(),
                    new FlashRate(
                        counted.side(),
                        counted.flashes(),
                        time(counted.time()).toMillis() / 1000.0)));
    return List.copyOf(rates.values());
  }

  /** What was done to the battery here, in the order of time. */
  public List<TimedBattery> battery() {
    List<TimedBattery> events = new ArrayList<>();
    for (Line line : living) {
      if (line.fact() instanceof Fact.BatteryChanged battery) {
        events.add(new TimedBattery(line.at(), battery.what(), "", line.by()));
      } else if (line.fact() instanceof Fact.StepDone step
          && !step.skipped()
          && BATTERY_STEPS.containsKey(step.step())) {
        events.add(new TimedBattery(line.at(), BATTERY_STEPS.get(step.step()), "", line.by()));
      }
    }
    return events;
  }

  /** The rungs of the lens ladder that are done, of the lens of a side. */
  public List<Integer> rungs(Side side) {
    return facts(Fact.Sanded.class).stream()
        .filter(sanded -> sanded.side() == side)
        .map(Fact.Sanded::grit)
        .toList();
  }

  /** When the last rung was done; empty while none was. */
  public Optional<Instant> lensDone() {
    return living.stream()
        .filter(line -> line.fact() instanceof Fact.Sanded sanded && sanded.grit() == 0)
        .map(Line::at)
        .reduce((earlier, later) -> later);
  }

  /** A measurement of the bench with what it was read to; the last one counts. */
  public Optional<Measured> reading(BenchField field, Optional<Side> side) {
    return facts(Fact.BenchMeasured.class).stream()
        .filter(one -> one.field() == field && one.side().equals(side))
        .reduce((earlier, later) -> later)
        .map(one -> kept(LengthEntry.measured(one.typed(), one.units())));
  }

  /** The same, in mm. */
  public OptionalDouble measured(BenchField field, Optional<Side> side) {
    return reading(field, side).stream().mapToDouble(Measured::mm).findFirst();
  }

  /** Of what has no side, in mm. */
  public OptionalDouble measured(BenchField field) {
    return measured(field, Optional.empty());
  }

  /** Of several things each, in mm, where it was measured. */
  public <E extends Enum<E>> Map<E, Double> measuredOf(
      Class<E> things, Function<E, BenchField> field) {
    Map<E, Double> mm = new EnumMap<>(things);
    for (E thing : things.getEnumConstants()) {
      measured(field.apply(thing)).ifPresent(read -> mm.put(thing, read));
    }
    return mm;
  }

  /** The ways of working that were chosen. */
  public Map<WorkChoice, WorkChoice.Answer> choices() {
    Map<WorkChoice, WorkChoice.Answer> choices = new EnumMap<>(WorkChoice.class);
    facts(Fact.Chosen.class).forEach(chosen -> choices.put(chosen.which(), chosen.answer()));
    return choices;
  }

  private static Duration time(String typed) {
    return kept(DurationEntry.read(typed));
  }

  /** What was typed once, and could be read then. */
  private static <T> T kept(Entry<T> entry) {
    if (entry instanceof Entry.Accepted<T> accepted) {
      return accepted.value();
    }
    throw new IllegalStateException("what was kept cannot be read: " + entry);
  }
}

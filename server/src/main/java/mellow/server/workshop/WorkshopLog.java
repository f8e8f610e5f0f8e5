package mellow.server.workshop;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
import mellow.core.finding.Sentence;
import mellow.core.measure.Measured;
import mellow.core.proof.FlashRate;
import mellow.core.proof.ProofEvent;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.HeatCheck;
import mellow.core.retrofit.WarmingCurve;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.StepMark;
import mellow.core.workflow.ledger.HangsOn;
import mellow.core.workflow.ledger.Ledger;
import mellow.core.workflow.ledger.LedgerEntry;
import mellow.core.workflow.ledger.LedgerProblem;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.server.feed.TimedBattery;
import mellow.server.platform.Refusal;
import mellow.server.workshop.EntryEdit.BakeEdit;
import mellow.server.workshop.EntryEdit.ChoiceEdit;
import mellow.server.workshop.EntryEdit.HeatEdit;
import mellow.server.workshop.EntryEdit.LensEdit;
import mellow.server.workshop.EntryEdit.MeasureEdit;
import mellow.server.workshop.EntryEdit.StopEdit;
import mellow.server.workshop.EntryEdit.TimerEdit;

/** What was written down of a job, read as the core's own things. */
final class WorkshopLog {
  private final List<KeptEntry> all;
  private final List<KeptEntry> living;

  WorkshopLog(List<KeptEntry> all) {
    this.all = List.copyOf(all);
    this.living = all.stream().filter(KeptEntry::isLiving).toList();
  }

  List<KeptEntry> all() {
    return all;
  }

  List<KeptEntry> living() {
    return living;
  }

  private <T> Stream<T> parts(Function<EntryEdit, T> part) {
    return living.stream().map(entry -> part.apply(entry.edit())).filter(Objects::nonNull);
  }

  /** What is off; an entry was checked against it before it was kept. */
  Ledger ledger() {
    List<LedgerEntry> entries = new ArrayList<>();
    for (KeptEntry entry : living) {
      ledgerEntry(entry.id(), entry.edit()).ifPresent(entries::add);
    }
    try {
      return Ledger.of(entries);
    } catch (LedgerProblem problem) {
      throw new IllegalStateException("a ledger that was kept cannot be read", problem);
    }
  }

  /** A line as it was written last. */
  EntryEdit.OutEdit row(String line) {
    return living.stream()
        .filter(
            entry ->
                entry.edit().out() != null
                    && (entry.id().equals(line) || line.equals(entry.edit().out().changes())))
        .map(entry -> Objects.requireNonNull(entry.edit().out()))
        .reduce((earlier, later) -> later)
        .orElseThrow()
        .withChanges(null);
  }

  static Optional<LedgerEntry> ledgerEntry(String id, EntryEdit edit) {
    EntryEdit.OutEdit out = edit.out();
    if (out != null) {
      return Optional.of(
          out.changes() == null
              ? new LedgerEntry.Out(out.core(id))
              : new LedgerEntry.Changed(id, out.core(out.changes())));
    }
    EntryEdit.MoveEdit move = edit.move();
    return move == null
        ? Optional.empty()
        : Optional.of(new LedgerEntry.Moved(id, move.row(), move.move(), move.count()));
  }

  List<StepMark> marks() {
    List<StepMark> marks = new ArrayList<>();
    for (KeptEntry entry : living) {
      EntryEdit.StepEdit step = entry.edit().step();
      if (step != null) {
        marks.add(
            new StepMark(
                step.step(),
                Optional.ofNullable(step.side()),
                step.skipped(),
                step.reason().strip(),
                step.without() == null ? "" : step.without(),
                entry.by(),
                entry.at()));
      }
    }
    return marks;
  }

  boolean isDone(String step, Optional<Side> side) {
    return marks().stream()
        .anyMatch(
            mark -> mark.stepId().equals(step) && mark.side().equals(side) && !mark.skipped());
  }

  /** A timer, the side of the lamp that it is about (empty for both), and who started it. */
  record Timed(BenchTimer timer, Optional<Side> side, String by) {}

  List<Timed> timers() {
    Map<String, Instant> stops = new LinkedHashMap<>();
    for (KeptEntry entry : living) {
      StopEdit stop = entry.edit().stop();
      if (stop != null) {
        stops.putIfAbsent(stop.timer(), entry.at());
      }
    }
    List<Timed> timers = new ArrayList<>();
    for (KeptEntry entry : living) {
      TimerEdit timer = entry.edit().timer();
      BakeEdit bake = entry.edit().bake();
      Optional<Instant> stopped = Optional.ofNullable(stops.get(entry.id()));
      if (timer != null) {
        timers.add(
            new Timed(
                new BenchTimer(
                    entry.id(),
                    Sentence.typed(timer.name()),
                    timer.kind(),
                    Optional.ofNullable(timer.adhesive()),
                    entry.at(),
                    time(timer.time()),
                    stopped),
                Optional.ofNullable(timer.side()),
                entry.by()));
      } else if (bake != null) {
        timers.add(
            new Timed(
                new BenchTimer(
                    entry.id(),
                    WorkshopWords.ovenTimer(bake.side(), bake.temperature()),
                    BenchTimer.Kind.BAKE,
                    Optional.empty(),
                    entry.at(),
                    time(bake.time()),
                    stopped),
                Optional.of(bake.side()),
                entry.by()));
      }
    }
    return timers;
  }

  /** The times in the oven of the lamp of a side. */
  List<Bake> bakes(Side side) {
    return parts(EntryEdit::bake)
        .filter(bake -> bake.side() == side)
        .map(WorkshopLog::bake)
        .toList();
  }

  static Bake bake(BakeEdit edit) {
    return new Bake(
        edit.purpose(),
        celsius("temperature", edit.temperature()),
        time(edit.time()).toSeconds() / 60.0,
        edit.notInside());
  }

  /** What warmed, with its readings. */
  record Warmed(HeatCheck.Object object, List<WarmingCurve.At> readings) {}

  List<Warmed> warmed() {
    Map<String, List<HeatEdit>> by = new LinkedHashMap<>();
    parts(EntryEdit::heat)
        .forEach(
            heat -> by.computeIfAbsent(heat.what().strip(), key -> new ArrayList<>()).add(heat));
    return by.entrySet().stream()
        .map(one -> new Warmed(object(one.getKey(), one.getValue()), readings(one.getValue())))
        .toList();
  }

  private static HeatCheck.Object object(String what, List<HeatEdit> heats) {
    return new HeatCheck.Object(
        what.replace(' ', '-'),
        what,
        heats.stream()
            .map(HeatEdit::limit)
            .filter(limit -> limit != null && !limit.isBlank())
            .reduce((earlier, later) -> later)
            .map(limit -> celsius("limit", limit)));
  }

  private static List<WarmingCurve.At> readings(List<HeatEdit> heats) {
    return heats.stream()
        .map(
            heat ->
                new WarmingCurve.At(
                    minutes(heat.after()), celsius("temperature", heat.temperature())))
        .toList();
  }

  /** Since it was switched on; 0 is a time as well. */
  static double minutes(String typed) {
    return typed.strip().matches("0+( ?(s|sec|m|min|minutes))?")
        ? 0
        : taken("after", DurationEntry.read(typed)).toSeconds() / 60.0;
  }

  boolean hasProofs() {
    return living.stream().anyMatch(entry -> entry.edit().proof() != null);
  }

  /** What was tried, and what was unplugged since. */
  List<ProofEvent> proofEvents() {
    List<ProofEvent> events = new ArrayList<>();
    for (KeptEntry entry : living) {
      EntryEdit edit = entry.edit();
      if (edit.proof() != null) {
        events.add(edit.proof().core());
      } else if (edit.out() != null && edit.out().changes() == null) {
        LedgerRow row = row(entry.id()).core(entry.id());
        Set<LampFunction> parted = HangsOn.parted(row);
        if (!parted.isEmpty()) {
          events.add(new ProofEvent.Unplugged(parted, row.side(), row.words()));
        }
      }
    }
    return events;
  }

  /** How fast turn signals flash, the latest count of each side. */
  List<FlashRate> flashRates() {
    Map<Side, FlashRate> rates = new EnumMap<>(Side.class);
    parts(EntryEdit::flash)
        .forEach(
            flash ->
                rates.put(
                    flash.side(),
                    new FlashRate(flash.side(), flash.flashes(), seconds(flash.time()))));
    return List.copyOf(rates.values());
  }

  static double seconds(String typed) {
    return time(typed).toMillis() / 1000.0;
  }

  private static final Map<String, BatteryTimeline.What> BATTERY_STEPS =
      Map.of(
          "apart.negative", BatteryTimeline.What.NEGATIVE_OFF,
          "prove.power", BatteryTimeline.What.NEGATIVE_ON);

  /** What was done to the battery here, in the order of time. */
  List<TimedBattery> battery() {
    List<TimedBattery> events = new ArrayList<>();
    for (KeptEntry entry : living) {
      EntryEdit.StepEdit step = entry.edit().step();
      if (entry.edit().battery() != null) {
        events.add(new TimedBattery(entry.at(), entry.edit().battery().what(), "", entry.by()));
      } else if (step != null && !step.skipped() && BATTERY_STEPS.containsKey(step.step())) {
        events.add(new TimedBattery(entry.at(), BATTERY_STEPS.get(step.step()), "", entry.by()));
      }
    }
    return events;
  }

  /** The rungs of the lens ladder that are done, of the lens of a side. */
  List<Integer> rungs(Side side) {
    return parts(EntryEdit::lens).filter(lens -> lens.side() == side).map(LensEdit::grit).toList();
  }

  /** When the last rung was done; empty while none was. */
  Optional<Instant> lensDone() {
    return living.stream()
        .filter(entry -> entry.edit().lens() != null && entry.edit().lens().grit() == 0)
        .map(KeptEntry::at)
        .reduce((earlier, later) -> later);
  }

  /** A measurement of the bench, in mm; the last one counts. */
  OptionalDouble measured(BenchField field, Optional<Side> side) {
    return reading(field, side).stream().mapToDouble(Measured::mm).findFirst();
  }

  /** The same with what it was read to. */
  Optional<Measured> reading(BenchField field, Optional<Side> side) {
    return parts(EntryEdit::measure)
        .filter(one -> one.field() == field && Optional.ofNullable(one.side()).equals(side))
        .reduce((earlier, later) -> later)
        .map(WorkshopLog::length);
  }

  OptionalDouble measured(BenchField field) {
    return measured(field, Optional.empty());
  }

  /** Of several things each, in mm, where it was measured. */
  <E extends Enum<E>> Map<E, Double> measuredOf(Class<E> things, Function<E, BenchField> field) {
    Map<E, Double> mm = new EnumMap<>(things);
    for (E thing : things.getEnumConstants()) {
      measured(field.apply(thing)).ifPresent(read -> mm.put(thing, read));
    }
    return mm;
  }

  Map<WorkChoice, String> choices() {
    Map<WorkChoice, String> choices = new EnumMap<>(WorkChoice.class);
    parts(EntryEdit::choice)
        .forEach((ChoiceEdit choice) -> choices.put(choice.which(), choice.value()));
    return choices;
  }

  static double mm(MeasureEdit edit) {
    return length(edit).mm();
  }

  private static Measured length(MeasureEdit edit) {
    return taken("typed", LengthEntry.measured(edit.typed(), edit.units()));
  }

  static Duration time(String typed) {
    return taken("time", DurationEntry.read(typed));
  }

  static double celsius(String field, String typed) {
    return taken(field, TemperatureEntry.readCelsius(typed));
  }

  private static <T> T taken(String field, Entry<T> entry) {
    if (entry instanceof Entry.Accepted<T> accepted) {
      return accepted.value();
    }
    Entry.Refused<T> refused = (Entry.Refused<T>) entry;
    throw Refusal.unreadable(field, refused);
  }
}

package mellow.server.logbook;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.entry.Entry;
import mellow.core.logbook.Logbook;
import mellow.core.logbook.Reading;
import mellow.core.logbook.ReadingEntry;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.record.Fact;
import mellow.core.record.JobRecord;
import mellow.core.record.Line;
import mellow.core.vehicle.LampKind;
import mellow.core.workflow.Stage;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Draft;
import mellow.server.record.Owner;
import mellow.server.record.Records;
import mellow.server.record.Waited;
import mellow.server.wire.FigureView;
import mellow.server.wire.Spoken;
import org.springframework.stereotype.Service;

/** Keeps readings and hands them out. */
@Service
public class Logbooks {
  private final Records records;

  Logbooks(Records records) {
    this.records = records;
  }

  /** Keeps a reading where readings may always be added. */
  public boolean keep(Acting acting, Owner owner, String id, ReadingEdit edit) {
    return keep(acting, owner, id, edit, () -> {});
  }

  /**
   * Keeps a reading. The same request again changes nothing and gives the same answer.
   *
   * @param mayBeAdded refuses where nothing may be added any more
   * @return whether it was added now
   */
  public boolean keep(
      Acting acting, Owner owner, String id, ReadingEdit edit, Runnable mayBeAdded) {
    Fact.Read read = read(owner, edit);
    Stage stage = read.what().isOfTheWall() ? Stage.WALL : Stage.CAME;
    return keep(
        acting,
        owner,
        new Draft(
            id,
            stage,
            read,
            Optional.ofNullable(edit.strikes()),
            Waited.made(acting, edit.waitedMs())),
        mayBeAdded);
  }

  /** Takes a reading back where readings may always be. */
  public boolean undo(Acting acting, Owner owner, String id, UndoneEdit edit) {
    return undo(acting, owner, id, edit, () -> {});
  }

  /**
   * Takes a reading back. The same request again changes nothing.
   *
   * @param mayBeUndone refuses where nothing may change any more
   * @return whether it was taken back now
   */
  public boolean undo(
      Acting acting, Owner owner, String id, UndoneEdit edit, Runnable mayBeUndone) {
    Line struck = records.readingOf(owner, edit.strikes());
    Draft draft =
        new Draft(
            id,
            struck.stage(),
            new Fact.Undone(),
            Optional.of(struck.id()),
            Waited.made(acting, edit.waitedMs()));
    return keep(acting, owner, draft, mayBeUndone);
  }

  private boolean keep(Acting acting, Owner owner, Draft draft, Runnable mayBeAdded) {
    return records.keep(
        acting,
        owner,
        draft,
        checked -> {
          mayBeAdded.run();
          return checked;
        });
  }

  private static Fact.Read read(Owner owner, ReadingEdit edit) {
    ReadingKind kind = edit.kind();
    if (kind.isOfBay() != owner instanceof Owner.OfBay) {
      throw Refusal.unprocessable("kind", LogbookWords.readOf(kind, kind.isOfBay()));
    }
    if (kind.needs(ReadingKind.Needs.SIDE) != (edit.side() != null)) {
      throw Refusal.unprocessable("side", LogbookWords.ofSide(kind, edit.side() == null));
    }
    if (kind.needs(ReadingKind.Needs.ADJUSTER) != (edit.adjusterId() != null)) {
      throw Refusal.unprocessable(
          "adjusterId", LogbookWords.ofScrew(kind, edit.adjusterId() == null));
    }
    return new Fact.Read(
        kind,
        edit.lamp() == null ? LampKind.DIPPED : edit.lamp(),
        Optional.ofNullable(edit.side()),
        Optional.ofNullable(edit.adjusterId()),
        edit.typed(),
        edit.units(),
        value(kind, edit.typed(), edit.units()).value());
  }

  /** What was typed, or a refusal that says where and why not. */
  public static ReadingEntry.Value value(ReadingKind kind, String typed, UnitSystem units) {
    Entry<ReadingEntry.Value> entry = ReadingEntry.read(kind, typed, units);
    if (entry instanceof Entry.Accepted<ReadingEntry.Value> accepted) {
      return accepted.value();
    }
    Entry.Refused<ReadingEntry.Value> refused = (Entry.Refused<ReadingEntry.Value>) entry;
    throw Refusal.unreadable("typed", refused)
        .with("wouldBeRight", Spoken.text(refused.wouldBeRight(), units));
  }

  /** All readings of a job, struck ones too, in the order in which they were taken. */
  public List<ReadingView> ofJob(String jobId) {
    return views(records.readOfJobs(List.of(jobId)).getOrDefault(jobId, JobRecord.EMPTY));
  }

  /** All readings of a bay, struck ones too, in the order in which they were taken. */
  public List<ReadingView> ofBay(String bayId) {
    return views(records.readOfBays(List.of(bayId)).getOrDefault(bayId, JobRecord.EMPTY));
  }

  /** The readings that count, by job. */
  public Map<String, Logbook> livingOfJobs(Collection<String> jobIds) {
    return living(records.readOfJobs(jobIds));
  }

  /** The readings that count, by bay. */
  public Map<String, Logbook> livingOfBays(Collection<String> bayIds) {
    return living(records.readOfBays(bayIds));
  }

  /** The readings that count among those of one page. */
  public static Logbook living(List<ReadingView> views) {
    return new Logbook(
        views.stream()
            .filter(view -> view.struckBy() == null)
            .map(
                view ->
                    new Reading(
                        view.kind(),
                        view.value().value(),
                        view.plusMinus(),
                        view.lamp(),
                        Optional.ofNullable(view.side()),
                        Optional.ofNullable(view.adjusterId())))
            .toList());
  }

  private static Map<String, Logbook> living(Map<String, JobRecord> read) {
    Map<String, Logbook> logs = new LinkedHashMap<>();
    read.forEach((id, record) -> logs.put(id, living(record)));
    return logs;
  }

  private static Logbook living(JobRecord record) {
    return new Logbook(
        record
            .facts(Fact.Read.class)
            .map(
                read ->
                    new Reading(
                        read.what(),
                        read.value(),
                        ReadingEntry.plusMinus(read.what(), read.typed(), read.units()),
                        read.lamp(),
                        read.side(),
                        read.screw()))
            .toList());
  }

  private static List<ReadingView> views(JobRecord record) {
    return record.lines().stream()
        .filter(line -> line.fact() instanceof Fact.Read)
        .map(line -> view(line, record))
        .toList();
  }

  private static ReadingView view(Line line, JobRecord record) {
    Fact.Read read = (Fact.Read) line.fact();
    return new ReadingView(
        line.id(),
        line.number(),
        read.what(),
        Spoken.term(read.what()),
        read.lamp(),
        read.side().orElse(null),
        read.screw().orElse(null),
        read.typed(),
        read.units(),
        FigureView.of(ReadingEntry.figure(read.what(), read.value())),
        ReadingEntry.plusMinus(read.what(), read.typed(), read.units()),
        line.strikes().orElse(null),
        record.striker(line.id()).map(Line::id).orElse(null),
        record
            .striker(line.id())
            .filter(Line::isUndoing)
            .map(ReadingView.UndoneView::of)
            .orElse(null),
        line.by(),
        line.at());
  }
}

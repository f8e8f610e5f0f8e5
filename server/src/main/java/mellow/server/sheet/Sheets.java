package mellow.server.sheet;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import mellow.core.record.Fact;
import mellow.core.record.JobDocument;
import mellow.core.record.LastChange;
import mellow.core.record.Line;
import mellow.server.db.tables.records.SheetRecord;
import mellow.server.platform.Acting;
import mellow.server.platform.EarlierMoment;
import mellow.server.platform.Edits;
import mellow.server.platform.Refusal;
import mellow.server.record.Draft;
import mellow.server.record.Records;
import org.springframework.stereotype.Service;

/**
 * Keeps the stages' documents; whoever keeps one holds the job's row first. Each is a record of the
 * feature that owns the stage; what it holds is checked there, before and after.
 */
@Service
public class Sheets {
  private final SheetStore store;
  private final Records records;
  private final DocumentFormat documents;

  Sheets(SheetStore store, Records records, DocumentFormat documents) {
    this.store = store;
    this.records = records;
    this.documents = documents;
  }

  /** The document of a stage, as the job's record has it last; empty while none was kept. */
  public <T> Optional<Kept<T>> of(Acting acting, String jobId, JobDocument kind, Class<T> type) {
    return records.held(acting, jobId, kind).map(line -> kept(line, type));
  }

  private <T> Kept<T> kept(Line line, Class<T> type) {
    Fact.Revised revised = (Fact.Revised) line.fact();
    return new Kept<>(revised.version(), documents.content(revised, type), line.by(), line.at());
  }

  /** The documents of some jobs, by job; a job without one is left out. */
  public <T> Map<String, T> ofJobs(
      Acting acting, Collection<String> jobIds, JobDocument kind, Class<T> type) {
    return byJob(rows(acting, jobIds, kind), type);
  }

  /** The versions that hold, or held at the moment that the request looks back at. */
  private List<SheetRecord> rows(Acting acting, Collection<String> jobIds, JobDocument kind) {
    return EarlierMoment.asked()
        .map(
            moment ->
                records.heldThen(acting, jobIds, kind, moment).entrySet().stream()
                    .map(held -> row(acting, held.getKey(), held.getValue()))
                    .toList())
        .orElseGet(() -> store.ofJobs(acting.shopId(), jobIds, kind));
  }

  private static SheetRecord row(Acting acting, String jobId, Line line) {
    Fact.Revised revised = (Fact.Revised) line.fact();
    SheetRecord row = new SheetRecord();
    row.setJobId(jobId);
    row.setStage(revised.document().name());
    row.setShopId(acting.shopId());
    row.setVersion(revised.version());
    row.setShape((short) revised.shape());
    row.setContent(revised.content());
    row.setChangedBy(line.by());
    row.setChangedAt(LocalDateTime.ofInstant(line.at(), ZoneOffset.UTC));
    return row;
  }

  /** The documents that were changed last, by job, as they stood at the moment asked for. */
  public <T> Map<String, T> recent(Acting acting, JobDocument kind, Class<T> type, int limit) {
    List<SheetRecord> last = store.recent(acting.shopId(), kind, limit);
    return byJob(
        EarlierMoment.asked().isEmpty()
            ? last
            : rows(acting, last.stream().map(SheetRecord::getJobId).toList(), kind),
        type);
  }

  private <T> Map<String, T> byJob(List<SheetRecord> rows, Class<T> type) {
    return rows.stream()
        .collect(Collectors.toMap(SheetRecord::getJobId, row -> content(row, type)));
  }

  /**
   * Keeps a document made on the version that it names. One that brings back what held before the
   * last change undoes that change.
   *
   * @param mayChange refuses where nothing may change any more; not asked for a repeated request
   * @param stale the refusal where somebody else changed it meanwhile
   * @return whether it was changed; a repeated request changes nothing
   */
  public <T extends Record> boolean keep(
      Acting acting,
      String jobId,
      Revision<T> revision,
      Runnable mayChange,
      Supplier<Refusal> stale) {
    String person = acting.personOrRefuse();
    JobDocument kind = revision.document();
    int version = revision.version();
    Optional<SheetRecord> there = store.of(acting.shopId(), jobId, kind);
    SheetRecord row = new SheetRecord();
    row.setJobId(jobId);
    row.setStage(kind.name());
    row.setShopId(acting.shopId());
    row.setVersion(version + 1);
    row.setShape((short) documents.newest(kind));
    row.setContent(documents.written(revision.content()));
    row.setChangedBy(person);
    row.setChangedAt(acting.moment());
    Edits what =
        Edits.of(
            there.map(SheetRecord::getVersion),
            version,
            there.map(one -> one.getContent().equals(row.getContent())).orElse(false));
    if (what != Edits.REPEAT) {
      mayChange.run();
    }
    what.carryOut(() -> store.add(row), () -> store.replace(row, version), stale);
    if (what == Edits.REPEAT) {
      return false;
    }
    revised(acting, kind, row, undone(acting, jobId, revision));
    return true;
  }

  /** The record keeps every version; the table repeats the last one for lists of many jobs. */
  private void revised(Acting acting, JobDocument kind, SheetRecord row, Optional<String> undone) {
    records.note(
        acting,
        row.getJobId(),
        new Draft(
            Records.idOf(row.getJobId(), kind + " " + row.getVersion()),
            kind.stage(),
            new Fact.Revised(kind, row.getVersion(), row.getShape(), row.getContent()),
            undone,
            acting.storedAt()));
  }

  /** The line of the change that is undone by this one. */
  private <T extends Record> Optional<String> undone(
      Acting acting, String jobId, Revision<T> revision) {
    return records
        .lastChange(acting, jobId, revision.document())
        .filter(last -> revision.content().equals(before(last, revision.before())))
        .map(last -> last.line().id());
  }

  /**
   * What a document held before a change of it.
   *
   * @param first what it held before anybody kept one
   */
  @SuppressWarnings("unchecked")
  public <T extends Record> T before(LastChange change, T first) {
    return change
        .before()
        .map(revised -> documents.content(revised, (Class<T>) first.getClass()))
        .orElse(first);
  }

  private <T> T content(SheetRecord row, Class<T> type) {
    return documents.read(
        JobDocument.valueOf(row.getStage()), row.getShape(), row.getContent(), type);
  }
}

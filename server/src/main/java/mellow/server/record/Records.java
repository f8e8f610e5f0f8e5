package mellow.server.record;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import mellow.core.record.Fact;
import mellow.core.record.FactKind;
import mellow.core.record.JobDocument;
import mellow.core.record.JobRecord;
import mellow.core.record.LastChange;
import mellow.core.record.Line;
import mellow.core.record.WorkLog;
import mellow.core.workflow.Stage;
import mellow.server.platform.Acting;
import mellow.server.platform.EarlierMoment;
import mellow.server.platform.Moments;
import mellow.server.platform.Refusal;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps lines, and hands records out. */
@Service
public class Records implements Moments {
  private static final Set<FactKind> OF_READINGS = EnumSet.of(FactKind.READ, FactKind.UNDONE);

  /** So many versions of a stage's documents are looked at for what can be undone. */
  private static final int UNDONE_AT_MOST = 60;

  private final FactStore store;
  private final KnownLines known;

  Records(FactStore store, KnownLines known) {
    this.store = store;
    this.known = known;
  }

  /**
   * Keeps a line. The same request again changes nothing: it is the same where it says the same of
   * the same job, whatever was noted beside it and however long it waited.
   *
   * @param checked refuses what may not be added now, and notes beside it what has to be noted; not
   *     asked for a line that was kept already
   * @return whether it was added now
   */
  @Transactional
  public boolean keep(Acting acting, Owner owner, Draft draft, UnaryOperator<Draft> checked) {
    store.hold(owner);
    Optional<FactStore.Owned> there = store.byId(acting.shopId(), draft.id());
    if (there.isPresent()) {
      refuseUnlessSame(there.get(), owner, draft);
      return false;
    }
    draft.strikes().ifPresent(struck -> refuseUnlessStrikable(acting, owner, draft, struck));
    Draft noted = checked.apply(draft);
    try {
      store.add(acting.shopId(), owner, noted, acting.personOrRefuse(), acting.device());
      return true;
    } catch (DuplicateKeyException e) {
      return duplicate(acting, owner, draft, e);
    }
  }

  /** Two requests at once: either this very line was just kept, or its target just struck. */
  private boolean duplicate(Acting acting, Owner owner, Draft draft, DuplicateKeyException cause) {
    Optional<FactStore.Owned> same = store.byId(acting.shopId(), draft.id());
    if (same.isPresent()) {
      refuseUnlessSame(same.get(), owner, draft);
      return false;
    }
    draft.strikes().ifPresent(this::refuseIfStruck);
    throw cause;
  }

  private static void refuseUnlessSame(FactStore.Owned there, Owner owner, Draft draft) {
    if (!there.owner().equals(owner) || !draft.isSame(there.line())) {
      throw Refusal.conflict("id", RecordWords.otherLine());
    }
  }

  /** A line is struck once, by what stands instead of it or takes it back; that stays. */
  private void refuseUnlessStrikable(Acting acting, Owner owner, Draft draft, String struck) {
    Line line =
        store
            .byId(acting.shopId(), struck)
            .filter(one -> one.owner().equals(owner))
            .orElseThrow(() -> Refusal.notFound(RecordWords.noLine()))
            .line();
    if (line.isUndoing()) {
      throw Refusal.unprocessable("strikes", RecordWords.enterAgain());
    }
    if (draft.fact() instanceof Fact.Read read
        && !(line.fact() instanceof Fact.Read earlier && read.isOfTheSame(earlier))) {
      throw Refusal.unprocessable("strikes", RecordWords.sameThing());
    }
    refuseIfStruck(struck);
  }

  private void refuseIfStruck(String id) {
    store
        .strikerOf(id)
        .map(FactStore.Owned::line)
        .ifPresent(
            striker -> {
              throw Refusal.conflict(
                      "strikes",
                      striker.fact() instanceof Fact.Read read
                          ? RecordWords.changedTo(striker.by(), read.typed())
                          : RecordWords.undoneAlready())
                  .with("changedBy", striker.by())
                  .with("current", LineView.of(striker, Optional.empty()));
            });
  }

  /** Keeps a line of what was settled and checked elsewhere, under an id that its name gives. */
  @Transactional
  public void note(Acting acting, String jobId, Stage stage, Fact fact, String name) {
    note(
        acting,
        jobId,
        new Draft(idOf(jobId, name), stage, fact, Optional.empty(), acting.storedAt()));
  }

  /** The same of what was made at another time, or undoes an earlier line. */
  @Transactional
  public void note(Acting acting, String jobId, Draft draft) {
    keep(acting, new Owner.OfJob(jobId), draft, UnaryOperator.identity());
  }

  /** The id of the line of what has a name of its own in a job. */
  public static String idOf(String jobId, String name) {
    return UUID.nameUUIDFromBytes((jobId + " " + name).getBytes(StandardCharsets.UTF_8)).toString();
  }

  /** What is written down of the work at some jobs, by job; a job without a line is left out. */
  public Map<String, JobRecord> ofWork(Collection<String> jobIds) {
    return records(jobIds, Owner.OfJob::new, WorkLog.WORK);
  }

  /** What was read of some jobs, by job; a job without a line is left out. */
  public Map<String, JobRecord> readOfJobs(Collection<String> jobIds) {
    return records(jobIds, Owner.OfJob::new, OF_READINGS);
  }

  /** What was read of some bays, by bay; a bay without a line is left out. */
  public Map<String, JobRecord> readOfBays(Collection<String> bayIds) {
    return records(bayIds, Owner.OfBay::new, OF_READINGS);
  }

  /** A reading of a job or bay, or a refusal where there is none. */
  public Line readingOf(Owner owner, String id) {
    return records(List.of(owner.id()), of -> owner, OF_READINGS)
        .getOrDefault(owner.id(), JobRecord.EMPTY)
        .line(id)
        .orElseThrow(() -> Refusal.notFound(RecordWords.noLine()));
  }

  private Map<String, JobRecord> records(
      Collection<String> ids, Function<String, Owner> owner, Set<FactKind> kinds) {
    Map<String, JobRecord> records = new LinkedHashMap<>();
    known
        .of(ids.stream().map(owner).toList())
        .forEach(
            (of, lines) -> {
              List<Line> wanted =
                  lines.stream().filter(line -> kinds.contains(line.fact().kind())).toList();
              if (!wanted.isEmpty()) {
                records.put(of.id(), new JobRecord(wanted));
              }
            });
    return records;
  }

  /** All lines of a job, up to the moment that the request sees. */
  public JobRecord whole(String jobId) {
    long last = EarlierMoment.lastLine().orElse(Long.MAX_VALUE);
    return new JobRecord(
        store.ofJob(jobId).stream()
            .map(FactStore.Owned::line)
            .filter(line -> line.number() <= last)
            .toList());
  }

  /** The version of a document that held at a moment, by job; a job without one is left out. */
  public Map<String, Line> heldThen(
      Acting acting, Collection<String> jobIds, JobDocument document, EarlierMoment moment) {
    Map<String, Line> held = new LinkedHashMap<>();
    store
        .versions(acting.shopId(), jobIds, document)
        .forEach(
            (jobId, versions) ->
                versions.stream()
                    .filter(line -> line.number() <= moment.line())
                    .reduce((earlier, later) -> later)
                    .ifPresent(line -> held.put(jobId, line)));
    return held;
  }

  /** The version of a document that holds, up to the moment that the request sees. */
  public Optional<Line> held(Acting acting, String jobId, JobDocument document) {
    long last = EarlierMoment.lastLine().orElse(Long.MAX_VALUE);
    return store.lastVersions(acting.shopId(), jobId, document, last, 1).stream().findFirst();
  }

  /** The change of a document that is undone next; empty where none is near enough. */
  public Optional<LastChange> lastChange(Acting acting, String jobId, JobDocument document) {
    return LastChange.of(
        store.lastVersions(acting.shopId(), jobId, document, Long.MAX_VALUE, UNDONE_AT_MOST));
  }

  /**
   * How some jobs were set up at a moment. Of a job that is older than its record the first version
   * that is known.
   */
  public Map<String, Line> settingsThen(
      Acting acting, Collection<String> jobIds, EarlierMoment moment) {
    Map<String, Line> settings = new LinkedHashMap<>();
    store
        .versions(acting.shopId(), jobIds, JobDocument.SETTINGS)
        .forEach((jobId, versions) -> settings.put(jobId, versions.get(0)));
    settings.putAll(heldThen(acting, jobIds, JobDocument.SETTINGS, moment));
    return settings;
  }

  @Override
  public Instant upTo(String shopId, long line) {
    return store.latestUpTo(numberedOrRefuse(shopId, line).owner(), line).toInstant(ZoneOffset.UTC);
  }

  private FactStore.Owned numberedOrRefuse(String shopId, long number) {
    return store
        .byNumber(shopId, number)
        .orElseThrow(() -> Refusal.notFound(RecordWords.noLineOfNumber()));
  }

  /** The lines of a job that were kept after one of them, in words. */
  public List<LineView> after(Acting acting, String jobId, long number) {
    long last = EarlierMoment.lastLine().orElse(Long.MAX_VALUE);
    List<Line> fresh =
        store.ofJobAfter(acting.shopId(), jobId, number).stream()
            .map(FactStore.Owned::line)
            .filter(line -> line.number() <= last)
            .toList();
    if (fresh.isEmpty()) {
      return List.of();
    }
    JobRecord record = whole(jobId);
    return fresh.stream()
        .map(line -> LineView.of(line, record.striker(line.id()).map(Line::id), record))
        .toList();
  }

  /** A line by its number, in words, or a refusal where the shop has none of it. */
  LineView numbered(Acting acting, long number) {
    FactStore.Owned one = numberedOrRefuse(acting.shopId(), number);
    JobRecord around =
        one.owner() instanceof Owner.OfJob
            ? whole(one.owner().id())
            : new JobRecord(List.of(one.line()));
    return LineView.of(one.line(), around.striker(one.line().id()).map(Line::id), around);
  }

  /** The open jobs in which a timer was started since a moment. */
  public List<String> timedSince(Acting acting, LocalDateTime since) {
    return store.openJobsWith(acting.shopId(), EnumSet.of(FactKind.TIMER, FactKind.BAKED), since);
  }
}

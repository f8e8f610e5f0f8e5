package mellow.server.logbook;

import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import mellow.core.entry.Entry;
import mellow.core.logbook.Logbook;
import mellow.core.logbook.Reading;
import mellow.core.logbook.ReadingEntry;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.server.db.tables.records.ReadingRecord;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.wire.FigureView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** Keeps readings and hands them out. */
@Service
public class Logbooks {
  private final ReadingStore store;

  Logbooks(ReadingStore store) {
    this.store = store;
  }

  /** What a reading belongs to. */
  public sealed interface Owner {
    String id();

    record OfJob(String id) implements Owner {}

    record OfBay(String id) implements Owner {}
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
    ReadingRecord wanted = record(acting, owner, id, edit);
    Optional<ReadingRecord> there = store.byId(acting.shopId(), id);
    if (there.isPresent()) {
      return repeated(there.get(), wanted);
    }
    mayBeAdded.run();
    if (edit.strikes() != null) {
      checkStruck(acting, wanted, edit.strikes());
    }
    try {
      store.add(wanted);
      return true;
    } catch (DuplicateKeyException e) {
      return duplicate(acting, wanted, e);
    }
  }

  /** Two requests at once: either this very reading was just stored, or its target just struck. */
  private boolean duplicate(Acting acting, ReadingRecord wanted, DuplicateKeyException cause) {
    Optional<ReadingRecord> same = store.byId(acting.shopId(), wanted.getId());
    if (same.isPresent()) {
      return repeated(same.get(), wanted);
    }
    if (wanted.getStrikes() != null) {
      refuseIfStruck(wanted.getStrikes());
    }
    throw cause;
  }

  private static boolean repeated(ReadingRecord there, ReadingRecord wanted) {
    boolean same =
        Objects.equals(there.getJobId(), wanted.getJobId())
            && Objects.equals(there.getBayId(), wanted.getBayId())
            && there.getKind().equals(wanted.getKind())
            && there.getLamp().equals(wanted.getLamp())
            && Objects.equals(there.getSide(), wanted.getSide())
            && Objects.equals(there.getAdjusterId(), wanted.getAdjusterId())
            && there.getTyped().equals(wanted.getTyped())
            && there.getUnits().equals(wanted.getUnits())
            && Objects.equals(there.getStrikes(), wanted.getStrikes());
    if (!same) {
      throw Refusal.conflict("id", LogbookWords.otherReading());
    }
    return false;
  }

  private void checkStruck(Acting acting, ReadingRecord wanted, String strikes) {
    ReadingRecord struck =
        store
            .byId(acting.shopId(), strikes)
            .filter(
                reading ->
                    Objects.equals(reading.getJobId(), wanted.getJobId())
                        && Objects.equals(reading.getBayId(), wanted.getBayId()))
            .orElseThrow(() -> Refusal.notFound(LogbookWords.noReading()));
    boolean sameThing =
        struck.getKind().equals(wanted.getKind())
            && struck.getLamp().equals(wanted.getLamp())
            && Objects.equals(struck.getSide(), wanted.getSide())
            && Objects.equals(struck.getAdjusterId(), wanted.getAdjusterId());
    if (!sameThing) {
      throw Refusal.unprocessable("strikes", LogbookWords.sameThing());
    }
    refuseIfStruck(strikes);
  }

  private void refuseIfStruck(String strikes) {
    store
        .strikerOf(strikes)
        .ifPresent(
            striker -> {
              throw Refusal.conflict(
                      "strikes", LogbookWords.changedTo(striker.getTakenBy(), striker.getTyped()))
                  .with("changedBy", striker.getTakenBy())
                  .with("current", view(striker, null));
            });
  }

  private ReadingRecord record(Acting acting, Owner owner, String id, ReadingEdit edit) {
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
    ReadingRecord record = new ReadingRecord();
    record.setId(id);
    record.setShopId(acting.shopId());
    record.setJobId(owner instanceof Owner.OfJob ? owner.id() : null);
    record.setBayId(owner instanceof Owner.OfBay ? owner.id() : null);
    record.setKind(kind.name());
    record.setLamp((edit.lamp() == null ? LampKind.DIPPED : edit.lamp()).name());
    record.setSide(edit.side() == null ? null : edit.side().name());
    record.setAdjusterId(edit.adjusterId());
    record.setTyped(edit.typed());
    record.setUnits(edit.units().name());
    record.setValue(value(kind, edit.typed(), edit.units()).value());
    record.setStrikes(edit.strikes());
    record.setTakenBy(acting.personOrRefuse());
    record.setTakenAt(acting.moment());
    record.changed(mellow.server.db.Tables.READING.SEQ, false);
    return record;
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
    return views(store.ofJobs(List.of(jobId)));
  }

  /** All readings of a bay, struck ones too, in the order in which they were taken. */
  public List<ReadingView> ofBay(String bayId) {
    return views(store.ofBays(List.of(bayId)));
  }

  /** The readings that count, by job. */
  public Map<String, Logbook> livingOfJobs(Collection<String> jobIds) {
    return living(store.ofJobs(jobIds), ReadingRecord::getJobId);
  }

  /** The readings that count, by bay. */
  public Map<String, Logbook> livingOfBays(Collection<String> bayIds) {
    return living(store.ofBays(bayIds), ReadingRecord::getBayId);
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

  private static Map<String, Logbook> living(
      List<ReadingRecord> records, java.util.function.Function<ReadingRecord, String> owner) {
    return records.stream()
        .collect(
            Collectors.groupingBy(
                owner,
                Collectors.collectingAndThen(Collectors.toList(), list -> living(views(list)))));
  }

  private static List<ReadingView> views(List<ReadingRecord> records) {
    Map<String, String> strikers =
        records.stream()
            .filter(record -> record.getStrikes() != null)
            .collect(Collectors.toMap(ReadingRecord::getStrikes, ReadingRecord::getId));
    return records.stream().map(record -> view(record, strikers.get(record.getId()))).toList();
  }

  private static ReadingView view(ReadingRecord record, @Nullable String struckBy) {
    ReadingKind kind = ReadingKind.valueOf(record.getKind());
    double value = record.getValue();
    UnitSystem units = UnitSystem.valueOf(record.getUnits());
    return new ReadingView(
        record.getId(),
        kind,
        Spoken.term(kind),
        LampKind.valueOf(record.getLamp()),
        record.getSide() == null ? null : Side.valueOf(record.getSide()),
        record.getAdjusterId(),
        record.getTyped(),
        units,
        FigureView.of(ReadingEntry.figure(kind, value)),
        ReadingEntry.plusMinus(kind, record.getTyped(), units),
        record.getStrikes(),
        struckBy,
        record.getTakenBy(),
        record.getTakenAt().toInstant(ZoneOffset.UTC));
  }
}

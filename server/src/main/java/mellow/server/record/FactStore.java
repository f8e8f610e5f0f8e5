package mellow.server.record;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static mellow.server.db.Tables.BAY;
import static mellow.server.db.Tables.FACT;
import static mellow.server.db.Tables.JOB;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.formats.FactFormat;
import mellow.core.record.FactKind;
import mellow.core.record.JobDocument;
import mellow.core.record.Line;
import mellow.core.workflow.Stage;
import mellow.server.db.tables.records.FactRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The table of facts; rows are only ever added. */
@Repository
class FactStore {
  private final DSLContext sql;

  FactStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A line and what it belongs to. */
  record Owned(Owner owner, Line line) {}

  void add(String shopId, Owner owner, Draft draft, String by, String device) {
    FactFormat.Stored stored = FactFormat.write(draft.fact());
    FactRecord row = new FactRecord();
    row.setId(draft.id());
    row.setShopId(shopId);
    row.setJobId(owner instanceof Owner.OfJob ? owner.id() : null);
    row.setBayId(owner instanceof Owner.OfBay ? owner.id() : null);
    row.setStage(draft.stage().name());
    row.setKind(stored.kind());
    row.setShape((short) stored.shape());
    row.setContent(stored.content());
    row.setStrikes(draft.strikes().orElse(null));
    row.setKeptBy(by);
    row.setDevice(device);
    row.setMadeAt(LocalDateTime.ofInstant(draft.at(), ZoneOffset.UTC));
    row.changed(FACT.SEQ, false);
    sql.insertInto(FACT).set(row).execute();
  }

  Optional<Owned> byId(String shopId, String id) {
    return sql.selectFrom(FACT)
        .where(FACT.ID.eq(id), FACT.SHOP_ID.eq(shopId))
        .fetchOptional(FactStore::owned);
  }

  Optional<Owned> byNumber(String shopId, long number) {
    return sql.selectFrom(FACT)
        .where(FACT.SEQ.eq(number), FACT.SHOP_ID.eq(shopId))
        .fetchOptional(FactStore::owned);
  }

  Optional<Owned> strikerOf(String id) {
    return sql.selectFrom(FACT).where(FACT.STRIKES.eq(id)).fetchOptional(FactStore::owned);
  }

  /** Holds a job or bay until the transaction ends: its lines are kept one after the other. */
  void hold(Owner owner) {
    if (owner instanceof Owner.OfJob) {
      sql.select(JOB.ID).from(JOB).where(JOB.ID.eq(owner.id())).forUpdate().fetch();
    } else {
      sql.select(BAY.ID).from(BAY).where(BAY.ID.eq(owner.id())).forUpdate().fetch();
    }
  }

  /** All lines of a job, in the order in which they were kept. */
  List<Owned> ofJob(String jobId) {
    return inOrder(FACT.JOB_ID.eq(jobId));
  }

  /** Lines of each that were kept after a number, in the order in which they were kept. */
  List<Owned> after(Map<Owner, Long> numbers, Set<FactKind> kinds) {
    Condition behind = DSL.noCondition();
    for (Map.Entry<Owner, Long> one : numbers.entrySet()) {
      behind = behind.or(of(one.getKey()).eq(one.getKey().id()).and(FACT.SEQ.gt(one.getValue())));
    }
    return numbers.isEmpty() ? List.of() : inOrder(behind.and(isOf(kinds)));
  }

  /** Lines of a job that were kept after one of them. */
  List<Owned> ofJobAfter(String shopId, String jobId, long number) {
    return inOrder(FACT.SHOP_ID.eq(shopId).and(FACT.JOB_ID.eq(jobId)).and(FACT.SEQ.gt(number)));
  }

  /** The latest moment of an owner's lines up to one of them. */
  LocalDateTime latestUpTo(Owner owner, long number) {
    return sql.select(DSL.max(FACT.MADE_AT))
        .from(FACT)
        .where(of(owner).eq(owner.id()), FACT.SEQ.le(number))
        .fetchSingle(Record1::value1);
  }

  private static Field<String> of(Owner owner) {
    return owner instanceof Owner.OfJob ? FACT.JOB_ID : FACT.BAY_ID;
  }

  /** All versions of a document, by job. */
  Map<String, List<Line>> versions(String shopId, Collection<String> jobIds, JobDocument document) {
    return inOrder(revises(shopId, jobIds, document)).stream()
        .collect(groupingBy(one -> one.owner().id(), mapping(Owned::line, toList())));
  }

  /** The last versions of a document up to a line, in the order in which they were kept. */
  List<Line> lastVersions(String shopId, String jobId, JobDocument document, long upTo, int most) {
    List<Line> last =
        new ArrayList<>(
            sql.selectFrom(FACT)
                .where(revises(shopId, List.of(jobId), document), FACT.SEQ.le(upTo))
                .orderBy(FACT.SEQ.desc())
                .limit(most)
                .fetch(row -> owned(row).line()));
    Collections.reverse(last);
    return last;
  }

  private static Condition revises(String shopId, Collection<String> jobIds, JobDocument document) {
    return FACT.JOB_ID
        .in(jobIds)
        .and(FACT.DOCUMENT.eq(document.name()))
        .and(FACT.SHOP_ID.eq(shopId));
  }

  /** The open jobs of a shop of which such a fact was made since a moment. */
  List<String> openJobsWith(String shopId, Set<FactKind> kinds, LocalDateTime since) {
    return sql.selectDistinct(FACT.JOB_ID)
        .from(FACT)
        .join(JOB)
        .on(JOB.ID.eq(FACT.JOB_ID))
        .where(FACT.SHOP_ID.eq(shopId), isOf(kinds), FACT.MADE_AT.ge(since), JOB.CLOSED_AT.isNull())
        .fetch(FACT.JOB_ID);
  }

  /** The number of a line, and what it belongs to. */
  record Fresh(long number, String shopId, Owner owner) {}

  /** The last lines of all jobs and bays. */
  List<Fresh> end(int most) {
    return sql.select(FACT.SEQ, FACT.SHOP_ID, FACT.JOB_ID, FACT.BAY_ID)
        .from(FACT)
        .orderBy(FACT.SEQ.desc())
        .limit(most)
        .fetch(row -> fresh(row.value1(), row.value2(), row.value3(), row.value4()));
  }

  /** The lines of all jobs and bays after a number. */
  List<Fresh> after(long number) {
    return sql.select(FACT.SEQ, FACT.SHOP_ID, FACT.JOB_ID, FACT.BAY_ID)
        .from(FACT)
        .where(FACT.SEQ.gt(number))
        .orderBy(FACT.SEQ)
        .fetch(row -> fresh(row.value1(), row.value2(), row.value3(), row.value4()));
  }

  private static Fresh fresh(
      long number, String shopId, @Nullable String jobId, @Nullable String bayId) {
    return new Fresh(number, shopId, owner(jobId, bayId));
  }

  private static Owner owner(@Nullable String jobId, @Nullable String bayId) {
    return jobId == null ? new Owner.OfBay(Objects.requireNonNull(bayId)) : new Owner.OfJob(jobId);
  }

  private static Condition isOf(Set<FactKind> kinds) {
    return FACT.KIND.in(kinds.stream().map(FactKind::code).collect(Collectors.toSet()));
  }

  private List<Owned> inOrder(Condition condition) {
    return sql.selectFrom(FACT).where(condition).orderBy(FACT.SEQ).fetch(FactStore::owned);
  }

  private static Owned owned(FactRecord row) {
    return new Owned(
        owner(row.getJobId(), row.getBayId()),
        new Line(
            row.getId(),
            row.getSeq(),
            Stage.valueOf(row.getStage()),
            FactFormat.read(
                row.getId(),
                new FactFormat.Stored(row.getKind(), row.getShape(), row.getContent())),
            Optional.ofNullable(row.getStrikes()),
            row.getKeptBy(),
            row.getDevice(),
            row.getMadeAt().toInstant(ZoneOffset.UTC)));
  }
}

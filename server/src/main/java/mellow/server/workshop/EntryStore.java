package mellow.server.workshop;

import static mellow.server.db.Tables.JOB;
import static mellow.server.db.Tables.WORKSHOP_ENTRY;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.WorkshopEntryRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The table of entries; rows are only ever added. */
@Repository
class EntryStore {
  private static final Condition STARTS_TIMER =
      DSL.condition(
          "json_type(json_extract({0}, '$.timer')) = 'OBJECT'"
              + " or json_type(json_extract({0}, '$.bake')) = 'OBJECT'",
          WORKSHOP_ENTRY.CONTENT);

  private final DSLContext sql;

  EntryStore(DSLContext sql) {
    this.sql = sql;
  }

  void add(WorkshopEntryRecord row) {
    sql.insertInto(WORKSHOP_ENTRY).set(row).execute();
  }

  Optional<WorkshopEntryRecord> byId(String shopId, String id) {
    return sql.selectFrom(WORKSHOP_ENTRY)
        .where(WORKSHOP_ENTRY.ID.eq(id), WORKSHOP_ENTRY.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  /** The open jobs of a shop in which a timer was started since a moment. */
  List<String> timedSince(String shopId, LocalDateTime since) {
    return sql.selectDistinct(WORKSHOP_ENTRY.JOB_ID)
        .from(WORKSHOP_ENTRY)
        .join(JOB)
        .on(JOB.ID.eq(WORKSHOP_ENTRY.JOB_ID))
        .where(
            WORKSHOP_ENTRY.SHOP_ID.eq(shopId),
            WORKSHOP_ENTRY.MADE_AT.ge(since),
            JOB.CLOSED_AT.isNull(),
            STARTS_TIMER)
        .fetch(WORKSHOP_ENTRY.JOB_ID);
  }

  /** The entries of some jobs, in the order in which they were made. */
  List<WorkshopEntryRecord> ofJobs(Collection<String> jobIds) {
    return sql.selectFrom(WORKSHOP_ENTRY)
        .where(WORKSHOP_ENTRY.JOB_ID.in(jobIds))
        .orderBy(WORKSHOP_ENTRY.SEQ)
        .fetch();
  }
}

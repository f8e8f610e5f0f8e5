package mellow.server.workshop;

import static mellow.server.db.Tables.WORKSHOP_ENTRY;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.WorkshopEntryRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The table of entries; rows are only ever added. */
@Repository
class EntryStore {
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

  /** The entries of some jobs, in the order in which they were made. */
  List<WorkshopEntryRecord> ofJobs(Collection<String> jobIds) {
    return sql.selectFrom(WORKSHOP_ENTRY)
        .where(WORKSHOP_ENTRY.JOB_ID.in(jobIds))
        .orderBy(WORKSHOP_ENTRY.SEQ)
        .fetch();
  }
}

package mellow.server.logbook;

import static mellow.server.db.Tables.READING;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.ReadingRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The table of readings; rows are only ever added. */
@Repository
class ReadingStore {
  private final DSLContext sql;

  ReadingStore(DSLContext sql) {
    this.sql = sql;
  }

  void add(ReadingRecord reading) {
    sql.insertInto(READING).set(reading).execute();
  }

  Optional<ReadingRecord> byId(String shopId, String id) {
    return sql.selectFrom(READING)
        .where(READING.ID.eq(id), READING.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  Optional<ReadingRecord> strikerOf(String id) {
    return sql.selectFrom(READING).where(READING.STRIKES.eq(id)).fetchOptional();
  }

  List<ReadingRecord> ofJobs(Collection<String> jobIds) {
    return inOrder(READING.JOB_ID.in(jobIds));
  }

  List<ReadingRecord> ofBays(Collection<String> bayIds) {
    return inOrder(READING.BAY_ID.in(bayIds));
  }

  private List<ReadingRecord> inOrder(Condition condition) {
    return sql.selectFrom(READING).where(condition).orderBy(READING.SEQ).fetch();
  }
}

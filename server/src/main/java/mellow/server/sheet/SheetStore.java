package mellow.server.sheet;

import static mellow.server.db.Tables.SHEET;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellow.core.record.JobDocument;
import mellow.server.db.tables.records.SheetRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The table of the stages' documents. */
@Repository
class SheetStore {
  private final DSLContext sql;

  SheetStore(DSLContext sql) {
    this.sql = sql;
  }

  Optional<SheetRecord> of(String shopId, String jobId, JobDocument kind) {
    return sql.selectFrom(SHEET)
        .where(SHEET.JOB_ID.eq(jobId), SHEET.STAGE.eq(kind.name()), SHEET.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  List<SheetRecord> ofJobs(String shopId, Collection<String> jobIds, JobDocument kind) {
    return sql.selectFrom(SHEET)
        .where(SHEET.JOB_ID.in(jobIds), SHEET.STAGE.eq(kind.name()), SHEET.SHOP_ID.eq(shopId))
        .fetch();
  }

  List<SheetRecord> recent(String shopId, JobDocument kind, int limit) {
    return sql.selectFrom(SHEET)
        .where(SHEET.SHOP_ID.eq(shopId), SHEET.STAGE.eq(kind.name()))
        .orderBy(SHEET.CHANGED_AT.desc())
        .limit(limit)
        .fetch();
  }

  void add(SheetRecord row) {
    sql.insertInto(SHEET).set(row).execute();
  }

  /** Writes the row where it still has the given version; whether it had. */
  boolean replace(SheetRecord row, int version) {
    return sql.update(SHEET)
            .set(row)
            .where(
                SHEET.JOB_ID.eq(row.getJobId()),
                SHEET.STAGE.eq(row.getStage()),
                SHEET.VERSION.eq(version))
            .execute()
        == 1;
  }
}

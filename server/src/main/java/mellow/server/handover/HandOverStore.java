package mellow.server.handover;

import static mellow.server.db.Tables.AMENDMENT;
import static mellow.server.db.Tables.COMEBACK;
import static mellow.server.db.Tables.HAND_OVER;

import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.AmendmentRecord;
import mellow.server.db.tables.records.ComebackRecord;
import mellow.server.db.tables.records.HandOverRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The tables of jobs that were handed over, of corrections beside them, and of comebacks. */
@Repository
class HandOverStore {
  private final DSLContext sql;

  HandOverStore(DSLContext sql) {
    this.sql = sql;
  }

  void add(HandOverRecord row) {
    sql.insertInto(HAND_OVER).set(row).execute();
  }

  Optional<HandOverRecord> of(String shopId, String jobId) {
    return sql.selectFrom(HAND_OVER)
        .where(HAND_OVER.JOB_ID.eq(jobId), HAND_OVER.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  void add(AmendmentRecord row) {
    sql.insertInto(AMENDMENT).set(row).execute();
  }

  Optional<AmendmentRecord> amendment(String shopId, String id) {
    return sql.selectFrom(AMENDMENT)
        .where(AMENDMENT.ID.eq(id), AMENDMENT.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  List<AmendmentRecord> amendments(String shopId, String jobId) {
    return sql.selectFrom(AMENDMENT)
        .where(AMENDMENT.JOB_ID.eq(jobId), AMENDMENT.SHOP_ID.eq(shopId))
        .orderBy(AMENDMENT.SEQ)
        .fetch();
  }

  void add(ComebackRecord row) {
    sql.insertInto(COMEBACK).set(row).execute();
  }

  Optional<ComebackRecord> comebackOf(String shopId, String jobId) {
    return sql.selectFrom(COMEBACK)
        .where(COMEBACK.JOB_ID.eq(jobId), COMEBACK.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  List<ComebackRecord> comebacks(String shopId, String ofJob) {
    return sql.selectFrom(COMEBACK)
        .where(COMEBACK.OF_JOB.eq(ofJob), COMEBACK.SHOP_ID.eq(shopId))
        .fetch();
  }
}

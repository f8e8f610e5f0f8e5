package mellow.server.yard;

import static mellow.server.db.Tables.JOB;
import static mellow.server.db.Tables.VEHICLE;

import java.time.LocalDateTime;
import java.util.List;
import mellow.server.db.tables.records.JobRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Reads the jobs of the yard, newest touched first. */
@Repository
class YardStore {
  private final DSLContext sql;

  YardStore(DSLContext sql) {
    this.sql = sql;
  }

  /** The jobs behind a key; an empty text finds all. */
  List<JobRecord> page(
      String shopId, String text, LocalDateTime before, String beforeId, int limit) {
    // "(a, b) < (x, y)" is slower here than the two conditions spelled out.
    Condition behind =
        JOB.TOUCHED_AT.lt(before).or(JOB.TOUCHED_AT.eq(before).and(JOB.ID.lt(beforeId)));
    Condition found = DSL.noCondition();
    for (String word : text.strip().split("\\s+", 8)) {
      if (!word.isEmpty()) {
        found =
            found.and(
                VEHICLE
                    .NAME
                    .contains(word)
                    .or(VEHICLE.NICKNAME.contains(word))
                    .or(JOB.WORK.contains(word)));
      }
    }
    // Without words the vehicles are not asked for: the index alone gives the order.
    var jobs =
        found.equals(DSL.noCondition())
            ? sql.select(JOB.fields()).from(JOB)
            : sql.select(JOB.fields()).from(JOB).join(VEHICLE).on(VEHICLE.ID.eq(JOB.VEHICLE_ID));
    return jobs.where(JOB.SHOP_ID.eq(shopId), JOB.ASIDE_AT.isNull(), behind, found)
        .orderBy(JOB.TOUCHED_AT.desc(), JOB.ID.desc())
        .limit(limit)
        .fetchInto(JOB);
  }
}

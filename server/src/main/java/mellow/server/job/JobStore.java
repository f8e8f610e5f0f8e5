package mellow.server.job;

import static mellow.server.db.Tables.JOB;
import static mellow.server.db.Tables.VEHICLE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.JobRecord;
import mellow.server.vehicle.VehicleView;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The table of jobs. */
@Repository
class JobStore {
  private final DSLContext sql;

  JobStore(DSLContext sql) {
    this.sql = sql;
  }

  Optional<JobRecord> byId(String shopId, String id) {
    return sql.selectFrom(JOB).where(JOB.ID.eq(id), JOB.SHOP_ID.eq(shopId)).fetchOptional();
  }

  /** The job and its vehicle, in one question: every page of a job begins with both. */
  Optional<JobBrief> withVehicle(String shopId, String id) {
    return sql.select(JOB.fields())
        .select(VEHICLE.fields())
        .from(JOB)
        .join(VEHICLE)
        .on(VEHICLE.ID.eq(JOB.VEHICLE_ID))
        .where(JOB.ID.eq(id), JOB.SHOP_ID.eq(shopId))
        .fetchOptional(
            row -> new JobBrief(JobView.of(row.into(JOB)), VehicleView.of(row.into(VEHICLE))));
  }

  /**
   * Holds the job's row until the transaction ends. Whoever adds a reading and touches the job
   * takes it first: the reading's foreign key shares the row, and two sharers that both want to
   * write it would wait for each other.
   */
  Optional<Held> hold(String shopId, String id) {
    return sql.select(JOB.CLOSED_AT)
        .from(JOB)
        .where(JOB.ID.eq(id), JOB.SHOP_ID.eq(shopId))
        .forUpdate()
        .fetchOptional(row -> new Held(row.value1() != null));
  }

  /** A job that is held. */
  record Held(boolean closed) {}

  void close(String id, LocalDateTime at) {
    sql.update(JOB).set(JOB.CLOSED_AT, at).set(JOB.TOUCHED_AT, at).where(JOB.ID.eq(id)).execute();
  }

  /** Other jobs on vehicles of that name, this one among them; newest first. */
  List<JobRecord> ofVehiclesNamed(String shopId, String name, String notId, int limit) {
    return sql.select(JOB.fields())
        .from(JOB)
        .join(VEHICLE)
        .on(VEHICLE.ID.eq(JOB.VEHICLE_ID))
        .where(VEHICLE.SHOP_ID.eq(shopId), VEHICLE.NAME.eq(name), JOB.ID.ne(notId))
        .orderBy(JOB.TOUCHED_AT.desc(), JOB.ID.desc())
        .limit(limit)
        .fetchInto(JOB);
  }

  boolean none(String shopId) {
    return !sql.fetchExists(JOB, JOB.SHOP_ID.eq(shopId));
  }

  void add(JobRecord row) {
    sql.insertInto(JOB).set(row).execute();
  }

  /** Writes the row where it still has the given version; whether it had. */
  boolean replace(JobRecord row, int version) {
    return sql.update(JOB).set(row).where(JOB.ID.eq(row.getId()), JOB.VERSION.eq(version)).execute()
        == 1;
  }

  void touch(String id, LocalDateTime at) {
    sql.update(JOB).set(JOB.TOUCHED_AT, at).where(JOB.ID.eq(id)).execute();
  }
}

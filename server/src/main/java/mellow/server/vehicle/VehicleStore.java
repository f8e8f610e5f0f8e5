package mellow.server.vehicle;

import static mellow.server.db.Tables.ADJUSTER;
import static mellow.server.db.Tables.VEHICLE;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.AdjusterRecord;
import mellow.server.db.tables.records.VehicleRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The tables of vehicles and their aiming screws. */
@Repository
class VehicleStore {
  private final DSLContext sql;

  VehicleStore(DSLContext sql) {
    this.sql = sql;
  }

  Optional<VehicleRecord> byId(String shopId, String id) {
    return sql.selectFrom(VEHICLE)
        .where(VEHICLE.ID.eq(id), VEHICLE.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  List<VehicleRecord> byIds(String shopId, Collection<String> ids) {
    return sql.selectFrom(VEHICLE).where(VEHICLE.ID.in(ids), VEHICLE.SHOP_ID.eq(shopId)).fetch();
  }

  List<VehicleRecord> page(String shopId, String beforeId, int limit) {
    return sql.selectFrom(VEHICLE)
        .where(VEHICLE.SHOP_ID.eq(shopId), VEHICLE.ID.lt(beforeId))
        .orderBy(VEHICLE.ID.desc())
        .limit(limit)
        .fetch();
  }

  void add(VehicleRecord row) {
    sql.insertInto(VEHICLE).set(row).execute();
  }

  /** Writes the row where it still has the given version; whether it had. */
  boolean replace(VehicleRecord row, int version) {
    return sql.update(VEHICLE)
            .set(row)
            .where(VEHICLE.ID.eq(row.getId()), VEHICLE.VERSION.eq(version))
            .execute()
        == 1;
  }

  Optional<AdjusterRecord> adjuster(String shopId, String id) {
    return sql.selectFrom(ADJUSTER)
        .where(ADJUSTER.ID.eq(id), ADJUSTER.SHOP_ID.eq(shopId))
        .fetchOptional();
  }

  List<AdjusterRecord> adjusters(Collection<String> vehicleIds) {
    return sql.selectFrom(ADJUSTER)
        .where(ADJUSTER.VEHICLE_ID.in(vehicleIds))
        .orderBy(ADJUSTER.ID)
        .fetch();
  }

  void add(AdjusterRecord row) {
    sql.insertInto(ADJUSTER).set(row).execute();
  }

  boolean replace(AdjusterRecord row, int version) {
    return sql.update(ADJUSTER)
            .set(row)
            .where(ADJUSTER.ID.eq(row.getId()), ADJUSTER.VERSION.eq(version))
            .execute()
        == 1;
  }
}

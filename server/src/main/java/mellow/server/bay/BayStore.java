package mellow.server.bay;

import static mellow.server.db.Tables.BAY;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.BayRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The table of bays. */
@Repository
class BayStore {
  private final DSLContext sql;

  BayStore(DSLContext sql) {
    this.sql = sql;
  }

  Optional<BayRecord> byId(String shopId, String id) {
    return sql.selectFrom(BAY).where(BAY.ID.eq(id), BAY.SHOP_ID.eq(shopId)).fetchOptional();
  }

  List<BayRecord> byIds(Collection<String> ids) {
    return sql.selectFrom(BAY).where(BAY.ID.in(ids)).fetch();
  }

  List<BayRecord> page(String shopId, String afterId, int limit) {
    return sql.selectFrom(BAY)
        .where(BAY.SHOP_ID.eq(shopId), BAY.ID.gt(afterId))
        .orderBy(BAY.ID)
        .limit(limit)
        .fetch();
  }

  void add(BayRecord row) {
    sql.insertInto(BAY).set(row).execute();
  }

  /** Writes the row where it still has the given version; whether it had. */
  boolean replace(BayRecord row, int version) {
    return sql.update(BAY).set(row).where(BAY.ID.eq(row.getId()), BAY.VERSION.eq(version)).execute()
        == 1;
  }
}

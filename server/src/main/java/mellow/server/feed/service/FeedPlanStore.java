package mellow.server.feed.service;

import static mellow.server.db.Tables.FEED_PLAN;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.server.db.tables.records.FeedPlanRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The table of a shop's own plans. */
@Repository
class FeedPlanStore {
  private final DSLContext sql;

  FeedPlanStore(DSLContext sql) {
    this.sql = sql;
  }

  /** The newest version of each. */
  List<FeedPlanRecord> newest(String shopId) {
    Map<String, FeedPlanRecord> newest = new LinkedHashMap<>();
    sql.selectFrom(FEED_PLAN)
        .where(FEED_PLAN.SHOP_ID.eq(shopId))
        .orderBy(FEED_PLAN.ID, FEED_PLAN.VERSION)
        .forEach(row -> newest.put(row.getId(), row));
    return List.copyOf(newest.values());
  }

  Optional<FeedPlanRecord> one(String shopId, String id, int version) {
    return sql.selectFrom(FEED_PLAN)
        .where(FEED_PLAN.SHOP_ID.eq(shopId), FEED_PLAN.ID.eq(id), FEED_PLAN.VERSION.eq(version))
        .fetchOptional();
  }

  void add(FeedPlanRecord row) {
    sql.insertInto(FEED_PLAN).set(row).execute();
  }
}

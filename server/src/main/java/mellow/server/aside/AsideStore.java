package mellow.server.aside;

import static mellow.server.db.Tables.AMENDMENT;
import static mellow.server.db.Tables.COMEBACK;
import static mellow.server.db.Tables.FACT;
import static mellow.server.db.Tables.HAND_OVER;
import static mellow.server.db.Tables.JOB;
import static mellow.server.db.Tables.JOB_RULE_SET;
import static mellow.server.db.Tables.PHOTO;
import static mellow.server.db.Tables.SHEET;
import static mellow.server.db.Tables.VEHICLE;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.springframework.stereotype.Repository;

/** Rows of jobs as they are stored, whatever is in them. */
@Repository
class AsideStore {
  private static final Map<Table<?>, Field<String>> OF_JOB =
      Map.of(
          SHEET, SHEET.JOB_ID,
          FACT, FACT.JOB_ID,
          PHOTO, PHOTO.JOB_ID,
          JOB_RULE_SET, JOB_RULE_SET.JOB_ID,
          HAND_OVER, HAND_OVER.JOB_ID,
          AMENDMENT, AMENDMENT.JOB_ID,
          COMEBACK, COMEBACK.JOB_ID);

  private final DSLContext sql;

  AsideStore(DSLContext sql) {
    this.sql = sql;
  }

  List<AsideView> all(String shopId) {
    return sql.select(JOB.ID, VEHICLE.NAME, JOB.WORK, JOB.ASIDE_WHY, JOB.ASIDE_BY, JOB.ASIDE_AT)
        .from(JOB)
        .join(VEHICLE)
        .on(VEHICLE.ID.eq(JOB.VEHICLE_ID))
        .where(JOB.SHOP_ID.eq(shopId), JOB.ASIDE_AT.isNotNull())
        .orderBy(JOB.ASIDE_AT.desc(), JOB.ID)
        .fetch(
            row ->
                new AsideView(
                    row.value1(),
                    row.value2(),
                    row.value3(),
                    row.value4(),
                    row.value5(),
                    row.value6().toInstant(ZoneOffset.UTC)));
  }

  /** Whether it was not put aside yet. */
  boolean put(String id, LocalDateTime at, String by, String why) {
    return sql.update(JOB)
            .set(JOB.ASIDE_AT, at)
            .set(JOB.ASIDE_BY, by)
            .set(JOB.ASIDE_WHY, why)
            .where(JOB.ID.eq(id), JOB.ASIDE_AT.isNull())
            .execute()
        == 1;
  }

  /** Whether it was aside. */
  boolean bringBack(String id) {
    return sql.update(JOB)
            .setNull(JOB.ASIDE_AT)
            .setNull(JOB.ASIDE_BY)
            .setNull(JOB.ASIDE_WHY)
            .where(JOB.ID.eq(id), JOB.ASIDE_AT.isNotNull())
            .execute()
        == 1;
  }

  /** Every row of a job by its table, each value as text. */
  Map<String, List<Map<String, String>>> rows(String jobId) {
    Map<String, List<Map<String, String>>> rows = new LinkedHashMap<>();
    rows.put("job", rows(JOB, JOB.ID.eq(jobId)));
    rows.put(
        "vehicle",
        rows(VEHICLE, VEHICLE.ID.in(sql.select(JOB.VEHICLE_ID).from(JOB).where(JOB.ID.eq(jobId)))));
    OF_JOB.entrySet().stream()
        .sorted(Comparator.comparing(one -> one.getKey().getName()))
        .forEach(
            one -> rows.put(one.getKey().getName(), rows(one.getKey(), one.getValue().eq(jobId))));
    return rows;
  }

  private List<Map<String, String>> rows(Table<?> table, Condition which) {
    return sql.selectFrom(table).where(which).fetch(AsideStore::texts);
  }

  private static Map<String, String> texts(Record row) {
    Map<String, String> texts = new LinkedHashMap<>();
    for (Field<?> field : row.fields()) {
      Object value = row.get(field);
      if (value != null) {
        texts.put(field.getName(), value.toString());
      }
    }
    return texts;
  }
}

package mellow.server.photo;

import static mellow.server.db.Tables.PHOTO;

import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.PhotoRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The table of photos. */
@Repository
class PhotoStore {
  private final DSLContext sql;

  PhotoStore(DSLContext sql) {
    this.sql = sql;
  }

  Optional<PhotoRecord> byId(String shopId, String id) {
    return sql.selectFrom(PHOTO).where(PHOTO.ID.eq(id), PHOTO.SHOP_ID.eq(shopId)).fetchOptional();
  }

  List<PhotoRecord> ofJob(String shopId, String jobId) {
    return sql.selectFrom(PHOTO)
        .where(PHOTO.JOB_ID.eq(jobId), PHOTO.SHOP_ID.eq(shopId))
        .orderBy(PHOTO.TAKEN_AT, PHOTO.ID)
        .fetch();
  }

  void add(PhotoRecord row) {
    sql.insertInto(PHOTO).set(row).execute();
  }

  /** Writes the row where it still has the given version; whether it had. */
  boolean replace(PhotoRecord row, int version) {
    return sql.update(PHOTO)
            .set(row)
            .where(PHOTO.ID.eq(row.getId()), PHOTO.VERSION.eq(version))
            .execute()
        == 1;
  }
}

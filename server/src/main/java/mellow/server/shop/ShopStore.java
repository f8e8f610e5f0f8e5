package mellow.server.shop;

import static mellow.server.db.Tables.PERSON;
import static mellow.server.db.Tables.SHOP;

import java.util.List;
import mellow.server.db.tables.records.PersonRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The tables of shops and people. */
@Repository
class ShopStore {
  private final DSLContext sql;

  ShopStore(DSLContext sql) {
    this.sql = sql;
  }

  void ensureShop(String id, String name) {
    sql.insertInto(SHOP, SHOP.ID, SHOP.NAME).values(id, name).onDuplicateKeyIgnore().execute();
  }

  String nameOf(String shopId) {
    return sql.select(SHOP.NAME).from(SHOP).where(SHOP.ID.eq(shopId)).fetchSingle(SHOP.NAME);
  }

  void rename(String shopId, String name) {
    sql.update(SHOP).set(SHOP.NAME, name).where(SHOP.ID.eq(shopId)).execute();
  }

  List<PersonRecord> people(String shopId) {
    return sql.selectFrom(PERSON)
        .where(PERSON.SHOP_ID.eq(shopId))
        .orderBy(PERSON.NAME)
        .limit(200)
        .fetch();
  }

  /** Adds a person; one of the same name stays as they are. */
  void addPerson(String id, String shopId, String name) {
    sql.insertInto(PERSON, PERSON.ID, PERSON.SHOP_ID, PERSON.NAME)
        .values(id, shopId, name)
        .onDuplicateKeyIgnore()
        .execute();
  }
}

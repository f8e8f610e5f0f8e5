package mellow.server.history;

import static mellow.server.db.Tables.HAND_OVER;
import static mellow.server.db.Tables.JOB;
import static mellow.server.db.Tables.VEHICLE;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Reads jobs by words, and what was recorded of those that were handed over. */
@Repository
class HistoryStore {
  private final DSLContext sql;

  HistoryStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A job that was found; its words are empty while it is worked on. */
  record Found(
      String jobId,
      String vehicle,
      String nickname,
      String work,
      LocalDateTime touchedAt,
      boolean closed,
      String words) {}

  /**
   * Jobs in which every word stands, the newest first: in what is recorded of closed ones, in
   * vehicle and work of the others.
   */
  List<Found> find(String shopId, List<String> words, int limit) {
    var jobs =
        sql.select(
                JOB.ID, VEHICLE.NAME, VEHICLE.NICKNAME, JOB.WORK, JOB.TOUCHED_AT, HAND_OVER.WORDS)
            .from(JOB)
            .join(VEHICLE)
            .on(VEHICLE.ID.eq(JOB.VEHICLE_ID))
            .leftJoin(HAND_OVER)
            .on(HAND_OVER.JOB_ID.eq(JOB.ID));
    // vehicle and work of closed jobs stand in their records, which have an index of words
    Condition shop =
        words.isEmpty()
            ? JOB.SHOP_ID.eq(shopId)
            : JOB.SHOP_ID.eq(shopId).and(JOB.CLOSED_AT.isNull());
    var named =
        jobs.where(
            shop,
            words.stream().map(HistoryStore::named).reduce(DSL.noCondition(), Condition::and));
    var newest = named.orderBy(JOB.TOUCHED_AT.desc(), JOB.ID.desc()).limit(limit);
    List<Found> found = newest.fetch(HistoryStore::found);
    if (words.isEmpty()) {
      return found;
    }
    List<Found> recorded =
        sql.select(
                JOB.ID, VEHICLE.NAME, VEHICLE.NICKNAME, JOB.WORK, JOB.TOUCHED_AT, HAND_OVER.WORDS)
            .from(HAND_OVER)
            .join(JOB)
            .on(JOB.ID.eq(HAND_OVER.JOB_ID))
            .join(VEHICLE)
            .on(VEHICLE.ID.eq(JOB.VEHICLE_ID))
            .where(
                HAND_OVER.SHOP_ID.eq(shopId),
                DSL.condition(
                    "match({0}) against ({1} in boolean mode)",
                    HAND_OVER.WORDS, DSL.val(inBooleanMode(words))))
            .orderBy(HAND_OVER.CLOSED_AT.desc())
            .limit(limit)
            .fetch(HistoryStore::found);
    return java.util.stream.Stream.concat(recorded.stream(), found.stream())
        .collect(
            Collectors.toMap(
                Found::jobId, one -> one, (one, same) -> one, java.util.LinkedHashMap::new))
        .values()
        .stream()
        .sorted(java.util.Comparator.comparing(Found::touchedAt).reversed())
        .limit(limit)
        .toList();
  }

  private static Condition named(String word) {
    return VEHICLE
        .NAME
        .contains(word)
        .or(VEHICLE.NICKNAME.contains(word))
        .or(JOB.WORK.contains(word));
  }

  /** Each word has to stand there, or begin a word that does. */
  private static String inBooleanMode(List<String> words) {
    return words.stream()
        .flatMap(word -> Arrays.stream(word.split("[^\\p{L}\\d]+", -1)))
        .filter(word -> word.length() > 1)
        .map(word -> "+" + word + "*")
        .collect(Collectors.joining(" "));
  }

  private static Found found(
      org.jooq.Record6<String, String, String, String, LocalDateTime, String> row) {
    return new Found(
        row.value1(),
        row.value2(),
        row.value3(),
        row.value4(),
        row.value5(),
        row.value6() != null,
        row.value6() == null ? "" : row.value6());
  }

  /** The findings that were recorded at the latest hand-overs, each as a JSON list. */
  List<String> findings(String shopId, int limit) {
    return sql.select(HAND_OVER.FINDINGS)
        .from(HAND_OVER)
        .where(HAND_OVER.SHOP_ID.eq(shopId))
        .orderBy(HAND_OVER.CLOSED_AT.desc())
        .limit(limit)
        .fetch(HAND_OVER.FINDINGS);
  }
}

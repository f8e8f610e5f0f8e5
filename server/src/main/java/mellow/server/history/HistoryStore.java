package mellow.server.history;

import static mellow.server.db.Tables.HAND_OVER;
import static mellow.server.db.Tables.JOB;
import static mellow.server.db.Tables.VEHICLE;

import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record6;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Reads jobs by words, and what was recorded of those that were handed over. */
@Repository
class HistoryStore {
  private static final int LOOKED_AT = 1000;

  /** Shorter words are not in the database's index of words. */
  private static final int SHORTEST_INDEXED = 3;

  /** Nor are these, of three letters and more: the database's own list. */
  private static final Set<String> NOT_INDEXED =
      Set.of(
          "about", "are", "com", "for", "from", "how", "that", "the", "this", "was", "what", "when",
          "where", "who", "will", "with", "und", "www");

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
            .where(HAND_OVER.JOB_ID.in(recorded(shopId, words, limit)))
            .fetch(HistoryStore::found);
    return Stream.concat(recorded.stream(), found.stream())
        .collect(Collectors.toMap(Found::jobId, one -> one, (one, same) -> one, LinkedHashMap::new))
        .values()
        .stream()
        .sorted(Comparator.comparing(Found::touchedAt).reversed())
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

  /**
   * Closed jobs in whose record all words stand, the newest first. Words that are everywhere are
   * found among the newest, record by record; only rare ones need the index of words, which would
   * have to sort all that a frequent one finds.
   */
  private List<String> recorded(String shopId, List<String> words, int limit) {
    Condition stand =
        words.stream().map(HistoryStore::stands).reduce(DSL.noCondition(), Condition::and);
    List<String> newest =
        newest(HAND_OVER.CLOSED_AT.ge(lookedAt(shopId)).and(stand), shopId, limit);
    if (newest.size() >= limit) {
      return newest;
    }
    if (!words.stream().allMatch(HistoryStore::isIndexed)) {
      return newest(stand, shopId, limit);
    }
    String all = words.stream().map(word -> "+" + word + "*").collect(Collectors.joining(" "));
    return newest(
        DSL.condition("match({0}) against ({1} in boolean mode)", HAND_OVER.TERMS, DSL.val(all)),
        shopId,
        limit);
  }

  private List<String> newest(Condition condition, String shopId, int limit) {
    return sql.select(HAND_OVER.JOB_ID)
        .from(HAND_OVER)
        .where(HAND_OVER.SHOP_ID.eq(shopId), condition)
        .orderBy(HAND_OVER.CLOSED_AT.desc())
        .limit(limit)
        .fetch(HAND_OVER.JOB_ID);
  }

  /** Since when jobs were closed that are looked at one by one. */
  private LocalDateTime lookedAt(String shopId) {
    return sql.select(HAND_OVER.CLOSED_AT)
        .from(HAND_OVER)
        .where(HAND_OVER.SHOP_ID.eq(shopId))
        .orderBy(HAND_OVER.CLOSED_AT.desc())
        .offset(LOOKED_AT)
        .limit(1)
        .fetchOptional(HAND_OVER.CLOSED_AT)
        .orElse(LocalDateTime.of(1970, 1, 1, 0, 0));
  }

  /** The word stands in the record, as the index of words would find it, or anywhere. */
  private static Condition stands(String word) {
    String literal = word.replaceAll("[^\\p{L}\\p{N}]", "\\\\$0");
    return HAND_OVER.TERMS.likeRegex(isIndexed(word) ? "\\b" + literal : literal);
  }

  private static boolean isIndexed(String word) {
    return word.length() >= SHORTEST_INDEXED
        && word.chars().allMatch(Character::isLetterOrDigit)
        && !NOT_INDEXED.contains(word.toLowerCase(Locale.ROOT));
  }

  private static Found found(Record6<String, String, String, String, LocalDateTime, String> row) {
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

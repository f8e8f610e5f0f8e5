package mellow.server.rulebook;

import static mellow.server.db.Tables.JOB_RULE_SET;
import static mellow.server.db.Tables.LOCAL_RULE_SET;
import static mellow.server.db.Tables.RULE_CONFIRMATION;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mellow.server.db.tables.records.JobRuleSetRecord;
import mellow.server.db.tables.records.LocalRuleSetRecord;
import mellow.server.db.tables.records.RuleConfirmationRecord;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The tables of local rule sets, confirmations, and the versions that jobs are judged by. */
@Repository
class RuleBookStore {
  private final DSLContext sql;

  RuleBookStore(DSLContext sql) {
    this.sql = sql;
  }

  /** The newest version of each local set. */
  List<LocalRuleSetRecord> newest(String shopId) {
    var later = LOCAL_RULE_SET.as("later");
    return sql.selectFrom(LOCAL_RULE_SET)
        .where(LOCAL_RULE_SET.SHOP_ID.eq(shopId))
        .andNotExists(
            DSL.selectOne()
                .from(later)
                .where(
                    later.SHOP_ID.eq(LOCAL_RULE_SET.SHOP_ID),
                    later.ID.eq(LOCAL_RULE_SET.ID),
                    later.VERSION.gt(LOCAL_RULE_SET.VERSION)))
        .orderBy(LOCAL_RULE_SET.ID)
        .fetch();
  }

  Optional<LocalRuleSetRecord> version(String shopId, String id, int version) {
    return sql.selectFrom(LOCAL_RULE_SET)
        .where(
            LOCAL_RULE_SET.SHOP_ID.eq(shopId),
            LOCAL_RULE_SET.ID.eq(id),
            LOCAL_RULE_SET.VERSION.eq(version))
        .fetchOptional();
  }

  void add(LocalRuleSetRecord row) {
    sql.insertInto(LOCAL_RULE_SET).set(row).execute();
  }

  List<RuleConfirmationRecord> confirmations(String shopId) {
    return sql.selectFrom(RULE_CONFIRMATION)
        .where(RULE_CONFIRMATION.SHOP_ID.eq(shopId))
        .orderBy(RULE_CONFIRMATION.CONFIRMED_AT, RULE_CONFIRMATION.ID)
        .fetch();
  }

  /** Adds a confirmation; a repeated one changes nothing. */
  void add(RuleConfirmationRecord row) {
    sql.insertInto(RULE_CONFIRMATION).set(row).onDuplicateKeyIgnore().execute();
  }

  List<JobRuleSetRecord> ofJobs(String shopId, Collection<String> jobIds) {
    return sql.selectFrom(JOB_RULE_SET)
        .where(JOB_RULE_SET.JOB_ID.in(jobIds), JOB_RULE_SET.SHOP_ID.eq(shopId))
        .fetch();
  }

  /** Notes the version of a set that a job is judged by, where none is noted yet. */
  void pin(JobRuleSetRecord row) {
    sql.insertInto(JOB_RULE_SET).set(row).onDuplicateKeyIgnore().execute();
  }

  /** Notes another version for a job. */
  void repin(JobRuleSetRecord row) {
    sql.insertInto(JOB_RULE_SET).set(row).onDuplicateKeyUpdate().set(row).execute();
  }
}

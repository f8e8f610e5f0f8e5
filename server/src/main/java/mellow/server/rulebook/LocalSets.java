package mellow.server.rulebook;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.formats.BuiltInRules;
import mellow.core.formats.FormatProblem;
import mellow.core.formats.RuleChangeFormat;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleChange;
import mellow.core.rules.RuleProblem;
import mellow.core.rules.RuleSet;
import mellow.server.db.tables.records.LocalRuleSetRecord;
import mellow.server.db.tables.records.RuleConfirmationRecord;
import mellow.server.platform.Acting;
import mellow.server.platform.Edits;
import mellow.server.platform.Refusal;
import mellow.server.rulebook.RulebookController.ConfirmationEdit;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** Keeps a shop's own rule sets and what was confirmed. */
@Service
class LocalSets {
  private static final int MOST_SETS = 50;

  private final RuleBookStore store;
  private final RuleBooks books;

  LocalSets(RuleBookStore store, RuleBooks books) {
    this.store = store;
    this.books = books;
  }

  /** All sets, the local ones with what they change. */
  List<RuleSetView> all(Acting acting) {
    List<LocalRuleSetRecord> local = store.newest(acting.shopId());
    return books.of(acting).all().stream()
        .map(set -> RuleSetView.of(set, row(local, set.id()).orElse(null)))
        .toList();
  }

  RuleSetView one(Acting acting, String id) {
    return all(acting).stream()
        .filter(set -> set.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound(RulebookWords.noSet()));
  }

  private static Optional<LocalRuleSetRecord> row(List<LocalRuleSetRecord> rows, String id) {
    return rows.stream().filter(row -> row.getId().equals(id)).findFirst();
  }

  /** A set's file: a local one as it was kept, a built-in one as it ships. */
  String file(Acting acting, String id) {
    return row(store.newest(acting.shopId()), id)
        .map(LocalRuleSetRecord::getContent)
        .or(() -> BuiltInRules.file(id))
        .orElseThrow(() -> Refusal.notFound(RulebookWords.noSet()));
  }

  /** Keeps a new version of a local set. */
  List<RuleSetView> put(Acting acting, String id, int version, String json) {
    acting.personOrRefuse();
    LocalRuleSetRecord row = new LocalRuleSetRecord();
    RuleChange change = read(json, version + 1, row);
    if (!change.id().equals(id)) {
      throw Refusal.inFile("/id", RulebookWords.otherFile(change.id(), id));
    }
    refuseUnlessSound(acting, change);
    row.setId(id);
    row.setVersion(version + 1);
    sign(acting, row);
    Optional<LocalRuleSetRecord> there = row(store.newest(acting.shopId()), id);
    Edits.of(there.map(LocalRuleSetRecord::getVersion), version, alreadySo(there, json))
        .carryOut(() -> store.add(row), () -> added(row), () -> stale(acting, id));
    books.forget(acting.shopId());
    return all(acting);
  }

  /** Keeps a set that was read and has its id, version and content. */
  void add(Acting acting, LocalRuleSetRecord row) {
    refuseUnlessSound(acting, RuleBooks.change(row));
    sign(acting, row);
    store.add(row);
  }

  private static void sign(Acting acting, LocalRuleSetRecord row) {
    row.setShopId(acting.shopId());
    row.setChangedBy(acting.personOrRefuse());
    row.setChangedAt(acting.moment());
  }

  private boolean added(LocalRuleSetRecord row) {
    try {
      store.add(row);
      return true;
    } catch (DuplicateKeyException meanwhile) {
      return false;
    }
  }

  private static boolean alreadySo(Optional<LocalRuleSetRecord> there, String json) {
    return there
        .map(
            row -> {
              try {
                return RuleChangeFormat.withVersion(json, row.getVersion())
                    .equals(row.getContent());
              } catch (FormatProblem e) {
                return false;
              }
            })
        .orElse(false);
  }

  private static RuleChange read(String json, int version, LocalRuleSetRecord row) {
    try {
      row.setContent(RuleChangeFormat.withVersion(json, version));
      return RuleChangeFormat.read(row.getContent());
    } catch (FormatProblem problem) {
      throw Refusal.inFile(problem.place(), problem.says());
    }
  }

  private void refuseUnlessSound(Acting acting, RuleChange change) {
    List<RuleChange> others =
        books.changes(acting).stream().filter(one -> !one.id().equals(change.id())).toList();
    if (others.size() >= MOST_SETS) {
      throw Refusal.unprocessable("file", RulebookWords.tooMany(MOST_SETS));
    }
    try {
      RuleBook.of(
          BuiltInRules.all(),
          Stream.concat(others.stream(), Stream.of(change)).toList(),
          books.confirmed(acting));
    } catch (RuleProblem problem) {
      throw Refusal.inFile(problem.place(), problem.says());
    }
  }

  private Refusal stale(Acting acting, String id) {
    RuleSetView current = one(acting, id);
    return Refusal.stale(Objects.requireNonNull(current.local()).changedBy(), current);
  }

  /** Keeps that somebody held a rule against the text. */
  List<RuleSetView> confirm(Acting acting, String id, ConfirmationEdit edit) {
    RuleSet set =
        books
            .of(acting)
            .byId(edit.setId())
            .orElseThrow(() -> Refusal.unprocessable("setId", RulebookWords.noSet()));
    boolean there =
        set.aimRules().stream().anyMatch(rule -> rule.id().equals(edit.ruleId()))
            || set.placeRules().stream().anyMatch(rule -> rule.id().equals(edit.ruleId()));
    if (!there || BuiltInRules.byId(set.id()).isEmpty()) {
      throw Refusal.unprocessable("ruleId", RulebookWords.noRule());
    }
    RuleConfirmationRecord row = new RuleConfirmationRecord();
    row.setId(id);
    row.setShopId(acting.shopId());
    row.setSetId(set.id());
    row.setSetVersion(set.version());
    row.setRuleId(edit.ruleId());
    row.setPlace(edit.place());
    row.setPerson(acting.personOrRefuse());
    row.setConfirmedAt(acting.moment());
    store.add(row);
    books.forget(acting.shopId());
    return all(acting);
  }
}

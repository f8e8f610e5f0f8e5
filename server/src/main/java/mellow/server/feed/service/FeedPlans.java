package mellow.server.feed.service;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.feed.FeedPlan;
import mellow.core.formats.FactoryBook;
import mellow.core.formats.FeedPlanBook;
import mellow.core.formats.FeedPlanFormat;
import mellow.core.formats.FormatProblem;
import mellow.server.db.tables.records.FeedPlanRecord;
import mellow.server.feed.FeedView;
import mellow.server.feed.FeedWords;
import mellow.server.platform.Acting;
import mellow.server.platform.Brought;
import mellow.server.platform.Edits;
import mellow.server.platform.Refusal;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** The ready plans and the shop's own. */
@Service
class FeedPlans {
  private static final int MOST_PLANS = 100;

  private final FeedPlanStore store;

  FeedPlans(FeedPlanStore store) {
    this.store = store;
  }

  /** All plans, the ready ones first. */
  List<FeedPlan> all(Acting acting) {
    List<FeedPlan> all = new ArrayList<>(FeedPlanBook.all());
    store.newest(acting.shopId()).forEach(row -> all.add(read(row.getContent())));
    return all;
  }

  /** A plan in the version that was taken. */
  FeedPlan one(Acting acting, String id, int version) {
    Optional<FeedPlan> ready = FeedPlanBook.byId(id).or(() -> FactoryBook.byId(id));
    return ready.orElseGet(
        () ->
            store
                .one(acting.shopId(), id, version)
                .map(row -> read(row.getContent()))
                .orElseThrow(
                    () -> Refusal.unprocessable("plan", FeedWords.noPlanVersion(id, version))));
  }

  /** A plan's file: its newest version. */
  String file(Acting acting, String id) {
    return FeedPlanBook.file(id)
        .or(() -> FactoryBook.file(id))
        .or(
            () ->
                store.newest(acting.shopId()).stream()
                    .filter(row -> row.getId().equals(id))
                    .map(FeedPlanRecord::getContent)
                    .findFirst())
        .orElseThrow(() -> Refusal.notFound(FeedWords.noPlan()));
  }

  /** The file of a plan of the shop's own in the version that was taken; empty for a ready one. */
  Optional<String> ownFile(Acting acting, String id, int version) {
    return FeedPlanBook.byId(id).isPresent() || FactoryBook.byId(id).isPresent()
        ? Optional.empty()
        : store.one(acting.shopId(), id, version).map(FeedPlanRecord::getContent);
  }

  /**
   * Keeps a plan that came with a job: one that is here already is used as it is, one whose name
   * another plan bears here comes in under another name.
   */
  FeedPlan bring(Acting acting, String json) {
    try {
      FeedPlan plan = FeedPlanFormat.read(json);
      String same = FeedPlanFormat.renamed(json, plan.id(), plan.version(), plan.title());
      Optional<FeedPlanRecord> there = store.one(acting.shopId(), plan.id(), plan.version());
      if (there.filter(row -> row.getContent().equals(same)).isPresent()) {
        return plan;
      }
      boolean taken = all(acting).stream().anyMatch(known -> known.id().equals(plan.id()));
      String id = taken ? Brought.otherName(plan.id(), same) : plan.id();
      int version = taken ? 1 : plan.version();
      String content = FeedPlanFormat.renamed(json, id, version, plan.title());
      if (store.one(acting.shopId(), id, version).isEmpty()) {
        refuseBeyondMost(store.newest(acting.shopId()));
        FeedPlanRecord row = new FeedPlanRecord();
        row.setContent(content);
        row.setId(id);
        row.setVersion(version);
        sign(acting, row);
        store.add(row);
      }
      return read(content);
    } catch (FormatProblem problem) {
      throw Refusal.inFile("own plan " + problem.place(), problem.says());
    }
  }

  private static void sign(Acting acting, FeedPlanRecord row) {
    row.setShopId(acting.shopId());
    row.setChangedBy(acting.personOrRefuse());
    row.setChangedAt(acting.moment());
  }

  private static void refuseBeyondMost(List<FeedPlanRecord> there) {
    if (there.size() >= MOST_PLANS) {
      throw Refusal.unprocessable("file", FeedWords.tooManyPlans(MOST_PLANS));
    }
  }

  /** Keeps a new version of a plan of the shop's own. */
  FeedView.PlanBrief put(Acting acting, String id, int version, String title, String json) {
    acting.personOrRefuse();
    if (FeedPlanBook.byId(id).isPresent()) {
      throw Refusal.unprocessable("id", FeedWords.readyPlan(id));
    }
    FeedPlanRecord row = new FeedPlanRecord();
    FeedPlan plan;
    try {
      row.setContent(FeedPlanFormat.renamed(json, id, version + 1, title));
      plan = FeedPlanFormat.read(row.getContent());
    } catch (FormatProblem problem) {
      throw Refusal.inFile(problem.place(), problem.says());
    }
    List<FeedPlanRecord> all = store.newest(acting.shopId());
    Optional<FeedPlanRecord> there = all.stream().filter(one -> one.getId().equals(id)).findFirst();
    if (there.isEmpty()) {
      refuseBeyondMost(all);
    }
    row.setId(id);
    row.setVersion(version + 1);
    sign(acting, row);
    Edits.of(there.map(FeedPlanRecord::getVersion), version, alreadySo(there, json, title))
        .carryOut(() -> store.add(row), () -> added(row), () -> stale(there));
    return FeedView.PlanBrief.of(plan);
  }

  private static boolean alreadySo(Optional<FeedPlanRecord> there, String json, String title) {
    return there
        .map(
            row -> {
              try {
                return FeedPlanFormat.renamed(json, row.getId(), row.getVersion(), title)
                    .equals(row.getContent());
              } catch (FormatProblem problem) {
                return false;
              }
            })
        .orElse(false);
  }

  private boolean added(FeedPlanRecord row) {
    try {
      store.add(row);
      return true;
    } catch (DuplicateKeyException meanwhile) {
      return false;
    }
  }

  private static Refusal stale(Optional<FeedPlanRecord> there) {
    FeedPlanRecord row = there.orElseThrow();
    return Refusal.stale(row.getChangedBy(), FeedView.PlanBrief.of(read(row.getContent())));
  }

  private static FeedPlan read(String json) {
    try {
      return FeedPlanFormat.read(json);
    } catch (FormatProblem problem) {
      throw new IllegalStateException("a plan that cannot be read at " + problem.place(), problem);
    }
  }
}

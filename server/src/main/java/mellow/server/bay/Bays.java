package mellow.server.bay;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellow.server.db.tables.records.BayRecord;
import mellow.server.platform.Acting;
import mellow.server.platform.Edits;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps bays. */
@Service
public class Bays {
  private final BayStore store;

  Bays(BayStore store) {
    this.store = store;
  }

  /** The bay, or a refusal where it is not this shop's. */
  public BayView get(Acting acting, String id) {
    return store
        .byId(acting.shopId(), id)
        .map(BayView::of)
        .orElseThrow(() -> Refusal.notFound(BayWords.noBay()));
  }

  /** Bays by id. */
  public Map<String, BayView> byIds(Collection<String> ids) {
    return store.byIds(ids).stream()
        .map(BayView::of)
        .collect(Collectors.toMap(BayView::id, Function.identity()));
  }

  List<BayView> page(Acting acting, String afterId, int limit) {
    return store.page(acting.shopId(), afterId, limit).stream().map(BayView::of).toList();
  }

  /** Adds or changes a bay. */
  @Transactional
  public BayView put(Acting acting, String id, BayEdit edit) {
    String person = acting.personOrRefuse();
    Optional<BayView> there = store.byId(acting.shopId(), id).map(BayView::of);
    Edits.of(
            there.map(BayView::version),
            edit.version(),
            there.map(view -> view.says(edit)).orElse(false))
        .carryOut(
            () -> store.add(row(acting, person, id, edit, 1)),
            () -> store.replace(row(acting, person, id, edit, edit.version() + 1), edit.version()),
            () -> stale(get(acting, id), edit));
    return get(acting, id);
  }

  /** What a bay is called; empty where there is none of that id. */
  public Optional<String> name(Acting acting, String id) {
    return store.byId(acting.shopId(), id).map(BayView::of).map(BayView::name);
  }

  private static Refusal stale(BayView current, BayEdit mine) {
    return Differences.stale(
        current.changedBy(),
        current,
        new BayEdit(current.version(), current.name(), current.note(), current.units()),
        mine);
  }

  private BayRecord row(Acting acting, String person, String id, BayEdit edit, int version) {
    BayRecord row = new BayRecord();
    row.setId(id);
    row.setShopId(acting.shopId());
    row.setVersion(version);
    row.setName(edit.name());
    row.setNote(edit.note());
    row.setUnits(edit.units().name());
    row.setChangedBy(person);
    row.setChangedAt(acting.moment());
    return row;
  }
}

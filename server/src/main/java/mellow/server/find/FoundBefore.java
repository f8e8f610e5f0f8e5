package mellow.server.find;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellow.core.hunt.Experience;
import mellow.core.hunt.PartSort;
import mellow.core.record.JobDocument;
import mellow.server.find.FindPage.BeforeView;
import mellow.server.find.FindPage.LikeView;
import mellow.server.find.FindPage.SortView;
import mellow.server.job.JobBrief;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.sheet.Sheets;
import mellow.server.wire.Spoken;
import org.springframework.stereotype.Component;

/** What the shop's earlier searches ended at, and those on vehicles like this one. */
@Component
class FoundBefore {
  private static final int COUNTED = 300;
  private static final int ALIKE = 20;

  private final Jobs jobs;
  private final Sheets sheets;
  private final SearchedFeeds searched;

  FoundBefore(Jobs jobs, Sheets sheets, SearchedFeeds searched) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.searched = searched;
  }

  /** What they found, counted, and each of those on a vehicle like it. */
  record Found(Experience experience, BeforeView view) {}

  Found of(Acting acting, JobBrief now) {
    Map<PartSort, Integer> sorts = new EnumMap<>(PartSort.class);
    mended(sheets.recent(acting, JobDocument.FIND, FindEdit.class, COUNTED), now)
        .forEach((id, edit) -> count(acting, id, edit, sorts));
    Map<String, JobBrief> alike = new LinkedHashMap<>();
    jobs.alike(acting, now, ALIKE).forEach(brief -> alike.put(brief.job().id(), brief));
    Map<String, Integer> parts = new HashMap<>();
    List<LikeView> views = new ArrayList<>();
    mended(sheets.ofJobs(acting, alike.keySet(), JobDocument.FIND, FindEdit.class), now)
        .forEach(
            (id, edit) -> {
              edit.mended().stream()
                  .map(Experience::withoutSide)
                  .distinct()
                  .forEach(part -> parts.merge(part, 1, Integer::sum));
              views.add(
                  new LikeView(
                      id,
                      alike.get(id).vehicle().nickname(),
                      edit.mended().stream().map(Spoken::typed).toList(),
                      edit.endings().stream()
                          .map(FindEdit.EndedEdit::did)
                          .collect(Collectors.joining(", "))));
            });
    return new Found(
        new Experience(sorts, parts),
        new BeforeView(
            sorts.entrySet().stream()
                .sorted(Map.Entry.<PartSort, Integer>comparingByValue().reversed())
                .map(one -> new SortView(Spoken.term(one.getKey()), one.getValue()))
                .toList(),
            views));
  }

  private static Map<String, FindEdit> mended(Map<String, FindEdit> all, JobBrief now) {
    Map<String, FindEdit> mended = new LinkedHashMap<>();
    all.forEach(
        (id, edit) -> {
          FindEdit.EndedEdit ended = edit.ended();
          if (ended != null && ended.how() == FindEdit.Ended.MENDED && !id.equals(now.job().id())) {
            mended.put(id, edit);
          }
        });
    return mended;
  }

  private void count(Acting acting, String id, FindEdit edit, Map<PartSort, Integer> sorts) {
    searched
        .ifThere(acting, id, edit)
        .ifPresent(
            feed ->
                edit.mended().stream()
                    .map(part -> PartSort.of(feed.circuit(), part))
                    .distinct()
                    .forEach(sort -> sorts.merge(sort, 1, Integer::sum)));
  }
}

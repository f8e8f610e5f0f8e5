package mellow.server.find;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellow.core.fault.Sides;
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
    Map<String, FindEdit> recent =
        new LinkedHashMap<>(sheets.recent(acting, JobDocument.FIND, FindEdit.class, COUNTED));
    recent.remove(now.job().id());
    searched.mended(acting, recent).values().forEach(search -> count(search, sorts));
    Map<String, Integer> parts = new HashMap<>();
    List<LikeView> views = new ArrayList<>();
    List<JobBrief> alike = jobs.alike(acting, now, ALIKE);
    Map<String, FindEdit> searches =
        sheets.ofJobs(
            acting,
            alike.stream().map(brief -> brief.job().id()).toList(),
            JobDocument.FIND,
            FindEdit.class);
    for (JobBrief brief : alike) {
      FindEdit edit = searches.getOrDefault(brief.job().id(), FindEdit.NOTHING);
      if (!edit.mended().isEmpty()) {
        edit.mended().stream()
            .map(Sides::without)
            .distinct()
            .forEach(part -> parts.merge(part, 1, Integer::sum));
        views.add(like(brief, edit));
      }
    }
    return new Found(
        new Experience(sorts, parts),
        new BeforeView(
            sorts.entrySet().stream()
                .sorted(Map.Entry.<PartSort, Integer>comparingByValue().reversed())
                .map(one -> new SortView(Spoken.term(one.getKey()), one.getValue()))
                .toList(),
            views));
  }

  private static LikeView like(JobBrief brief, FindEdit edit) {
    return new LikeView(
        brief.job().id(),
        brief.vehicle().nickname(),
        edit.mended().stream().map(Spoken::typed).toList(),
        edit.endings().stream().map(FindEdit.EndedEdit::did).collect(Collectors.joining(", ")));
  }

  private static void count(SearchedFeeds.Mended search, Map<PartSort, Integer> sorts) {
    search.edit().mended().stream()
        .map(part -> PartSort.of(search.feed().circuit(), part))
        .distinct()
        .forEach(sort -> sorts.merge(sort, 1, Integer::sum));
  }
}

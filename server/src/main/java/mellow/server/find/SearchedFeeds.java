package mellow.server.find;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import mellow.core.feed.PlannedFeed;
import mellow.core.record.JobDocument;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.feed.service.Feeds;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.sheet.Sheets;
import org.springframework.stereotype.Component;

/** The circuit that a search is on: the one that was chosen, or the job's own feed. */
@Component
class SearchedFeeds {
  private final Feeds feeds;
  private final Sheets sheets;

  SearchedFeeds(Feeds feeds, Sheets sheets) {
    this.feeds = feeds;
    this.sheets = sheets;
  }

  Optional<ChosenPlan> ofFeed(Acting acting, String jobId) {
    return feeds.kept(acting, jobId).map(FeedEdit::plan);
  }

  Optional<ChosenPlan> chosen(Acting acting, String jobId, FindEdit edit) {
    return Optional.ofNullable(edit.plan()).or(() -> ofFeed(acting, jobId));
  }

  Optional<PlannedFeed> of(Acting acting, String jobId, FindEdit edit) {
    return chosen(acting, jobId, edit).map(plan -> feeds.planned(acting, plan));
  }

  /** A search that mended something, and its circuit. */
  record Mended(FindEdit edit, PlannedFeed feed) {}

  /** Of some searches those that mended something, by job; without those whose circuit is gone. */
  Map<String, Mended> mended(Acting acting, Map<String, FindEdit> searches) {
    Map<String, FindEdit> mended = new HashMap<>(searches);
    mended.values().removeIf(edit -> edit.mended().isEmpty());
    Collection<String> onTheirFeed =
        mended.keySet().stream().filter(id -> mended.get(id).plan() == null).toList();
    Map<String, FeedEdit> own =
        sheets.ofJobs(acting, onTheirFeed, JobDocument.FEED, FeedEdit.class);
    Map<String, Mended> found = new HashMap<>();
    mended.forEach(
        (id, edit) ->
            Optional.ofNullable(edit.plan())
                .or(() -> Optional.ofNullable(own.get(id)).map(FeedEdit::plan))
                .flatMap(plan -> ifThere(acting, plan))
                .ifPresent(feed -> found.put(id, new Mended(edit, feed))));
    return found;
  }

  private Optional<PlannedFeed> ifThere(Acting acting, ChosenPlan plan) {
    try {
      return Optional.of(feeds.planned(acting, plan));
    } catch (Refusal gone) {
      return Optional.empty();
    }
  }
}

package mellow.server.find;

import java.util.Optional;
import mellow.core.feed.PlannedFeed;
import mellow.server.feed.FeedEdit;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.feed.service.Feeds;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import org.springframework.stereotype.Component;

/** The circuit that a search is on: the one that was chosen, or the job's own feed. */
@Component
class SearchedFeeds {
  private final Feeds feeds;

  SearchedFeeds(Feeds feeds) {
    this.feeds = feeds;
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

  /** The same; empty also where the circuit is not there any more. */
  Optional<PlannedFeed> ifThere(Acting acting, String jobId, FindEdit edit) {
    try {
      return of(acting, jobId, edit);
    } catch (Refusal gone) {
      return Optional.empty();
    }
  }
}

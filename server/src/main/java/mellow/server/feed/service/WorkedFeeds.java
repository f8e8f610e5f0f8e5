package mellow.server.feed.service;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.JointPlan;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.feed.sheet.FeedWork;
import mellow.core.finding.Finding;
import mellow.core.proof.PlanProof;
import mellow.core.vehicle.MarkFamily;
import org.springframework.stereotype.Component;

/**
 * What was worked out of the feeds that were asked for last. Every page of a job and the yard ask
 * for it, and it depends on nothing but what it is asked with.
 */
@Component
class WorkedFeeds {
  /** Jobs that are open at one time in a large shop, and what is tried in them. */
  private static final int KEPT = 64;

  private final Cache<Asked, PlannedFeed> planned = cache();
  private final Cache<PlannedFeed, PlanProof> proofs = cache();
  private final Cache<Judging, Judged> judged = cache();

  private record Asked(
      FeedPlan plan,
      List<JointPlan.Beside> beside,
      Map<String, String> answers,
      Map<String, Map<String, String>> changes) {}

  private record Judging(FeedWork work, Optional<MarkFamily> market) {}

  /** The sheet of a feed, and all that is said of it. */
  record Judged(FeedSheet sheet, List<Finding> findings) {}

  private static <K, V> Cache<K, V> cache() {
    return Caffeine.newBuilder().maximumSize(KEPT).build();
  }

  /**
   * A plan and those beside it, answered and changed.
   *
   * @throws FeedProblem where an answer or a change cannot be
   */
  PlannedFeed planned(
      FeedPlan plan,
      List<JointPlan.Beside> beside,
      Map<String, String> answers,
      Map<String, Map<String, String>> changes)
      throws FeedProblem {
    Asked asked = new Asked(plan, List.copyOf(beside), answers, changes);
    PlannedFeed known = planned.getIfPresent(asked);
    if (known == null) {
      known = PlannedFeed.of(JointPlan.of(plan, beside), answers, changes);
      planned.put(asked, known);
    }
    return known;
  }

  PlanProof proof(PlannedFeed feed) {
    return proofs.get(feed, PlanProof::of);
  }

  /**
   * A feed judged.
   *
   * @throws FeedProblem where its circuit cannot be solved
   */
  Judged judged(FeedWork work, Optional<MarkFamily> market) throws FeedProblem {
    Judging judging = new Judging(work, market);
    Judged known = judged.getIfPresent(judging);
    if (known == null) {
      FeedSheet sheet = FeedSheet.of(work.feed(), market);
      known = new Judged(sheet, work.all(sheet));
      judged.put(judging, known);
    }
    return known;
  }
}

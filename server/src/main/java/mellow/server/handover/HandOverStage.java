package mellow.server.handover;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.server.job.JobFacts;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import org.springframework.stereotype.Component;

/** That jobs were handed over, for the yard and for the strip. */
@Component
class HandOverStage implements StageReporter {
  private static final Source RECORD = Source.derived(HandoverWords.srcRecord());

  private final HandOverStore store;

  HandOverStage(HandOverStore store) {
    this.store = store;
  }

  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> jobs) {
    Map<String, List<StageStanding>> standings = new HashMap<>();
    for (String id :
        store.closed(acting.shopId(), jobs.stream().map(facts -> facts.job().id()).toList())) {
      standings.put(
          id,
          List.of(
              StageStanding.of(
                  Stage.HAND_OVER,
                  true,
                  List.of(
                      Finding.plain(
                          FindingKey.of("hand-over.closed"),
                          Verdict.WITHIN,
                          RECORD,
                          HandoverWords.closed())))));
    }
    return standings;
  }
}

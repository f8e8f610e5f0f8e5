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
  private static final List<StageStanding> HANDED_OVER =
      List.of(
          StageStanding.of(
              Stage.HAND_OVER,
              true,
              List.of(
                  Finding.plain(
                      FindingKey.of("hand-over.closed"),
                      Verdict.WITHIN,
                      Source.derived(HandoverWords.srcRecord()),
                      HandoverWords.closed()))));

  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> jobs) {
    Map<String, List<StageStanding>> standings = new HashMap<>();
    for (JobFacts job : jobs) {
      if (job.job().closedAt() != null) {
        standings.put(job.job().id(), HANDED_OVER);
      }
    }
    return standings;
  }
}

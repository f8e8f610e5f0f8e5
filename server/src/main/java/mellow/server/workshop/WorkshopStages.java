package mellow.server.workshop;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.record.WorkLog;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workshop.Around;
import mellow.core.workshop.WorkshopSheet;
import mellow.server.job.JobFacts;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import org.springframework.stereotype.Component;

/** How the workshop's stages of jobs stand, for the yard and for the strip. */
@Component
class WorkshopStages implements StageReporter {
  private final WorkshopJudge judge;

  WorkshopStages(WorkshopJudge judge) {
    this.judge = judge;
  }

  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> jobs) {
    Map<String, WorkLog> logs = judge.logs(jobs.stream().map(facts -> facts.job().id()).toList());
    List<JobFacts> begun =
        jobs.stream().filter(facts -> logs.containsKey(facts.job().id())).toList();
    Map<String, Around> around = judge.around(acting, begun, Optional.empty());
    Map<String, List<StageStanding>> standings = new HashMap<>();
    around.forEach(
        (id, of) -> {
          WorkLog log = logs.get(id);
          WorkshopSheet sheet = new WorkshopSheet(log, of, acting.at());
          List<StageStanding> stages = new ArrayList<>();
          for (Stage stage : WorkLog.STAGES) {
            if (log.isBegun(stage)) {
              stages.add(standing(stage, sheet));
            }
          }
          standings.put(id, stages);
        });
    return standings;
  }

  /** A stage is open while a finding is, or a step is left. */
  static StageStanding standing(Stage stage, WorkshopSheet sheet) {
    List<Finding> findings = sheet.findings(stage);
    StageStanding standing = StageStanding.of(stage, true, findings);
    if (standing.next().isPresent() || sheet.steps(stage).isDone()) {
      return standing;
    }
    return new StageStanding(
        stage,
        true,
        findings,
        sheet.steps(stage).lines().stream()
            .filter(line -> line.mark().isEmpty())
            .findFirst()
            .map(
                line ->
                    new StageStanding.Open(
                        Verdict.NOT_KNOWN, WorkshopWords.nextStep(line.words()))));
  }
}

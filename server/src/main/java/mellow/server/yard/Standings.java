package mellow.server.yard;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.Standing;
import mellow.server.job.JobFacts;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import mellow.server.takein.TakeIns;
import mellow.server.takein.TakeIns.Planned;
import org.springframework.stereotype.Service;

/** Puts together where jobs stand from what each stage's feature knows. */
@Service
public class Standings {
  private final TakeIns takeIns;
  private final List<StageReporter> reporters;

  Standings(TakeIns takeIns, List<StageReporter> reporters) {
    this.takeIns = takeIns;
    this.reporters = reporters;
  }

  /** How the stages of one job stand, as far as that is known, in the order of its plan. */
  public List<StageStanding> stages(Acting acting, JobFacts job) {
    List<StageStanding> stages =
        new ArrayList<>(
            known(acting, List.of(job), takeIns.planned(acting, List.of(job)))
                .getOrDefault(job.job().id(), List.of()));
    stages.sort(Comparator.comparing(StageStanding::stage));
    return stages;
  }

  private Map<String, List<StageStanding>> known(
      Acting acting, List<JobFacts> jobs, Map<String, Planned> planned) {
    Map<String, List<StageStanding>> known = new HashMap<>();
    planned.forEach((id, plan) -> known.put(id, new ArrayList<>(plan.takeIn())));
    for (StageReporter reporter : reporters) {
      reporter
          .standings(acting, jobs)
          .forEach((id, more) -> known.computeIfAbsent(id, key -> new ArrayList<>()).addAll(more));
    }
    return known;
  }

  /** By the job's id. */
  Map<String, Standing> of(Acting acting, List<JobFacts> jobs) {
    Map<String, Planned> planned = takeIns.planned(acting, jobs);
    Map<String, List<StageStanding>> known = known(acting, jobs, planned);
    Map<String, Standing> standings = new HashMap<>();
    planned.forEach((id, plan) -> standings.put(id, Standing.of(plan.stages(), known.get(id))));
    return standings;
  }
}

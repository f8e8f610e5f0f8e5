package mellow.server.yard;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.Standing;
import mellow.server.job.JobFacts;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import mellow.server.takein.TakeIns;
import mellow.server.takein.TakeIns.Planned;
import org.jooq.exception.DataAccessException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** Puts together where jobs stand from what each stage's feature knows. */
@Service
public class Standings {
  private static final Logger LOG = LoggerFactory.getLogger(Standings.class);

  private static final Standing UNREADABLE =
      Standing.of(
          List.of(Stage.TAKE_IN, Stage.HAND_OVER),
          List.of(
              new StageStanding(
                  Stage.TAKE_IN,
                  true,
                  List.of(),
                  Optional.of(
                      new StageStanding.Open(
                          Verdict.OUT,
                          Sentence.of(
                              "Something kept of this job cannot be read: export it, and show it to"
                                  + " whoever looks after the product"))))));

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

  /** By the job's id. What is kept of a job and cannot be read hides no other one. */
  Map<String, Standing> of(Acting acting, List<JobFacts> jobs) {
    try {
      return read(acting, jobs);
    } catch (RuntimeException one) {
      if (isOfTheDatabase(one)) {
        throw one;
      }
    }
    Map<String, Standing> standings = new HashMap<>();
    for (JobFacts job : jobs) {
      try {
        standings.putAll(read(acting, List.of(job)));
      } catch (RuntimeException unreadable) {
        if (isOfTheDatabase(unreadable)) {
          throw unreadable;
        }
        LOG.error("Job {} cannot be read", job.job().id(), unreadable);
        standings.put(job.job().id(), UNREADABLE);
      }
    }
    return standings;
  }

  private static boolean isOfTheDatabase(RuntimeException exception) {
    return exception instanceof DataAccessException
        || exception instanceof org.springframework.dao.DataAccessException
        || exception instanceof TransactionException;
  }

  private Map<String, Standing> read(Acting acting, List<JobFacts> jobs) {
    Map<String, Planned> planned = takeIns.planned(acting, jobs);
    Map<String, List<StageStanding>> known = known(acting, jobs, planned);
    Map<String, Standing> standings = new HashMap<>();
    planned.forEach((id, plan) -> standings.put(id, Standing.of(plan.stages(), known.get(id))));
    return standings;
  }
}

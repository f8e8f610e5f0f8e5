package mellow.server.yard;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.effort.Effort;
import mellow.core.effort.TooMuch;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.logbook.Logbook;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.Standing;
import mellow.server.job.JobFacts;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import mellow.server.platform.EarlierMoment;
import mellow.server.takein.TakeIns;
import mellow.server.takein.TakeIns.Planned;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.VehicleView;
import org.jooq.exception.DataAccessException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** Puts together where jobs stand from what each stage's feature knows. */
@Service
public class Standings {
  private static final Logger LOG = LoggerFactory.getLogger(Standings.class);

  private static final Standing UNREADABLE = untold(YardWords.unreadable());

  private static final Standing TOO_MUCH = untold(YardWords.tooMuch());

  private static Standing untold(Sentence why) {
    StageStanding.Open open = new StageStanding.Open(Verdict.OUT, why);
    return Standing.of(
        List.of(Stage.TAKE_IN, Stage.HAND_OVER),
        List.of(new StageStanding(Stage.TAKE_IN, true, List.of(), Optional.of(open))));
  }

  /** Cures end and rules are confirmed without touching a job. */
  private static final Duration FRESH = Duration.ofSeconds(20);

  private static final int KEPT = 2_000;

  /** The work that one job may take, and all of a page together. */
  private static final Duration ONE = Duration.ofSeconds(1);

  private static final Duration ALL = Duration.ofSeconds(5);

  private final Cache<Seen, Standing> kept =
      Caffeine.newBuilder().maximumSize(KEPT).expireAfterWrite(FRESH).build();

  /** Of what a standing is worked out. */
  private record Seen(
      String shopId,
      String jobId,
      Instant touchedAt,
      VehicleView vehicle,
      List<AdjusterView> adjusters,
      Logbook bayLog,
      List<String> rules) {

    static Seen of(Acting acting, JobFacts facts) {
      return new Seen(
          acting.shopId(),
          facts.job().id(),
          facts.job().touchedAt(),
          facts.vehicle(),
          facts.adjusters(),
          facts.bayLog(),
          facts.book().all().stream().map(set -> set.id() + " " + set.version()).toList());
    }
  }

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

  /**
   * By the job's id, as it was worked out last where nothing of the job has changed since. What is
   * kept of a job and cannot be read hides no other one.
   */
  Map<String, Standing> of(Acting acting, List<JobFacts> jobs) {
    if (EarlierMoment.asked().isPresent()) {
      return workedOut(acting, jobs);
    }
    Map<String, Standing> standings = new HashMap<>();
    List<JobFacts> changed = new ArrayList<>();
    for (JobFacts job : jobs) {
      Standing known = kept.getIfPresent(Seen.of(acting, job));
      if (known == null) {
        changed.add(job);
      } else {
        standings.put(job.job().id(), known);
      }
    }
    if (!changed.isEmpty()) {
      Map<String, Standing> worked = workedOut(acting, changed);
      changed.forEach(job -> kept.put(Seen.of(acting, job), worked.get(job.job().id())));
      standings.putAll(worked);
    }
    return standings;
  }

  /** Where one job stands. */
  public Standing of(Acting acting, JobFacts job) {
    return of(acting, List.of(job)).get(job.job().id());
  }

  /** Whether all that is kept of a job can be read. */
  public boolean canBeRead(Acting acting, JobFacts job) {
    return isReadable(of(acting, job));
  }

  static boolean isReadable(Standing standing) {
    return standing != UNREADABLE;
  }

  private Map<String, Standing> workedOut(Acting acting, List<JobFacts> jobs) {
    try {
      return Effort.within(ALL, () -> read(acting, jobs));
    } catch (RuntimeException one) {
      if (isOfTheDatabase(one)) {
        throw one;
      }
    }
    Map<String, Standing> standings = new HashMap<>();
    for (JobFacts job : jobs) {
      try {
        standings.putAll(Effort.within(ONE, () -> read(acting, List.of(job))));
      } catch (TooMuch work) {
        standings.put(job.job().id(), TOO_MUCH);
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

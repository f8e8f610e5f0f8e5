package mellow.server.job;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import mellow.core.record.JobDocument;
import mellow.core.workflow.StageStanding;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.sheet.Revision;
import mellow.server.sheet.Sheets;
import org.springframework.stereotype.Service;

/** Keeps documents of jobs: the job is held meanwhile, and goes to the top of the yard. */
@Service
public class JobSheets {
  private final Jobs jobs;
  private final Sheets sheets;

  JobSheets(Jobs jobs, Sheets sheets) {
    this.jobs = jobs;
    this.sheets = sheets;
  }

  /** How the stage of such documents stands in those of the jobs that have one. */
  public <T> Map<String, List<StageStanding>> standings(
      Acting acting,
      Collection<JobFacts> jobs,
      JobDocument kind,
      Class<T> type,
      BiFunction<T, JobFacts, StageStanding> judge) {
    Map<String, T> kept =
        sheets.ofJobs(acting, jobs.stream().map(facts -> facts.job().id()).toList(), kind, type);
    Map<String, List<StageStanding>> standings = new HashMap<>();
    for (JobFacts facts : jobs) {
      String id = facts.job().id();
      if (kept.containsKey(id)) {
        standings.put(id, List.of(judge.apply(kept.get(id), facts)));
      }
    }
    return standings;
  }

  /**
   * Keeps what its keeper was sent, made on a version of it, within the caller's transaction.
   *
   * @param stale the refusal where somebody else changed it meanwhile
   * @return whether it was changed; a repeated request changes nothing
   */
  public <T extends Record> boolean keep(
      Acting acting,
      String jobId,
      KeptAtEachChange<T> keeper,
      int version,
      T content,
      Supplier<Refusal> stale) {
    T before = keeper.before(acting, jobId);
    return keep(acting, jobId, new Revision<>(keeper.document(), version, content, before), stale);
  }

  /**
   * Keeps a document made on the version that it names, within the caller's transaction.
   *
   * @param stale the refusal where somebody else changed it meanwhile
   * @return whether it was changed; a repeated request changes nothing
   */
  public boolean keep(Acting acting, String jobId, Revision<?> revision, Supplier<Refusal> stale) {
    boolean closed = jobs.holdEvenClosed(acting, jobId);
    boolean changed = sheets.keep(acting, jobId, revision, () -> Jobs.refuseWhere(closed), stale);
    if (changed) {
      jobs.touch(acting, jobId);
    }
    return changed;
  }
}

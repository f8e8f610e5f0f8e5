package mellow.server.workshop;

import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.formats.StepBook;
import mellow.core.lens.LensReading;
import mellow.core.proof.Mended;
import mellow.core.proof.ProofSheet;
import mellow.core.record.JobRecord;
import mellow.core.record.WorkLog;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.schedule.Plan;
import mellow.core.workshop.Around;
import mellow.core.workshop.WiredFeed;
import mellow.server.feed.service.Feeds;
import mellow.server.job.JobFacts;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import mellow.server.record.Records;
import mellow.server.takein.TakeIns;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Gathers what was written down of jobs, and what is around it. */
@Component
class WorkshopJudge {
  private static final WorkLog NOTHING = new WorkLog(JobRecord.EMPTY);

  private final Records records;
  private final TakeIns takeIns;
  private final Feeds feeds;
  private final Mendings mendings;

  /** Asked for late: the workshop is one of them. */
  private final ObjectProvider<StageReporter> reporters;

  WorkshopJudge(
      Records records,
      TakeIns takeIns,
      Feeds feeds,
      Mendings mendings,
      ObjectProvider<StageReporter> reporters) {
    this.records = records;
    this.takeIns = takeIns;
    this.feeds = feeds;
    this.mendings = mendings;
    this.reporters = reporters;
  }

  /** What was written down, by job; a job without a line is left out. */
  Map<String, WorkLog> logs(Collection<String> jobIds) {
    Map<String, WorkLog> logs = new LinkedHashMap<>();
    records
        .ofWork(jobIds)
        .forEach(
            (id, record) -> {
              WorkLog log = new WorkLog(record);
              if (!log.isEmpty()) {
                logs.put(id, log);
              }
            });
    return logs;
  }

  WorkLog log(String jobId) {
    return logs(List.of(jobId)).getOrDefault(jobId, NOTHING);
  }

  /**
   * What is around some jobs, by job.
   *
   * @param plan of the one job whose page is made, with expected minutes; else made without them
   */
  Map<String, Around> around(Acting acting, List<JobFacts> jobs, Optional<Plan> plan) {
    return around(acting, jobs, plan, others(acting, jobs));
  }

  /** How the proofs of some jobs stand, by job; of those in which anything was tried. */
  Map<String, ProofSheet> proofs(Acting acting, Collection<JobFacts> jobs) {
    Map<String, ProofSheet> proofs = new LinkedHashMap<>();
    Map<String, WorkLog> logs = logs(jobs.stream().map(facts -> facts.job().id()).toList());
    List<JobFacts> tried =
        jobs.stream()
            .filter(facts -> logs.containsKey(facts.job().id()))
            .filter(facts -> logs.get(facts.job().id()).hasProofs())
            .toList();
    around(acting, tried, Optional.empty(), Map.of())
        .forEach(
            (id, around) -> {
              WorkLog log = logs.get(id);
              proofs.put(id, ProofSheet.of(around.proofs(log.ledger()), log.proofEvents()));
            });
    return proofs;
  }

  private Map<String, Around> around(
      Acting acting,
      List<JobFacts> jobs,
      Optional<Plan> plan,
      Map<String, Map<Stage, StageStanding>> others) {
    Map<String, Around> around = new LinkedHashMap<>();
    if (jobs.isEmpty()) {
      return around;
    }
    Map<String, TakeIn> taken = takeIns.takenIn(acting, jobs);
    Map<String, WiredFeed> wired =
        feeds.wired(acting, jobs.stream().map(facts -> facts.job().id()).toList());
    Map<String, Mended> mended =
        mendings.of(acting, jobs.stream().map(facts -> facts.job().id()).toList());
    for (JobFacts facts : jobs) {
      String id = facts.job().id();
      TakeIn takeIn = taken.get(id);
      around.put(
          id,
          new Around(
              takeIn,
              plan.orElseGet(() -> Plan.of(takeIn, StepBook.all(), List.of())),
              Optional.ofNullable(wired.get(id)),
              Optional.ofNullable(facts.vehicle().lensDipped())
                  .map(LensReading::of)
                  .filter(LensReading::isDischarge)
                  .isPresent(),
              Optional.ofNullable(mended.get(id)),
              others.getOrDefault(id, Map.of())));
    }
    return around;
  }

  private Map<String, Map<Stage, StageStanding>> others(Acting acting, List<JobFacts> jobs) {
    Map<String, Map<Stage, StageStanding>> others = new HashMap<>();
    reporters.stream()
        .filter(reporter -> !(reporter instanceof WorkshopStages))
        .forEach(
            reporter ->
                reporter
                    .standings(acting, jobs)
                    .forEach(
                        (id, standings) ->
                            standings.forEach(
                                one ->
                                    others
                                        .computeIfAbsent(id, key -> new EnumMap<>(Stage.class))
                                        .put(one.stage(), one))));
    return others;
  }
}

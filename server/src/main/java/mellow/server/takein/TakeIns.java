package mellow.server.takein;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.aim.Adjuster;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.formats.StepBook;
import mellow.core.record.JobDocument;
import mellow.core.workflow.SinceThen;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.schedule.Plan;
import mellow.core.workflow.schedule.TakeInFindings;
import mellow.server.job.JobBrief;
import mellow.server.job.JobFacts;
import mellow.server.job.JobSheets;
import mellow.server.job.Jobs;
import mellow.server.job.KeptAtEachChange;
import mellow.server.platform.Acting;
import mellow.server.record.Differences;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Revision;
import mellow.server.sheet.Sheets;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.Vehicles;
import mellow.server.wire.FindingView;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps how a vehicle was taken in and what its job found; makes the plan. */
@Service
public class TakeIns implements KeptAtEachChange<TakeInEdit> {
  private final Jobs jobs;
  private final Vehicles vehicles;
  private final Sheets sheets;
  private final JobSheets jobSheets;
  private final PastJobs past;
  private final List<StageGuard> guards;

  /** Asked for late: the workshop, which knows of it, asks how vehicles were taken in. */
  private final ObjectProvider<SeenSince> seen;

  TakeIns(
      Jobs jobs,
      Vehicles vehicles,
      Sheets sheets,
      JobSheets jobSheets,
      PastJobs past,
      List<StageGuard> guards,
      ObjectProvider<SeenSince> seen) {
    this.jobs = jobs;
    this.vehicles = vehicles;
    this.sheets = sheets;
    this.jobSheets = jobSheets;
    this.past = past;
    this.guards = guards;
    this.seen = seen;
  }

  /** The page of the stage. */
  public TakeInPage page(Acting acting, String jobId) {
    JobBrief job = jobs.brief(acting, jobId);
    Optional<Kept<TakeInEdit>> kept =
        sheets.of(acting, jobId, JobDocument.TAKE_IN, TakeInEdit.class);
    Optional<Kept<FoundEdit>> found = sheets.of(acting, jobId, JobDocument.FOUND, FoundEdit.class);
    TakeInEdit edit = kept.map(Kept::content).orElse(TakeInEdit.NOTHING);
    TakeIn takeIn = edit.core(reachableClosed(job), jobs.stanceNoted(jobId));
    return new TakeInPage(
        job.job(),
        job.vehicle(),
        kept.map(Kept::version).orElse(0),
        edit,
        kept.map(Kept::changedBy).orElse(""),
        kept.map(Kept::changedAt).orElse(null),
        PlanView.of(
            Plan.of(takeIn, StepBook.all(), past.timed(acting, jobId)),
            takeIn,
            waiting(acting, jobId)),
        findings(acting, jobs.facts(acting, jobId)).stream().map(FindingView::of).toList(),
        past.like(acting, job, edit.kinds()),
        found.map(Kept::version).orElse(0),
        found.map(Kept::content).orElse(FoundEdit.NOTHING),
        found.map(Kept::changedBy).orElse(""));
  }

  private List<Finding> findings(Acting acting, JobFacts facts) {
    return TakeInFindings.of(takenInNow(acting, facts), since(acting, facts));
  }

  /** What of a job was wrong when it came, and works now, in words. */
  public List<Sentence> mended(Acting acting, JobFacts facts) {
    return TakeInFindings.mended(takenInNow(acting, facts), since(acting, facts)).stream()
        .map(Finding::headline)
        .toList();
  }

  private TakeIn takenInNow(Acting acting, JobFacts facts) {
    return Objects.requireNonNull(takenIn(acting, List.of(facts)).get(facts.job().id()));
  }

  private SinceThen since(Acting acting, JobFacts facts) {
    return since(facts, working(acting, List.of(facts)));
  }

  private Map<String, Set<SinceThen.Lamp>> working(Acting acting, Collection<JobFacts> jobs) {
    Map<String, Set<SinceThen.Lamp>> working = new LinkedHashMap<>();
    seen.forEach(one -> working.putAll(one.working(acting, jobs)));
    return working;
  }

  private static SinceThen since(JobFacts facts, Map<String, Set<SinceThen.Lamp>> working) {
    return new SinceThen(
        working.getOrDefault(facts.job().id(), Set.of()), facts.log().readSinceStance());
  }

  /** The plans' stages of some jobs, by job, and how the taking in stands. */
  public Map<String, Planned> planned(Acting acting, Collection<JobFacts> jobs) {
    Map<String, TakeInEdit> kept =
        sheets.ofJobs(
            acting,
            jobs.stream().map(facts -> facts.job().id()).toList(),
            JobDocument.TAKE_IN,
            TakeInEdit.class);
    Map<String, Set<SinceThen.Lamp>> working =
        working(acting, jobs.stream().filter(facts -> kept.containsKey(facts.job().id())).toList());
    return jobs.stream()
        .collect(
            Collectors.toMap(
                facts -> facts.job().id(),
                facts -> planned(kept.get(facts.job().id()), facts, since(facts, working))));
  }

  /** How the vehicles of some jobs were taken in, by job. */
  public Map<String, TakeIn> takenIn(Acting acting, Collection<JobFacts> jobs) {
    Map<String, TakeInEdit> kept =
        sheets.ofJobs(
            acting,
            jobs.stream().map(facts -> facts.job().id()).toList(),
            JobDocument.TAKE_IN,
            TakeInEdit.class);
    return jobs.stream()
        .collect(
            Collectors.toMap(
                facts -> facts.job().id(), facts -> takenIn(kept.get(facts.job().id()), facts)));
  }

  /** What some jobs noted of fasteners that are hidden or odd, by job. */
  public Map<String, List<String>> oddFasteners(Acting acting, Collection<String> jobIds) {
    Map<String, List<String>> noted = new LinkedHashMap<>();
    sheets
        .ofJobs(acting, jobIds, JobDocument.FOUND, FoundEdit.class)
        .forEach(
            (id, found) ->
                noted.put(
                    id,
                    found.notes().stream()
                        .filter(
                            note ->
                                note.about() == FoundEdit.About.HIDDEN_BOLT
                                    || note.about() == FoundEdit.About.ODD_FASTENER)
                        .map(FoundEdit.Note::words)
                        .toList()));
    return noted;
  }

  /** The plan of a job, with the minutes that earlier ones took. */
  public Plan plan(Acting acting, String jobId, TakeIn takeIn) {
    return Plan.of(takeIn, StepBook.all(), past.timed(acting, jobId));
  }

  private static TakeIn takenIn(@Nullable TakeInEdit kept, JobFacts facts) {
    boolean stanceNoted =
        !facts.log().stance(OptionalDouble.empty(), OptionalDouble.empty()).isUnchanged();
    return (kept == null ? TakeInEdit.NOTHING : kept)
        .core(reachableClosed(facts.adjusters()), stanceNoted);
  }

  private static Planned planned(@Nullable TakeInEdit kept, JobFacts facts, SinceThen since) {
    TakeIn takeIn = takenIn(kept, facts);
    return new Planned(
        Plan.stages(takeIn),
        kept == null
            ? List.of()
            : List.of(StageStanding.of(Stage.TAKE_IN, true, TakeInFindings.of(takeIn, since))));
  }

  /**
   * A job's plan in short.
   *
   * @param takeIn how the stage "Take in" stands; empty while nothing was kept
   */
  public record Planned(List<Stage> stages, List<StageStanding> takeIn) {}

  private Map<Stage, List<String>> waiting(Acting acting, String jobId) {
    Map<Stage, List<String>> waiting = new EnumMap<>(Stage.class);
    for (StageGuard guard : guards) {
      guard
          .waiting(acting, jobId)
          .forEach(
              (stage, what) ->
                  waiting.computeIfAbsent(stage, none -> new ArrayList<>()).addAll(what));
    }
    return waiting;
  }

  /** As long as nobody found out, an adjuster counts as reachable. */
  private boolean reachableClosed(JobBrief job) {
    String id = job.vehicle().id();
    return reachableClosed(vehicles.adjusters(List.of(id)).getOrDefault(id, List.of()));
  }

  private static boolean reachableClosed(List<AdjusterView> screws) {
    return screws.stream().noneMatch(screw -> screw.reach() == Adjuster.Reach.FRONT_OPEN_ONLY);
  }

  @Override
  public JobDocument document() {
    return JobDocument.TAKE_IN;
  }

  @Override
  public TakeInEdit before(Acting acting, String jobId) {
    return TakeInEdit.NOTHING;
  }

  /** Keeps how the vehicle was taken in. */
  @Transactional
  public TakeInPage put(Acting acting, String jobId, int version, TakeInEdit edit) {
    edit.core(true, false);
    jobSheets.keep(
        acting,
        jobId,
        this,
        version,
        edit,
        () -> {
          TakeInPage current = page(acting, jobId);
          return Differences.stale(current.changedBy(), current, current.takeIn(), edit);
        });
    return page(acting, jobId);
  }

  /** Keeps what the job found. */
  @Transactional
  public TakeInPage putFound(Acting acting, String jobId, int version, FoundEdit edit) {
    jobSheets.keep(
        acting,
        jobId,
        new Revision<>(JobDocument.FOUND, version, edit, FoundEdit.NOTHING),
        () -> {
          TakeInPage current = page(acting, jobId);
          return Differences.stale(current.foundBy(), current, current.found(), edit);
        });
    return page(acting, jobId);
  }
}

package mellow.server.find;

import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleSupplier;
import java.util.stream.IntStream;
import mellow.core.circuit.Circuit;
import mellow.core.fault.Check;
import mellow.core.fault.Shown;
import mellow.core.fault.SimulatedVehicle;
import mellow.core.feed.DrivingState;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Verdict;
import mellow.core.formats.StepBook;
import mellow.core.hunt.Experience;
import mellow.core.hunt.Hunt;
import mellow.core.hunt.Reach;
import mellow.core.hunt.Tool;
import mellow.core.record.Fact;
import mellow.core.record.JobDocument;
import mellow.core.record.JobRecord;
import mellow.core.record.Line;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.Step;
import mellow.server.feed.FeedView;
import mellow.server.feed.service.Feeds;
import mellow.server.job.JobBrief;
import mellow.server.job.JobFacts;
import mellow.server.job.JobSheets;
import mellow.server.job.Jobs;
import mellow.server.job.KeptAtEachChange;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import mellow.server.record.Records;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import mellow.server.standin.SimulatedMeter;
import mellow.server.wire.CautionView;
import mellow.server.workshop.CheckEdit.ShownEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a hunt for a fault stands on, and makes its page. */
@Service
public class Finds implements StageReporter, KeptAtEachChange<FindEdit> {
  /** Battery, sharp edges, ballasts: what may hurt whoever probes. */
  private static final Set<Stage> CAUTIONED = Set.of(Stage.FEED, Stage.PROVE);

  private final Jobs jobs;
  private final Sheets sheets;
  private final JobSheets jobSheets;
  private final Records records;
  private final Feeds feeds;
  private final CheckTables tables;
  private final SearchedFeeds searchedFeeds;
  private final FoundBefore before;
  private final SimulatedVehicles vehicles;
  private final SimulatedMeter meter;

  Finds(
      Jobs jobs,
      Sheets sheets,
      JobSheets jobSheets,
      Records records,
      Feeds feeds,
      CheckTables tables,
      SearchedFeeds searchedFeeds,
      FoundBefore before,
      SimulatedVehicles vehicles,
      SimulatedMeter meter) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.jobSheets = jobSheets;
    this.records = records;
    this.feeds = feeds;
    this.tables = tables;
    this.searchedFeeds = searchedFeeds;
    this.before = before;
    this.vehicles = vehicles;
    this.meter = meter;
  }

  /** The page of the stage. */
  public FindPage page(Acting acting, String jobId) {
    JobBrief job = jobs.brief(acting, jobId);
    Optional<Kept<FindEdit>> kept = sheets.of(acting, jobId, JobDocument.FIND, FindEdit.class);
    FindEdit edit = kept.map(Kept::content).orElse(FindEdit.NOTHING);
    boolean live = feeds.isLive(acting, jobId);
    FoundBefore.Found found = before.of(acting, job);
    return new FindPage(
        job.job(),
        job.vehicle(),
        kept.map(Kept::version).orElse(0),
        edit,
        kept.map(Kept::changedBy).orElse(""),
        kept.map(Kept::changedAt).orElse(null),
        feeds.circuits(acting).stream().map(FeedView.PlanBrief::of).toList(),
        searchedFeeds.ofFeed(acting, jobId).isPresent(),
        searchedFeeds.chosen(acting, jobId, edit).orElse(null),
        live,
        found.view(),
        Arrays.stream(Reach.values()).map(FindPage.ReachWords::of).toList(),
        Arrays.stream(Tool.values()).map(FindPage.ToolWords::of).toList(),
        searchedFeeds
            .of(acting, jobId, edit)
            .map(feed -> view(feed, edit, found.experience(), live, record(jobId)))
            .orElse(null),
        cautions());
  }

  private static List<CautionView> cautions() {
    return StepBook.all().stream()
        .filter(step -> CAUTIONED.contains(step.stage()))
        .map(Step::cautions)
        .flatMap(List::stream)
        .distinct()
        .map(CautionView::of)
        .toList();
  }

  private JobRecord record(String jobId) {
    return records.ofWork(List.of(jobId)).getOrDefault(jobId, JobRecord.EMPTY);
  }

  private HuntView view(
      PlannedFeed feed, FindEdit edit, Experience experience, boolean live, JobRecord record) {
    List<Line> lines = checked(record);
    Hunt hunt =
        Hunt.of(
            new Hunt.Case(feed, edit.lately(), experience, edit.atHand(live)),
            tables.of(feed, live),
            lines.stream()
                .filter(line -> !edit.linesBefore().contains(line.id()))
                .map(line -> new Hunt.Moment(line.id(), ((Fact.Checked) line.fact()).shown()))
                .toList());
    return new HuntViews(hunt, feed, lines, edit.linesBefore()).view(feeds.drawn(feed));
  }

  private static List<Line> checked(JobRecord record) {
    return record.living().stream().filter(line -> line.fact() instanceof Fact.Checked).toList();
  }

  /** What the job's simulated vehicle shows at one moment; the simulated meter is put there too. */
  public List<ShownEdit> simulated(Acting acting, String jobId, List<ShownEdit> asked) {
    PlannedFeed feed = searchedOrRefuse(acting, jobId);
    List<DrivingState> states = feed.plan().states();
    List<Check> checks = checks(feed, asked.stream().map(ShownEdit::core).toList());
    List<Double> values = vehicle(acting, jobId, feed).show(checks);
    for (int i = 0; i < values.size(); i++) {
      double shown = values.get(i);
      put(checks.get(i), () -> shown);
    }
    return IntStream.range(0, values.size())
        .mapToObj(i -> ShownEdit.of(Shown.of(checks.get(i), states, values.get(i))))
        .toList();
  }

  /** Puts the simulated meter where a check says, for as long as nobody puts it elsewhere. */
  void probe(Acting acting, String jobId, ShownEdit asked) {
    PlannedFeed feed = searchedOrRefuse(acting, jobId);
    put(vehicle(acting, jobId, feed), check(feed, asked.core()));
  }

  /** Puts the simulated meter on the job's own feed, whatever circuit is searched. */
  void probeFeed(Acting acting, String jobId, DrivingState state, boolean amperes, String place) {
    jobs.brief(acting, jobId);
    FindEdit edit = kept(acting, jobId).orElse(FindEdit.NOTHING);
    PlannedFeed feed =
        searchedFeeds
            .ofFeed(acting, jobId)
            .map(plan -> feeds.planned(acting, plan))
            .orElseThrow(() -> Refusal.unprocessable("plan", FindWords.noCircuitYet()));
    Shown asked =
        amperes
            ? new Shown(Shown.Kind.AMPS, Optional.of(state), place, "", "", "", 0)
            : new Shown(Shown.Kind.VOLTS, Optional.of(state), "", place, Circuit.GROUND, "", 0);
    // what was mended is named as on the circuit that was searched
    boolean isSearched = edit.plan() == null;
    SimulatedVehicle vehicle = vehicles.of(jobId, feed);
    put(isSearched ? vehicle.mended(edit.mended()) : vehicle, check(feed, asked));
  }

  private void put(SimulatedVehicle vehicle, Check check) {
    SimulatedVehicle.Moment moment = vehicle.moment(check.condition());
    put(check, () -> moment.show(check));
  }

  /** As it stands after what was mended on it. */
  private SimulatedVehicle vehicle(Acting acting, String jobId, PlannedFeed feed) {
    return vehicles.of(jobId, feed).mended(kept(acting, jobId).orElse(FindEdit.NOTHING).mended());
  }

  private void put(Check check, DoubleSupplier shown) {
    if (check instanceof Check.Measured) {
      meter.probe(shown);
    } else if (check instanceof Check.Clamped) {
      meter.clamp(shown);
    } else if (check instanceof Check.Resistance) {
      meter.resist(
          () -> {
            double ohms = shown.getAsDouble();
            return ohms >= Check.Resistance.MOST_OHMS ? Double.POSITIVE_INFINITY : ohms;
          });
    }
  }

  private static Check check(PlannedFeed feed, Shown asked) {
    return checks(feed, List.of(asked)).get(0);
  }

  private static List<Check> checks(PlannedFeed feed, List<Shown> shown) {
    if (!Hunt.isOf(feed, shown)) {
      throw Refusal.unprocessable("checks", FindWords.notOfThisCircuit());
    }
    return shown.stream().flatMap(one -> one.check(feed.plan().states()).stream()).toList();
  }

  /** What is wrong with it. */
  List<String> truth(Acting acting, String jobId) {
    return vehicles.of(jobId, searchedOrRefuse(acting, jobId)).truth().stream().sorted().toList();
  }

  private PlannedFeed searchedOrRefuse(Acting acting, String jobId) {
    jobs.brief(acting, jobId);
    return searchedFeeds
        .of(acting, jobId, kept(acting, jobId).orElse(FindEdit.NOTHING))
        .orElseThrow(() -> Refusal.unprocessable("plan", FindWords.noCircuitYet()));
  }

  /**
   * A hunt in words, for paper.
   *
   * @param checks what was checked and what it showed, in turn
   * @param endings how it ended each time; none while it was never ended
   */
  public record Told(String complaint, List<String> checks, List<FindEdit.EndedEdit> endings) {}

  /** A job's hunt in words; empty where none was. */
  public Optional<Told> told(Acting acting, String jobId) {
    List<String> checks = checked(record(jobId)).stream().map(HuntViews::words).toList();
    Optional<FindEdit> edit = kept(acting, jobId);
    return edit.isEmpty() && checks.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Told(
                edit.map(FindEdit::complaint).orElse(""),
                checks,
                edit.map(FindEdit::endings).orElse(List.of())));
  }

  /** What was kept of a job's hunt; empty where nothing was. */
  public Optional<FindEdit> kept(Acting acting, String jobId) {
    return sheets.of(acting, jobId, JobDocument.FIND, FindEdit.class).map(Kept::content);
  }

  @Override
  public JobDocument document() {
    return JobDocument.FIND;
  }

  @Override
  public FindEdit before(Acting acting, String jobId) {
    return FindEdit.NOTHING;
  }

  /** Keeps what a hunt stands on, and answers its page. */
  @Transactional
  public FindPage put(Acting acting, String jobId, int version, FindEdit edit) {
    keep(acting, jobId, version, edit);
    return page(acting, jobId);
  }

  /** Keeps what a hunt stands on. */
  @Transactional
  public void keep(Acting acting, String jobId, int version, FindEdit edit) {
    // before anything is read: a snapshot from before another's change would not see it
    jobs.holdEvenClosed(acting, jobId);
    if (edit.plan() != null) {
      if (!edit.plan().others().isEmpty()) {
        throw Refusal.unprocessable("plan", FindWords.oneCircuitAtATime());
      }
      feeds.planned(acting, edit.plan());
    }
    refuseUnlessSaid(edit);
    jobSheets.keep(acting, jobId, this, version, edit, () -> stale(acting, jobId, edit));
  }

  private static void refuseUnlessSaid(FindEdit edit) {
    FindEdit.EndedEdit ended = edit.ended();
    if (ended == null) {
      return;
    }
    if (ended.how() == FindEdit.Ended.MENDED && ended.parts().isEmpty()) {
      throw Refusal.unprocessable("parts", FindWords.sayWhatItWas());
    }
    if (ended.did().isBlank()) {
      throw Refusal.unprocessable("did", FindWords.sayWhatWasDone());
    }
  }

  private Refusal stale(Acting acting, String jobId, FindEdit mine) {
    FindPage current = page(acting, jobId);
    return Differences.stale(current.changedBy(), current, current.find(), mine);
  }

  /** No circuit is solved for it: the yard asks for all jobs. */
  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> facts) {
    List<String> ids = facts.stream().map(one -> one.job().id()).toList();
    Map<String, FindEdit> kept = sheets.ofJobs(acting, ids, JobDocument.FIND, FindEdit.class);
    Map<String, JobRecord> work = records.ofWork(ids);
    Map<String, List<StageStanding>> standings = new HashMap<>();
    for (String id : ids) {
      FindEdit edit = kept.get(id);
      boolean checked = !checked(work.getOrDefault(id, JobRecord.EMPTY)).isEmpty();
      if (edit != null || checked) {
        standings.put(id, List.of(standing(Optional.ofNullable(edit))));
      }
    }
    return standings;
  }

  private static StageStanding standing(Optional<FindEdit> edit) {
    Optional<FindEdit.EndedEdit> ended = edit.map(FindEdit::ended);
    Optional<StageStanding.Open> open =
        ended.isEmpty()
            ? Optional.of(new StageStanding.Open(Verdict.NOT_KNOWN, FindWords.notFoundYet()))
            : ended.get().how() == FindEdit.Ended.MENDED
                ? Optional.empty()
                : Optional.of(
                    new StageStanding.Open(
                        Verdict.AT_EDGE, FindWords.endedWithout(ended.get().how())));
    return new StageStanding(Stage.FIND, true, List.of(), open);
  }
}

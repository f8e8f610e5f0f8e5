package mellow.server.job;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.function.Supplier;
import mellow.core.entry.Entry;
import mellow.core.entry.InclinationEntry;
import mellow.core.finding.Figure;
import mellow.core.logbook.Logbook;
import mellow.core.record.JobDocument;
import mellow.core.rules.RuleBook;
import mellow.server.aim.SheetView;
import mellow.server.bay.BayView;
import mellow.server.bay.Bays;
import mellow.server.db.tables.records.JobRecord;
import mellow.server.logbook.Logbooks;
import mellow.server.logbook.ReadingEdit;
import mellow.server.logbook.ReadingView;
import mellow.server.logbook.UndoneEdit;
import mellow.server.platform.Acting;
import mellow.server.platform.EarlierMoment;
import mellow.server.platform.Edits;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import mellow.server.record.Owner;
import mellow.server.record.Records;
import mellow.server.rulebook.RuleBooks;
import mellow.server.sheet.DocumentFormat;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.VehicleView;
import mellow.server.vehicle.Vehicles;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.function.SingletonSupplier;

/** Keeps jobs and puts their pages together. */
@Service
public class Jobs {
  private static final Logbook NOTHING_READ = new Logbook(List.of());

  private final JobStore store;
  private final Vehicles vehicles;
  private final Bays bays;
  private final Logbooks logbooks;
  private final RuleBooks books;
  private final Records records;
  private final JobsThen then;
  private final DocumentFormat documents;

  Jobs(
      JobStore store,
      Vehicles vehicles,
      Bays bays,
      Logbooks logbooks,
      RuleBooks books,
      Records records,
      JobsThen then,
      DocumentFormat documents) {
    this.records = records;
    this.then = then;
    this.documents = documents;
    this.store = store;
    this.vehicles = vehicles;
    this.bays = bays;
    this.logbooks = logbooks;
    this.books = books;
  }

  private JobView get(Acting acting, String id) {
    JobView job = store.byId(acting.shopId(), id).map(JobView::of).orElseThrow(Jobs::noSuchJob);
    return then.of(acting, List.of(job)).stream().findFirst().orElseThrow(Jobs::notThereYet);
  }

  private static Refusal notThereYet() {
    return Refusal.notFound(JobWords.notThereYet());
  }

  /** Whether the job had been begun at the moment that the request sees. */
  public boolean isThere(Acting acting, String id) {
    return EarlierMoment.asked().isEmpty() || !records.whole(id).lines().isEmpty();
  }

  private static Refusal noSuchJob() {
    return Refusal.notFound(JobWords.noJob());
  }

  /** Whether the shop has no job at all. */
  public boolean none(String shopId) {
    return store.none(shopId);
  }

  /** The job with its vehicle, or a refusal where it is not this shop's. */
  public JobBrief brief(Acting acting, String id) {
    JobBrief today = store.withVehicle(acting.shopId(), id).orElseThrow(Jobs::noSuchJob);
    if (EarlierMoment.asked().isEmpty()) {
      return today;
    }
    JobView job = get(acting, id);
    return new JobBrief(job, vehicles.get(acting, job.vehicleId()));
  }

  /** Other jobs on vehicles of the same name, the newest first. */
  public List<JobBrief> alike(Acting acting, JobBrief brief, int limit) {
    List<JobView> alike =
        store
            .ofVehiclesNamed(acting.shopId(), brief.vehicle().name(), brief.job().id(), limit)
            .stream()
            .map(JobView::of)
            .toList();
    List<JobView> jobs = then.of(acting, alike);
    Map<String, VehicleView> byId =
        vehicles.byIds(acting, jobs.stream().map(JobView::vehicleId).distinct().toList());
    return jobs.stream().map(job -> new JobBrief(job, byId.get(job.vehicleId()))).toList();
  }

  /**
   * Holds the job until the transaction ends, or refuses where it is not this shop's. Whoever adds
   * something to a job and touches it holds it first, so that two at once wait for each other.
   */
  public void hold(Acting acting, String id) {
    refuseWhere(holdEvenClosed(acting, id));
  }

  /** Refuses what would change a closed job; what was done before it was closed changes nothing. */
  public static void refuseWhere(boolean closed) {
    if (closed) {
      throw Refusal.conflict("job", JobWords.closed());
    }
  }

  /** The same for what may still be added to a job that was handed over; whether it was. */
  public boolean holdEvenClosed(Acting acting, String id) {
    return store.hold(acting.shopId(), id).orElseThrow(Jobs::noSuchJob).closed();
  }

  /** Closes the job: nothing of it changes from now on. */
  public void close(Acting acting, String id) {
    store.close(id, acting.moment());
  }

  /** Whether lift, tyres, load or dial were noted for the job. */
  public boolean stanceNoted(String id) {
    return !Logbooks.living(logbooks.ofJob(id))
        .stance(OptionalDouble.empty(), OptionalDouble.empty())
        .isUnchanged();
  }

  /** Notes that something of the job was just changed: the yard shows it first. */
  public void touch(Acting acting, String id) {
    store.touch(id, acting.moment());
  }

  /** What is known of some jobs, in their order. */
  public List<JobFacts> facts(Acting acting, List<JobView> today) {
    List<JobView> jobs = then.of(acting, today);
    List<String> ids = jobs.stream().map(JobView::id).toList();
    List<String> vehicleIds = jobs.stream().map(JobView::vehicleId).distinct().toList();
    List<String> bayIds =
        jobs.stream().map(JobView::bayId).filter(Objects::nonNull).distinct().toList();
    Map<String, VehicleView> byId = vehicles.byIds(acting, vehicleIds);
    Map<String, List<AdjusterView>> adjusters = vehicles.adjusters(vehicleIds);
    Supplier<Map<String, Logbook>> logs = SingletonSupplier.of(() -> logbooks.livingOfJobs(ids));
    Map<String, Logbook> bayLogs = logbooks.livingOfBays(bayIds);
    RuleBook newest = books.of(acting);
    Map<String, RuleBook> older = books.ofJobs(acting, ids);
    return jobs.stream()
        .map(
            job ->
                new JobFacts(
                    job,
                    byId.get(job.vehicleId()),
                    adjusters.getOrDefault(job.vehicleId(), List.of()),
                    older.getOrDefault(job.id(), newest),
                    () -> logs.get().getOrDefault(job.id(), NOTHING_READ),
                    job.bayId() == null
                        ? NOTHING_READ
                        : bayLogs.getOrDefault(job.bayId(), NOTHING_READ)))
        .toList();
  }

  /** What is known of a job, or a refusal where it is not this shop's. */
  public JobFacts facts(Acting acting, String id) {
    return facts(acting, List.of(get(acting, id))).stream()
        .findFirst()
        .orElseThrow(Jobs::notThereYet);
  }

  /** The whole page of a job. */
  public JobPage page(Acting acting, String id) {
    JobBrief brief = brief(acting, id);
    JobView job = brief.job();
    VehicleView vehicle = brief.vehicle();
    List<AdjusterView> adjusters =
        vehicles.adjusters(List.of(vehicle.id())).getOrDefault(vehicle.id(), List.of());
    Optional<BayView> bay = Optional.ofNullable(job.bayId()).map(of -> bays.get(acting, of));
    RuleBook book = books.ofJob(acting, id);
    List<ReadingView> readings = logbooks.ofJob(id);
    List<ReadingView> bayReadings = bay.map(at -> logbooks.ofBay(at.id())).orElse(List.of());
    Logbook log = Logbooks.living(readings);
    return new JobPage(
        job,
        vehicle,
        adjusters,
        bay.orElse(null),
        readings,
        bayReadings,
        StanceView.of(log, vehicle),
        books.newer(acting, book),
        SheetView.of(log.wall(job.setup(vehicle, adjusters, book), Logbooks.living(bayReadings))));
  }

  /** Adds or changes a job. */
  @Transactional
  public JobPage put(Acting acting, String id, JobEdit edit) {
    String person = acting.personOrRefuse();
    vehicles.get(acting, edit.vehicleId());
    if (edit.bayId() != null) {
      bays.get(acting, edit.bayId());
    }
    RuleBooks.aimSet(books.ofJob(acting, id), edit.ruleSet());
    Double label = labelPercent(edit);
    Optional<JobView> there = store.byId(acting.shopId(), id).map(JobView::of);
    if (there.isPresent() && !there.get().says(edit)) {
      hold(acting, id);
    }
    Edits what =
        Edits.of(
            there.map(JobView::version),
            edit.version(),
            there.map(view -> view.says(edit)).orElse(false));
    what.carryOut(
        () -> store.add(row(acting, person, id, edit, label, 1)),
        () ->
            store.replace(row(acting, person, id, edit, label, edit.version() + 1), edit.version()),
        () -> stale(acting, get(acting, id), edit));
    if (what != Edits.REPEAT) {
      int version = edit.version() + 1;
      records.note(
          acting,
          id,
          JobDocument.SETTINGS.stage(),
          documents.revised(JobDocument.SETTINGS, version, edit),
          "settings " + version);
    }
    books.pin(acting, id, List.of(edit.ruleSet()));
    return page(acting, id);
  }

  private Refusal stale(Acting acting, JobView current, JobEdit mine) {
    return Differences.stale(
        current.changedBy(),
        current,
        current.edit(current.version(), current.vehicleId(), current.bayId()),
        mine,
        id -> bays.name(acting, id).orElse(""));
  }

  /**
   * What labels of low beams say, percent down. Judged: UN R48 sets 1.0 to 2.0 and allows to 3.0.
   */
  private static final double LEAST_LABEL = 0.5;

  private static final double MOST_LABEL = 4;

  /** A label says "1.2 %" and means downwards; a minus says the same. */
  static @org.jspecify.annotations.Nullable Double labelPercent(JobEdit edit) {
    if (edit.labelTyped() == null || edit.labelTyped().isBlank()) {
      return null;
    }
    Entry<Double> entry = InclinationEntry.readPercent(edit.labelTyped());
    if (entry instanceof Entry.Accepted<Double> accepted) {
      return plausible(-Math.abs(accepted.value()));
    }
    Entry.Refused<Double> refused = (Entry.Refused<Double>) entry;
    throw Refusal.unreadable("labelTyped", refused);
  }

  private static double plausible(double percent) {
    if (-percent < LEAST_LABEL || -percent > MOST_LABEL) {
      throw Refusal.unprocessable(
          "labelTyped", JobWords.labelImplausible(Figure.percent(-percent)));
    }
    return percent;
  }

  private JobRecord row(
      Acting acting,
      String person,
      String id,
      JobEdit edit,
      @org.jspecify.annotations.Nullable Double label,
      int version) {
    JobRecord row = new JobRecord();
    row.setId(id);
    row.setShopId(acting.shopId());
    row.setVersion(version);
    row.setVehicleId(edit.vehicleId());
    row.setBayId(edit.bayId());
    row.setWork(edit.work());
    row.setRuleSet(edit.ruleSet());
    row.setTraffic(edit.traffic().name());
    row.setUnits(edit.units().name());
    row.setSchool(edit.school().name());
    row.setLabelTyped(edit.labelTyped());
    row.setLabelPercent(label);
    row.setStanceChanged(edit.stanceChanged());
    row.setFrontClosed(edit.frontClosed());
    row.setMarkEdge(edit.markEdge().name());
    row.setMarkOrigin(edit.markOrigin().name());
    row.setTapeWidthMm(edit.tapeWidthMm());
    row.setChangedBy(person);
    row.setChangedAt(acting.moment());
    row.setTouchedAt(acting.moment());
    return row;
  }

  /** Judges a job by the newest version of one of its sets from now on. */
  @Transactional
  public JobPage takeNewestRules(Acting acting, String id, String setId) {
    hold(acting, id);
    books.takeNewest(acting, id, setId);
    store.touch(id, acting.moment());
    return page(acting, id);
  }

  /** Keeps a reading of a job; answers the job's page as it is then. */
  @Transactional
  public JobPage keep(Acting acting, String jobId, String id, ReadingEdit edit) {
    return changed(
        acting,
        jobId,
        mayChange -> logbooks.keep(acting, new Owner.OfJob(jobId), id, edit, mayChange));
  }

  /** Takes a reading of a job back; answers the job's page as it is then. */
  @Transactional
  public JobPage undo(Acting acting, String jobId, String id, UndoneEdit edit) {
    return changed(
        acting,
        jobId,
        mayChange -> logbooks.undo(acting, new Owner.OfJob(jobId), id, edit, mayChange));
  }

  private JobPage changed(Acting acting, String jobId, Predicate<Runnable> change) {
    boolean closed = holdEvenClosed(acting, jobId);
    if (change.test(() -> refuseWhere(closed))) {
      store.touch(jobId, acting.moment());
    }
    return page(acting, jobId);
  }
}

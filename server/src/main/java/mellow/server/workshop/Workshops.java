package mellow.server.workshop;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import mellow.core.entry.DurationEntry;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.ProofList;
import mellow.core.retrofit.LensLadder;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer.State;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StepLine;
import mellow.core.workflow.WorkedMinutes;
import mellow.core.workflow.ledger.AccessMoved;
import mellow.core.workflow.ledger.LedgerEntry;
import mellow.core.workflow.ledger.LedgerLine;
import mellow.core.workflow.ledger.LedgerProblem;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.server.db.tables.records.WorkshopEntryRecord;
import mellow.server.job.JobBrief;
import mellow.server.job.JobFacts;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.takein.TakeIns;
import mellow.server.wire.Spoken;
import mellow.server.workshop.EntryEdit.ProofEdit;
import mellow.server.workshop.EntryEdit.StepEdit;
import mellow.server.workshop.WorkshopPage.HiddenView;
import mellow.server.workshop.WorkshopPage.TimerView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is written down while working, and makes the workshop's page. */
@Service
public class Workshops {
  private static final int EARLIER_JOBS = 20;
  private static final double SHORTEST_COUNT_S = 5;

  /** A timer that nobody has seen to for longer is told on its own job's pages only. */
  private static final int DAYS_HEARD = 7;

  private final Jobs jobs;
  private final TakeIns takeIns;
  private final WorkshopJudge judge;
  private final EntryStore store;
  private final ObjectMapper json;

  Workshops(Jobs jobs, TakeIns takeIns, WorkshopJudge judge, EntryStore store, ObjectMapper json) {
    this.jobs = jobs;
    this.takeIns = takeIns;
    this.judge = judge;
    this.store = store;
    this.json = json;
  }

  /** The page of the stages Apart, Bench, Prove and Together. */
  public WorkshopPage page(Acting acting, String jobId) {
    JobFacts facts = jobs.facts(acting, jobId);
    WorkshopLog log = judge.log(jobId);
    WorkshopViews views = new WorkshopViews(log, around(acting, facts), acting.at());
    return new WorkshopPage(
        facts.job(),
        facts.vehicle(),
        acting.at(),
        views.stages(),
        views.entries(),
        views.ledger(),
        views.reverse(),
        hidden(acting, jobId),
        views.timers(),
        views.bench(),
        views.heat(),
        views.proof(),
        views.resume().orElse(null));
  }

  private Around around(Acting acting, JobFacts facts) {
    String id = facts.job().id();
    var takeIn = Objects.requireNonNull(takeIns.takenIn(acting, List.of(facts)).get(id));
    return Objects.requireNonNull(
        judge
            .around(acting, List.of(facts), Optional.of(takeIns.plan(acting, id, takeIn)))
            .get(id));
  }

  /** The timers of all open jobs that run or ring. */
  ShopTimers timers(Acting acting) {
    List<String> timed =
        store.timedSince(
            acting.shopId(), acting.moment().minus(DurationEntry.LONGEST).minusDays(DAYS_HEARD));
    List<ShopTimers.ShopTimer> timers = new ArrayList<>();
    judge
        .logs(timed)
        .forEach(
            (jobId, log) ->
                TimerView.of(log, acting.at()).stream()
                    .filter(one -> one.state() == State.RUNNING || one.state() == State.RINGING)
                    .forEach(
                        one ->
                            timers.add(
                                new ShopTimers.ShopTimer(
                                    jobId, jobs.brief(acting, jobId).vehicle().nickname(), one))));
    timers.sort(Comparator.comparing(one -> one.timer().end()));
    return new ShopTimers(acting.at(), timers);
  }

  /** The fasteners of some jobs that broke or were hidden, and how often. */
  public Map<String, Integer> trouble(List<String> jobIds) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    for (WorkshopLog log : judge.logs(jobIds).values()) {
      for (LedgerLine line : log.ledger().lines()) {
        Sentence what = line.row().what().words(1);
        if (line.broken() > 0) {
          counts.merge(Spoken.words(WorkshopWords.broken(what)), line.broken(), Integer::sum);
        }
        if (line.row().hidden()) {
          counts.merge(Spoken.words(WorkshopWords.hidden(what)), line.row().count(), Integer::sum);
        }
      }
    }
    return counts;
  }

  /** An entry with who made it, and when. */
  public record Made(String id, EntryEdit edit, String by, Instant at) {}

  /** All entries of a job, in the order in which they were made. */
  public List<Made> entries(String jobId) {
    return judge.log(jobId).all().stream()
        .map(entry -> new Made(entry.id(), entry.edit(), entry.by(), entry.at()))
        .toList();
  }

  /** Hidden and odd ones of earlier jobs on the like vehicle, as counted or as noted there. */
  private List<HiddenView> hidden(Acting acting, String jobId) {
    List<JobBrief> alike = jobs.alike(acting, jobs.brief(acting, jobId), EARLIER_JOBS);
    List<String> ids = alike.stream().map(brief -> brief.job().id()).toList();
    Map<String, WorkshopLog> logs = judge.logs(ids);
    Map<String, List<String>> noted = takeIns.oddFasteners(acting, ids);
    List<HiddenView> hidden = new ArrayList<>();
    for (JobBrief brief : alike) {
      String id = brief.job().id();
      String vehicle = brief.vehicle().name() + ", " + brief.vehicle().nickname();
      WorkshopLog log = logs.get(id);
      if (log != null) {
        log.ledger().lines().stream()
            .map(LedgerLine::row)
            .filter(LedgerRow::hidden)
            .map(row -> Spoken.words(row.words()) + (row.note().isEmpty() ? "" : ": " + row.note()))
            .forEach(words -> hidden.add(new HiddenView(id, vehicle, words)));
      }
      noted
          .getOrDefault(id, List.of())
          .forEach(words -> hidden.add(new HiddenView(id, vehicle, words)));
    }
    return hidden;
  }

  /**
   * What the end of a job asks of its workshop.
   *
   * @param open what is not done, not seen or not as it should be
   * @param headlampsOff the sides whose headlamp came off
   * @param fitted the functions of lamps that are new to the vehicle
   * @param lensDone when a lens was restored
   * @param clipOnTaps its feed hangs on clip-on taps
   * @param minutes worked, by stage, as the times of the entries tell them
   * @param words what it may be found by later: what came off, what was proved wrong
   * @param log what was written down and counts, in words
   */
  public record Summary(
      List<OpenPoint> open,
      Set<Side> headlampsOff,
      Set<LampFunction> fitted,
      Optional<Instant> lensDone,
      boolean clipOnTaps,
      Map<Stage, Double> minutes,
      List<String> words,
      List<Line> log) {}

  /** A line of the log, in words. */
  public record Line(Stage stage, Instant at, String by, String words) {}

  /** In short, of a job. */
  public Summary summary(Acting acting, String jobId) {
    WorkshopLog log = judge.log(jobId);
    Around around = around(acting, jobs.facts(acting, jobId));
    WorkshopSheet sheet = new WorkshopSheet(log, around, acting.at());
    EntryWords words = new EntryWords(log);
    Map<Stage, Double> minutes = new EnumMap<>(Stage.class);
    for (Stage stage : WorkshopSheet.STAGES) {
      minutes.put(
          stage,
          WorkedMinutes.of(
              log.living().stream()
                  .filter(entry -> entry.edit().stage() == stage)
                  .map(KeptEntry::at)
                  .sorted()
                  .toList()));
    }
    return new Summary(
        new OpenWork(sheet, log, around, acting.at()).points(),
        AccessMoved.headlampsOff(sheet.ledger()),
        around.newFunctions(),
        log.lensDone(),
        around.feed().filter(PlannedFeed::hasClipOnTaps).isPresent(),
        minutes,
        log.living().stream()
            .filter(entry -> entry.edit().out() != null || entry.edit().proof() != null)
            .map(entry -> Spoken.words(words.of(entry)))
            .distinct()
            .toList(),
        log.living().stream()
            .map(
                entry ->
                    new Line(
                        entry.edit().stage(),
                        entry.at(),
                        entry.by(),
                        Spoken.words(words.of(entry))))
            .toList());
  }

  /** Keeps an entry and answers the page. */
  @Transactional
  public WorkshopPage keep(Acting acting, String jobId, String id, EntryEdit edit) {
    write(acting, jobId, id, edit);
    return page(acting, jobId);
  }

  /** Keeps an entry. The same request again changes nothing. */
  @Transactional
  public void write(Acting acting, String jobId, String id, EntryEdit edit) {
    write(acting, jobId, id, edit, true);
  }

  /**
   * Keeps an entry of a job that is taken in from its file: what a step waited for was asked where
   * it was written.
   */
  @Transactional
  public void restore(Acting acting, String jobId, String id, EntryEdit edit) {
    write(acting, jobId, id, edit, false);
  }

  private void write(Acting acting, String jobId, String id, EntryEdit sent, boolean asked) {
    EntryEdit edit = sent.read();
    boolean closed = jobs.holdEvenClosed(acting, jobId);
    Optional<WorkshopEntryRecord> there = store.byId(acting.shopId(), id);
    if (there.isPresent()) {
      refuseUnlessSame(there.get(), jobId, edit);
      return;
    }
    Jobs.refuseWhere(closed);
    WorkshopEntryRecord row = new WorkshopEntryRecord();
    row.setId(id);
    row.setShopId(acting.shopId());
    row.setJobId(jobId);
    row.setContent(written(checked(acting, jobId, id, edit, asked)));
    row.setStrikes(edit.strikes());
    row.setMadeBy(acting.personOrRefuse());
    row.setMadeAt(madeAt(acting, edit));
    row.changed(mellow.server.db.Tables.WORKSHOP_ENTRY.SEQ, false);
    store.add(row);
    jobs.touch(acting, jobId);
  }

  /** What waited in the page was made when it was typed, by the server's clock. */
  private static LocalDateTime madeAt(Acting acting, EntryEdit edit) {
    return acting.moment().minus(edit.waitedMs(), ChronoUnit.MILLIS);
  }

  private void refuseUnlessSame(WorkshopEntryRecord there, String jobId, EntryEdit edit) {
    EntryEdit kept = judge.read(there);
    if (!there.getJobId().equals(jobId) || !kept.says().equals(edit.says())) {
      throw Refusal.conflict("id", WorkshopWords.otherEntry());
    }
  }

  private EntryEdit checked(Acting acting, String jobId, String id, EntryEdit edit, boolean asked) {
    WorkshopLog log = judge.log(jobId);
    if (edit.strikes() != null) {
      checkStruck(log, id, edit.strikes());
    }
    WorkshopLog.ledgerEntry(id, edit).ifPresent(entry -> refuseUnlessTaken(log, entry));
    if (edit.timer() != null) {
      WorkshopLog.time(edit.timer().time());
    }
    if (edit.stop() != null && !isRunning(log, edit.stop().timer())) {
      throw Refusal.unprocessable("stop", WorkshopWords.timerOver());
    }
    if (edit.bake() != null) {
      WorkshopLog.bake(edit.bake())
          .refused()
          .ifPresent(
              why -> {
                throw Refusal.unprocessable("bake", why);
              });
    }
    if (edit.heat() != null) {
      WorkshopLog.minutes(edit.heat().after());
      WorkshopLog.celsius("temperature", edit.heat().temperature());
      if (edit.heat().limit() != null && !edit.heat().limit().isBlank()) {
        WorkshopLog.celsius("limit", edit.heat().limit());
      }
    }
    if (edit.lens() != null) {
      LensLadder.refuses(log.rungs(edit.lens().side()), edit.lens().grit())
          .ifPresent(
              why -> {
                throw Refusal.unprocessable("lens", why);
              });
    }
    if (edit.measure() != null) {
      checkMeasure(edit.measure());
    }
    if (edit.flash() != null && WorkshopLog.seconds(edit.flash().time()) < SHORTEST_COUNT_S) {
      throw Refusal.unprocessable("time", WorkshopWords.countLonger());
    }
    if (edit.battery() != null && asked) {
      sheet(acting, jobId, log)
          .battery()
          .refuses(edit.battery().what())
          .ifPresent(
              why -> {
                throw Refusal.unprocessable("battery", why);
              });
    }
    if (edit.choice() != null && !edit.choice().which().answers().contains(edit.choice().value())) {
      throw Refusal.unprocessable(
          "choice",
          WorkshopWords.oneOf(
              edit.choice().which().answers().stream().map(Sentence::typed).toList()));
    }
    if (!asked) {
      return edit;
    }
    if (edit.step() != null) {
      return edit.withStep(checkedStep(acting, jobId, log, edit, edit.step()));
    }
    return edit.proof() == null ? edit : edit.withProof(standing(acting, jobId, log, edit.proof()));
  }

  /** A proof with what it stands on; refused where no such lamp is to be proved. */
  private ProofEdit standing(Acting acting, String jobId, WorkshopLog log, ProofEdit proof) {
    WorkshopSheet sheet = sheet(acting, jobId, log);
    if (!sheet.battery().isLive()) {
      throw Refusal.unprocessable("battery", WorkshopWords.nothingLit());
    }
    ProofList list = sheet.proof().list();
    ProofList.Item item =
        list.items().stream()
            .filter(one -> one.state() == proof.core().state())
            .findFirst()
            .orElseThrow(() -> Refusal.unprocessable("state", WorkshopWords.noState()));
    Map<String, String> footing = new LinkedHashMap<>();
    item.expected()
        .forEach(
            (lamp, level) -> {
              if (proof.core().covers(lamp)) {
                footing.put(lamp.key(), list.basis(lamp, level));
              }
            });
    if (footing.isEmpty()) {
      throw Refusal.unprocessable("function", WorkshopWords.noLamp());
    }
    return proof.standingOn(footing);
  }

  private WorkshopSheet sheet(Acting acting, String jobId, WorkshopLog log) {
    return new WorkshopSheet(log, around(acting, jobs.facts(acting, jobId)), acting.at());
  }

  private static boolean isRunning(WorkshopLog log, String timer) {
    return log.timers().stream()
        .anyMatch(one -> one.timer().id().equals(timer) && one.timer().stopped().isEmpty());
  }

  private static List<String> texts(List<Sentence> sentences) {
    return sentences.stream().map(one -> Spoken.text(one, UnitSystem.METRIC)).toList();
  }

  private static void checkMeasure(EntryEdit.MeasureEdit measure) {
    if (measure.field().bySide() != (measure.side() != null)) {
      throw Refusal.unprocessable(
          "side", WorkshopWords.ofSide(measure.field(), measure.field().bySide()));
    }
    double mm = WorkshopLog.mm(measure);
    boolean height = measure.field().bySide();
    if (!height && !(mm > 0) || Math.abs(mm) > 30_000) {
      throw Refusal.unprocessable("typed", WorkshopWords.benchLength());
    }
    if (measure.field() == BenchField.BENCH_DISTANCE && mm < 1000) {
      throw Refusal.unprocessable("typed", WorkshopWords.benchDistance());
    }
    if (measure.field() == BenchField.RUN && (mm < 50 || mm > 5000)) {
      throw Refusal.unprocessable("typed", WorkshopWords.benchRun());
    }
  }

  private static void checkStruck(WorkshopLog log, String id, String strikes) {
    KeptEntry struck =
        log.all().stream()
            .filter(entry -> entry.id().equals(strikes))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound(WorkshopWords.noEntry()));
    if (struck.struckBy() != null) {
      throw Refusal.conflict("strikes", WorkshopWords.undoneAlready());
    }
    if (struck.edit().strikes() != null) {
      throw Refusal.unprocessable("strikes", WorkshopWords.enterAgain());
    }
    if (struck.edit().out() != null || struck.edit().move() != null) {
      refuseUnlessTaken(log, new LedgerEntry.Struck(id, strikes));
    }
  }

  private static void refuseUnlessTaken(WorkshopLog log, LedgerEntry entry) {
    try {
      log.ledger().with(entry);
    } catch (LedgerProblem problem) {
      throw Refusal.unprocessable("ledger", problem.says());
    }
  }

  /** A step that waits for something is done only with a reason; what was missing is kept. */
  private StepEdit checkedStep(
      Acting acting, String jobId, WorkshopLog log, EntryEdit edit, StepEdit step) {
    WorkshopSheet sheet = sheet(acting, jobId, log);
    StepLine line =
        sheet.steps(edit.stage()).lines().stream()
            .filter(
                one ->
                    one.step().id().equals(step.step())
                        && one.side().equals(Optional.ofNullable(step.side())))
            .findFirst()
            .orElseThrow(() -> Refusal.unprocessable("step", WorkshopWords.noStep()));
    boolean silent = step.reason().strip().length() < 3;
    if (step.skipped() && silent) {
      throw Refusal.unprocessable("reason", WorkshopWords.sayWhy());
    }
    if (!step.skipped() && !line.waitsFor().isEmpty() && silent) {
      throw Refusal.unprocessable("reason", WorkshopWords.waits(line.waitsFor()))
          .with("waitsFor", texts(line.waitsFor()));
    }
    if (!step.skipped() && line.unread().isPresent()) {
      throw Refusal.unprocessable(
          "step", WorkshopWords.orLeaveOut(Sentence.term(line.unread().get())));
    }
    return new StepEdit(
        step.step(),
        step.side(),
        step.skipped(),
        step.reason().strip(),
        String.join("; ", texts(line.waitsFor())));
  }

  private String written(EntryEdit edit) {
    try {
      return json.writeValueAsString(edit);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("an entry that cannot be written", e);
    }
  }
}

package mellow.server.workshop;

import java.time.Instant;
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
import mellow.core.formats.StepBook;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.ProofList;
import mellow.core.record.Fact;
import mellow.core.record.Line;
import mellow.core.record.LineWords;
import mellow.core.record.WorkLog;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer.State;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StepLine;
import mellow.core.workflow.ledger.AccessMoved;
import mellow.core.workflow.ledger.LedgerEntry;
import mellow.core.workflow.ledger.LedgerLine;
import mellow.core.workflow.ledger.LedgerProblem;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.core.workflow.schedule.WorkedMinutes;
import mellow.core.workshop.Around;
import mellow.core.workshop.OpenPoint;
import mellow.core.workshop.OpenWork;
import mellow.core.workshop.WorkshopSheet;
import mellow.server.job.JobBrief;
import mellow.server.job.JobFacts;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Draft;
import mellow.server.record.Owner;
import mellow.server.record.Records;
import mellow.server.record.Waited;
import mellow.server.takein.TakeIns;
import mellow.server.wire.Spoken;
import mellow.server.workshop.WorkshopPage.HiddenView;
import mellow.server.workshop.WorkshopPage.TimerView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is written down while working, and makes the workshop's page. */
@Service
public class Workshops {
  private static final int EARLIER_JOBS = 20;

  /** A timer that nobody has seen to for longer is told on its own job's pages only. */
  private static final int DAYS_HEARD = 7;

  private final Jobs jobs;
  private final TakeIns takeIns;
  private final WorkshopJudge judge;
  private final Records records;

  Workshops(Jobs jobs, TakeIns takeIns, WorkshopJudge judge, Records records) {
    this.jobs = jobs;
    this.takeIns = takeIns;
    this.judge = judge;
    this.records = records;
  }

  /** The page of the stages Apart, Bench, Prove and Together. */
  public WorkshopPage page(Acting acting, String jobId) {
    JobFacts facts = jobs.facts(acting, jobId);
    WorkLog log = judge.log(jobId);
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
        records.timedSince(
            acting, acting.moment().minus(DurationEntry.LONGEST).minusDays(DAYS_HEARD));
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
    for (WorkLog log : judge.logs(jobIds).values()) {
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

  /** All that was written down at a job, in the order in which it was. */
  public List<Line> lines(String jobId) {
    return judge.log(jobId).all();
  }

  /** Hidden and odd ones of earlier jobs on the like vehicle, as counted or as noted there. */
  private List<HiddenView> hidden(Acting acting, String jobId) {
    List<JobBrief> alike = jobs.alike(acting, jobs.brief(acting, jobId), EARLIER_JOBS);
    List<String> ids = alike.stream().map(brief -> brief.job().id()).toList();
    Map<String, WorkLog> logs = judge.logs(ids);
    Map<String, List<String>> noted = takeIns.oddFasteners(acting, ids);
    List<HiddenView> hidden = new ArrayList<>();
    for (JobBrief brief : alike) {
      String id = brief.job().id();
      String vehicle = brief.vehicle().name() + ", " + brief.vehicle().nickname();
      WorkLog log = logs.get(id);
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
      List<Logged> log) {}

  /** A line of the log, in words. */
  public record Logged(Stage stage, Instant at, String by, String words) {}

  /** In short, of a job. */
  public Summary summary(Acting acting, String jobId) {
    WorkLog log = judge.log(jobId);
    Around around = around(acting, jobs.facts(acting, jobId));
    WorkshopSheet sheet = new WorkshopSheet(log, around, acting.at());
    LineWords words = new LineWords(log.record(), StepBook::wordsOf);
    Map<Stage, Double> minutes = new EnumMap<>(Stage.class);
    for (Stage stage : WorkLog.TIMED) {
      minutes.put(
          stage,
          WorkedMinutes.of(
              log.living().stream()
                  .filter(line -> line.stage() == stage)
                  .map(Line::at)
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
            .filter(
                line ->
                    line.fact() instanceof Fact.TakenOff || line.fact() instanceof Fact.LampsTried)
            .map(line -> Spoken.words(words.of(line)))
            .distinct()
            .toList(),
        log.living().stream()
            .map(
                line ->
                    new Logged(line.stage(), line.at(), line.by(), Spoken.words(words.of(line))))
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

  private void write(Acting acting, String jobId, String id, EntryEdit edit, boolean asked) {
    boolean closed = jobs.holdEvenClosed(acting, jobId);
    Draft draft =
        new Draft(
            id,
            edit.stage(),
            edit.fact(id),
            Optional.ofNullable(edit.strikes()),
            Waited.made(acting, edit.waitedMs()));
    boolean added =
        records.keep(
            acting,
            new Owner.OfJob(jobId),
            draft,
            sent -> {
              Jobs.refuseWhere(closed);
              return checked(acting, jobId, sent, asked);
            });
    if (added) {
      jobs.touch(acting, jobId);
    }
  }

  private Draft checked(Acting acting, String jobId, Draft draft, boolean asked) {
    WorkLog log = judge.log(jobId);
    Fact fact = draft.fact();
    if (fact instanceof Fact.Undone) {
      draft.strikes().flatMap(log.record()::line).ifPresent(line -> checkUndone(log, draft, line));
    }
    WorkLog.ledgerEntry(draft.id(), fact).ifPresent(entry -> refuseUnlessTaken(log, entry));
    FactChecks.check(fact, log);
    if (!asked) {
      return draft;
    }
    if (fact instanceof Fact.BatteryChanged battery) {
      sheet(acting, jobId, log)
          .battery()
          .refuses(battery.what())
          .ifPresent(
              why -> {
                throw Refusal.unprocessable("battery", why);
              });
    }
    if (fact instanceof Fact.StepDone step) {
      return draft.with(checkedStep(sheet(acting, jobId, log), draft.stage(), step));
    }
    return fact instanceof Fact.LampsTried tried
        ? draft.with(standing(sheet(acting, jobId, log), tried))
        : draft;
  }

  /** A proof with what it stands on; refused where no such lamp is to be proved. */
  private static Fact.LampsTried standing(WorkshopSheet sheet, Fact.LampsTried proof) {
    if (!sheet.battery().isLive()) {
      throw Refusal.unprocessable("battery", WorkshopWords.nothingLit());
    }
    ProofList list = sheet.proof().list();
    ProofList.Item item =
        list.items().stream()
            .filter(one -> one.state() == proof.tried().state())
            .findFirst()
            .orElseThrow(() -> Refusal.unprocessable("state", WorkshopWords.noState()));
    Map<String, String> footing = new LinkedHashMap<>();
    item.expected()
        .forEach(
            (lamp, level) -> {
              if (proof.tried().covers(lamp)) {
                footing.put(lamp.key(), list.basis(lamp, level));
              }
            });
    if (footing.isEmpty()) {
      throw Refusal.unprocessable("function", WorkshopWords.noLamp());
    }
    return proof.standingOn(footing);
  }

  private WorkshopSheet sheet(Acting acting, String jobId, WorkLog log) {
    return new WorkshopSheet(log, around(acting, jobs.facts(acting, jobId)), acting.at());
  }

  private static List<String> texts(List<Sentence> sentences) {
    return sentences.stream().map(one -> Spoken.text(one, UnitSystem.METRIC)).toList();
  }

  /** What came off, and what became of it, is taken back only where the rest still holds. */
  private static void checkUndone(WorkLog log, Draft draft, Line struck) {
    if (struck.fact() instanceof Fact.TakenOff || struck.fact() instanceof Fact.Moved) {
      refuseUnlessTaken(log, new LedgerEntry.Struck(draft.id(), struck.id()));
    }
  }

  private static void refuseUnlessTaken(WorkLog log, LedgerEntry entry) {
    try {
      log.ledger().with(entry);
    } catch (LedgerProblem problem) {
      throw Refusal.unprocessable("ledger", problem.says());
    }
  }

  /** A step that waits for something is done only with a reason; what was missing is kept. */
  private static Fact.StepDone checkedStep(WorkshopSheet sheet, Stage stage, Fact.StepDone step) {
    StepLine line =
        sheet.steps(stage).lines().stream()
            .filter(one -> one.step().id().equals(step.step()) && one.side().equals(step.side()))
            .findFirst()
            .orElseThrow(() -> Refusal.unprocessable("step", WorkshopWords.noStep()));
    boolean silent = step.reason().length() < 3;
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
    return new Fact.StepDone(
        step.step(),
        step.side(),
        step.skipped(),
        step.reason(),
        String.join("; ", texts(line.waitsFor())));
  }
}

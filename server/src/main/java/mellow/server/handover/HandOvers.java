package mellow.server.handover;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.finding.Sentence;
import mellow.core.handover.Difference;
import mellow.core.handover.FollowUp;
import mellow.core.handover.OwnerPage;
import mellow.core.measure.UnitSystem;
import mellow.core.record.Fact;
import mellow.core.record.JobDocument;
import mellow.core.workflow.Stage;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.schedule.Plan;
import mellow.core.workflow.schedule.PlannedStage;
import mellow.server.db.tables.records.AmendmentRecord;
import mellow.server.db.tables.records.ComebackRecord;
import mellow.server.db.tables.records.HandOverRecord;
import mellow.server.feed.service.Feeds;
import mellow.server.handover.HandOverPage.AboveView;
import mellow.server.handover.HandOverPage.AmendmentView;
import mellow.server.handover.HandOverPage.ClosedView;
import mellow.server.handover.HandOverPage.ComebackView;
import mellow.server.handover.HandOverPage.FollowUpView;
import mellow.server.handover.HandOverPage.TimeView;
import mellow.server.job.JobEdit;
import mellow.server.job.JobFacts;
import mellow.server.job.JobPage;
import mellow.server.job.JobSheets;
import mellow.server.job.Jobs;
import mellow.server.job.KeptAtEachChange;
import mellow.server.parts.Parts;
import mellow.server.platform.Acting;
import mellow.server.platform.EarlierMoment;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import mellow.server.record.Records;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import mellow.server.takein.TakeIns;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import mellow.server.workshop.Workshops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands jobs over, closes them, and keeps what comes after. */
@Service
public class HandOvers implements KeptAtEachChange<HandOverEdit> {
  private static final int SHORTEST_REASON = 8;

  private final Jobs jobs;
  private final Sheets sheets;
  private final JobSheets jobSheets;
  private final TakeIns takeIns;
  private final Parts parts;
  private final Feeds feeds;
  private final Workshops workshops;
  private final Horizon horizon;
  private final HandOverStore store;
  private final Records records;
  private final ObjectMapper json;

  HandOvers(
      Jobs jobs,
      Sheets sheets,
      JobSheets jobSheets,
      TakeIns takeIns,
      Parts parts,
      Feeds feeds,
      Workshops workshops,
      Horizon horizon,
      HandOverStore store,
      Records records,
      ObjectMapper json) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.jobSheets = jobSheets;
    this.takeIns = takeIns;
    this.parts = parts;
    this.feeds = feeds;
    this.workshops = workshops;
    this.horizon = horizon;
    this.store = store;
    this.records = records;
    this.json = json;
  }

  /** The page of the stage; of a job that was handed over in the language that was signed. */
  public HandOverPage page(Acting acting, String jobId) {
    Optional<HandOverRecord> closed = handedOver(acting, jobId);
    return Spoken.in(language(closed), () -> page(acting, jobId, closed));
  }

  private static String language(Optional<HandOverRecord> closed) {
    return closed.map(HandOverRecord::getLanguage).orElseGet(Spoken::language);
  }

  /** Makes a paper of a job in the language in which it was, or is to be, signed. */
  <T> T asSigned(Acting acting, String jobId, Supplier<T> paper) {
    return Spoken.in(language(handedOver(acting, jobId)), paper);
  }

  /** How the job was handed over; empty where it is not, or was not at the moment asked for. */
  private Optional<HandOverRecord> handedOver(Acting acting, String jobId) {
    Optional<HandOverRecord> row = store.of(acting.shopId(), jobId);
    return EarlierMoment.asked().isEmpty()
        ? row
        : row.filter(one -> countThen(jobId, Fact.HandedOver.class) > 0);
  }

  private List<AmendmentRecord> amendments(Acting acting, String jobId) {
    List<AmendmentRecord> all = store.amendments(acting.shopId(), jobId);
    return EarlierMoment.asked().isEmpty()
        ? all
        : all.stream().limit(countThen(jobId, Fact.Amended.class)).toList();
  }

  private long countThen(String jobId, Class<? extends Fact> kind) {
    return records.whole(jobId).facts(kind).count();
  }

  private HandOverPage page(Acting acting, String jobId, Optional<HandOverRecord> closed) {
    JobFacts facts = jobs.facts(acting, jobId);
    Optional<Kept<HandOverEdit>> kept =
        sheets.of(acting, jobId, JobDocument.HAND_OVER, HandOverEdit.class);
    HandOverEdit edit = kept.map(Kept::content).orElse(HandOverEdit.NOTHING);
    TakeIn takeIn = takeIn(acting, facts);
    Plan plan = takeIns.plan(acting, jobId, takeIn);
    Workshops.Summary work = workshops.summary(acting, jobId);
    JobPage page = jobs.page(acting, jobId);
    List<AboveView> above =
        closed.isPresent()
            ? List.of()
            : horizon.above(acting, facts, new Horizon.Around(takeIn, plan, work, page.sheet()));
    OwnerPage owner =
        OwnerPage.of(
            new OwnerPage.Facts(
                takeIn.kinds(),
                work.fitted(),
                takeIns.mended(acting, facts),
                Horizon.aimed(page.sheet()),
                feeds.donorSlots(acting, jobId),
                facts.log().hasDial(),
                closed
                    .map(HandOvers.this::findings)
                    .orElseGet(() -> above.stream().map(AboveView::finding).toList())
                    .stream()
                    .map(finding -> Sentence.typed(finding.headline().text(facts.job().units())))
                    .toList()));
    LocalDate day = day(closed.map(HandOvers::closedAt).orElse(acting.at()));
    return new HandOverPage(
        facts.job(),
        facts.vehicle(),
        kept.map(Kept::version).orElse(0),
        edit,
        kept.map(Kept::changedBy).orElse(""),
        above,
        HandOverPage.HeadingsView.spoken(),
        Spoken.all(owner.done()),
        Spoken.all(owner.heed()),
        followUps(day, edit, work, jobs.stanceNoted(jobId)),
        new MeasuredJob(page).beforeAfter(takeIn.kinds()),
        minutes(acting, jobId, plan, work),
        closed.map(row -> closed(row, findings(row))).orElse(null),
        amendments(acting, jobId).stream().map(HandOvers::amendment).toList(),
        store
            .comebackOf(acting.shopId(), jobId)
            .map(row -> comeback(acting, row.getOfJob(), jobId, row.getOfJob()))
            .orElse(null),
        store.comebacks(acting.shopId(), jobId).stream()
            .filter(row -> jobs.isThere(acting, row.getJobId()))
            .map(row -> comeback(acting, row.getJobId(), row.getJobId(), jobId))
            .toList());
  }

  private TakeIn takeIn(Acting acting, JobFacts facts) {
    return Objects.requireNonNull(takeIns.takenIn(acting, List.of(facts)).get(facts.job().id()));
  }

  private static LocalDate day(Instant at) {
    return LocalDate.ofInstant(at, ZoneOffset.UTC);
  }

  private static Instant closedAt(HandOverRecord row) {
    return row.getClosedAt().toInstant(ZoneOffset.UTC);
  }

  private static List<FollowUpView> followUps(
      LocalDate day, HandOverEdit edit, Workshops.Summary work, boolean stanceChanged) {
    return Stream.concat(
            FollowUp.of(
                    day,
                    new FollowUp.Left(
                        stanceChanged, work.lensDone().map(HandOvers::day), work.clipOnTaps()))
                .stream()
                .map(
                    one ->
                        new FollowUpView(
                            one.id(),
                            Spoken.words(one.what()),
                            one.from(),
                            one.latest(),
                            fromTo(one.from(), one.latest()),
                            Spoken.words(one.source().reference()))),
            edit.comeBack().stream()
                .map(
                    one ->
                        new FollowUpView(
                            "",
                            one.what(),
                            one.from(),
                            one.latest(),
                            fromTo(one.from(), one.latest()),
                            "")))
        .sorted(java.util.Comparator.comparing(FollowUpView::from))
        .toList();
  }

  private static String fromTo(LocalDate from, LocalDate latest) {
    return Spoken.words(HandoverWords.fromTo(from.toString(), latest.toString()));
  }

  private List<TimeView> minutes(Acting acting, String jobId, Plan plan, Workshops.Summary work) {
    var noted = takeIns.page(acting, jobId).found().minutes();
    List<TimeView> times = new ArrayList<>();
    for (PlannedStage stage : plan.stages()) {
      Double worked = work.minutes().get(stage.stage());
      Integer said = noted.get(stage.stage());
      FigureView taken =
          said != null
              ? FigureView.of(mellow.core.finding.Figure.minutes(said))
              : worked == null || worked < 1
                  ? null
                  : FigureView.of(mellow.core.finding.Figure.minutes(worked));
      FigureView expected = stage.expected().map(one -> FigureView.of(one.minutes())).orElse(null);
      if (taken != null || expected != null) {
        times.add(new TimeView(stage.stage(), Spoken.term(stage.stage()), expected, taken));
      }
    }
    return times;
  }

  private List<FindingView> findings(HandOverRecord row) {
    try {
      return json.readValue(row.getFindings(), new TypeReference<List<FindingView>>() {});
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a record that cannot be read", e);
    }
  }

  private static ClosedView closed(HandOverRecord row, List<FindingView> findings) {
    return new ClosedView(
        row.getClosedBy(), closedAt(row), row.getReason(), row.getLanguage(), findings);
  }

  private static AmendmentView amendment(AmendmentRecord row) {
    return new AmendmentView(
        row.getId(),
        row.getWords(),
        row.getWhy(),
        row.getMadeBy(),
        row.getMadeAt().toInstant(ZoneOffset.UTC));
  }

  private ComebackView comeback(Acting acting, String shown, String later, String earlier) {
    JobPage other = jobs.page(acting, shown);
    return new ComebackView(
        shown,
        other.job().work(),
        other.job().touchedAt(),
        Difference.between(
                new MeasuredJob(jobs.page(acting, earlier)).facts(),
                new MeasuredJob(jobs.page(acting, later)).facts())
            .stream()
            .map(HandOverPage.DifferenceView::of)
            .toList());
  }

  /** What was kept to be told to the owner; empty where nothing was. */
  public Optional<HandOverEdit> kept(Acting acting, String jobId) {
    return sheets.of(acting, jobId, JobDocument.HAND_OVER, HandOverEdit.class).map(Kept::content);
  }

  @Override
  public JobDocument document() {
    return JobDocument.HAND_OVER;
  }

  @Override
  public HandOverEdit before(Acting acting, String jobId) {
    return HandOverEdit.NOTHING;
  }

  /** Keeps what is told to the owner. */
  @Transactional
  public HandOverPage put(Acting acting, String jobId, int version, HandOverEdit edit) {
    edit.check();
    jobSheets.keep(acting, jobId, this, version, edit, () -> stale(acting, jobId, edit));
    return page(acting, jobId);
  }

  private Refusal stale(Acting acting, String jobId, HandOverEdit mine) {
    HandOverPage current = page(acting, jobId);
    return Differences.stale(current.changedBy(), current, current.handOver(), mine);
  }

  /** Hands the job over: nothing of it changes any more. The same request again changes nothing. */
  @Transactional
  public HandOverPage close(Acting acting, String jobId, String reason) {
    acting.personOrRefuse();
    if (jobs.holdEvenClosed(acting, jobId)) {
      return page(acting, jobId);
    }
    HandOverPage page = page(acting, jobId);
    if (!page.above().isEmpty() && reason.strip().length() < SHORTEST_REASON) {
      throw Refusal.unprocessable("reason", HandoverWords.openNeedsReason(page.above().size()))
          .with("above", page.above());
    }
    record(
        acting,
        page,
        page.above().isEmpty() ? "" : reason.strip(),
        page.above().stream().map(AboveView::finding).toList());
    return page(acting, jobId);
  }

  private HandOverRecord record(
      Acting acting, HandOverPage page, String reason, List<FindingView> findings) {
    HandOverRecord row = new HandOverRecord();
    row.setJobId(page.job().id());
    row.setShopId(acting.shopId());
    row.setReason(reason);
    row.setFindings(written(findings));
    String words = words(acting, page);
    row.setWords(words);
    row.setTerms(terms(words));
    row.setLanguage(Spoken.language());
    row.setClosedBy(acting.personOrRefuse());
    row.setClosedAt(acting.moment());
    store.add(row);
    records.note(
        acting,
        page.job().id(),
        Stage.HAND_OVER,
        new Fact.HandedOver(reason, Spoken.language()),
        "closed");
    jobs.close(acting, page.job().id());
    return row;
  }

  /** Whether the job was handed over. */
  public boolean isClosed(Acting acting, String jobId) {
    return handedOver(acting, jobId).isPresent();
  }

  /** Closes a job that is taken in from its file as it was closed there. */
  @Transactional
  public void restore(
      Acting acting, String jobId, String reason, String language, List<FindingView> findings) {
    if (!jobs.holdEvenClosed(acting, jobId)) {
      Spoken.in(language, () -> record(acting, page(acting, jobId), reason, findings));
    }
  }

  private String written(List<FindingView> findings) {
    try {
      return json.writeValueAsString(findings);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("findings that cannot be written", e);
    }
  }

  /** What the job is found by later. */
  private String words(Acting acting, HandOverPage page) {
    return Stream.of(
            Stream.of(page.vehicle().name(), page.vehicle().nickname(), page.job().work()),
            page.done().stream(),
            page.above().stream()
                .filter(above -> above.step() == null)
                .map(above -> above.finding().headline().text(UnitSystem.METRIC)),
            parts.page(acting, page.job().id()).parts().parts().stream().map(part -> part.name()),
            workshops.summary(acting, page.job().id()).words().stream())
        .flatMap(words -> words)
        .collect(Collectors.joining("\n"));
  }

  /** Each word once, which is what the job is found by. */
  private static String terms(String words) {
    return Arrays.stream(words.split("\\s+", -1))
        .map(word -> word.toLowerCase(Locale.ROOT))
        .filter(word -> !word.isEmpty())
        .distinct()
        .collect(Collectors.joining(" "));
  }

  /** Adds a correction beside a closed job. The same request again changes nothing. */
  @Transactional
  public HandOverPage amend(Acting acting, String jobId, String id, String words, String why) {
    String person = acting.personOrRefuse();
    if (!jobs.holdEvenClosed(acting, jobId)) {
      throw Refusal.unprocessable("job", HandoverWords.stillOpenAmend());
    }
    if (store.amendment(acting.shopId(), id).isEmpty()) {
      AmendmentRecord row = new AmendmentRecord();
      row.setId(id);
      row.setShopId(acting.shopId());
      row.setJobId(jobId);
      row.setWords(words.strip());
      row.setWhy(why.strip());
      row.setMadeBy(person);
      row.setMadeAt(acting.moment());
      row.changed(mellow.server.db.Tables.AMENDMENT.SEQ, false);
      store.add(row);
      records.note(
          acting,
          jobId,
          Stage.HAND_OVER,
          new Fact.Amended(row.getWords(), row.getWhy()),
          "amendment " + id);
    }
    return page(acting, jobId);
  }

  /** Begins a job on the same vehicle that refers to this one. */
  @Transactional
  public HandOverPage comeBack(Acting acting, String ofJob, String newJob) {
    JobPage earlier = jobs.page(acting, ofJob);
    if (!jobs.holdEvenClosed(acting, ofJob)) {
      throw Refusal.unprocessable("job", HandoverWords.stillOpen());
    }
    if (store.comebackOf(acting.shopId(), newJob).isEmpty()) {
      JobEdit edit = earlier.job().edit(0, earlier.vehicle().id(), earlier.job().bayId());
      jobs.put(
          acting,
          newJob,
          edit.withWork(Spoken.words(HandoverWords.comesBack(earlier.job().work()))));
      ComebackRecord row = new ComebackRecord();
      row.setJobId(newJob);
      row.setOfJob(ofJob);
      row.setShopId(acting.shopId());
      store.add(row);
    }
    return page(acting, newJob);
  }
}

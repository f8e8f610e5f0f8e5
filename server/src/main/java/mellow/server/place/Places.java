package mellow.server.place;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.formats.BuiltInRules;
import mellow.core.placement.Front;
import mellow.core.placement.LampPair;
import mellow.core.placement.PlaceSheet;
import mellow.core.record.JobDocument;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleSet;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.server.job.JobBrief;
import mellow.server.job.JobFacts;
import mellow.server.job.JobSheets;
import mellow.server.job.Jobs;
import mellow.server.job.KeptAtEachChange;
import mellow.server.job.StageReporter;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import mellow.server.rulebook.RuleBooks;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is drawn on a job's front, and judges it. */
@Service
public class Places implements StageReporter, KeptAtEachChange<FrontEdit> {
  /** Where the vehicle's width was not measured, the drawing starts with a usual one. Judged. */
  private static final double USUAL_WIDTH_MM = 1750;

  private final Jobs jobs;
  private final Sheets sheets;
  private final JobSheets jobSheets;
  private final RuleBooks books;

  Places(Jobs jobs, Sheets sheets, JobSheets jobSheets, RuleBooks books) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.jobSheets = jobSheets;
    this.books = books;
  }

  /** The page of the stage. */
  public PlacePage page(Acting acting, String jobId) {
    JobBrief job = jobs.brief(acting, jobId);
    RuleBook book = books.ofJob(acting, jobId);
    Optional<Kept<FrontEdit>> kept = sheets.of(acting, jobId, JobDocument.PLACE, FrontEdit.class);
    FrontEdit front = kept.map(Kept::content).orElseGet(() -> start(job, book));
    return new PlacePage(
        job.job(),
        job.vehicle(),
        kept.map(Kept::version).orElse(0),
        front,
        kept.map(Kept::changedBy).orElse(""),
        kept.map(Kept::changedAt).orElse(null),
        PlaceView.of(front.core(), front.sets(book), job.vehicle().scope(), front.readTo()));
  }

  private static FrontEdit start(JobBrief job, RuleBook book) {
    Double width = job.vehicle().widthMm();
    RuleSet aimed = RuleBooks.aimSet(book, job.job().ruleSet());
    List<String> sets =
        book.all().stream()
            .filter(set -> !set.placeRules().isEmpty())
            .filter(set -> BuiltInRules.byId(set.id()).isPresent())
            .filter(set -> set.isOfTheMarketOf(aimed))
            .filter(set -> job.vehicle().scope().allows(set))
            .map(RuleSet::id)
            .toList();
    return new FrontEdit(
        sets,
        width == null ? USUAL_WIDTH_MM : width,
        List.of(),
        List.of(),
        null,
        width == null ? true : null,
        null,
        job.job().units().tapeStepMm());
  }

  @Override
  public JobDocument document() {
    return JobDocument.PLACE;
  }

  @Override
  public FrontEdit before(Acting acting, String jobId) {
    return start(jobs.brief(acting, jobId), books.ofJob(acting, jobId));
  }

  /** Keeps the front. */
  @Transactional
  public PlacePage put(Acting acting, String jobId, int version, FrontEdit front) {
    // before anything is read: a snapshot from before another's change would not see it
    jobs.holdEvenClosed(acting, jobId);
    front.core();
    front.sets(books.ofJob(acting, jobId));
    if (jobSheets.keep(acting, jobId, this, version, front, () -> stale(acting, jobId, front))) {
      books.pin(acting, jobId, front.ruleSets());
    }
    return page(acting, jobId);
  }

  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> jobs) {
    return jobSheets.standings(
        acting,
        jobs,
        JobDocument.PLACE,
        FrontEdit.class,
        (front, facts) ->
            StageStanding.of(
                Stage.PLACE,
                true,
                PlaceSheet.of(
                        front.core(),
                        front.sets(facts.book()),
                        facts.vehicle().scope(),
                        front.readTo())
                    .findings()));
  }

  private Refusal stale(Acting acting, String jobId, FrontEdit mine) {
    PlacePage current = page(acting, jobId);
    return Differences.stale(current.changedBy(), current, current.front(), mine);
  }

  /** A pair of a front, or a refusal. */
  static LampPair pair(Front front, String id) {
    return front.pairs().stream()
        .filter(pair -> pair.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.unprocessable("pair", PlaceWords.noPair(id)));
  }
}

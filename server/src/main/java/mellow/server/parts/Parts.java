package mellow.server.parts;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.formats.PartsBook;
import mellow.core.parts.Light;
import mellow.core.parts.Part;
import mellow.core.parts.PartsList;
import mellow.core.parts.PartsSheet;
import mellow.core.parts.UsualPart;
import mellow.core.record.JobDocument;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.WorkKind;
import mellow.server.job.JobBrief;
import mellow.server.job.JobFacts;
import mellow.server.job.JobSheets;
import mellow.server.job.Jobs;
import mellow.server.job.KeptAtEachChange;
import mellow.server.job.StageReporter;
import mellow.server.parts.PartsEdit.PartEdit;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Differences;
import mellow.server.rulebook.RuleBooks;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import mellow.server.takein.StageGuard;
import mellow.server.takein.WantedWork;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the parts of a job, and judges them. */
@Service
public class Parts implements StageGuard, StageReporter, KeptAtEachChange<PartsEdit> {
  private final Jobs jobs;
  private final Sheets sheets;
  private final JobSheets jobSheets;
  private final WantedWork wanted;
  private final RuleBooks books;

  Parts(Jobs jobs, Sheets sheets, JobSheets jobSheets, WantedWork wanted, RuleBooks books) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.jobSheets = jobSheets;
    this.wanted = wanted;
    this.books = books;
  }

  /** The page of the stage. */
  public PartsPage page(Acting acting, String jobId) {
    JobBrief job = jobs.brief(acting, jobId);
    Optional<Kept<PartsEdit>> kept = sheets.of(acting, jobId, JobDocument.PARTS, PartsEdit.class);
    PartsEdit edit = kept.map(Kept::content).orElse(PartsEdit.NOTHING);
    PartsList list = edit.core();
    return new PartsPage(
        job.job(),
        job.vehicle(),
        kept.map(Kept::version).orElse(0),
        edit,
        kept.map(Kept::changedBy).orElse(""),
        kept.map(Kept::changedAt).orElse(null),
        PartsPage.SheetView.of(
            PartsSheet.of(
                list,
                RuleBooks.aimSet(books.ofJob(acting, jobId), job.job().ruleSet()).marks(),
                job.job().traffic()),
            list.parts()),
        usual(wanted.of(acting, jobId)));
  }

  private static List<PartEdit> usual(Set<WorkKind> kinds) {
    List<PartEdit> parts = new ArrayList<>();
    for (UsualPart part : PartsBook.of(kinds)) {
      if (part.sided()) {
        for (Side side : Side.values()) {
          parts.add(part(part, side));
        }
      } else {
        parts.add(part(part, null));
      }
    }
    return parts;
  }

  private static PartEdit part(UsualPart part, @Nullable Side side) {
    String id = part.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    return new PartEdit(
        side == null ? id : id + "-" + side.word(),
        part.name(),
        side,
        part.neededFor(),
        Map.of(),
        Part.Outcome.OPEN,
        "",
        part.circuit()
            .map(
                circuit ->
                    new LightEdit(circuit, Light.Pattern.NOT_SAID, null, null, Light.Lens.CLEAR))
            .orElse(null),
        null,
        part.kind());
  }

  @Override
  public JobDocument document() {
    return JobDocument.PARTS;
  }

  @Override
  public PartsEdit before(Acting acting, String jobId) {
    return PartsEdit.NOTHING;
  }

  /** Keeps the parts. */
  @Transactional
  public PartsPage put(Acting acting, String jobId, int version, PartsEdit edit) {
    edit.core();
    jobSheets.keep(acting, jobId, this, version, edit, () -> stale(acting, jobId, edit));
    return page(acting, jobId);
  }

  @Override
  public Map<Stage, List<String>> waiting(Acting acting, String jobId) {
    return sheets
        .of(acting, jobId, JobDocument.PARTS, PartsEdit.class)
        .map(kept -> PartsSheet.waitingFor(kept.content().core()))
        .orElse(Map.of());
  }

  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> jobs) {
    return jobSheets.standings(
        acting,
        jobs,
        JobDocument.PARTS,
        PartsEdit.class,
        (edit, facts) ->
            StageStanding.of(
                Stage.PARTS,
                true,
                PartsSheet.of(edit.core(), facts.market().marks(), facts.job().traffic())
                    .findings()));
  }

  private Refusal stale(Acting acting, String jobId, PartsEdit mine) {
    PartsPage current = page(acting, jobId);
    return Differences.stale(current.changedBy(), current, current.parts(), mine);
  }

  /** The parts of a list, judged without memory. */
  PartsPage.SheetView judged(Acting acting, PartsEdit edit, String ruleSet, TrafficSide traffic) {
    PartsList list = edit.core();
    return PartsPage.SheetView.of(
        PartsSheet.of(list, RuleBooks.aimSet(books.of(acting), ruleSet).marks(), traffic),
        list.parts());
  }
}

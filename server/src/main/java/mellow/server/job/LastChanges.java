package mellow.server.job;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellow.core.record.JobDocument;
import mellow.core.record.LastChange;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Comparer;
import mellow.server.record.DifferenceView;
import mellow.server.record.Records;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells what was changed last in a document of a job, and what it held before. */
@Service
class LastChanges {
  private final Jobs jobs;
  private final Sheets sheets;
  private final Records records;
  private final Map<JobDocument, KeptAtEachChange<?>> keepers;

  LastChanges(Jobs jobs, Sheets sheets, Records records, List<KeptAtEachChange<?>> keepers) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.records = records;
    this.keepers =
        keepers.stream().collect(Collectors.toMap(KeptAtEachChange::document, Function.identity()));
  }

  /** The change that is undone next, or a refusal where there is none. */
  @Transactional(readOnly = true)
  public LastChangeView of(Acting acting, String jobId, JobDocument document) {
    jobs.brief(acting, jobId);
    KeptAtEachChange<?> keeper = keepers.get(document);
    if (keeper == null) {
      throw Refusal.notFound(JobWords.noChange());
    }
    LastChange last =
        records
            .lastChange(acting, jobId, document)
            .orElseThrow(() -> Refusal.notFound(JobWords.noChange()));
    Record before = sheets.before(last, keeper.before(acting, jobId));
    Kept<? extends Record> now =
        sheets
            .of(acting, jobId, document, before.getClass())
            .orElseThrow(() -> Refusal.notFound(JobWords.noChange()));
    if (now.content().equals(before)) {
      // kept first as it stood anyway
      throw Refusal.notFound(JobWords.noChange());
    }
    return new LastChangeView(
        now.version(),
        last.line().by(),
        last.line().at(),
        before,
        Comparer.between(before, now.content(), id -> "").stream()
            .map(DifferenceView::of)
            .toList());
  }
}

package mellow.server.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellow.core.record.Fact;
import mellow.core.record.JobRecord;
import mellow.core.record.Line;
import mellow.server.platform.Acting;
import mellow.server.platform.EarlierMoment;
import mellow.server.record.Records;
import mellow.server.sheet.DocumentFormat;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Jobs as they were set up at the moment that a request looks back at. */
@Component
class JobsThen {
  private final Records records;
  private final DocumentFormat documents;

  JobsThen(Records records, DocumentFormat documents) {
    this.records = records;
    this.documents = documents;
  }

  /** The same jobs; those that had not been begun then are left out. */
  List<JobView> of(Acting acting, List<JobView> jobs) {
    return EarlierMoment.asked().map(moment -> of(acting, jobs, moment)).orElse(jobs);
  }

  private List<JobView> of(Acting acting, List<JobView> jobs, EarlierMoment moment) {
    Map<String, Line> settings =
        records.settingsThen(acting, jobs.stream().map(JobView::id).toList(), moment);
    List<JobView> then = new ArrayList<>();
    for (JobView job : jobs) {
      JobRecord record = records.whole(job.id());
      Line settled = settings.get(job.id());
      if (!record.lines().isEmpty() && settled != null) {
        JobEdit edit = documents.content((Fact.Revised) settled.fact(), JobEdit.class);
        then.add(
            job.as(
                edit,
                Jobs.labelPercent(edit),
                settled,
                record.lines().get(record.lines().size() - 1).at(),
                handedOver(record)));
      }
    }
    return then;
  }

  private static @Nullable Instant handedOver(JobRecord record) {
    return record.lines().stream()
        .filter(line -> line.fact() instanceof Fact.HandedOver)
        .map(Line::at)
        .findFirst()
        .orElse(null);
  }
}

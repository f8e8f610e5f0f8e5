package mellow.server.yard;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mellow.core.workflow.Standing;
import mellow.server.bay.BayView;
import mellow.server.bay.Bays;
import mellow.server.db.tables.records.JobRecord;
import mellow.server.job.JobFacts;
import mellow.server.job.JobView;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.wire.Patterns;
import mellow.server.yard.YardView.RowView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Yard")
class YardController {
  /** Instant and id, joined: the place of a row in the order. */
  private static final String KEY = "\\d{1,15}_[0-9a-f-]{36}";

  private final YardStore store;
  private final Jobs jobs;
  private final Standings standings;
  private final SaidStandings said;
  private final Bays bays;

  YardController(YardStore store, Jobs jobs, Standings standings, SaidStandings said, Bays bays) {
    this.said = said;
    this.store = store;
    this.jobs = jobs;
    this.standings = standings;
    this.bays = bays;
  }

  @GetMapping("/api/yard")
  @Operation(
      summary = "The yard",
      description =
          "Jobs with their horizon strips, newest touched first. Paged by key: send a page's \"next\""
              + " as \"after\".")
  YardView yard(
      Acting acting,
      @RequestParam(defaultValue = "") @Size(max = 100) String text,
      @RequestParam(defaultValue = "") @Pattern(regexp = "|" + KEY) String after,
      @RequestParam(defaultValue = "25") @Min(value = 1) @Max(value = 100) int limit) {
    LocalDateTime before = LocalDateTime.of(9000, 1, 1, 0, 0);
    String beforeId = "";
    if (!after.isEmpty()) {
      String[] key = after.split("_", 2);
      before =
          LocalDateTime.ofInstant(Instant.ofEpochMilli(Long.parseLong(key[0])), ZoneOffset.UTC);
      beforeId = key[1];
    }
    List<JobRecord> rows = store.page(acting.shopId(), text, before, beforeId, limit + 1);
    boolean more = rows.size() > limit;
    List<JobView> jobs = rows.stream().limit(limit).map(JobView::of).toList();
    return new YardView(rows(acting, jobs), more ? key(jobs.get(jobs.size() - 1)) : null);
  }

  private static String key(JobView job) {
    return job.touchedAt().toEpochMilli() + "_" + job.id();
  }

  private List<RowView> rows(Acting acting, List<JobView> page) {
    List<JobFacts> facts = jobs.facts(acting, page);
    Map<String, Standing> standing = standings.of(acting, facts);
    Map<String, BayView> bayById =
        bays.byIds(page.stream().map(JobView::bayId).filter(Objects::nonNull).distinct().toList());
    return facts.stream()
        .map(
            one -> {
              JobView job = one.job();
              BayView bay = job.bayId() == null ? null : bayById.get(job.bayId());
              return new RowView(
                  job.id(),
                  one.vehicle().name(),
                  one.vehicle().nickname(),
                  job.work(),
                  job.bayId(),
                  bay == null ? null : bay.name(),
                  job.units(),
                  job.touchedAt(),
                  Standings.isReadable(standing.get(job.id())),
                  said.of(standing.get(job.id())));
            })
        .toList();
  }

  @GetMapping("/api/jobs/{id}/standing")
  @Operation(
      summary = "Where a job stands",
      description = "Its stages along a horizon strip, and what is next.")
  StandingView standing(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    return said.of(standings.of(acting, jobs.facts(acting, id)));
  }
}

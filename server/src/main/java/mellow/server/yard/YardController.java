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
import mellow.core.aim.WallHorizon;
import mellow.core.aim.WallSheet;
import mellow.core.logbook.Logbook;
import mellow.core.rules.RuleBook;
import mellow.server.aim.SheetView.NextView;
import mellow.server.bay.BayView;
import mellow.server.bay.Bays;
import mellow.server.db.tables.records.JobRecord;
import mellow.server.job.JobView;
import mellow.server.logbook.Logbooks;
import mellow.server.platform.Acting;
import mellow.server.rulebook.RuleBooks;
import mellow.server.vehicle.AdjusterView;
import mellow.server.vehicle.VehicleView;
import mellow.server.vehicle.Vehicles;
import mellow.server.wire.HorizonView;
import mellow.server.yard.YardView.RowView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Yard")
class YardController {
  /** Instant and id, joined: the place of a row in the order. */
  private static final String KEY = "\\d{1,15}_[0-9a-f-]{36}";

  private static final Logbook NOTHING_READ = new Logbook(List.of());

  private final YardStore store;
  private final Vehicles vehicles;
  private final Bays bays;
  private final Logbooks logbooks;
  private final RuleBooks books;

  YardController(
      YardStore store, Vehicles vehicles, Bays bays, Logbooks logbooks, RuleBooks books) {
    this.store = store;
    this.vehicles = vehicles;
    this.bays = bays;
    this.logbooks = logbooks;
    this.books = books;
  }

  @GetMapping("/api/yard")
  @Operation(
      summary = "The yard",
      description =
          "Jobs with their horizon strips, newest touched first. Paged by key: send a page's \"next\""
              + " as \"after\".")
  public YardView yard(
      Acting acting,
      @RequestParam(defaultValue = "") @Size(max = 100, message = "has at most 100 letters")
          String text,
      @RequestParam(defaultValue = "") @Pattern(regexp = "|" + KEY, message = "is no key of a page")
          String after,
      @RequestParam(defaultValue = "25")
          @Min(value = 1, message = "is at least 1")
          @Max(value = 100, message = "is at most 100")
          int limit) {
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

  private List<RowView> rows(Acting acting, List<JobView> jobs) {
    List<String> vehicleIds = jobs.stream().map(JobView::vehicleId).distinct().toList();
    List<String> bayIds =
        jobs.stream().map(JobView::bayId).filter(Objects::nonNull).distinct().toList();
    Map<String, VehicleView> byId = vehicles.byIds(acting, vehicleIds);
    Map<String, List<AdjusterView>> adjusters = vehicles.adjusters(vehicleIds);
    Map<String, BayView> bayById = bays.byIds(bayIds);
    Map<String, Logbook> bayLogs = logbooks.livingOfBays(bayIds);
    List<String> jobIds = jobs.stream().map(JobView::id).toList();
    Map<String, Logbook> logs = logbooks.livingOfJobs(jobIds);
    RuleBook newest = books.of(acting);
    Map<String, RuleBook> older = books.ofJobs(acting, jobIds);
    return jobs.stream()
        .map(
            job -> {
              VehicleView vehicle = byId.get(job.vehicleId());
              BayView bay = job.bayId() == null ? null : bayById.get(job.bayId());
              WallSheet sheet =
                  WallSheet.of(
                      logs.getOrDefault(job.id(), NOTHING_READ)
                          .wall(
                              job.setup(
                                  vehicle,
                                  adjusters.getOrDefault(vehicle.id(), List.of()),
                                  older.getOrDefault(job.id(), newest)),
                              bay == null
                                  ? NOTHING_READ
                                  : bayLogs.getOrDefault(bay.id(), NOTHING_READ)));
              return new RowView(
                  job.id(),
                  vehicle.name(),
                  vehicle.nickname(),
                  job.work(),
                  job.bayId(),
                  bay == null ? null : bay.name(),
                  job.units(),
                  job.touchedAt(),
                  HorizonView.of(WallHorizon.of(sheet)),
                  NextView.of(sheet.next()));
            })
        .toList();
  }
}

package mellow.server.takein;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import mellow.core.record.JobDocument;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.schedule.Likeness;
import mellow.core.workflow.schedule.PastJob;
import mellow.server.job.JobBrief;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.sheet.Sheets;
import mellow.server.takein.TakeInPage.DoneBefore;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.Spoken;
import org.springframework.stereotype.Service;

/** Looks up what own earlier jobs found. */
@Service
class PastJobs {
  private static final int SHOWN = 20;
  private static final int TIMED = 300;

  private final Jobs jobs;
  private final Sheets sheets;

  PastJobs(Jobs jobs, Sheets sheets) {
    this.jobs = jobs;
    this.sheets = sheets;
  }

  /** Jobs on this vehicle or one like it, the most alike first. */
  List<DoneBefore> like(Acting acting, JobBrief now, Set<WorkKind> kinds) {
    record Ranked(Likeness likeness, DoneBefore job) {}
    List<JobBrief> alike = jobs.alike(acting, now, SHOWN);
    List<String> ids = alike.stream().map(brief -> brief.job().id()).toList();
    Map<String, TakeInEdit> takenIn =
        sheets.ofJobs(acting, ids, JobDocument.TAKE_IN, TakeInEdit.class);
    Map<String, FoundEdit> found = sheets.ofJobs(acting, ids, JobDocument.FOUND, FoundEdit.class);
    Likeness.Of here = compared(now.vehicle(), kinds);
    return alike.stream()
        .map(
            brief -> {
              String id = brief.job().id();
              Set<WorkKind> done = takenIn.getOrDefault(id, TakeInEdit.NOTHING).kinds();
              Likeness likeness = Likeness.between(here, compared(brief.vehicle(), done));
              return new Ranked(
                  likeness,
                  new DoneBefore(
                      id,
                      brief.vehicle().name(),
                      brief.vehicle().nickname(),
                      brief.job().work(),
                      done,
                      brief.job().touchedAt(),
                      Spoken.all(likeness.why()),
                      found.getOrDefault(id, FoundEdit.NOTHING)));
            })
        .sorted(Comparator.comparingInt((Ranked ranked) -> ranked.likeness().score()).reversed())
        .map(Ranked::job)
        .toList();
  }

  private static Likeness.Of compared(VehicleView vehicle, Set<WorkKind> kinds) {
    return new Likeness.Of(
        vehicle.id(),
        vehicle.name(),
        vehicle.variant() == null ? "" : vehicle.variant(),
        vehicle.modelYear() == null ? OptionalInt.empty() : OptionalInt.of(vehicle.modelYear()),
        kinds);
  }

  /** The timed jobs of the shop, the latest of them. */
  List<PastJob> timed(Acting acting, String notJobId) {
    Map<String, FoundEdit> found = sheets.recent(acting, JobDocument.FOUND, FoundEdit.class, TIMED);
    Map<String, TakeInEdit> takenIn =
        sheets.ofJobs(acting, found.keySet(), JobDocument.TAKE_IN, TakeInEdit.class);
    return found.keySet().stream()
        .filter(id -> !id.equals(notJobId) && takenIn.containsKey(id))
        .map(
            id ->
                new PastJob(
                    takenIn.get(id).kinds(), takenIn.get(id).access(), found.get(id).minutes()))
        .toList();
  }
}

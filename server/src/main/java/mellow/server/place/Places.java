package mellow.server.place;

import java.util.List;
import java.util.Optional;
import mellow.core.formats.BuiltInRules;
import mellow.core.placement.Front;
import mellow.core.placement.LampPair;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.MarkFamily;
import mellow.server.aim.WallRequest;
import mellow.server.job.JobBrief;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.sheet.Kept;
import mellow.server.sheet.Sheets;
import mellow.server.sheet.Stage;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is drawn on a job's front, and judges it. */
@Service
public class Places {
  /** Where the vehicle's width was not measured, the drawing starts with a usual one. Judged. */
  private static final double USUAL_WIDTH_MM = 1750;

  private final Jobs jobs;
  private final Sheets sheets;

  Places(Jobs jobs, Sheets sheets) {
    this.jobs = jobs;
    this.sheets = sheets;
  }

  /** The page of the stage. */
  public PlacePage page(Acting acting, String jobId) {
    JobBrief job = jobs.brief(acting, jobId);
    Optional<Kept<FrontEdit>> kept = sheets.of(acting, jobId, Stage.PLACE, FrontEdit.class);
    FrontEdit front = kept.map(Kept::content).orElseGet(() -> start(job));
    return new PlacePage(
        job.job(),
        job.vehicle(),
        kept.map(Kept::version).orElse(0),
        front,
        kept.map(Kept::changedBy).orElse(""),
        kept.map(Kept::changedAt).orElse(null),
        PlaceView.of(front.core(), front.sets(), job.job().units().tapeStepMm()));
  }

  private static FrontEdit start(JobBrief job) {
    Double width = job.vehicle().widthMm();
    Optional<MarkFamily> marks = WallRequest.knownRuleSet(job.job().ruleSet()).marks();
    List<String> sets =
        BuiltInRules.all().stream()
            .filter(set -> !set.placeRules().isEmpty())
            .filter(set -> set.marks().isEmpty() || set.marks().equals(marks))
            .map(RuleSet::id)
            .toList();
    return new FrontEdit(sets, width == null ? USUAL_WIDTH_MM : width, List.of(), List.of());
  }

  /** Keeps the front. */
  @Transactional
  public PlacePage put(Acting acting, String jobId, int version, FrontEdit front) {
    front.core();
    front.sets();
    jobs.hold(acting, jobId);
    boolean changed =
        sheets.keep(acting, jobId, Stage.PLACE, version, front, () -> stale(acting, jobId));
    if (changed) {
      jobs.touch(acting, jobId);
    }
    return page(acting, jobId);
  }

  private Refusal stale(Acting acting, String jobId) {
    PlacePage current = page(acting, jobId);
    return Refusal.stale(current.changedBy(), current);
  }

  /** A pair of a front, or a refusal. */
  static LampPair pair(Front front, String id) {
    return front.pairs().stream()
        .filter(pair -> pair.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                Refusal.unprocessable(
                    "pair", "There is no pair “%s” on this front.".formatted(id)));
  }
}

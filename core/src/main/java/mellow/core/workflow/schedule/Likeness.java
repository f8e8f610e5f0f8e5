package mellow.core.workflow.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.Set;
import mellow.core.finding.Sentence;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.WorkflowWords;

/**
 * How much an earlier job is like this one.
 *
 * @param score the more alike, the higher; 0 where its vehicle is another altogether
 * @param why in words: "the same vehicle", "fog lamps too"
 */
public record Likeness(int score, List<Sentence> why) {
  /** Makers keep a front for about three model years before they change its fasteners. Judged. */
  private static final int ONE_FRONT_YEARS = 3;

  private static final int SAME_VEHICLE = 100;
  private static final int SAME_MODEL = 40;
  private static final int SAME_VARIANT = 10;
  private static final int NEAR_YEAR = 10;
  private static final int SAME_KIND = 5;

  /**
   * What is compared of a job.
   *
   * @param vehicleId of this very vehicle
   * @param model make and model, in any case
   * @param variant empty where not said
   * @param year model year
   */
  public record Of(
      String vehicleId, String model, String variant, OptionalInt year, Set<WorkKind> kinds) {
    public Of {
      kinds = Set.copyOf(kinds);
    }
  }

  public Likeness {
    why = List.copyOf(why);
  }

  /** How much {@code past} is like {@code now}. */
  public static Likeness between(Of now, Of past) {
    boolean same = now.vehicleId().equals(past.vehicleId());
    if (!same && !folded(now.model()).equals(folded(past.model()))) {
      return new Likeness(0, List.of());
    }
    List<Sentence> why = new ArrayList<>();
    int score = same ? SAME_VEHICLE : SAME_MODEL;
    why.add(same ? WorkflowWords.sameVehicle() : WorkflowWords.sameModel());
    if (!same) {
      if (!now.variant().isBlank() && folded(now.variant()).equals(folded(past.variant()))) {
        score += SAME_VARIANT;
        why.add(WorkflowWords.sameVariant());
      }
      if (now.year().isPresent() && past.year().isPresent()) {
        int apart = Math.abs(now.year().getAsInt() - past.year().getAsInt());
        if (apart < ONE_FRONT_YEARS) {
          score += NEAR_YEAR - apart;
          why.add(WorkflowWords.yearsApart(apart));
        }
      }
    }
    for (WorkKind kind : WorkKind.values()) {
      if (now.kinds().contains(kind) && past.kinds().contains(kind)) {
        score += SAME_KIND;
        why.add(WorkflowWords.workToo(kind));
      }
    }
    return new Likeness(score, why);
  }

  private static String folded(String text) {
    return text.strip().toLowerCase(Locale.ROOT);
  }
}

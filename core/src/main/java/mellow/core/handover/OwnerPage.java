package mellow.core.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.LampFunction;
import mellow.core.workflow.WorkKind;

/**
 * What the owner is told, in plain words.
 *
 * @param done what was done
 * @param heed what stays with the owner
 */
public record OwnerPage(List<Sentence> done, List<Sentence> heed) {
  private static final int MOST_OPEN = 8;

  public OwnerPage {
    done = List.copyOf(done);
    heed = List.copyOf(heed);
  }

  /**
   * What is true of a job, as far as the owner is told.
   *
   * @param kinds of the work
   * @param fitted the functions of lamps that are new to the vehicle
   * @param mended what did not work and works now: "left fog: was dead, works now"
   * @param aimed the lamps whose cutoff was read after the work: "left low beam"
   * @param slots of the fuse box that new lamps take their current from, by their names
   * @param dial the vehicle has a levelling dial
   * @param open what is not as it should be, or was not looked at, each by its name
   */
  public record Facts(
      Set<WorkKind> kinds,
      Set<LampFunction> fitted,
      List<Sentence> mended,
      List<Sentence> aimed,
      List<String> slots,
      boolean dial,
      List<Sentence> open) {
    public Facts {
      kinds = Set.copyOf(kinds);
      fitted = Set.copyOf(fitted);
      mended = List.copyOf(mended);
      aimed = List.copyOf(aimed);
      slots = List.copyOf(slots);
      open = List.copyOf(open);
    }
  }

  public static OwnerPage of(Facts facts) {
    return new OwnerPage(done(facts), heed(facts));
  }

  private static List<Sentence> done(Facts facts) {
    List<Sentence> done = new ArrayList<>();
    for (WorkKind kind : WorkKind.values()) {
      // what was aimed follows from what was read
      if (facts.kinds().contains(kind) && kind != WorkKind.AIM) {
        done.add(HandoverWords.done(kind));
      }
    }
    if (!facts.slots().isEmpty()) {
      done.add(HandoverWords.tapIn(facts.slots().stream().map(Sentence::typed).toList()));
    }
    facts.mended().forEach(one -> done.add(HandoverWords.line(one)));
    if (!facts.aimed().isEmpty()) {
      done.add(HandoverWords.measured(facts.aimed()));
    }
    return done;
  }

  private static List<Sentence> heed(Facts facts) {
    List<Sentence> heed = new ArrayList<>();
    if (!facts.open().isEmpty()) {
      heed.add(HandoverWords.notAsItShould());
      facts.open().stream().limit(MOST_OPEN).map(HandoverWords::bullet).forEach(heed::add);
      if (facts.open().size() > MOST_OPEN) {
        heed.add(HandoverWords.more(facts.open().size() - MOST_OPEN));
      }
    }
    if (facts.kinds().contains(WorkKind.DRL) || facts.fitted().contains(LampFunction.DRL)) {
      heed.add(HandoverWords.heedDrl());
    }
    if (facts.kinds().contains(WorkKind.FOG) || facts.fitted().contains(LampFunction.FRONT_FOG)) {
      heed.add(HandoverWords.heedFog());
    }
    if (facts.fitted().contains(LampFunction.DRIVING)) {
      heed.add(HandoverWords.heedDriving());
    }
    if (facts.kinds().contains(WorkKind.RETROFIT)) {
      heed.add(HandoverWords.heedRetrofit());
    }
    if (facts.dial()) {
      heed.add(HandoverWords.heedDial());
    }
    heed.add(HandoverWords.heedAim());
    heed.add(HandoverWords.heedLens());
    return heed;
  }
}

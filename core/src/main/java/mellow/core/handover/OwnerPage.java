package mellow.core.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mellow.core.vehicle.LampFunction;
import mellow.core.workflow.WorkKind;

/**
 * What the owner is told, in plain words.
 *
 * @param done what was done
 * @param heed what stays with the owner
 */
public record OwnerPage(List<String> done, List<String> heed) {
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
      List<String> mended,
      List<String> aimed,
      List<String> slots,
      boolean dial,
      List<String> open) {
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

  private static List<String> done(Facts facts) {
    List<String> done = new ArrayList<>();
    for (WorkKind kind : WorkKind.values()) {
      if (facts.kinds().contains(kind)) {
        switch (kind) {
          case SWAP -> done.add("The headlamps were replaced.");
          case RETROFIT -> done.add("Projectors were built into the headlamps.");
          case FOG -> done.add("Fog lamps were fitted and wired.");
          case DRL -> done.add("Daytime running lamps were fitted and wired.");
          case PODS -> done.add("Lamps on brackets were fitted and wired.");
          case REPAIR -> done.add("A fault of the lighting was looked for.");
          case REWIRE -> done.add("The lighting was wired anew.");
          case AIM -> {
            // what was aimed follows from what was read
          }
        }
      }
    }
    if (!facts.slots().isEmpty()) {
      done.add(
          "A tap for the new lamps sits in the fuse box: %s."
              .formatted(String.join(", ", facts.slots())));
    }
    facts.mended().forEach(one -> done.add(one + "."));
    if (!facts.aimed().isEmpty()) {
      done.add("Measured at the wall after the work: " + String.join(", ", facts.aimed()) + ".");
    }
    return done;
  }

  private static List<String> heed(Facts facts) {
    List<String> heed = new ArrayList<>();
    if (!facts.open().isEmpty()) {
      heed.add("Not as it should be yet; the reason stands on the next page:");
      facts.open().stream().limit(MOST_OPEN).map(one -> "• " + one + ".").forEach(heed::add);
      if (facts.open().size() > MOST_OPEN) {
        heed.add("• " + (facts.open().size() - MOST_OPEN) + " more, on the next page.");
      }
    }
    if (facts.kinds().contains(WorkKind.DRL) || facts.fitted().contains(LampFunction.DRL)) {
      heed.add(
          "Running lamps do not light the road, and often nothing at the back: in dusk, lights on.");
    }
    if (facts.kinds().contains(WorkKind.FOG) || facts.fitted().contains(LampFunction.FRONT_FOG)) {
      heed.add("Fog lamps are for fog: elsewhere they dazzle, and may be against the rules.");
    }
    if (facts.fitted().contains(LampFunction.DRIVING)) {
      heed.add("Driving lamps go with the main beam only: off for whoever comes towards you.");
    }
    if (facts.kinds().contains(WorkKind.RETROFIT)) {
      heed.add(
          "Light in a housing that was not made for it is not allowed on the road in many places:"
              + " the local inspection decides.");
    }
    if (facts.dial()) {
      heed.add("The levelling dial stands at “driver only”; with a load, turn it down.");
    }
    heed.add("After other springs, tyres or a heavy load that stays, have the aim checked again.");
    heed.add("Wash lenses with much water; polish and solvents cloud them.");
    return heed;
  }
}

package mellow.core.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mellow.core.workflow.WorkKind;

/**
 * What the owner is told, in plain words.
 *
 * @param done what was done
 * @param heed what stays with the owner
 */
public record OwnerPage(List<String> done, List<String> heed) {
  public OwnerPage {
    done = List.copyOf(done);
    heed = List.copyOf(heed);
  }

  /**
   * Follows from the work.
   *
   * @param retrofitted light sources that the housing may not have been made for
   * @param notAsItShould how many things are not as they should be
   */
  public static OwnerPage of(Set<WorkKind> kinds, boolean retrofitted, int notAsItShould) {
    List<String> done = new ArrayList<>();
    for (WorkKind kind : WorkKind.values()) {
      if (kinds.contains(kind)) {
        done.add(
            switch (kind) {
              case SWAP -> "The headlamps were replaced.";
              case RETROFIT -> "Projectors were built into the headlamps.";
              case FOG -> "Fog lamps were fitted and wired.";
              case DRL -> "Daytime running lamps were fitted and wired.";
              case PODS -> "Lamps on brackets were fitted and wired.";
              case REPAIR -> "A fault of the lighting was looked for and dealt with.";
              case AIM -> "The beams were measured and aimed.";
            });
      }
    }
    List<String> heed = new ArrayList<>();
    if (notAsItShould > 0) {
      heed.add(
          notAsItShould == 1
              ? "One thing is not as it should be; it stands on the next page, with the reason."
              : notAsItShould
                  + " things are not as they should be; they stand on the next page, with the"
                  + " reason.");
    }
    if (kinds.contains(WorkKind.DRL)) {
      heed.add(
          "Running lamps do not light the road, and often nothing at the back: in dusk, lights on.");
    }
    if (kinds.contains(WorkKind.FOG) || kinds.contains(WorkKind.PODS)) {
      heed.add("Fog lamps are for fog: elsewhere they dazzle, and may be against the rules.");
    }
    if (retrofitted) {
      heed.add(
          "Light in a housing that was not made for it is not allowed on the road in many places:"
              + " the local inspection decides.");
    }
    heed.add("The levelling dial stands at “driver only”; with a load, turn it down.");
    heed.add("After other springs, tyres or a heavy load that stays, have the aim checked again.");
    heed.add("Wash lenses with much water; polish and solvents cloud them.");
    return new OwnerPage(done, heed);
  }
}

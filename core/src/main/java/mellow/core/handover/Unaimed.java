package mellow.core.handover;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;

/** Lamps whose aim has to be read after the work, and was not. */
public final class Unaimed {
  private static final Source AGAIN = Source.commonPractice(HandoverWords.srcUnaimed());
  private static final Set<WorkKind> OF_HEADLAMPS =
      EnumSet.of(WorkKind.SWAP, WorkKind.RETROFIT, WorkKind.AIM);

  private static final Set<Side> BOTH = EnumSet.allOf(Side.class);

  private Unaimed() {}

  /**
   * Each lamp that was not read, by its name; empty where everything that the work moved was read.
   *
   * @param headlampsOff the sides whose headlamp came off, for whatever reason
   * @param read of each kind of lamp that is aimed on this vehicle, the sides whose cutoff was read
   *     since a screw was turned last
   */
  public static List<Finding> of(
      TakeIn takeIn, Set<Side> headlampsOff, Map<LampKind, Set<Side>> read) {
    List<Finding> missing = new ArrayList<>();
    needed(takeIn, headlampsOff, read.keySet())
        .forEach(
            (kind, sides) ->
                sides.stream()
                    .filter(side -> !read.getOrDefault(kind, Set.of()).contains(side))
                    .forEach(side -> missing.add(unread(kind, side, read.containsKey(kind)))));
    return missing;
  }

  private static Finding unread(LampKind kind, Side side, boolean known) {
    return Finding.plain(
            FindingKey.of("hand-over.unaimed", Subject.Lamp.of(kind.function(), side)),
            Verdict.OUT,
            AGAIN,
            HandoverWords.unread(side, kind.function()))
        .withRemedy(
            known
                ? Remedy.of(
                    Remedy.Action.READ,
                    Remedy.Page.WALL,
                    HandoverWords.readIt(kind == LampKind.DRIVING))
                : Remedy.of(Remedy.Action.ENTER, Remedy.Page.PARTS, HandoverWords.enterLens()));
  }

  private static Map<LampKind, Set<Side>> needed(
      TakeIn takeIn, Set<Side> headlampsOff, Set<LampKind> aimed) {
    Map<LampKind, Set<Side>> needed = new EnumMap<>(LampKind.class);
    boolean headlamps =
        takeIn.headlampsLoosened() || takeIn.kinds().stream().anyMatch(OF_HEADLAMPS::contains);
    if (headlamps || !headlampsOff.isEmpty()) {
      needed.put(LampKind.DIPPED, headlamps ? BOTH : headlampsOff);
    }
    boolean fog = takeIn.kinds().contains(WorkKind.FOG);
    boolean pods = takeIn.kinds().contains(WorkKind.PODS) && aimed.contains(LampKind.FRONT_FOG);
    if (fog || pods) {
      needed.put(LampKind.FRONT_FOG, BOTH);
    }
    boolean driven =
        takeIn.kinds().contains(WorkKind.PODS) || takeIn.kinds().contains(WorkKind.FOG);
    if (driven && aimed.contains(LampKind.DRIVING)) {
      needed.put(LampKind.DRIVING, BOTH);
    }
    return needed;
  }
}

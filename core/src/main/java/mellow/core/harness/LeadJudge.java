package mellow.core.harness;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Part;
import mellow.core.circuit.Switch;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.harness.Solved.Held;

/** Judges the leads behind a tap on a factory wire: what little flows, and what a short draws. */
final class LeadJudge {
  private static final Source UNFUSED = Source.commonPractice(HarnessWords.srcLead());

  private final Solved solved;

  LeadJudge(Solved solved) {
    this.solved = solved;
  }

  /**
   * Whether the factory's fuse guards the thinnest lead; empty where no lead is without its own.
   */
  Optional<Finding> of(Joining.Clip clip) {
    return unfused(clip)
        .min(Comparator.comparingDouble(wire -> wire.conductor().mm2()))
        .map(wire -> judged(clip, wire));
  }

  private Finding judged(Joining.Clip clip, Joining.Wire thinnest) {
    FindingKey key = FindingKey.of("feed.lead", clip.subject());
    String lead = thinnest.id();
    Figure.Current bears = Figure.amps(solved.laying().allowedAmps(thinnest.conductor().mm2()));
    if (!(clip.guardAmps() > 0)) {
      return Finding.plain(key, Verdict.NOT_KNOWN, UNFUSED, HarnessWords.guardNotKnown(bears, lead))
          .withRemedy(Remedy.of(Remedy.Action.CHECK, Remedy.Page.FEED, HarnessWords.findGuard()));
    }
    Figure.Current guard = Figure.amps(clip.guardAmps());
    return Solved.upTo(
        key,
        new Held(guard, bears),
        UNFUSED,
        HarnessWords.leadBehindTap(bears, guard, lead),
        Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, HarnessWords.fuseAtTap()));
  }

  /** The wires that current reaches from the tap before a fuse or what it drives. */
  private Stream<Joining.Wire> unfused(Joining.Clip clip) {
    return Reach.behind(solved.circuit(), clip, LeadJudge::isLead, part -> true).stream()
        .filter(Joining.Wire.class::isInstance)
        .map(Joining.Wire.class::cast);
  }

  /** A second tap is the way into another factory wire. */
  private static boolean isLead(Part part) {
    return part instanceof Switch
        || part instanceof Joining
            && !(part instanceof Joining.Guard)
            && !(part instanceof Joining.Clip);
  }
}

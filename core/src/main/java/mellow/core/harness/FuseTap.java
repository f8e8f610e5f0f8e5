package mellow.core.harness;

import java.util.ArrayList;
import java.util.List;
import mellow.core.circuit.Joining.BladeSize;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;

/**
 * A second circuit taken from a fuse's slot: the old fuse keeps guarding the old circuit, a second
 * one guards the new.
 *
 * @param slot as the fuse box's map calls it
 * @param feedAmps what the slot's feed bears: what the map says it is fused for
 * @param oldAmps rating of the old circuit's fuse
 * @param newAmps rating of the new one's
 */
public record FuseTap(
    String slot,
    BladeSize slotSize,
    BladeSize tapSize,
    double feedAmps,
    double oldAmps,
    double newAmps) {
  private static final Source SUM = Source.commonPractice(HarnessWords.srcTap());
  private static final Source DONOR = Source.judged(HarnessWords.srcSlot());
  private static final Source SIZE = Source.commonPractice(HarnessWords.srcTapSize());

  public FuseTap {
    if (!(feedAmps > 0) || !(oldAmps >= 0) || !(newAmps > 0)) {
      throw new IllegalArgumentException(
          "fuses have ratings: feed %s, old %s, new %s".formatted(feedAmps, oldAmps, newAmps));
    }
  }

  /**
   * What is to be said of it.
   *
   * @param drawnOldAmps what the old circuit draws at most
   * @param drawnNewAmps what the new one does, as solved
   */
  public List<Finding> findings(double drawnOldAmps, double drawnNewAmps) {
    List<Finding> findings = new ArrayList<>();
    if (slotSize != tapSize) {
      findings.add(
          Finding.plain(
                  FindingKey.of("tap.size", SubjectKind.SLOT.named(slot)),
                  Verdict.OUT,
                  SIZE,
                  HarnessWords.tapSize(tapSize, slotSize, slot))
              .withRemedy(
                  Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.rightTap())));
    }
    double fused = oldAmps + newAmps;
    double drawn = drawnOldAmps + drawnNewAmps;
    Sentence says =
        HarnessWords.tapSum(
            Figure.amps(oldAmps),
            Figure.amps(newAmps),
            Figure.amps(feedAmps),
            Figure.amps(drawn),
            slot);
    Margin margin = Margin.upTo(Figure.amps(feedAmps), drawn, 0);
    Finding sum =
        Finding.on(FindingKey.of("tap.sum", SubjectKind.SLOT.named(slot)), margin, SUM, says);
    if (drawn > feedAmps) {
      sum =
          sum.withRemedy(
              Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.feedFromBattery()));
    } else if (fused > feedAmps) {
      // nothing burns as it is used, but the fuses no longer guard the feed
      sum =
          Finding.plain(
                  FindingKey.of("tap.sum", SubjectKind.SLOT.named(slot)),
                  Verdict.AT_EDGE,
                  SUM,
                  says)
              .withRemedy(Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, smaller(drawnNewAmps)));
    }
    findings.add(sum);
    if (oldAmps > 0 && drawn > oldAmps) {
      findings.add(
          Finding.plain(
                  FindingKey.of("tap.donor", SubjectKind.SLOT.named(slot)),
                  Verdict.OUT,
                  DONOR,
                  HarnessWords.donor(Figure.amps(drawn), Figure.amps(oldAmps), slot))
              .withRemedy(
                  Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.otherSlot())));
    }
    return findings;
  }

  /**
   * The largest fuse that leaves the feed guarded and still carries the load, where one is made.
   */
  private Sentence smaller(double drawnNewAmps) {
    return BladeFuse.forLoad(drawnNewAmps, feedAmps - oldAmps)
        .map(fuse -> HarnessWords.smallerFuse(Figure.amps(fuse.amps())))
        .orElse(HarnessWords.noFuseFits());
  }
}

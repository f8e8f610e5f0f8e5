package mellow.server.feed;

import mellow.core.circuit.solve.Solution;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/** What a phase of a pulsed circuit is, in words. */
public final class PhaseWords {
  private PhaseWords() {}

  public static Sentence of(Solution.Phase phase) {
    Figure.Count share = Figure.count(Math.round(100 * phase.share()));
    return phase.off().isEmpty()
        ? FeedWords.allClosed(share)
        : FeedWords.someOpen(phase.off().stream().map(Sentence::typed).toList(), share);
  }
}

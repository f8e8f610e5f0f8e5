package mellow.server.feed;

import mellow.core.circuit.Solution;

/** What a phase of a pulsed circuit is, in words. */
final class PhaseWords {
  private PhaseWords() {}

  static String of(Solution.Phase phase) {
    String share = Math.round(100 * phase.share()) + " % of the time";
    return phase.off().isEmpty()
        ? "all that is pulsed closed, " + share
        : String.join(", ", phase.off()) + " open, " + share;
  }
}

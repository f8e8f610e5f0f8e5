package mellow.core.feed.sheet;

import java.util.Optional;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Part;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.FeedWords;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Limit;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.finding.Working;
import mellow.core.subject.SubjectKind;

/**
 * What a meter showed at a place of the circuit, in a state.
 *
 * @param amperes whether it was a current through a part, else a voltage of a node against the
 *     battery's own negative post
 * @param place the part, or the node
 */
public record MeterReading(DrivingState state, boolean amperes, String place, double value) {
  private static final Source SPREAD = Source.judged(FeedWords.srcMeter());

  /**
   * A hand meter to 0.5 % and a digit or two; contacts and the battery's level add more. Judged.
   */
  private static final double VOLTS = 0.3;

  private static final double VOLTS_SHARE = 0.03;
  private static final double AMPS = 0.1;
  private static final double AMPS_SHARE = 0.1;

  /** The reading held against the solved circuit. */
  Finding against(PlannedFeed feed) throws FeedProblem {
    Solution solution = new Solver(feed.circuit()).solve(state.controls());
    double solved = shown(feed, solution);
    double allowed =
        amperes ? AMPS + AMPS_SHARE * Math.abs(solved) : VOLTS + VOLTS_SHARE * Math.abs(solved);
    double apart = Math.abs(value - solved);
    Figure measured = figure(value);
    Figure expected = figure(solved);
    Finding finding =
        Finding.on(
                FindingKey.of("measured", SubjectKind.IN_STATE.within(state.name(), place)),
                Margin.of(
                    figure(allowed - apart),
                    0,
                    allowed,
                    Limit.between(figure(solved - allowed), figure(solved + allowed))),
                SPREAD,
                FeedWords.measured(Words.capital(place), state, measured, expected))
            .withWorking(
                Working.of(
                    Working.read(FeedWords.lineMeasured(), measured),
                    Working.read(FeedWords.lineSolved(), expected),
                    Working.read(FeedWords.lineAllowed(), figure(allowed))));
    return finding.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(
                Remedy.Action.CHECK,
                Remedy.Page.FEED,
                value < solved ? FeedWords.weakBefore() : FeedWords.openBehind()))
        : finding;
  }

  /** What a meter shows: the mean of what is pulsed fast, the lit part of what flashes. */
  private double shown(PlannedFeed feed, Solution solution) throws FeedProblem {
    if (amperes) {
      Part part = part(feed);
      return Math.abs(solution.averageLit(point -> point.amps(part)));
    }
    requireNode(feed);
    return solution.averageLit(point -> point.at(place));
  }

  private Part part(PlannedFeed feed) throws FeedProblem {
    Optional<PlannedPart> part = feed.part(place);
    return part.orElseThrow(() -> new FeedProblem("place", FeedWords.noPart(place))).part();
  }

  private void requireNode(PlannedFeed feed) throws FeedProblem {
    boolean known =
        place.equals(Circuit.GROUND)
            || feed.circuit().parts().stream()
                .flatMap(part -> part.branches().stream())
                .anyMatch(branch -> branch.from().equals(place) || branch.to().equals(place));
    if (!known) {
      throw new FeedProblem("place", FeedWords.noPoint(place));
    }
  }

  private Figure figure(double number) {
    return amperes ? Figure.amps(number) : Figure.volts(number);
  }
}

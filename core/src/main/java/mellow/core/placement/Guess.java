package mellow.core.placement;

import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.rules.PlaceRule;

/** What of a drawing was put there to begin with and neither measured nor chosen yet. */
public enum Guess {
  PLACE,
  HEADING,
  WIDTH;

  /** The guess that the answer to a question hangs on; empty where it hangs on none. */
  static Optional<Guess> behind(Front front, LampPair pair, PlaceRule.Asks asks) {
    return switch (asks) {
      case HEADING -> among(pair, HEADING);
      case OUTER_EDGE -> among(pair, PLACE).or(() -> front.widthGuessed() ? of(WIDTH) : none());
      case LOWER_EDGE_HEIGHT,
          UPPER_EDGE_HEIGHT,
          CENTRE_HEIGHT,
          INNER_SPACING,
          ABOVE_DIPPED,
          TURN_SIGNAL_GAP,
          TURN_SIGNAL_CENTRE_GAP ->
          among(pair, PLACE);
      case SEEN_OUTWARDS,
          SEEN_INWARDS,
          SEEN_UPWARDS,
          SEEN_DOWNWARDS,
          LIT_AREA,
          INTENSITY,
          COUNT,
          REFERENCE_SUM ->
          none();
    };
  }

  static Optional<Guess> among(LampPair pair, Guess guess) {
    return pair.guessed().contains(guess) ? of(guess) : none();
  }

  private static Optional<Guess> of(Guess guess) {
    return Optional.of(guess);
  }

  private static Optional<Guess> none() {
    return Optional.empty();
  }

  /** Nothing that hangs on a guess is within; what is out stays out, so that it is seen. */
  Finding leavesOpen(Finding finding) {
    if (finding.verdict() == Verdict.OUT || finding.verdict() == Verdict.NOT_KNOWN) {
      return finding;
    }
    return new Finding(
        finding.key(),
        Verdict.NOT_KNOWN,
        saidOf(finding.headline()),
        finding.detail(),
        Optional.empty(),
        Optional.of(remedy()),
        Working.NONE,
        finding.source());
  }

  private Sentence saidOf(Sentence headline) {
    return switch (this) {
      case PLACE -> PlacementWords.guessedPlace(headline);
      case HEADING -> PlacementWords.guessedHeading(headline);
      case WIDTH -> PlacementWords.guessedWidth(headline);
    };
  }

  private Remedy remedy() {
    return Remedy.of(
        Remedy.Action.MEASURE,
        Remedy.Page.PLACE,
        switch (this) {
          case PLACE -> PlacementWords.measurePlace();
          case HEADING -> PlacementWords.measureHeading();
          case WIDTH -> PlacementWords.measureWidth();
        });
  }
}

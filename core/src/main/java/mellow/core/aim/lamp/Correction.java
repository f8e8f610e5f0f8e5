package mellow.core.aim.lamp;

import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.Adjuster;
import mellow.core.finding.Figure;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;

/**
 * What puts a lamp right.
 *
 * @param upMm how far the cutoff has to rise on the wall, in mm; negative is down
 * @param upPercent the same in percent
 * @param screw the screw to turn; empty where none is noted for this lamp
 * @param turns how far, clockwise positive, to an eighth; empty while its rate is not known
 * @param says the remedy in words
 */
public record Correction(
    double upMm, double upPercent, Optional<Adjuster> screw, OptionalDouble turns, Sentence says) {

  /** Turning the screw, by so many turns where its rate is known, else by the way on the wall. */
  Remedy remedy() {
    Remedy turn =
        Remedy.of(Remedy.Action.TURN, Remedy.Page.WALL, says)
            .by(turns.isPresent() ? Figure.turns(turns.getAsDouble()) : Figure.lengthMm(upMm));
    return screw.map(Adjuster::subject).map(turn::on).orElse(turn);
  }
}

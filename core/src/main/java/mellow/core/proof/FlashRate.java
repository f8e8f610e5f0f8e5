package mellow.core.proof;

import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Limit;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * How fast a turn signal flashes, counted.
 *
 * @param flashes counted, one at least
 * @param seconds in which they were counted; positive
 */
public record FlashRate(Side side, int flashes, double seconds) {
  /** Times a minute. */
  public static final double LEAST = 60;

  public static final double MOST = 120;

  private static final double HALF_BAND = (MOST - LEAST) / 2;

  private static final Source SOURCE = Source.fromMemory(ProofWords.srcFlash());

  public FlashRate {
    if (flashes < 1 || !(seconds > 0)) {
      throw new IllegalArgumentException("flashes are counted over some seconds");
    }
  }

  public double perMinute() {
    return 60 * flashes / seconds;
  }

  /** One flash more or less is what counting cannot tell. */
  public double uncertainty() {
    return 60 / seconds;
  }

  /** Whether it flashes as it should; too fast tells of too little current. */
  public Finding finding() {
    Margin margin =
        Margin.of(
            Figure.count(Math.min(perMinute() - LEAST, MOST - perMinute())),
            uncertainty(),
            HALF_BAND,
            Limit.between(Figure.count(LEAST), Figure.count(MOST)));
    Finding finding =
        Finding.on(
                FindingKey.of("prove.flash", Subject.Lamp.of(LampFunction.TURN, side)),
                margin,
                SOURCE,
                ProofWords.flashRate(side, Figure.count(perMinute())))
            .withWorking(
                Working.of(
                    new Working.Line(
                        ProofWords.flashes(),
                        ProofWords.flashesFormula(),
                        Sentence.of("60 × {0} ÷ {1}", Figure.count(flashes), Figure.count(seconds)),
                        Figure.count(perMinute()))));
    if (margin.verdict() == Verdict.WITHIN) {
      return finding;
    }
    return finding.withRemedy(
        Remedy.of(
            Remedy.Action.CHANGE,
            Remedy.Page.PROVE,
            perMinute() > LEAST + HALF_BAND ? ProofWords.tooFast() : ProofWords.tooSlow()));
  }
}

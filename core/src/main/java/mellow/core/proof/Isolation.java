package mellow.core.proof;

import java.util.List;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;

/**
 * Where to begin when a lamp does not do what it should: the first tests of the trade's order, from
 * the lamp by itself back to the vehicle.
 */
public final class Isolation {
  public static final Source SOURCE = Source.commonPractice(ProofWords.srcIsolate());

  private Isolation() {}

  /** What gives the light, as far as it changes the tests. */
  public enum Light {
    FILAMENT,
    LED,
    DISCHARGE,
    UNKNOWN
  }

  /** The first three tests; the lamp's own wiring is taken out of the question first. */
  public static List<Sentence> firstThree(Outcome outcome, Light light) {
    if (outcome == Outcome.LIT) {
      return List.of(ProofWords.pullFuse(), ProofWords.pullRelay(), ProofWords.meterTrigger());
    }
    return switch (light) {
      case DISCHARGE ->
          List.of(ProofWords.goodBallast(), ProofWords.eachBulb(), ProofWords.eachBallast());
      case LED ->
          List.of(ProofWords.ledOnBattery(), ProofWords.turnPlug(), ProofWords.harnessOnBattery());
      case UNKNOWN ->
          List.of(
              ProofWords.lampOnBattery(), ProofWords.plugOrBulb(), ProofWords.harnessThenRest());
      case FILAMENT ->
          List.of(ProofWords.bulbOnBattery(), ProofWords.goodBulb(), ProofWords.harnessThenRest());
    };
  }
}

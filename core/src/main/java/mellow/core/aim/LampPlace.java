package mellow.core.aim;

import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.finding.Working;
import mellow.core.measure.Measured;
import mellow.core.vehicle.Side;

/**
 * Where one lamp meets the wall.
 *
 * @param side which lamp
 * @param centreMm height of its centre above the tyres' plane
 * @param along distance to the wall along the vehicle's own axis
 * @param line height above the wall's foot of the line on which a level beam would fall
 * @param tapeMm what the tape was read to that gave the line, ± mm
 * @param ahead where straight ahead meets the wall
 * @param working how the line comes about
 */
public record LampPlace(
    Side side,
    double centreMm,
    Measured along,
    Measured line,
    double tapeMm,
    Ahead ahead,
    Working working) {

  /**
   * A point of the wall straight ahead of a lamp.
   *
   * @param xMm from the vehicle's centre line, left positive
   * @param asideMm how far it lies to the left of the point square in front of the lamp
   */
  public record Ahead(double xMm, double asideMm) {}

  public double alongMm() {
    return along.mm();
  }

  public double lineMm() {
    return line.mm();
  }

  /** Height above the wall's foot at which a beam of this inclination falls, in mm. */
  public double heightMm(double percent) {
    return lineMm() + percent / 100 * alongMm();
  }

  /** Inclination of a cutoff read at this height above the wall's foot. */
  public double percentOfHeight(double heightMm) {
    return 100 * (heightMm - lineMm()) / alongMm();
  }

  /** What a length on the wall is in percent. */
  public double percentOf(double mm) {
    return 100 * mm / alongMm();
  }

  /** Uncertainty of an inclination read here: the line, and what the cutoff was read to, ± mm. */
  public double uncertaintyPercent(double readToMm) {
    return percentOf(Math.hypot(line.plusMinusMm(), readToMm));
  }

  /** The mark for an inclination, with its working. */
  public Working markWorking(double percent) {
    double dropMm = percent / 100 * alongMm();
    return new Working(
        java.util.stream.Stream.concat(
                working.lines().stream(),
                java.util.stream.Stream.of(
                    new Working.Line(
                        AimWords.inclinationOverDistance(),
                        AimWords.inclinationOverDistanceFormula(),
                        Sentence.of(
                            "{0} ÷ 100 × {1}", Figure.percent(percent), Figure.lengthMm(alongMm())),
                        Figure.fineMm(dropMm)),
                    new Working.Line(
                        AimWords.markAboveFoot(),
                        AimWords.markAboveFootFormula(),
                        Sentence.of("{0} + ({1})", Figure.fineMm(lineMm()), Figure.fineMm(dropMm)),
                        Figure.fineMm(lineMm() + dropMm))))
            .toList());
  }
}

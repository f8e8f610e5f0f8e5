package mellow.core.aim;

import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Working;

/** Where a cutoff meets a level road. */
public final class Road {
  /** Where the reach comes from. */
  public static final Source SOURCE = Source.derived(AimWords.srcRoad());

  private Road() {}

  /**
   * Distance ahead of the lamp at which its cutoff meets a level road, in mm: height ÷ (percent ÷
   * 100). Empty for a cutoff that does not fall.
   *
   * @param centreMm height of the lamp's centre above the road
   * @param percent inclination, negative downwards
   */
  public static OptionalDouble reachMm(double centreMm, double percent) {
    return percent < 0 ? OptionalDouble.of(centreMm / (-percent / 100)) : OptionalDouble.empty();
  }

  /** How a reach comes about; without its last line where the cutoff never comes down. */
  public static Working working(LampPlace lamp, double percent) {
    Working.Line centre =
        Working.read(AimWords.roadCentre(lamp.side()), Figure.fineMm(lamp.centreMm()));
    Working.Line inclination =
        Working.read(AimWords.roadInclination(lamp.side()), Figure.percent(percent));
    OptionalDouble reach = reachMm(lamp.centreMm(), percent);
    if (reach.isEmpty()) {
      return Working.of(centre, inclination);
    }
    return Working.of(
        centre,
        inclination,
        new Working.Line(
            AimWords.roadMeets(lamp.side()),
            AimWords.roadMeetsFormula(),
            Sentence.of(
                "{0} ÷ ({1} ÷ 100)", Figure.fineMm(lamp.centreMm()), Figure.percent(-percent)),
            Figure.reachMm(reach.getAsDouble())));
  }
}

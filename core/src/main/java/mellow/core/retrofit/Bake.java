package mellow.core.retrofit;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Sentence;
import mellow.core.measure.Temperature;

/**
 * Once in the oven.
 *
 * @param purpose why
 * @param celsius by the oven's own thermometer
 * @param minutes how long
 * @param notInside what was looked for and is not in the oven
 */
public record Bake(Purpose purpose, double celsius, double minutes, Set<Inside> notInside) {
  private static final double ROUNDING = 0.05;
  private static final double MOST_MINUTES = 60;

  /** Why something is warmed. */
  public enum Purpose {
    OPEN,
    RESEAL
  }

  /** What must not be in the oven, and is easily forgotten there. */
  public enum Inside {
    BULBS,
    BALLASTS,
    TAPES,
    WIRES,
    SCREWS
  }

  public Bake {
    notInside = Set.copyOf(notInside);
  }

  /** Why it must not be done; empty where it may. */
  public Optional<Sentence> refused() {
    if (celsius > Temperature.celsius(OvenSchool.MOST_FAHRENHEIT) + ROUNDING) {
      return Optional.of(RetrofitWords.tooHot());
    }
    if (!(minutes > 0) || minutes > MOST_MINUTES) {
      return Optional.of(RetrofitWords.tooLong());
    }
    Set<Inside> unsaid = EnumSet.allOf(Inside.class);
    unsaid.removeAll(notInside);
    if (!unsaid.isEmpty()) {
      return Optional.of(RetrofitWords.notLookedFor(unsaid.stream().map(Sentence::term).toList()));
    }
    return Optional.empty();
  }

  /** The school whose heat it is nearest to from above. */
  OvenSchool school() {
    for (OvenSchool school : OvenSchool.values()) {
      double most =
          purpose == Purpose.OPEN ? school.opening().celsius() : school.resealing().celsius();
      if (celsius <= most + 1) {
        return school;
      }
    }
    return OvenSchool.HOT;
  }
}

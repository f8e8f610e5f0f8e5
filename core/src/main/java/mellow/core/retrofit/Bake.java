package mellow.core.retrofit;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import mellow.core.measure.TemperatureEntry;

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
    BULBS("bulbs"),
    BALLASTS("ballasts and drivers"),
    TAPES("tapes and film"),
    WIRES("loose wires and plugs"),
    SCREWS("screws and clips that hold the lens");

    private final String words;

    Inside(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  public Bake {
    notInside = Set.copyOf(notInside);
  }

  /** Why it must not be done; empty where it may. */
  public Optional<String> refused() {
    if (celsius > TemperatureEntry.celsius(OvenSchool.MOST_FAHRENHEIT) + ROUNDING) {
      return Optional.of(
          "Never above 290 °F (143 °C): the housing warps and gives off fumes. Longer at the same"
              + " heat is better than hotter.");
    }
    if (!(minutes > 0) || minutes > MOST_MINUTES) {
      return Optional.of("A housing stays in the oven for some minutes, an hour at most.");
    }
    Set<Inside> unsaid = EnumSet.allOf(Inside.class);
    unsaid.removeAll(notInside);
    if (!unsaid.isEmpty()) {
      return Optional.of(
          "What is in the oven? Not looked for yet: "
              + String.join(", ", unsaid.stream().map(Inside::words).toList())
              + ".");
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

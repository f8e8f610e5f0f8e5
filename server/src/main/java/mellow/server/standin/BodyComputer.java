package mellow.server.standin;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/**
 * A simulated body computer: parameters of its lamp functions, read and written as an adapter
 * would. It remembers nothing; how it stands follows from what was written before.
 */
public final class BodyComputer {
  private static final double LEAST_VOLTS = 12.0;

  /** What can be set, what it may be, and what it is as the vehicle came. */
  private enum Parameter {
    DRL_PRESENT("running lamps present", List.of("no", "yes")),
    DRL_TYPE("running lamp type", List.of("filament", "LED")),
    FOG_PRESENT("fog lamps present", List.of("no", "yes")),
    FOG_TYPE("fog lamp type", List.of("filament", "LED")),
    LOW_TYPE("low beam type", List.of("filament", "gas discharge", "LED")),
    TURN_TYPE("turn signal type", List.of("filament", "LED"));

    private final String words;
    private final List<String> values;

    Parameter(String words, List<String> values) {
      this.words = words;
      this.values = values;
    }

    private String factory() {
      return values.get(0);
    }
  }

  /** A value written before. */
  public record Written(String parameter, String value) {}

  /** What came of writing. */
  public record Outcome(String before, boolean taken, Sentence says) {}

  private final Map<String, String> now = new LinkedHashMap<>();

  /**
   * @param written what was taken before, in order
   */
  public BodyComputer(List<Written> written) {
    for (Parameter parameter : Parameter.values()) {
      now.put(parameter.words, parameter.factory());
    }
    written.forEach(one -> now.computeIfPresent(one.parameter(), (name, was) -> one.value()));
  }

  /** All parameters as they stand. */
  public Map<String, String> settings() {
    return Map.copyOf(now);
  }

  /** The values that each parameter may have, in the order of its menu. */
  public static Map<String, List<String>> choices() {
    Map<String, List<String>> choices = new LinkedHashMap<>();
    for (Parameter parameter : Parameter.values()) {
      choices.put(parameter.words, parameter.values);
    }
    return choices;
  }

  /**
   * Writes a value and reads it back.
   *
   * @param volts of the supply while it is written
   */
  public Outcome write(String parameter, String value, double volts) {
    String before = now.getOrDefault(parameter, "");
    List<String> values = choices().getOrDefault(parameter, List.of());
    if (values.isEmpty()) {
      return new Outcome(before, false, StandinWords.unknown(parameter));
    } else if (!values.contains(value)) {
      return new Outcome(
          before, false, StandinWords.noneOf(value, values.stream().map(Sentence::typed).toList()));
    } else if (!(volts >= LEAST_VOLTS)) {
      return new Outcome(before, false, StandinWords.supplyLow(Figure.volts(volts)));
    } else if (isTypeOfAbsent(parameter)) {
      return new Outcome(before, false, StandinWords.absent());
    }
    now.put(parameter, value);
    return new Outcome(before, true, StandinWords.taken(value));
  }

  private boolean isTypeOfAbsent(String parameter) {
    return parameter.equals(Parameter.DRL_TYPE.words) && isAbsent(Parameter.DRL_PRESENT)
        || parameter.equals(Parameter.FOG_TYPE.words) && isAbsent(Parameter.FOG_PRESENT);
  }

  private boolean isAbsent(Parameter parameter) {
    return "no".equals(now.get(parameter.words));
  }
}

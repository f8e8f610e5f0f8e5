package mellow.core.feed;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import mellow.core.circuit.Conductor;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.Turn;
import mellow.core.circuit.Controls.When;
import mellow.core.harness.WireSize;

/** A block's values with the answers filled in, read as what a part needs. */
public final class Values {
  /** Wires in an engine bay are warm. Judged. */
  private static final double USUAL_CELSIUS = 40;

  private final String place;
  private final Map<String, String> values;

  public Values(String place, Map<String, String> values) {
    this.place = place;
    this.values = values;
  }

  Map<String, String> all() {
    return values;
  }

  public String text(String name) throws FeedProblem {
    String value = values.get(name);
    if (value == null || value.isBlank()) {
      throw new FeedProblem(place, FeedWords.hasNo(place, name));
    }
    return value;
  }

  public String text(String name, String usual) {
    return values.getOrDefault(name, usual);
  }

  public double number(String name) throws FeedProblem {
    return number(place + ", " + name, text(name));
  }

  public double number(String name, double usual) throws FeedProblem {
    return values.containsKey(name) ? number(name) : usual;
  }

  boolean yes(String name, boolean usual) {
    return values.containsKey(name) ? values.get(name).equals("yes") : usual;
  }

  <E extends Enum<E>> E one(Class<E> of, String name) throws FeedProblem {
    return one(of, place, text(name));
  }

  <E extends Enum<E>> E one(Class<E> of, String name, E usual) throws FeedProblem {
    return values.containsKey(name) ? one(of, name) : usual;
  }

  /** The name of a constant as a plan has it: "engine-box" for ENGINE_BOX. */
  static String constant(String text) {
    return text.strip().toUpperCase(Locale.ROOT).replace('-', '_');
  }

  private static <E extends Enum<E>> E one(Class<E> of, String place, String text)
      throws FeedProblem {
    try {
      return Enum.valueOf(of, constant(text));
    } catch (IllegalArgumentException e) {
      throw new FeedProblem(place, FeedWords.notKnownHere(text));
    }
  }

  public WireSize size() throws FeedProblem {
    String name = text("size");
    return WireSize.named(name).orElseThrow(() -> new FeedProblem(place, FeedWords.noWire(name)));
  }

  Conductor conductor() throws FeedProblem {
    return size().of(number("metres"), number("celsius", USUAL_CELSIUS));
  }

  /** When something is on: "key RUN ENGINE; lights SIDE DIPPED; fog". */
  When when(String text) throws FeedProblem {
    Set<Key> keys = new TreeSet<>();
    Set<Lights> lights = new TreeSet<>();
    Set<Turn> turns = new TreeSet<>();
    boolean fog = false;
    boolean auxiliary = false;
    for (String part : text.split(";", -1)) {
      String[] words = part.strip().split("\\s+", -1);
      switch (words[0]) {
        case "always" -> {}
        case "fog" -> fog = true;
        case "auxiliary" -> auxiliary = true;
        case "key" -> each(Key.class, words, keys);
        case "lights" -> each(Lights.class, words, lights);
        case "turn" -> each(Turn.class, words, turns);
        default -> throw new FeedProblem(place, FeedWords.noControl(part));
      }
    }
    return new When(keys, lights, turns, fog, auxiliary);
  }

  private <E extends Enum<E>> void each(Class<E> of, String[] words, Set<E> into)
      throws FeedProblem {
    for (int i = 1; i < words.length; i++) {
      into.add(one(of, place, words[i]));
    }
  }

  public static double number(String place, String text) throws FeedProblem {
    try {
      double value = Double.parseDouble(text.strip().replace(',', '.'));
      if (Double.isFinite(value)) {
        return value;
      }
    } catch (NumberFormatException e) {
      // said below
    }
    throw new FeedProblem(place, FeedWords.noNumber(text));
  }

  public static String shown(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
  }
}

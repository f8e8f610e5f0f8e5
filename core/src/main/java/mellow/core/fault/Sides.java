package mellow.core.fault;

import java.util.Optional;
import java.util.regex.Pattern;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Part;

/** The sides in the names of parts: plans make "left ballast" and "right ballast" of one line. */
public final class Sides {
  private static final Pattern SIDE = Pattern.compile("\\b(left|right)\\b");

  private Sides() {}

  /** A part's name without its side: what fails on the left fails on the right as well. */
  public static String without(String part) {
    return SIDE.matcher(part).replaceAll("").strip();
  }

  /** The part of the other side; empty where the circuit has none of its kind. */
  public static Optional<String> twin(Circuit circuit, String part) {
    String other =
        SIDE.matcher(part).replaceAll(side -> side.group().equals("left") ? "right" : "left");
    Optional<Part> one = circuit.part(part);
    return circuit
        .part(other)
        .filter(twin -> !other.equals(part))
        .filter(twin -> one.isPresent() && one.get().getClass() == twin.getClass())
        .map(Part::id);
  }
}

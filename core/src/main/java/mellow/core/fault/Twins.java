package mellow.core.fault;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Part;

/** Parts of one side and their like of the other: the left ballast and the right one. */
final class Twins {
  private static final Pattern SIDE = Pattern.compile("\\b(left|right)\\b");

  private final Circuit circuit;
  private final List<Fault> faults;
  private final Map<String, Optional<String>> twins = new HashMap<>();

  Twins(Circuit circuit) {
    this.circuit = circuit;
    this.faults = SingleFaults.of(circuit);
  }

  /** The part of the other side; empty where it has none of its kind. */
  static Optional<String> of(Circuit circuit, String part) {
    String other =
        SIDE.matcher(part).replaceAll(side -> side.group().equals("left") ? "right" : "left");
    Optional<Part> one = circuit.part(part);
    return circuit
        .part(other)
        .filter(twin -> !other.equals(part))
        .filter(twin -> one.isPresent() && one.get().getClass() == twin.getClass())
        .map(Part::id);
  }

  /** Whether anything goes along when a part and its twin change places. */
  boolean isMoved(List<Fault> all, String part) {
    return all.stream().anyMatch(fault -> moved(fault, part) != fault);
  }

  /**
   * Faults after a part and its twin changed places. A part that has two by then keeps the one that
   * came along: with either it is dark.
   */
  List<Fault> moved(List<Fault> all, String part) {
    Map<String, Fault> left = new LinkedHashMap<>();
    all.forEach(fault -> left.put(fault.part(), fault));
    for (Fault fault : all) {
      Fault moved = moved(fault, part);
      if (moved != fault) {
        left.remove(fault.part(), fault);
        left.put(moved.part(), moved);
      }
    }
    return new ArrayList<>(left.values());
  }

  /** A fault as it stands after it: within them, it goes along. */
  private Fault moved(Fault fault, String part) {
    if (!ShownBy.isWithin(fault.kind())) {
      return fault;
    }
    Optional<String> twin = twins.computeIfAbsent(part, one -> of(circuit, one));
    if (twin.isEmpty()) {
      return fault;
    }
    String to =
        fault.part().equals(part) ? twin.get() : fault.part().equals(twin.get()) ? part : "";
    return faults.stream()
        .filter(one -> one.part().equals(to))
        .filter(one -> one.kind() == fault.kind() && one.place() == fault.place())
        .filter(one -> one.ohms() == fault.ohms())
        .findFirst()
        .orElse(fault);
  }
}

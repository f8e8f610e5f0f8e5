package mellow.core.fault;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.circuit.Circuit;

/** What is wrong after a part and the one of the other side changed places. */
final class Twins {
  private final Circuit circuit;
  private final List<Fault> faults;
  private final Map<String, Optional<String>> twins = new HashMap<>();

  Twins(Circuit circuit) {
    this.circuit = circuit;
    this.faults = SingleFaults.of(circuit);
  }

  /** Whether anything goes along when a part and its twin change places. */
  boolean isMoved(List<Fault> all, String part) {
    for (Fault fault : all) {
      if (moved(fault, part) != fault) {
        return true;
      }
    }
    return false;
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
    Optional<String> twin = twins.computeIfAbsent(part, one -> Sides.twin(circuit, one));
    if (twin.isEmpty()) {
      return fault;
    }
    String to =
        fault.part().equals(part) ? twin.get() : fault.part().equals(twin.get()) ? part : "";
    return to.isEmpty()
        ? fault
        : faults.stream()
            .filter(one -> one.part().equals(to))
            .filter(one -> one.kind() == fault.kind() && one.place() == fault.place())
            .filter(one -> one.ohms() == fault.ohms())
            .findFirst()
            .orElse(fault);
  }
}

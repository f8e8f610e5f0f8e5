package mellow.core.fault;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Part;

/**
 * A fault: what stands in the circuit instead of what should.
 *
 * @param part the id of what is to be mended
 * @param kind what is wrong with it
 * @param place which of its terminals or contacts, from 0; 0 where it has one place only
 * @param ohms how bad it is, where the kind has a resistance; else 0
 * @param changed parts that stand instead of those of the same id
 * @param added parts that stand beside the others
 */
public record Fault(
    String part, FaultKind kind, int place, double ohms, List<Part> changed, List<Part> added) {
  public Fault {
    changed = List.copyOf(changed);
    added = List.copyOf(added);
  }

  /** A circuit with this fault; of several, the first one first. */
  public Circuit in(Circuit circuit) {
    Map<String, Part> parts = new LinkedHashMap<>();
    circuit.parts().forEach(part -> parts.put(part.id(), part));
    for (Part part : changed) {
      if (parts.replace(part.id(), part) == null) {
        throw new IllegalArgumentException("the circuit has no “%s”".formatted(part.id()));
      }
    }
    // what a shutter lets through is the light of its source as that stands now
    parts.replaceAll((id, part) -> part instanceof Emitter.Shutter one ? behind(one, parts) : part);
    List<Part> all = new ArrayList<>(parts.values());
    all.addAll(added);
    return new Circuit(all);
  }

  private static Part behind(Emitter.Shutter shutter, Map<String, Part> parts) {
    return parts.get(shutter.source().id()) instanceof Emitter source
        ? shutter.before(source)
        : shutter;
  }
}

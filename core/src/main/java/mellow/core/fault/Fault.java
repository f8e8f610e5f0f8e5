package mellow.core.fault;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Part;

/**
 * A fault: what stands in the circuit instead of what should.
 *
 * @param part the id of what is to be mended
 * @param kind what is wrong with it
 * @param place which of its terminals, contacts or neighbours, from 0; 0 where it has one only
 * @param ohms how bad it is, where the kind has a resistance; else 0
 * @param changed parts that stand instead of those of the same id
 * @param added parts that stand beside the others
 * @param light of lamps that give another share of their light than their voltage says, by id
 */
public record Fault(
    String part,
    FaultKind kind,
    int place,
    double ohms,
    List<Part> changed,
    List<Part> added,
    Map<String, Double> light) {
  public Fault {
    changed = List.copyOf(changed);
    added = List.copyOf(added);
    light = Map.copyOf(light);
  }

  /** One that leaves the lamps' own light as it is. */
  Fault(String part, FaultKind kind, int place, double ohms, List<Part> changed, List<Part> added) {
    this(part, kind, place, ohms, changed, added, Map.of());
  }

  /**
   * What a bad contact puts between its terminal and what that is joined to, Ω; infinite where it
   * is apart, and empty for what is no contact.
   */
  OptionalDouble contactOhms() {
    return added.size() == 1
            && added.get(0) instanceof Joining.Joint joint
            && joint.id().equals(FaultsOfOne.joint(part, place))
        ? OptionalDouble.of(joint.sound() ? ohms : Double.POSITIVE_INFINITY)
        : OptionalDouble.empty();
  }

  /** A circuit with this fault; of several, the first one first. */
  public Circuit in(Circuit circuit) {
    List<Part> parts = new ArrayList<>(circuit.parts());
    for (Part part : changed) {
      int place = placeOf(part.id(), parts);
      if (place < 0) {
        throw new IllegalArgumentException("the circuit has no “%s”".formatted(part.id()));
      }
      parts.set(place, part);
    }
    // what a shutter lets through is the light of its source as that stands now
    parts.replaceAll(part -> part instanceof Emitter.Shutter one ? behind(one, parts) : part);
    parts.addAll(added);
    return new Circuit(parts);
  }

  private static int placeOf(String id, List<Part> parts) {
    for (int place = 0; place < parts.size(); place++) {
      if (parts.get(place).id().equals(id)) {
        return place;
      }
    }
    return -1;
  }

  private static Part behind(Emitter.Shutter shutter, List<Part> parts) {
    int place = placeOf(shutter.source().id(), parts);
    return place >= 0 && parts.get(place) instanceof Emitter source
        ? shutter.before(source)
        : shutter;
  }
}

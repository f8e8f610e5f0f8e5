package mellow.core.circuit;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;

/** Parts joined at nodes; parts that name the same node are joined there. */
public record Circuit(List<Part> parts) {
  /** The battery's own negative post. */
  public static final String GROUND = "ground";

  /** Larger than any vehicle's lighting, small enough to be solved at once. */
  public static final int MOST_PARTS = 2000;

  public Circuit {
    parts = List.copyOf(parts);
    if (parts.size() > MOST_PARTS) {
      throw new CannotBe(
          CircuitWords.tooManyParts(Figure.count(MOST_PARTS), Figure.count(parts.size())));
    }
    Set<String> ids = new HashSet<>();
    for (Part part : parts) {
      if (!ids.add(part.id())) {
        throw new CannotBe(CircuitWords.twoParts(part.id()));
      }
    }
  }

  public static Circuit of(Part... parts) {
    return new Circuit(List.of(parts));
  }

  public Optional<Part> part(String id) {
    return parts.stream().filter(part -> part.id().equals(id)).findFirst();
  }

  /** The same circuit with the part of the same name replaced. */
  public Circuit with(Part changed) {
    if (part(changed.id()).isEmpty()) {
      throw new IllegalArgumentException("no part is called “%s”".formatted(changed.id()));
    }
    return new Circuit(
        parts.stream().map(part -> part.id().equals(changed.id()) ? changed : part).toList());
  }

  /** The parts of one kind, in their order. */
  public <T extends Part> Stream<T> of(Class<T> kind) {
    return parts.stream().filter(kind::isInstance).map(kind::cast);
  }
}

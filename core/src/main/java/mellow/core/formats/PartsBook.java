package mellow.core.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellow.core.parts.Part;
import mellow.core.parts.UsualPart;
import mellow.core.vehicle.LampFunction;
import mellow.core.workflow.Stage;
import mellow.core.workflow.WorkKind;

/** The parts that the kinds of work usually take, read once. Common practice. */
public final class PartsBook {
  private static final List<UsualPart> ALL = load();

  private PartsBook() {}

  /** What such work takes. */
  public static List<UsualPart> of(Set<WorkKind> kinds) {
    return ALL.stream()
        .filter(part -> part.kinds().stream().anyMatch(kinds::contains))
        .filter(part -> part.notWith().stream().noneMatch(kinds::contains))
        .toList();
  }

  private static List<UsualPart> load() {
    try {
      List<UsualPart> parts = new ArrayList<>();
      for (JsonNode node :
          new ObjectMapper().readTree(Resources.text("/mellow/parts/usual-parts.json"))) {
        parts.add(
            new UsualPart(
                node.get("name").asText(),
                kinds(node.get("kinds")),
                kinds(node.path("notWith")),
                Part.Kind.valueOf(RuleSetFormat.constant(node.get("kind"))),
                node.get("sided").asBoolean(),
                Stage.valueOf(RuleSetFormat.constant(node.get("neededFor"))),
                Optional.ofNullable(node.get("circuit"))
                    .map(circuit -> LampFunction.valueOf(RuleSetFormat.constant(circuit)))));
      }
      return List.copyOf(parts);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("usual-parts.json cannot be read", e);
    }
  }

  private static Set<WorkKind> kinds(JsonNode named) {
    Set<WorkKind> kinds = new HashSet<>();
    named.forEach(kind -> kinds.add(WorkKind.valueOf(RuleSetFormat.constant(kind))));
    return kinds;
  }
}

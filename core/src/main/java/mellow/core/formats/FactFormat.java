package mellow.core.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import mellow.core.record.Fact;
import mellow.core.record.FactKind;

/**
 * How facts are stored: a kind, the version of its shape, and a JSON object.
 *
 * <p>Each kind has a shape of its own ({@link FactShapes}). Reading takes every shape that was ever
 * written, and leaves out what it does not know; writing writes the newest. A shape that changes
 * gets the next number, and its reader learns to tell them apart.
 */
public final class FactFormat {
  private static final ObjectMapper JSON = new ObjectMapper();

  private FactFormat() {}

  /**
   * A fact as it is stored.
   *
   * @param kind what stands for its kind
   * @param shape version of the kind's shape, from 1
   * @param content JSON
   */
  public record Stored(String kind, int shape, String content) {}

  public static Stored write(Fact fact) {
    ObjectNode content = JSON.createObjectNode();
    FactShapes.write(fact, new Fields(content));
    return new Stored(fact.kind().code(), FactShapes.newest(fact.kind()), content.toString());
  }

  /**
   * The fact that was stored.
   *
   * @param id of its line
   * @throws IllegalArgumentException where that cannot be read, with its line and what is missing
   */
  public static Fact read(String id, Stored stored) {
    try {
      JsonNode content = JSON.readTree(stored.content());
      FactKind kind = FactKind.of(stored.kind());
      if (stored.shape() > FactShapes.newest(kind)) {
        throw new IllegalArgumentException("it was written by a later version");
      }
      return FactShapes.read(kind, stored.shape(), id, new Kept(content));
    } catch (JsonProcessingException | IllegalArgumentException e) {
      throw new IllegalArgumentException(
          "line %s (%s %d) cannot be read".formatted(id, stored.kind(), stored.shape()), e);
    }
  }
}

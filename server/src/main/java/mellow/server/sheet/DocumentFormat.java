package mellow.server.sheet;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import mellow.core.record.Fact;
import mellow.core.record.JobDocument;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * How the documents of a job are stored: JSON, in the newest version of each one's shape. What an
 * earlier version stored is brought from shape to shape when it is read; a field that is asked for
 * no more is left out, and one that was added may be missing.
 *
 * <p>A test holds the newest shape of each. Whoever renames, moves or removes something adds a step
 * to {@link #STEPS}, and the shape has the next number.
 */
@Component
public class DocumentFormat {
  /** For each document, what brings its shape 1 to 2, its shape 2 to 3, and so on. */
  private static final Map<JobDocument, List<UnaryOperator<ObjectNode>>> STEPS = Map.of();

  private final ObjectMapper json;
  private final Map<JobDocument, List<UnaryOperator<ObjectNode>>> steps;

  @Autowired
  DocumentFormat(ObjectMapper json) {
    this(json, STEPS);
  }

  DocumentFormat(ObjectMapper json, Map<JobDocument, List<UnaryOperator<ObjectNode>>> steps) {
    this.json = json.copy().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    this.steps = steps;
  }

  /** The version of a document's shape that is written. */
  public int newest(JobDocument document) {
    return 1 + steps(document).size();
  }

  /** A version of a document, as it is kept in the record. */
  public Fact.Revised revised(JobDocument document, int version, Object content) {
    return new Fact.Revised(document, version, newest(document), written(content));
  }

  /** A document as it is stored. */
  String written(Object content) {
    try {
      return json.writeValueAsString(content);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("a document that cannot be written", e);
    }
  }

  /** What a version of a document holds, whichever version of the product kept it. */
  public <T> T content(Fact.Revised revised, Class<T> type) {
    return read(revised.document(), revised.shape(), revised.content(), type);
  }

  /**
   * What a stored document holds.
   *
   * @param shape the version of its shape in which it was stored, from 1
   * @throws IllegalStateException where it cannot be read
   */
  <T> T read(JobDocument document, int shape, String stored, Class<T> type) {
    if (shape > newest(document)) {
      throw new IllegalStateException(document + " was stored by a later version of the product");
    }
    try {
      JsonNode content = json.readTree(stored);
      for (UnaryOperator<ObjectNode> step :
          steps(document).subList(shape - 1, newest(document) - 1)) {
        content = step.apply((ObjectNode) content);
      }
      return json.treeToValue(content, type);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(document + " cannot be read", e);
    }
  }

  private List<UnaryOperator<ObjectNode>> steps(JobDocument document) {
    return steps.getOrDefault(document, List.of());
  }
}

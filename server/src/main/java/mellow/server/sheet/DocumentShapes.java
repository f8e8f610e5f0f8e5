package mellow.server.sheet;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import mellow.core.record.JobDocument;

/**
 * The shapes that the documents of a job have had, as they are stored and as a job's file has them.
 *
 * <p>A test holds the newest shape of each. Whoever renames, moves or removes something adds a step
 * to {@link #KNOWN}, and the shape has the next number.
 *
 * @param steps for each document, what brings its shape 1 to 2, its shape 2 to 3, and so on
 */
public record DocumentShapes(Map<JobDocument, List<UnaryOperator<ObjectNode>>> steps) {
  /** Those of this version of the product. */
  public static final DocumentShapes KNOWN = new DocumentShapes(Map.of());

  /** The version of a document's shape that is written. */
  public int newest(JobDocument document) {
    return 1 + stepsOf(document).size();
  }

  /** Whether this version of the product knows a shape. */
  public boolean knows(JobDocument document, int shape) {
    return shape >= 1 && shape <= newest(document);
  }

  /**
   * A document in its newest shape.
   *
   * @param shape in which it is; one that {@link #knows} accepts
   */
  public JsonNode brought(JobDocument document, int shape, JsonNode content) {
    JsonNode now = content;
    for (UnaryOperator<ObjectNode> step :
        stepsOf(document).subList(shape - 1, newest(document) - 1)) {
      now = step.apply((ObjectNode) now);
    }
    return now;
  }

  private List<UnaryOperator<ObjectNode>> stepsOf(JobDocument document) {
    return steps.getOrDefault(document, List.of());
  }
}

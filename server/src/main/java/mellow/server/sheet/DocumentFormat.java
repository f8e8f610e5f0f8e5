package mellow.server.sheet;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import mellow.core.record.Fact;
import mellow.core.record.JobDocument;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * How the documents of a job are stored: JSON, in the newest of {@link DocumentShapes}. What an
 * earlier version stored is brought from shape to shape when it is read; a field that is asked for
 * no more is left out, and one that was added may be missing.
 */
@Component
public class DocumentFormat {
  private final ObjectMapper json;
  private final DocumentShapes shapes;

  @Autowired
  DocumentFormat(ObjectMapper json) {
    this(json, DocumentShapes.KNOWN);
  }

  DocumentFormat(ObjectMapper json, DocumentShapes shapes) {
    this.json = json.copy().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    this.shapes = shapes;
  }

  /** The version of a document's shape that is written. */
  int newest(JobDocument document) {
    return shapes.newest(document);
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
    if (!shapes.knows(document, shape)) {
      throw new IllegalStateException(document + " was stored by a later version of the product");
    }
    try {
      return json.treeToValue(shapes.brought(document, shape, json.readTree(stored)), type);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(document + " cannot be read", e);
    }
  }
}

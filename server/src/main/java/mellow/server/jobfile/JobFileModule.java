package mellow.server.jobfile;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.deser.std.DelegatingDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.Map;
import mellow.core.record.JobDocument;
import mellow.server.platform.Refusal;
import mellow.server.sheet.DocumentShapes;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** Reads a job's file whose documents have the shapes of an earlier version of the product. */
@Component
class JobFileModule extends SimpleModule {
  private static final long serialVersionUID = 1;

  /** Where each document stands in the file. */
  static final Map<JobDocument, String> PLACES =
      Map.of(
          JobDocument.SETTINGS, "job",
          JobDocument.TAKE_IN, "takeIn",
          JobDocument.FOUND, "found",
          JobDocument.PARTS, "parts",
          JobDocument.PLACE, "front",
          JobDocument.FEED, "feed",
          JobDocument.FIND, "find",
          JobDocument.HAND_OVER, "handOver");

  @Autowired
  JobFileModule() {
    this(DocumentShapes.KNOWN);
  }

  JobFileModule(DocumentShapes shapes) {
    super("job files");
    setDeserializerModifier(
        new BeanDeserializerModifier() {
          private static final long serialVersionUID = 1;

          @Override
          public JsonDeserializer<?> modifyDeserializer(
              DeserializationConfig config, BeanDescription bean, JsonDeserializer<?> usual) {
            return bean.getBeanClass() == JobFile.class ? new Brought(usual, shapes) : usual;
          }
        });
  }

  /** Brings each document to its newest shape before the file is read. */
  private static final class Brought extends DelegatingDeserializer {
    private static final long serialVersionUID = 1;
    private final transient DocumentShapes shapes;

    private Brought(JsonDeserializer<?> usual, DocumentShapes shapes) {
      super(usual);
      this.shapes = shapes;
    }

    @Override
    protected JsonDeserializer<?> newDelegatingInstance(JsonDeserializer<?> newDelegatee) {
      return new Brought(newDelegatee, shapes);
    }

    @Override
    public Object deserialize(JsonParser parser, DeserializationContext context)
        throws IOException {
      JsonNode file = context.readTree(parser);
      if (file instanceof ObjectNode fields) {
        PLACES.forEach((document, place) -> bring(fields, document, place));
      }
      JsonParser brought = file.traverse(parser.getCodec());
      brought.nextToken();
      return super.deserialize(brought, context);
    }

    private void bring(ObjectNode fields, JobDocument document, String place) {
      // a file of the first form does not say its shapes
      int shape = fields.path("shapes").path(document.name()).asInt(1);
      if (!shapes.knows(document, shape)) {
        throw Refusal.unprocessable("shapes", JobfileWords.ofALaterVersion());
      }
      if (fields.get(place) instanceof ObjectNode content) {
        fields.set(place, shapes.brought(document, shape, content));
      }
    }
  }
}

package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.client.TestRestTemplate;

/** The committed API document, from which the page's types are made, is the server's own. */
@ServerTest
class OpenApiDriftTest {
  private static final Path COMMITTED = Path.of("openapi.json");
  private static final ObjectMapper JSON =
      new ObjectMapper()
          .enable(SerializationFeature.INDENT_OUTPUT)
          .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);

  @Autowired private TestRestTemplate http;

  @Test
  void theCommittedDocumentIsTheServersOwn() throws Exception {
    String own = JSON.writeValueAsString(document()) + "\n";
    if (Boolean.getBoolean("openapi.write")) {
      Files.writeString(COMMITTED, own);
    }
    assertThat(Files.readString(COMMITTED))
        .as("server/openapi.json has drifted: run ./mellow generate")
        .isEqualTo(own);
  }

  @Test
  void everyEndpointIsDescribedAndHasAnExample() {
    List<String> lacking = new ArrayList<>();
    JsonNode document = document();
    document
        .get("paths")
        .fields()
        .forEachRemaining(
            path ->
                path.getValue()
                    .fields()
                    .forEachRemaining(
                        method -> {
                          JsonNode operation = method.getValue();
                          String name = method.getKey() + " " + path.getKey();
                          if (operation.path("summary").asText().isBlank()
                              || operation.path("description").asText().isBlank()) {
                            lacking.add(name + ": description");
                          }
                          JsonNode told =
                              operation.has("requestBody")
                                  ? operation.get("requestBody")
                                  : operation.at("/responses/200/content");
                          if (!hasExample(document, told, new HashSet<>())) {
                            lacking.add(name + ": example");
                          }
                        }));
    assertThat(lacking).isEmpty();
  }

  /** Whether an example stands in a part of the document, or in a schema that it refers to. */
  private static boolean hasExample(JsonNode document, JsonNode part, Set<String> seen) {
    if (part.findValue("example") != null || part.findValue("examples") != null) {
      return true;
    }
    for (String reference : part.findValuesAsText("$ref")) {
      if (seen.add(reference) && hasExample(document, document.at(reference.substring(1)), seen)) {
        return true;
      }
    }
    return false;
  }

  private JsonNode document() {
    return http.getForObject("/api/openapi", JsonNode.class);
  }
}

package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonPointer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Every body that the published document describes, built from it and then spoilt in one place
 * after the other: the answer is a sentence, whatever stands where.
 */
@ServerTest
class HostileRequestsTest {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  /** What nobody should send; a missing node stands for a field that is left out. */
  private static final List<JsonNode> HOSTILE =
      List.of(NODES.nullNode(), NODES.missingNode(), NODES.arrayNode(), NODES.objectNode());

  private static final List<JsonNode> FOR_VALUES =
      List.of(
          NODES.textNode(""),
          NODES.textNode("\u0000\uD834\uDD1E{0}%s'\"<b>"),
          NODES.numberNode(-1),
          NODES.numberNode(1e308));

  private static final List<JsonNode> FOR_LISTS = List.of(NODES.arrayNode().addNull());

  private static final int DEEPEST = 7;

  /** How a body is refused that does not have the form asked for. */
  private static final Set<Integer> UNFIT = Set.of(400, 422);

  @LocalServerPort private int port;
  private JsonNode document;
  private int asked;
  private Api api;
  private String job;

  @BeforeEach
  void speak() throws Exception {
    document = new ObjectMapper().readTree(Path.of("openapi.json").toFile());
    api = new Api("http://127.0.0.1:" + port, "Åsa");
    job = api.newJob("Sollen Test", Map.of());
  }

  @Test
  void everySpoiltBodyIsAnsweredWithASentence() {
    List<String> wrong = new ArrayList<>();
    int sent = 0;
    for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
      for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
        Optional<JsonNode> schema = body(method.getValue());
        if (schema.isEmpty()) {
          continue;
        }
        JsonNode sound = sample(schema.get(), 0);
        Api.Answer soundly = send(method.getKey(), address(path.getKey()), sound);
        for (JsonPointer place : places(sound)) {
          for (JsonNode hostile : hostile(sound.at(place))) {
            JsonNode spoilt = spoilt(sound, place, hostile);
            Api.Answer answer = send(method.getKey(), address(path.getKey()), spoilt);
            sent++;
            fault(answer)
                .or(() -> disagreement(schema.get(), soundly, place, hostile, answer))
                .ifPresent(
                    why ->
                        wrong.add(
                            "%s %s, %s at “%s”: %s"
                                .formatted(method.getKey(), path.getKey(), hostile, place, why)));
          }
        }
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(sent).isGreaterThan(1000);
    assertThat(asked).as("required fields that are asked for").isGreaterThan(125);
    assertThat(api.get("/api/yard").status()).isEqualTo(200);
    assertThat(api.get("/api/jobs/" + job).status()).isEqualTo(200);
  }

  /**
   * Bodies that are taken, a field left out of each: those that the document calls required are
   * asked for, and no others.
   */
  @Test
  void theDocumentAndWhatIsAskedAgree() {
    String vehicle = api.get("/api/jobs/" + job).body().at("/vehicle/id").asText();
    Map<String, Object> spot = Map.of("outMm", 600, "heightMm", 400, "headingDeg", 0);
    Map<String, Object> lit = Map.of("form", "ELLIPSE", "widthMm", 90, "heightMm", 90);
    Map<String, Object> hole = Map.of("outMm", 0, "upMm", 0, "pilotMm", 3, "finalMm", 10);
    Map<String, Object> pair =
        Map.ofEntries(
            Map.entry("id", "fog"),
            Map.entry("name", "fog lamp"),
            Map.entry("function", "FRONT_FOG"),
            Map.entry("heads", List.of(Map.of("lit", lit, "outMm", 0, "upMm", 0))),
            Map.entry("intensityCd", 800),
            Map.entry("goesOutWithTurnSignal", false),
            Map.entry("recess", Map.of("deepMm", 9, "outMm", 9, "inMm", 9, "upMm", 9, "downMm", 9)),
            Map.entry("holes", List.of(hole)),
            Map.entry("left", spot),
            Map.entry("right", spot));
    Map<String, Object> front =
        Map.of(
            "ruleSets",
            List.of("un-r48"),
            "widthMm",
            1700,
            "pairs",
            List.of(pair),
            "keepOuts",
            List.of());
    agrees("/api/calc/place", Map.of("front", front));
    agrees("/api/calc/place/nearest", Map.of("front", front, "pair", "fog"));
    agrees("/api/jobs/{id}", Api.jobEdit(vehicle));
    agrees(
        "/api/vehicles/{id}",
        Map.of(
            "version",
            0,
            "name",
            "Sollen Test",
            "nickname",
            "",
            "driverSide",
            "LEFT",
            "dipped",
            "UN_DIPPED",
            "steeperByMaker",
            false,
            "widthMm",
            1700));
    agrees(
        "/api/jobs/{jobId}/readings/{id}",
        Map.of("kind", "CENTRE", "side", "LEFT", "typed", "690", "units", "METRIC"));
    agrees(
        "/api/jobs/{jobId}/workshop/{id}",
        Map.of("stage", "APART", "called", Map.of("typed", "4 clip upper edge"), "waitedMs", 0));
    for (String stage : List.of("take-in", "place", "parts", "feed", "hand-over")) {
      JsonNode page = api.get("/api/jobs/" + job + "/" + stage).body();
      String path = "/api/jobs/{jobId}/" + stage;
      String content = contentOf(path);
      // a version that never was is refused only once the form is right
      agrees(path, NODES.objectNode().put("version", 9_999).set(content, page.get(content)));
    }
    assertThat(asked).isGreaterThan(100);
  }

  /** The field of a stage's document beside its version. */
  private String contentOf(String path) {
    JsonNode edit = at(bodyAt(path), JsonPointer.empty()).orElseThrow();
    List<String> fields = new ArrayList<>();
    edit.get("properties").fieldNames().forEachRemaining(fields::add);
    fields.remove("version");
    return fields.get(0);
  }

  private JsonNode bodyAt(String path) {
    JsonNode methods = document.get("paths").get(path);
    return body(methods.has("put") ? methods.get("put") : methods.get("post")).orElseThrow();
  }

  private void agrees(String path, Object body) {
    JsonNode sound = new ObjectMapper().valueToTree(body);
    String method = document.get("paths").get(path).has("put") ? "put" : "post";
    String address = path.equals("/api/jobs/{id}") ? "/api/jobs/" + Api.newId() : address(path);
    Api.Answer soundly = send(method, address, sound);
    assertThat(soundly.status()).as(path + ": " + soundly.detail()).isNotIn(UNFIT);
    for (JsonPointer place : places(sound)) {
      JsonNode left = spoilt(sound, place, NODES.missingNode());
      Api.Answer answer =
          send(method, path.equals("/api/jobs/{id}") ? address : address(path), left);
      assertThat(disagreement(bodyAt(path), soundly, place, NODES.missingNode(), answer))
          .as(path + " without " + place)
          .isEmpty();
    }
  }

  /** Ids and questions of addresses that nobody should send. */
  @Test
  void everySpoiltAddressIsAnsweredWithASentence() {
    List<String> wrong = new ArrayList<>();
    int sent = 0;
    for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
      for (JsonNode parameter : path.getValue().at("/get/parameters")) {
        for (String hostile :
            List.of("", "x", "%00", "..%2F..%2Fetc", "%F0%9D%84%9E", "9".repeat(400))) {
          boolean inPath = parameter.get("in").asText().equals("path");
          String name = parameter.get("name").asText();
          String spoilt =
              inPath
                  ? address(path.getKey().replace("{" + name + "}", hostile))
                  : address(path.getKey()) + "?" + name + "=" + hostile;
          Api.Answer answer = api.get(spoilt);
          sent++;
          // the container refuses what is no address before the product sees it
          boolean refusedUnseen = inPath && answer.status() == 400 && answer.detail().isEmpty();
          if (!parameter.get("in").asText().equals("header") && !refusedUnseen) {
            fault(answer).ifPresent(why -> wrong.add(spoilt + ": " + why));
          }
        }
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(sent).isGreaterThan(200);
  }

  private static List<JsonNode> hostile(JsonNode sound) {
    List<JsonNode> all = new ArrayList<>(HOSTILE);
    all.addAll(sound.isContainerNode() ? FOR_LISTS : FOR_VALUES);
    return all;
  }

  private static Optional<String> fault(Api.Answer answer) {
    if (answer.status() < 400) {
      return Optional.empty();
    }
    if (answer.status() >= 500 || answer.detail().isBlank()) {
      return Optional.of(answer.status() + " " + answer.detail());
    }
    boolean leaks = answer.detail().matches("(?s).*(Exception|mellow\\.|java\\.|com\\.).*");
    return leaks ? Optional.of(answer.detail()) : Optional.empty();
  }

  /** What the document calls required is asked for, and nothing else is. */
  private Optional<String> disagreement(
      JsonNode schema, Api.Answer soundly, JsonPointer place, JsonNode hostile, Api.Answer answer) {
    if (!hostile.isMissingNode() || place.matches()) {
      return Optional.empty();
    }
    String name = place.last().getMatchingProperty();
    Optional<JsonNode> parent = at(schema, place.head());
    if (parent.isEmpty() || !parent.get().at("/properties/" + name).isObject()) {
      return Optional.empty();
    }
    boolean required = parent.get().path("required").toString().contains("\"" + name + "\"");
    if (!required) {
      return answer.detail().matches("“(.*\\.)?" + name + "” is missing\\.")
          ? Optional.of("asked for, and not required: " + answer.detail())
          : Optional.empty();
    }
    boolean refused = UNFIT.contains(answer.status());
    asked += refused && !UNFIT.contains(soundly.status()) ? 1 : 0;
    return refused || UNFIT.contains(soundly.status())
        ? Optional.empty()
        : Optional.of("required, and not asked for");
  }

  /** The schema of a place in a body. */
  private Optional<JsonNode> at(JsonNode schema, JsonPointer place) {
    JsonNode plain =
        schema.has("$ref") ? document.at(schema.get("$ref").asText().substring(1)) : schema;
    if (place.matches()) {
      return Optional.of(plain);
    }
    JsonNode next =
        place.getMatchingIndex() >= 0 && plain.has("items")
            ? plain.get("items")
            : plain.path("properties").path(place.getMatchingProperty());
    return next.isMissingNode() ? Optional.empty() : at(next, place.tail());
  }

  private Optional<JsonNode> body(JsonNode operation) {
    return Optional.of(operation.at("/requestBody/content/application~1json/schema"))
        .filter(schema -> !schema.isMissingNode());
  }

  private Api.Answer send(String method, String address, JsonNode body) {
    String text = body.toString();
    return method.equals("put") ? api.put(address, text) : api.post(address, text);
  }

  /** The path with a job that is there, and ids that are new. */
  private String address(String path) {
    String address = path.replace("{jobId}", job);
    if (path.equals("/api/jobs/{id}")) {
      return address.replace("{id}", job);
    }
    return address.replaceAll("\\{\\w+}", Api.newId())
        + (path.startsWith("/api/calc/") ? "?job=" + job : "");
  }

  /** A body of a schema, all its fields filled. */
  private JsonNode sample(JsonNode schema, int depth) {
    if (schema.has("$ref")) {
      return sample(document.at(schema.get("$ref").asText().substring(1)), depth);
    }
    if (schema.has("example") && !schema.get("example").isTextual()) {
      return schema.get("example");
    }
    if (schema.has("enum")) {
      return schema.at("/enum/0");
    }
    return switch (schema.path("type").asText()) {
      case "string" -> text(schema);
      case "integer", "number" -> NODES.numberNode(1);
      case "boolean" -> NODES.booleanNode(false);
      case "array" -> {
        ArrayNode list = NODES.arrayNode();
        if (depth < DEEPEST) {
          list.add(sample(schema.get("items"), depth + 1));
        }
        yield list;
      }
      default -> {
        ObjectNode object = NODES.objectNode();
        if (depth < DEEPEST) {
          schema
              .path("properties")
              .properties()
              .forEach(field -> object.set(field.getKey(), sample(field.getValue(), depth + 1)));
        }
        yield object;
      }
    };
  }

  private static JsonNode text(JsonNode schema) {
    return NODES.textNode(
        switch (schema.path("format").asText()) {
          case "uuid" -> Api.newId();
          case "date" -> "2027-01-10";
          case "date-time" -> "2027-01-10T09:00:00Z";
          default -> schema.has("example") ? schema.get("example").asText() : "x";
        });
  }

  /** All places of a body, the body itself among them. */
  private static List<JsonPointer> places(JsonNode body) {
    List<JsonPointer> places = new ArrayList<>();
    collect(body, JsonPointer.empty(), places);
    return places;
  }

  private static void collect(JsonNode node, JsonPointer here, List<JsonPointer> places) {
    places.add(here);
    node.properties()
        .forEach(field -> collect(field.getValue(), here.appendProperty(field.getKey()), places));
    for (int i = 0; node.isArray() && i < node.size(); i++) {
      collect(node.get(i), here.appendIndex(i), places);
    }
  }

  private static JsonNode spoilt(JsonNode sound, JsonPointer place, JsonNode hostile) {
    if (place.matches()) {
      return hostile;
    }
    JsonNode copy = sound.deepCopy();
    JsonNode parent = copy.at(place.head());
    JsonPointer last = place.last();
    if (parent instanceof ObjectNode object) {
      if (hostile.isMissingNode()) {
        object.remove(last.getMatchingProperty());
      } else {
        object.set(last.getMatchingProperty(), hostile);
      }
    } else if (parent instanceof ArrayNode list) {
      list.set(last.getMatchingIndex(), hostile.isMissingNode() ? NODES.nullNode() : hostile);
    }
    return copy;
  }
}

package mellow.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import mellow.core.record.JobDocument;
import mellow.server.feed.FeedEdit;
import mellow.server.find.FindEdit;
import mellow.server.handover.HandOverEdit;
import mellow.server.job.JobEdit;
import mellow.server.parts.PartsEdit;
import mellow.server.photo.PhotoNotes;
import mellow.server.place.FrontEdit;
import mellow.server.takein.FoundEdit;
import mellow.server.takein.TakeInEdit;
import org.junit.jupiter.api.Test;

class DocumentFormatTest {
  private static final ObjectMapper JSON =
      new ObjectMapper().registerModules(new Jdk8Module(), new JavaTimeModule());
  private static final Path SHAPES =
      Path.of("src", "test", "resources", "mellow", "server", "document-shapes.txt");

  private static final Map<JobDocument, Class<?>> TYPES =
      Map.of(
          JobDocument.SETTINGS, JobEdit.class,
          JobDocument.TAKE_IN, TakeInEdit.class,
          JobDocument.FOUND, FoundEdit.class,
          JobDocument.PARTS, PartsEdit.class,
          JobDocument.PLACE, FrontEdit.class,
          JobDocument.FEED, FeedEdit.class,
          JobDocument.FIND, FindEdit.class,
          JobDocument.HAND_OVER, HandOverEdit.class);

  /** Shape 2 calls "customer" what shape 1 called "owner"; shape 3 has the name's length beside. */
  private static final List<UnaryOperator<ObjectNode>> STEPS =
      List.of(
          one -> one.<ObjectNode>set("customer", one.remove("owner")),
          one -> one.put("length", one.get("customer").asText().length()));

  record Named(String customer, int length) {}

  private static DocumentFormat format() {
    return new DocumentFormat(JSON, new DocumentShapes(Map.of(JobDocument.TAKE_IN, STEPS)));
  }

  @Test
  void bringsWhatAnEarlierVersionStoredFromShapeToShape() {
    Named expected = new Named("Runa", 4);
    assertThat(format().newest(JobDocument.TAKE_IN)).isEqualTo(3);
    assertThat(read(1, "{\"owner\":\"Runa\"}")).isEqualTo(expected);
    assertThat(read(2, "{\"customer\":\"Runa\"}")).isEqualTo(expected);
    assertThat(read(3, "{\"customer\":\"Runa\",\"length\":4}")).isEqualTo(expected);
  }

  @Test
  void leavesOutWhatIsAskedForNoMore() {
    assertThat(read(3, "{\"customer\":\"Runa\",\"length\":4,\"fax\":\"none\"}"))
        .isEqualTo(new Named("Runa", 4));
  }

  @Test
  void saysWhatALaterVersionStored() {
    assertThatThrownBy(() -> read(4, "{}"))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("TAKE_IN")
        .hasMessageContaining("later version");
  }

  private static Named read(int shape, String stored) {
    return format().read(JobDocument.TAKE_IN, shape, stored, Named.class);
  }

  /**
   * Holds the shape that is stored. Where this fails: a field was added that may be missing in what
   * is stored, then write the file anew (-Dshapes.write=true); anything else needs a step in {@link
   * DocumentShapes} first, which gives the shape its next number.
   */
  @Test
  void storesTheShapeThatIsWrittenDown() throws IOException {
    DocumentFormat shipped = new DocumentFormat(JSON);
    List<String> lines = new ArrayList<>();
    for (JobDocument document : JobDocument.values()) {
      lines.add("%s, shape %d".formatted(document, shipped.newest(document)));
      lines.addAll(fields(TYPES.get(document)));
    }
    // in the record, read as leniently as a document
    lines.add("notes of a photo");
    lines.addAll(fields(PhotoNotes.class));
    if (Boolean.getBoolean("shapes.write")) {
      Files.write(SHAPES, lines);
    }
    assertThat(lines).containsExactlyElementsOf(Files.readAllLines(SHAPES));
  }

  private static List<String> fields(Class<?> document) {
    Map<String, String> fields = new TreeMap<>();
    describe(document, "", fields);
    return fields.entrySet().stream()
        .map(field -> "  " + field.getKey() + ": " + field.getValue())
        .toList();
  }

  private static void describe(Type type, String at, Map<String, String> fields) {
    if (type instanceof ParameterizedType of) {
      Type[] inner = of.getActualTypeArguments();
      String key = inner.length > 1 ? "{" + name(inner[0]) + "}" : "[]";
      describe(inner[inner.length - 1], at + key, fields);
      return;
    }
    Class<?> plain = (Class<?>) type;
    if (plain.isRecord()) {
      Arrays.stream(plain.getRecordComponents())
          .forEach(
              one ->
                  describe(
                      one.getGenericType(),
                      (at.isEmpty() ? "" : at + ".") + one.getName(),
                      fields));
    } else if (plain.isSealed()) {
      Arrays.stream(plain.getPermittedSubclasses())
          .forEach(one -> describe(one, at + "<" + one.getSimpleName() + ">", fields));
    } else {
      fields.put(at, name(plain));
    }
  }

  private static String name(Type type) {
    Class<?> plain = (Class<?>) type;
    return plain.isEnum()
        ? Arrays.stream(plain.getEnumConstants())
            .map(one -> ((Enum<?>) one).name())
            .collect(Collectors.joining(" "))
        : plain.getSimpleName();
  }
}

package mellow.core.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mellow.words.Catalogue;
import org.junit.jupiter.api.Test;

/** What ships as data is written in English; each other language has it in its dictionary. */
class ShippedWordsTest {
  private static final Path DATA = Path.of("src/main/resources/mellow");

  private static final Set<String> SHOWN =
      Set.of(
          "asks",
          "atHand",
          "called",
          "cautions",
          "clause",
          "comesOff",
          "does",
          "hint",
          "note",
          "opens",
          "scope",
          "text",
          "title",
          "undo",
          "words");

  private static final Set<String> NODES =
      Set.of("from", "to", "plus", "minus", "supply", "ground", "out", "anode", "cathode");

  /** Fields whose words may be a single one; elsewhere a single one is an id. */
  private static final Set<String> SHORT = Set.of("atHand", "title", "words");

  private static final Pattern WORDS = Pattern.compile("[a-z]{3}");

  @Test
  void stepsPlansAndRulesAreInEveryLanguage() throws IOException {
    Set<String> shown = new TreeSet<>();
    for (Path file : files()) {
      collect(new ObjectMapper().readTree(file.toFile()), "", shown);
    }
    assertThat(shown).hasSizeGreaterThan(400);
    for (String language : Catalogue.shipped().languages()) {
      List<String> missing = new ArrayList<>(shown);
      missing.removeIf(text -> Catalogue.shipped().data(language, text).isPresent());
      assertThat(language.equals("en") ? List.of() : missing).as(language).isEmpty();
    }
  }

  private static List<Path> files() throws IOException {
    try (Stream<Path> all = Files.walk(DATA)) {
      return all.filter(file -> file.toString().endsWith(".json"))
          .filter(file -> !file.toString().contains("schema"))
          .toList();
    }
  }

  /** The points that a part is joined to, whichever side it is on. */
  private static Stream<String> points(JsonNode part) {
    return NODES.stream()
        .filter(part::has)
        .map(name -> part.get(name).asText().replace("{side} ", ""))
        .filter(name -> !name.startsWith("{"));
  }

  private static void collect(JsonNode node, String field, Set<String> shown) {
    if (node.isTextual()) {
      String text = node.textValue();
      if (SHOWN.contains(field)
          && (SHORT.contains(field) || text.contains(" "))
          && WORDS.matcher(text).find()) {
        shown.add(text);
      }
    } else if (field.equals("options")) {
      // each a value and its words
      node.forEach(option -> collect(option.path(1), "words", shown));
    } else if (node.isArray()) {
      node.forEach(one -> collect(one, field, shown));
    } else {
      if (node.has("kind") && node.has("id")) {
        points(node).forEach(shown::add);
      }
      node.properties().forEach(one -> collect(one.getValue(), one.getKey(), shown));
    }
  }
}

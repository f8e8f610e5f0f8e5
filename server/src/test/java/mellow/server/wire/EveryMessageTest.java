package mellow.server.wire;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.finding.Figure;
import mellow.core.finding.MessageKey;
import mellow.core.finding.Sentence;
import mellow.core.words.Speech;
import mellow.words.Argument;
import mellow.words.Catalogue;
import mellow.words.Message;
import org.junit.jupiter.api.Test;

/** The whole catalogue, said once with everything that it may be said with. */
class EveryMessageTest {
  /** Every message, in every language, with every constant and both ways of whether. */
  @Test
  void everyMessageIsWholeInEveryLanguage() throws ClassNotFoundException {
    int said = 0;
    List<String> languages = new ArrayList<>(Catalogue.shipped().languages());
    languages.add(Catalogue.STRETCHED);
    for (String language : languages) {
      Speech speech = Speech.named(language);
      for (String feature : Catalogue.shipped().features()) {
        for (Map.Entry<String, Message> one : Catalogue.shipped().feature(feature).entrySet()) {
          String key = feature + "." + one.getKey();
          for (int variant = 0; variant < MOST_CONSTANTS; variant++) {
            MessageKey message =
                MessageKey.of(key, one.getValue().arguments().keySet().toArray(String[]::new));
            List<Object> arguments = new ArrayList<>();
            for (Argument argument : one.getValue().arguments().values()) {
              arguments.add(sample(argument, variant));
            }
            Sentence.Written written = speech.written(new Sentence.Keyed(message, arguments));
            String pattern = written.pattern().replaceAll("\\{\\d}", "7");
            // what the page adds to a line begins with its space
            assertThat(feature.startsWith("page/") ? pattern.strip() : pattern)
                .as(language + " " + key)
                .isNotBlank()
                .doesNotStartWith(" ")
                .doesNotEndWith(" ")
                .doesNotContain("{", "}", "  ", " ,", " .", " :", "null");
            said++;
          }
        }
      }
    }
    assertThat(said).isGreaterThan(5_000);
  }

  private static final int MOST_CONSTANTS = 17;

  private static Object sample(Argument argument, int variant) throws ClassNotFoundException {
    Optional<String> type = Catalogue.shipped().type(argument.name());
    if (type.isPresent()) {
      Object[] constants = Class.forName(type.get()).getEnumConstants();
      return constants[variant % constants.length];
    }
    return switch (argument.kind()) {
      case FIGURE -> Figure.count(7);
      case AMOUNT -> variant;
      case WHETHER -> variant % 2 == 0;
      case CHOICE, WORDS -> "typed";
      case SENTENCE -> Sentence.of("said");
      case LIST -> List.of(Sentence.of("one"), Sentence.of("two"));
    };
  }

  /**
   * Each constant that a message may name has words of its own, in every language; where messages
   * only choose by it, it needs none.
   */
  @Test
  void everyConstantHasItsWords() throws ClassNotFoundException {
    for (Map.Entry<String, String> type : Catalogue.shipped().types().entrySet()) {
      Class<?> named = Class.forName(type.getValue());
      if (isOnlyChosenBy(type.getKey())) {
        continue;
      }
      for (Object constant : named.getEnumConstants()) {
        String key = Catalogue.term(named, ((Enum<?>) constant).name());
        for (String language : Catalogue.shipped().languages()) {
          assertThat(Catalogue.shipped().message(language, key))
              .as(language + " " + key)
              .isPresent();
        }
      }
    }
  }

  private static boolean isOnlyChosenBy(String argument) {
    List<Message> all =
        Catalogue.shipped().features().stream()
            .flatMap(feature -> Catalogue.shipped().feature(feature).values().stream())
            .filter(message -> message.arguments().containsKey(argument))
            .toList();
    return !all.isEmpty() && all.stream().noneMatch(message -> message.saysWordsOf(argument));
  }

  /** A message that nobody says goes out of the catalogue; the page's are counted by its build. */
  @Test
  void everyMessageIsSaid() {
    JavaClasses all =
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("mellow.core", "mellow.server");
    Set<String> said =
        all.stream()
            .flatMap(one -> one.getAccessesFromSelf().stream())
            .map(access -> access.getTargetOwner().getName() + "." + access.getName())
            .collect(Collectors.toSet());
    Set<String> written =
        Catalogue.shipped().features().stream()
            .filter(feature -> !feature.startsWith("page/"))
            .flatMap(feature -> Catalogue.shipped().classOf(feature).stream())
            .flatMap(name -> all.get(name).getMethods().stream())
            .map(message -> message.getOwner().getName() + "." + message.getName())
            .collect(Collectors.toSet());
    assertThat(written).hasSizeGreaterThan(1_000);
    assertThat(said).containsAll(written);
  }
}

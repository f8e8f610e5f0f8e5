package mellow.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.Side;
import mellow.words.Argument;
import mellow.words.Catalogue;
import mellow.words.Message;
import org.junit.jupiter.api.Test;

/** What is said, in each language and in both unit systems. */
class SpeechTest {
  private static final Speech GERMAN = Speech.named("de");

  private static final Sentence TIPPED =
      Sentence.keyed(
          "stance.tipped",
          Map.of(
              "rise",
              Figure.lengthMm(67.2),
              "lower",
              false,
              "tilt",
              Figure.percent(0.8),
              "down",
              false));

  @Test
  void figuresKeepTheirPlacesAndFollowTheUnits() {
    assertThat(Speech.ENGLISH.written(TIPPED))
        .isEqualTo(
            Sentence.of(
                "Lamp centres {0} higher, beam tilted {1} up",
                Figure.lengthMm(67.2), Figure.percent(0.8)));
    assertThat(Speech.ENGLISH.text(TIPPED, UnitSystem.IMPERIAL))
        .isEqualTo("Lamp centres 2 5/8 in higher, beam tilted 0.80 % up");
    assertThat(GERMAN.written(TIPPED).pattern())
        .isEqualTo("Leuchtenmitten {0} höher, Lichtbündel um {1} nach oben geneigt");
  }

  @Test
  void listsAndConstantsAreSaidByTheLanguage() {
    Sentence open =
        Sentence.keyed(
            "stance.notMeasured",
            Map.of(
                "openList",
                List.of(
                    Sentence.keyed("stance.heightOf", Map.of("side", Side.LEFT)),
                    Sentence.keyed("stance.spacing", Map.of()))));
    assertThat(Speech.ENGLISH.text(open, UnitSystem.METRIC))
        .isEqualTo("Lamps not measured before removal: height left and spacing");
    assertThat(GERMAN.text(open, UnitSystem.METRIC)).endsWith(": Höhe links und Abstand");
  }

  /** What stands in a sentence in the making may be joined to what has its key. */
  @Test
  void joinedSentencesCountTheirFiguresThrough() {
    Sentence joined =
        Sentence.build().figure(Figure.percent(1)).text(": ").sentence(TIPPED).text(".").done();
    assertThat(Speech.ENGLISH.text(joined, UnitSystem.METRIC))
        .isEqualTo("1.00 %: Lamp centres 67 mm higher, beam tilted 0.80 % up.");
  }

  @Test
  void onlyWholeLanguagesAreOffered() {
    assertThat(Speech.of(Locale.GERMAN).language())
        .isEqualTo(Catalogue.shipped().offered().contains("de") ? "de" : "en");
    assertThat(Speech.of(Locale.JAPANESE)).isSameAs(Speech.ENGLISH);
    assertThatThrownBy(() -> Speech.ENGLISH.written(Sentence.keyed("stance.no", Map.of())))
        .hasMessageContaining("stance.no");
  }

  /** Every message, in every language, with every constant and both ways of whether. */
  @Test
  void everyMessageIsWholeInEveryLanguage() throws ClassNotFoundException {
    int said = 0;
    for (String language : Catalogue.shipped().languages()) {
      Speech speech = Speech.named(language);
      for (String feature : Catalogue.shipped().features()) {
        for (Map.Entry<String, Message> one : Catalogue.shipped().feature(feature).entrySet()) {
          String key = feature + "." + one.getKey();
          for (int variant = 0; variant < MOST_CONSTANTS; variant++) {
            Map<String, Object> arguments = new HashMap<>();
            for (Argument argument : one.getValue().arguments().values()) {
              arguments.put(argument.name(), sample(argument, variant));
            }
            Sentence.Written written = speech.written(Sentence.keyed(key, arguments));
            assertThat(written.pattern().replaceAll("\\{\\d}", "7"))
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

  /** Each constant that a message may name has words of its own, in every language. */
  @Test
  void everyConstantHasItsWords() throws ClassNotFoundException {
    for (String type : Catalogue.shipped().types().values()) {
      Class<?> named = Class.forName(type);
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
}

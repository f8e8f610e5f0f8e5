package mellow.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import mellow.core.finding.Figure;
import mellow.core.finding.MessageKey;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.Side;
import mellow.words.Catalogue;
import org.junit.jupiter.api.Test;

/** What is said, in each language and in both unit systems. */
class SpeechTest {
  private static final Speech GERMAN = Speech.named("de");

  private static final Sentence TIPPED =
      Sentence.keyed(
          MessageKey.of("stance.tipped", "rise", "lower", "tilt", "down"),
          Figure.lengthMm(67.2),
          false,
          Figure.percent(0.8),
          false);

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
            MessageKey.of("stance.notMeasured", "openList"),
            List.of(
                Sentence.keyed(MessageKey.of("stance.heightOf", "side"), Side.LEFT),
                Sentence.keyed(MessageKey.of("stance.spacing"))));
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

  /** German writes decimals with a comma (DIN 1333), and units that are words in its own. */
  @Test
  void figuresAreWrittenAsTheLanguageWritesThem() {
    assertThat(GERMAN.text(Figure.percent(-1.15), UnitSystem.METRIC)).isEqualTo("−1,15 %");
    assertThat(GERMAN.text(Figure.turns(1.5), UnitSystem.METRIC)).isEqualTo("1 1/2 Umdrehungen");
    assertThat(GERMAN.text(Figure.turns(-0.5), UnitSystem.METRIC)).isEqualTo("1/2 Umdrehung");
    assertThat(Speech.ENGLISH.text(Figure.turns(1), UnitSystem.IMPERIAL)).isEqualTo("1 turn");
    assertThat(GERMAN.text(TIPPED, UnitSystem.METRIC)).contains("0,80 %").doesNotContain("0.80");
  }

  @Test
  void onlyWholeLanguagesAreOffered() {
    assertThat(Speech.of(Locale.GERMAN).language())
        .isEqualTo(Catalogue.shipped().offered().contains("de") ? "de" : "en");
    assertThat(Speech.of(Locale.JAPANESE)).isSameAs(Speech.ENGLISH);
    assertThatThrownBy(() -> Speech.ENGLISH.written(Sentence.keyed(MessageKey.of("stance.no"))))
        .hasMessageContaining("stance.no");
  }
}

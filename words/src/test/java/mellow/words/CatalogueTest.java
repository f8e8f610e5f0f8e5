package mellow.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import mellow.words.Argument.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a message asks for, and what is not shipped. */
class CatalogueTest {
  @Test
  void theShippedFilesAreWhole() {
    assertThat(Catalogue.shipped().problems()).isEmpty();
  }

  @Test
  void aMessageTellsItsArguments() {
    Message message =
        Message.read(
            "{side, select, LEFT {Left} RIGHT {Right} other {}} {lamp} {drop, number, length} low,"
                + " {n, plural, one {# turn} other {# turns}}{read, select, yes { read} other {}}"
                + ": {whySentence} {openList}");
    assertThat(message.arguments().values())
        .extracting(Argument::kind)
        .containsExactly(
            Kind.CHOICE,
            Kind.WORDS,
            Kind.FIGURE,
            Kind.AMOUNT,
            Kind.WHETHER,
            Kind.SENTENCE,
            Kind.LIST);
    assertThat(message.arguments().get("side").options()).isEqualTo(List.of("LEFT", "RIGHT"));
    assertThat(message.arguments().get("drop").style()).isEqualTo("length");
    assertThat(message.bare()).contains("{lampWords} {drop} low").doesNotContain("number");
  }

  /** A figure within a choice loses its style, too. */
  @Test
  void figuresWithinChoicesAreBareAsWell() {
    assertThat(
            Message.read("{up, select, yes {{mm, number, fine} up} other {{mm, number, fine}}}")
                .bare())
        .isEqualTo("{up, select, yes {{mm} up} other {{mm}}}");
  }

  @Test
  void stretchedWordsAreLongerAndNothingElseIs() {
    assertThat(
            Stretched.message(
                "{n, plural, =0 {none} one {# turn} other {# turns}} of {lamp}, it''s {up, select, yes {up} other {}}"))
        .isEqualTo(
            "{n, plural, =0 {noneno} one {# turntu} other {# turnstu}} ofo {lamp}, iti''s {up, select, yes {upu} other {}}");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{drop, number}",
        "{drop, number, length} {drop, number, percent}",
        "{drop",
        "{when, date, short}",
        "{n, plural, one {#}}"
      })
  void whatIsNotWellFormedIsRefused(String text) {
    assertThatThrownBy(() -> Message.read(text)).isInstanceOf(RuntimeException.class);
  }
}

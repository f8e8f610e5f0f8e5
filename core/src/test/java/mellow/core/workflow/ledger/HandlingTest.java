package mellow.core.workflow.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import mellow.core.entry.Entry;
import mellow.core.finding.Sentence;
import mellow.core.workflow.ledger.LedgerRow.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice of taking ordinary fronts apart. */
class HandlingTest {
  @ParameterizedTest
  @EnumSource(FastenerKind.class)
  void whateverIsThreadedIsTightenedLast(FastenerKind kind) {
    assertThat(Handling.of(kind).on().equals(LedgerWords.onThreaded())).isEqualTo(kind.threaded());
  }

  @Test
  void whatIsEasilyDoneWrongIsSaid() {
    assertThat(Handling.of(FastenerKind.CLIP_PUSH).on()).isEqualTo(LedgerWords.onClipPush());
    assertThat(Handling.of(FastenerKind.LATCH))
        .isEqualTo(new Handling(LedgerWords.offLatch(), LedgerWords.onLatch()));
    assertThat(Handling.of(FastenerKind.CONNECTOR).off()).isEqualTo(LedgerWords.offConnector());
    assertThat(Handling.of(FastenerKind.TAB).on()).isEqualTo(LedgerWords.onTab());
  }

  /** Advice for a lamp is none for a bumper cover. */
  @Test
  void pieceIsHandledAsWhatItIs() {
    Handling cover = Handling.of(What.of(FastenerKind.PIECE, "bumper cover", ""));
    assertThat(cover.off()).isEqualTo(LedgerWords.offBumper());
    assertThat(Handling.of(What.of(FastenerKind.THING, "headlamp bracket", "")))
        .as("no headlamp")
        .isEqualTo(new Handling(Sentence.EMPTY, Sentence.EMPTY));
    assertThat(Handling.of(What.of(FastenerKind.PIECE, "left headlamp", "")).off())
        .isEqualTo(LedgerWords.offLamp());
    assertThat(Handling.of(What.of(FastenerKind.THING, "turn signal bulb", "")).off())
        .isEqualTo(LedgerWords.offBulb());
    assertThat(Handling.of(What.of(FastenerKind.UNSORTED, "grommit", "")))
        .isEqualTo(new Handling(Sentence.EMPTY, Sentence.EMPTY));
  }

  @ParameterizedTest
  @CsvSource({
    "2 ball stud left headlamp, STUD",
    "3 pegs lower edge, PEG",
    "1 stud, STUD",
    "4 bolts 10 mm, BOLT"
  })
  void calledOutByItsName(String typed, FastenerKind kind) {
    assertThat(LedgerText.read(typed))
        .isInstanceOfSatisfying(
            Entry.Accepted.class,
            read -> assertThat(((LedgerText.Called) read.value()).what().kind()).isEqualTo(kind));
  }
}

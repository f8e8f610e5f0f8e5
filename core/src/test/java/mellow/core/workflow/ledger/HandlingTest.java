package mellow.core.workflow.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import mellow.core.measure.Entry;
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
    assertThat(Handling.of(kind).on().startsWith("By hand first; tight after"))
        .isEqualTo(kind.threaded());
  }

  @Test
  void whatIsEasilyDoneWrongIsSaid() {
    assertThat(Handling.of(FastenerKind.CLIP_PUSH).on()).contains("pin back through");
    assertThat(Handling.of(FastenerKind.LATCH))
        .isEqualTo(new Handling("Behind a flap of the liner: up releases.", "Down to a click."));
    assertThat(Handling.of(FastenerKind.CONNECTOR).off()).contains("slide, then pinch");
    assertThat(Handling.of(FastenerKind.TAB).on()).startsWith("All of them seated before");
  }

  /** Advice for a lamp is none for a bumper cover. */
  @Test
  void pieceIsHandledAsWhatItIs() {
    Handling cover = Handling.of(What.of(FastenerKind.PIECE, "bumper cover", ""));
    assertThat(cover.off()).contains("second pair of hands").doesNotContain("lamp");
    assertThat(Handling.of(What.of(FastenerKind.THING, "headlamp bracket", "")))
        .as("no headlamp")
        .isEqualTo(new Handling("", ""));
    assertThat(Handling.of(What.of(FastenerKind.PIECE, "left headlamp", "")).off())
        .contains("plugs must part");
    assertThat(Handling.of(What.of(FastenerKind.THING, "turn signal bulb", "")).off())
        .contains("glass");
    assertThat(Handling.of(What.of(FastenerKind.UNSORTED, "grommit", "")))
        .isEqualTo(new Handling("", ""));
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

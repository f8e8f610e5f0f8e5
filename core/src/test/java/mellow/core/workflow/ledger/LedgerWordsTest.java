package mellow.core.workflow.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import mellow.core.entry.Entry;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.Side;
import mellow.core.workflow.ledger.LedgerRow.AsFound;
import mellow.core.workflow.ledger.LedgerRow.What;
import mellow.core.workflow.ledger.Spot.View;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines and places in the words that are called across a workshop. */
class LedgerWordsTest {
  private static LedgerRow row(int count, What what, Optional<Spot> spot, String where) {
    return new LedgerRow(
        "r", count, what, spot, where, "", "", AsFound.SOUND, false, 1, "", false, "");
  }

  @ParameterizedTest
  @CsvSource({
    "1, BOLT, '10 mm', '1 bolt, 10 mm'",
    "3, BOLT, '10 mm', '3 bolts, 10 mm'",
    "2, CLIP_PUSH, '', '2 clips, pin pushed'",
    "4, LATCH, '', '4 latches'"
  })
  void countsAsOneSays(int count, FastenerKind kind, String size, String words) {
    assertThat(Said.text(row(count, new What(kind, "", size, ""), Optional.empty(), "").words()))
        .isEqualTo(words);
  }

  @Test
  void connectorsAndPiecesBearTheirNames() {
    What plug = new What(FastenerKind.CONNECTOR, "left fog", "", "");
    assertThat(Said.text(row(1, plug, Optional.empty(), "").words()))
        .isEqualTo("1 left fog connector");
    What bumper = new What(FastenerKind.PIECE, "bumper", "", "");
    assertThat(Said.text(row(1, bumper, Optional.empty(), "").words())).isEqualTo("bumper");
    assertThatThrownBy(() -> row(2, bumper, Optional.empty(), ""))
        .hasMessageContaining("ledger.pieceIsOne");
    assertThatThrownBy(() -> row(1, What.of(FastenerKind.PIECE), Optional.empty(), ""))
        .hasMessageContaining("ledger.pieceIsOne");
    assertThatThrownBy(() -> row(0, plug, Optional.empty(), ""))
        .hasMessageContaining("ledger.lineHolds");
  }

  /** Left is the driver's left, from wherever it is looked at. */
  @ParameterizedTest
  @CsvSource({
    "FRONT, 0.9, 0.5, LEFT, 'middle, left'",
    "FRONT, 0.1, 0.9, RIGHT, 'upper edge, right'",
    "FRONT, 0.5, 0.1, , 'lower edge'",
    "LEFT_SIDE, 0.1, 0.5, LEFT, 'front corner, left'",
    "RIGHT_SIDE, 0.5, 0.1, RIGHT, 'sill, right'",
    "UNDERSIDE, 0.1, 0.9, LEFT, 'underside, front edge, left'",
    "UNDERSIDE, 0.9, 0.1, RIGHT, 'underside, far back, right'"
  })
  void placesHaveSidesAndNames(View view, double across, double up, Side side, String words) {
    Spot spot = new Spot(view, across, up);
    assertThat(spot.side()).isEqualTo(Optional.ofNullable(side));
    assertThat(Said.text(spot.words())).isEqualTo(words);
  }

  @Test
  void sideIsReadFromWordsWhereNobodyPointed() {
    What lamp = new What(FastenerKind.PIECE, "right headlamp", "", "");
    assertThat(row(1, lamp, Optional.empty(), "").side()).contains(Side.RIGHT);
    assertThat(
            row(1, new What(FastenerKind.PIECE, "copyright plate", "", ""), Optional.empty(), "")
                .side())
        .isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "5.5 mm screw left, SCREW, 5.5 mm, left",
    "'7,5mm bolt', BOLT, 7.5 mm, ''",
    "nut M8 underside, NUT, '', underside",
    "BOLT T25, BOLT, T25, ''",
    "2 latches corner right, LATCH, '', corner right",
    "rivets middle, RIVET, '', middle"
  })
  void readsHoweverItIsWritten(String typed, FastenerKind kind, String size, String where) {
    LedgerText.Called called = ((Entry.Accepted<LedgerText.Called>) LedgerText.read(typed)).value();
    assertThat(called.what().kind()).isEqualTo(kind);
    assertThat(called.what().size()).isEqualTo(size);
    assertThat(called.where()).isEqualTo(where);
  }

  /** The things that a front is made of, as they are called across a workshop. */
  @ParameterizedTest
  @CsvSource({
    "2 turn signal bulbs left, THING, 2, turn signal bulb, SOUND, LEFT",
    "quarter-turn socket right, THING, 1, quarter-turn socket, SOUND, RIGHT",
    "2 brackets broken, THING, 2, bracket, BROKEN, ",
    "left bezel glued, PIECE, 1, left bezel, GLUED, LEFT",
    "2 mouldings, THING, 2, moulding, SOUND, ",
    "corner piece right off, PIECE, 1, corner piece right, SOUND, RIGHT",
    "intake, PIECE, 1, intake, SOUND, ",
    "6 buttons underside, THING, 6, button, SOUND, ",
    "levelling motor left, THING, 1, levelling motor, SOUND, LEFT",
    "duct torn, PIECE, 1, duct, BROKEN, ",
    "3 spring nuts missing, NUT, 3, spring, MISSING, ",
    "2 grommits left, UNSORTED, 2, grommits left, SOUND, LEFT",
    "bumper cover, PIECE, 1, bumper cover, SOUND, "
  })
  void thingsOfTheTradeAreKnown(
      String typed, FastenerKind kind, int count, String name, AsFound asFound, Side side) {
    LedgerText.Called called = ((Entry.Accepted<LedgerText.Called>) LedgerText.read(typed)).value();
    assertThat(called.what().kind()).isEqualTo(kind);
    assertThat(called.count()).isEqualTo(count);
    assertThat(called.what().name()).isEqualTo(name);
    assertThat(called.asFound()).isEqualTo(asFound);
    assertThat(row(count, called.what(), called.spot(), called.where()).side())
        .isEqualTo(Optional.ofNullable(side));
  }

  /** What nobody knows here is kept under its name, and asked about. */
  @Test
  void whatIsNotKnownIsAskedAbout() throws Exception {
    LedgerRow row =
        row(2, What.of(FastenerKind.UNSORTED, "grommit left", ""), Optional.empty(), "");
    assertThat(Said.text(row.words())).isEqualTo("2 × grommit left");
    What bracket = What.of(FastenerKind.THING, "bracket", "");
    assertThat(Said.text(row(2, bracket, Optional.empty(), "left").words()))
        .isEqualTo("2 × bracket, left");
    assertThat(LedgerFindings.unsorted(Ledger.of(List.of(new LedgerEntry.Out(row)))))
        .singleElement()
        .satisfies(asked -> assertThat(asked.verdict()).isEqualTo(Verdict.NOT_KNOWN));
  }

  @Test
  void markupStaysText() {
    LedgerText.Called called =
        ((Entry.Accepted<LedgerText.Called>) LedgerText.read("bolt <b>left</b>")).value();
    assertThat(called.where()).isEqualTo("<b>left</b>");
    assertThat(LedgerText.read("x".repeat(100))).isInstanceOf(Entry.Refused.class);
  }
}

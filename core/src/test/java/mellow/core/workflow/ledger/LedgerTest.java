package mellow.core.workflow.ledger;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import mellow.core.entry.Entry;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.Side;
import mellow.core.workflow.ledger.LedgerRow.AsFound;
import mellow.core.workflow.ledger.LedgerRow.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Strip-down as ordinary fronts have it. Common practice. */
class LedgerTest {
  private static LedgerRow row(String id, int count, String called, String holds) {
    LedgerText.Called read = called(called);
    return new LedgerRow(
        id,
        count,
        read.what(),
        read.spot(),
        read.where(),
        "",
        holds,
        AsFound.SOUND,
        false,
        1,
        "",
        false,
        "");
  }

  private static LedgerText.Called called(String text) {
    return ((Entry.Accepted<LedgerText.Called>) LedgerText.read(text)).value();
  }

  /** As it was called out. */
  private static LedgerEntry out(String id, String typed) {
    LedgerText.Called read = called(typed);
    return new LedgerEntry.Out(
        new LedgerRow(
            id,
            read.count(),
            read.what(),
            read.spot(),
            read.where(),
            "",
            "",
            read.asFound(),
            false,
            1,
            "",
            read.captive(),
            read.after()));
  }

  private static LedgerEntry out(String id, int count, String called, String holds) {
    return new LedgerEntry.Out(row(id, count, called, holds));
  }

  private static LedgerEntry moved(String rowId, LedgerMove move, int count) {
    return new LedgerEntry.Moved(rowId + move + Math.random(), rowId, move, count);
  }

  /** A bumper: four clips, two bolts, off; behind it a fog lamp's connector. */
  private static Ledger opened() throws LedgerProblem {
    return Ledger.of(
        List.of(
            out("clips", 4, "clip upper edge", "bumper"),
            out("bolts", 2, "bolt 10 mm left", "bumper"),
            out("bumper", 1, "bumper off", ""),
            out("plug", 1, "connector left", "")));
  }

  private static List<String> ids(Ledger ledger, Verdict verdict) {
    return ids(ledger, false, verdict);
  }

  private static List<String> ids(Ledger ledger, boolean closed, Verdict verdict) {
    return LedgerFindings.of(ledger, closed).stream()
        .filter(finding -> finding.verdict() == verdict)
        .map(Finding::id)
        .toList();
  }

  private static Ledger after(Ledger ledger, LedgerEntry... entries) throws LedgerProblem {
    for (LedgerEntry entry : entries) {
      ledger = ledger.with(entry);
    }
    return ledger;
  }

  @Test
  void goesTogetherInReverseWithConnectorsFirst() throws Exception {
    Ledger ledger = opened();
    assertThat(ledger.inReverse())
        .extracting(line -> line.row().id())
        .containsExactly("plug", "bumper", "bolts", "clips");
    assertThat(ledger.before(ledger.line("bumper").orElseThrow()))
        .extracting(line -> line.row().id())
        .containsExactly("plug");
    assertThat(ledger.before(ledger.line("clips").orElseThrow()))
        .extracting(line -> line.row().id())
        .containsExactly("bumper");
    assertThat(LedgerFindings.of(ledger, false))
        .as("nothing is wrong while it is only apart")
        .isEmpty();
  }

  @Test
  void connectorForgottenBehindTheBumperStandsAboveTheHorizon() throws Exception {
    Ledger closed =
        after(
            opened(),
            moved("bumper", LedgerMove.BACK, 1),
            moved("bolts", LedgerMove.BACK, 2),
            moved("clips", LedgerMove.BACK, 3));
    assertThat(ids(closed, Verdict.OUT))
        .as("a clip and tightening may still come")
        .containsExactly("together.passed@fasteners:plug");
    assertThat(ids(closed, Verdict.NOT_KNOWN)).containsExactly("together.out");
    assertThat(ids(closed, true, Verdict.OUT))
        .as("but not once the front is said to be closed")
        .containsExactlyInAnyOrder(
            "together.passed@fasteners:plug",
            "together.left@fasteners:clips",
            "together.hand@fasteners:bolts");
    Ledger done =
        after(closed, moved("plug", LedgerMove.BACK, 1), moved("clips", LedgerMove.BACK, 1));
    assertThat(ids(done, Verdict.OUT))
        .as("all are in, so tightening is next")
        .containsExactly("together.hand@fasteners:bolts");
    assertThat(ids(after(done, moved("bolts", LedgerMove.TIGHT, 2)), Verdict.WITHIN))
        .containsExactly("together.all");
  }

  @Test
  void brokenClipNeedsANewOne() throws Exception {
    Ledger broken = after(opened(), moved("clips", LedgerMove.BROKEN, 1));
    assertThat(ids(broken, Verdict.OUT)).containsExactly("together.broken@fasteners:clips");
    assertThatThrownBy(() -> broken.with(moved("clips", LedgerMove.BACK, 4)))
        .isInstanceOf(LedgerProblem.class)
        .hasMessageContaining("ledger.notThatMany");
    Ledger mended = after(broken, moved("clips", LedgerMove.REPLACED, 1));
    assertThat(ids(mended, Verdict.OUT)).isEmpty();
    assertThat(mended.line("clips").orElseThrow().out()).isEqualTo(3);
  }

  /** A lamp of the other side is not in front of anything. */
  @Test
  void leftLampDoesNotHideTheRightOne() throws Exception {
    Ledger lamps =
        Ledger.of(
            List.of(
                out("l", 1, "left headlamp off", ""),
                out("r", 1, "right headlamp off", ""),
                out("rp", 2, "connector right", "")));
    Ledger leftBack = lamps.with(moved("l", LedgerMove.BACK, 1));
    assertThat(ids(leftBack, Verdict.OUT)).isEmpty();
    assertThat(leftBack.before(lamps.line("r").orElseThrow())).hasSize(1);
  }

  @Test
  void lineThatWasUsedIsNotUndoneBeforeItsMoves() throws Exception {
    LedgerEntry move = new LedgerEntry.Moved("m", "clips", LedgerMove.BACK, 2);
    Ledger ledger = opened().with(move);
    assertThatThrownBy(() -> ledger.with(new LedgerEntry.Struck("s", "clips")))
        .hasMessageContaining("ledger.undoLater");
    Ledger undone = ledger.with(new LedgerEntry.Struck("s", "m"));
    assertThat(undone.line("clips").orElseThrow().out()).isEqualTo(4);
    assertThatThrownBy(() -> undone.with(new LedgerEntry.Struck("t", "m")))
        .hasMessageContaining("ledger.undoGone");
  }

  /** A line that is completed stays where it came off. */
  @Test
  void lineIsPutRightInItsPlace() throws Exception {
    Ledger ledger = opened();
    LedgerRow six = row("clips", 6, "clip upper edge", "bumper");
    Ledger changed = after(ledger, new LedgerEntry.Changed("c", six));
    assertThat(changed.inReverse())
        .extracting(line -> line.row().id())
        .containsExactly("plug", "bumper", "bolts", "clips");
    assertThat(changed.line("clips").orElseThrow().out()).isEqualTo(6);
    Ledger used = changed.with(moved("clips", LedgerMove.BACK, 5));
    assertThatThrownBy(
            () -> used.with(new LedgerEntry.Changed("d", row("clips", 4, "clip", "bumper"))))
        .hasMessageContaining("ledger.moreBack");
    assertThat(
            used.with(new LedgerEntry.Changed("e", row("clips", 5, "clip", "")))
                .line("clips")
                .orElseThrow()
                .out())
        .isZero();
    assertThatThrownBy(() -> ledger.with(new LedgerEntry.Changed("f", row("none", 4, "clip", ""))))
        .isInstanceOf(LedgerProblem.class);
  }

  /** Whatever is done in whatever order: done means out = back + replaced + stays. */
  @Test
  void nothingIsLostWhateverTheOrder() {
    for (int run = 0; run < 300; run++) {
      Random random = new Random(run);
      Ledger ledger = Ledger.EMPTY;
      List<LedgerEntry> tried = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        LedgerEntry next = any(random, i, tried);
        tried.add(next);
        try {
          ledger = ledger.with(next);
        } catch (LedgerProblem refused) {
          assertThat(Said.text(refused.says())).endsWith(".");
        }
        for (LedgerLine line : ledger.lines()) {
          assertThat(line.out()).isBetween(0, line.row().count());
          assertThat(line.awaiting()).isBetween(0, line.out());
          assertThat(line.byHand()).isNotNegative();
          assertThat(line.byHand()).isLessThanOrEqualTo(line.row().count());
        }
        if (ledger.isDone()) {
          assertThat(counted(ledger, LedgerMove.BACK, LedgerMove.REPLACED, LedgerMove.STAYS))
              .as("run " + run)
              .isEqualTo(cameOff(ledger));
        }
      }
    }
  }

  /** What came off, by the entries alone. */
  private static int cameOff(Ledger ledger) {
    return ledger.entries().stream()
        .mapToInt(entry -> entry instanceof LedgerEntry.Out out ? out.row().count() : 0)
        .sum();
  }

  /** What was moved so, by the entries alone. */
  private static int counted(Ledger ledger, LedgerMove... moves) {
    return ledger.entries().stream()
        .mapToInt(
            entry ->
                entry instanceof LedgerEntry.Moved moved && List.of(moves).contains(moved.move())
                    ? moved.count()
                    : 0)
        .sum();
  }

  private static LedgerEntry any(Random random, int number, List<LedgerEntry> tried) {
    String id = "e" + number;
    if (tried.isEmpty() || random.nextInt(4) == 0) {
      List<FastenerKind> kinds =
          Stream.of(FastenerKind.values()).filter(kind -> !kind.named()).toList();
      FastenerKind kind = kinds.get(random.nextInt(kinds.size()));
      return new LedgerEntry.Out(
          new LedgerRow(
              id,
              1 + random.nextInt(5),
              What.of(kind),
              Optional.empty(),
              "",
              "",
              "",
              AsFound.values()[random.nextInt(AsFound.values().length)],
              false,
              1,
              "",
              false,
              ""));
    }
    String other = tried.get(random.nextInt(tried.size())).id();
    return random.nextInt(6) == 0
        ? new LedgerEntry.Struck(id, other)
        : new LedgerEntry.Moved(
            id,
            other,
            LedgerMove.values()[random.nextInt(LedgerMove.values().length)],
            1 + random.nextInt(3));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "4 clip upper edge | 4 | CLIP_PULL | '' | '' | 'upper edge'",
        "2x bolts 10 mm M6 left | 2 | BOLT | 10 mm | M6 | left",
        "screw T25 wheel arch, right | 1 | SCREW | T25 | '' | 'wheel arch, right'",
        "3 push clips 8mm underside | 3 | CLIP_PUSH | 8 mm | '' | underside",
        "plug fog left | 1 | CONNECTOR | '' | '' | 'fog left'",
        "Bumper off | 1 | PIECE | '' | '' | ''",
      })
  void readsALineAsItIsCalledOut(
      String typed, int count, FastenerKind kind, String size, String thread, String where) {
    LedgerText.Called read = called(typed);
    assertThat(read.count()).isEqualTo(count);
    assertThat(read.what().kind()).isEqualTo(kind);
    assertThat(read.what().size()).isEqualTo(size);
    assertThat(read.what().thread()).isEqualTo(thread);
    assertThat(read.where()).isEqualTo(where);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "   ", "4", "4 ?", "0 clip", "99 clips", "2 bumper", "-3 bolt"})
  void whatCannotBeReadIsSaidSo(String typed) {
    assertThat(LedgerText.read(typed)).isInstanceOf(Entry.Refused.class);
  }

  @Test
  void placesAreNamedAsTheVehicleHasThem() {
    assertThat(Said.text(new Spot(Spot.View.FRONT, 0.9, 0.9).words()))
        .isEqualTo("upper edge, left");
    assertThat(Said.text(new Spot(Spot.View.FRONT, 0.5, 0.1).words())).isEqualTo("lower edge");
    assertThat(Said.text(new Spot(Spot.View.RIGHT_SIDE, 0.5, 0.5).words()))
        .isEqualTo("wheel arch, right");
    assertThatThrownBy(() -> new Spot(Spot.View.FRONT, 1.2, 0.5))
        .hasMessageContaining("ledger.outsideVehicle");
    assertThatThrownBy(() -> new Spot(Spot.View.FRONT, Double.NaN, 0.5)).hasNoCause();
  }

  /** 1 + 2 + 1 clips in three places on the left are the 4 that were called on the right. */
  @Test
  void sumsOfBothSidesAreHeldAgainstEachOther() throws Exception {
    Ledger both =
        Ledger.of(
            List.of(
                out("a", "1 clip corner left"),
                out("b", "2 clip upper edge left"),
                out("c", "1 clip left"),
                out("d", "4 clip right")));
    assertThat(SecondSide.of(both).orElseThrow().finding().verdict()).isEqualTo(Verdict.WITHIN);
    assertThat(called("1 + 2 + 1 clip left").count()).isEqualTo(4);
    Ledger fewer = both.with(out("e", "1 clip upper edge left"));
    assertThat(SecondSide.of(fewer).orElseThrow().expected()).isNotEmpty();
  }

  /** A latch that is reached through a flap goes back before the flap is shut. */
  @Test
  void whatWasSaidToComeBeforeGoesBackAfter() throws Exception {
    Ledger ledger = Ledger.of(List.of(out("flap", "flap left"), out("latch", "flap before latch")));
    LedgerLine flap = ledger.line("flap").orElseThrow();
    assertThat(ledger.before(flap)).extracting(line -> line.row().id()).containsExactly("latch");
    Ledger shut = ledger.with(new LedgerEntry.Moved("m", "flap", LedgerMove.BACK, 1));
    assertThat(LedgerFindings.of(shut, false))
        .anyMatch(finding -> finding.id().equals("together.passed@fasteners:latch"));
    Ledger other = ledger.with(out("clip", "2 bolt before bumper"));
    assertThat(other.line("clip").orElseThrow().row().count())
        .as("nothing that was counted is lost")
        .isEqualTo(2);
  }

  /** A captive bolt is only loosened: it is not out, and it is tightened in the end. */
  @Test
  void captiveOnesStayWhereTheyAre() throws Exception {
    Ledger ledger = Ledger.of(List.of(out("b", "2 bolt 10 mm captive left")));
    LedgerLine line = ledger.line("b").orElseThrow();
    assertThat(line.out()).isZero();
    assertThat(line.byHand()).isEqualTo(2);
    assertThat(
            ledger
                .with(new LedgerEntry.Moved("m", "b", LedgerMove.TIGHT, 2))
                .line("b")
                .orElseThrow()
                .isDone())
        .isTrue();
  }

  /** The left had three bolts and two clips, the right two bolts and a rivet. */
  @Test
  void secondSideFollowsTheFirst() throws Exception {
    Ledger both =
        Ledger.of(
            List.of(
                out("a", 3, "bolt 10 mm left", ""),
                out("b", 2, "clip wheel arch left", ""),
                out("c", 2, "bolt 10 mm right", ""),
                out("d", 1, "rivet wheel arch right", "")));
    SecondSide second = SecondSide.of(both).orElseThrow();
    assertThat(Said.texts(second.expected()))
        .containsExactly("1 bolt, 10 mm", "2 clips, pin pulled, wheel arch");
    assertThat(Said.texts(second.more())).containsExactly("1 rivet, wheel arch");
    assertThatFinding(second.finding())
        .is(Verdict.AT_EDGE)
        .says(LedgerWords.stillExpected(Side.RIGHT, second.expected()));

    Ledger alike =
        Ledger.of(List.of(out("a", 3, "bolt 10 mm right", ""), out("b", 3, "bolt 10 mm left", "")));
    assertThatFinding(SecondSide.of(alike).orElseThrow().finding())
        .is(Verdict.WITHIN)
        .says(LedgerWords.mirrored(Side.LEFT));
    assertThat(SecondSide.of(Ledger.of(List.of(out("a", 3, "bolt left", ""))))).isEmpty();
  }
}

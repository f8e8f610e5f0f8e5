package mellow.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Said;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;
import mellow.core.workflow.ledger.FastenerKind;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow;
import org.junit.jupiter.api.Test;

class JobRecordTest {
  private static final Instant NOON = Instant.parse("2026-11-30T12:00:00Z");

  private static Line line(long number, Stage stage, Fact fact, String strikes) {
    return new Line(
        "id" + number,
        number,
        stage,
        fact,
        Optional.of(strikes).filter(id -> !id.isEmpty()),
        "Runa",
        "",
        NOON.plusSeconds(number));
  }

  private static Fact read(double mm) {
    return new Fact.Read(
        ReadingKind.CUTOFF_BELOW,
        LampKind.DIPPED,
        Optional.of(Side.LEFT),
        Optional.empty(),
        String.valueOf(mm),
        UnitSystem.METRIC,
        mm);
  }

  private static Fact clips(String id, int count, boolean putsRight) {
    return new Fact.TakenOff(
        new LedgerRow(
            id,
            count,
            LedgerRow.What.of(FastenerKind.CLIP_PULL),
            Optional.empty(),
            "upper edge",
            "",
            "",
            LedgerRow.AsFound.SOUND,
            false,
            1,
            "",
            false,
            ""),
        putsRight);
  }

  private static JobRecord worked() {
    return new JobRecord(
        List.of(
            line(3, Stage.WALL, read(95), ""),
            line(5, Stage.APART, clips("id5", 4, false), ""),
            line(6, Stage.WALL, read(75), "id3"),
            line(8, Stage.APART, clips("id5", 5, true), ""),
            line(9, Stage.TOGETHER, new Fact.Moved("id5", LedgerMove.BACK, 5), ""),
            line(11, Stage.TOGETHER, new Fact.Undone(), "id9"),
            line(12, Stage.WALL, new Fact.Undone(), "id6"),
            line(13, Stage.PLACE, new Fact.Revised(JobDocument.PLACE, 1, 1, "{}"), ""),
            line(14, Stage.PLACE, new Fact.Revised(JobDocument.PLACE, 2, 1, "{\"a\":1}"), "")));
  }

  /**
   * A correction stands instead of what it strikes; what is undone does not come back by itself.
   */
  @Test
  void whatWasStruckOrOnlyStrikesDoesNotCount() {
    JobRecord record = worked();
    assertThat(record.living()).extracting(Line::number).containsExactly(5L, 8L, 13L, 14L);
    assertThat(record.facts(Fact.Read.class)).isEmpty();
    assertThat(record.striker("id3")).map(Line::id).contains("id6");
  }

  /** The work is neither the readings nor the documents, and not what undid a reading. */
  @Test
  void logOfTheWorkHoldsWhatWasDone() {
    WorkLog log = new WorkLog(worked());
    assertThat(log.all()).extracting(Line::number).containsExactly(5L, 8L, 9L, 11L);
    assertThat(log.isBegun(Stage.APART)).isTrue();
    assertThat(log.isBegun(Stage.TOGETHER)).as("undone").isFalse();
    assertThat(log.row("id5").count()).as("put right").isEqualTo(5);
    assertThat(log.ledger().out()).isEqualTo(5);
  }

  @Test
  void aLineSaysWhatItIsAbout() {
    assertThat(worked().lines())
        .extracting(line -> line.subject().text())
        .containsExactly(
            "lamp:DIPPED:LEFT",
            "fasteners:id5",
            "lamp:DIPPED:LEFT",
            "fasteners:id5",
            "fasteners:id5",
            "job",
            "job",
            "stage:PLACE",
            "stage:PLACE");
  }

  @Test
  void aLineIsSaidInWords() {
    LineWords words = new LineWords(worked(), id -> id);
    assertThat(worked().lines())
        .extracting(line -> Said.key(words.of(line)))
        .containsExactly(
            "record.logReadOn",
            "record.logOff",
            "record.logReadOn",
            "record.logPutRight",
            "record.logMovedSome",
            "record.logUndone",
            "record.logUndone",
            "record.logRevised",
            "record.logRevised");
    assertThat(Said.keyed(words.of(worked().line("id12").orElseThrow()))).contains("75 mm");
  }
}

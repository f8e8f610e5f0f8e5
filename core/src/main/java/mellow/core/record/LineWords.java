package mellow.core.record;

import java.util.Optional;
import java.util.function.UnaryOperator;
import mellow.core.fault.ShownWords;
import mellow.core.finding.Sentence;
import mellow.core.logbook.ReadingEntry;
import mellow.core.proof.ProofEvent;
import mellow.core.proof.ProofLamp;
import mellow.core.retrofit.Bake;

/** Lines in words, as the tape shows them. */
public final class LineWords {
  private final JobRecord record;
  private final UnaryOperator<String> stepWords;

  /**
   * Words of a record's lines.
   *
   * @param stepWords what a step says, by its id
   */
  public LineWords(JobRecord record, UnaryOperator<String> stepWords) {
    this.record = record;
    this.stepWords = stepWords;
  }

  /** What a line says. */
  public Sentence of(Line line) {
    Fact fact = line.fact();
    if (fact instanceof Fact.TakenOff off) {
      Sentence row = off.row().words();
      return off.putsRight() ? RecordWords.logPutRight(row) : RecordWords.logOff(row);
    } else if (fact instanceof Fact.Moved moved) {
      return moved(moved);
    } else if (fact instanceof Fact.StepDone step) {
      return stepped(step);
    } else if (fact instanceof Fact.TimerStarted timer) {
      return RecordWords.logTimer(timer.name(), timer.time());
    } else if (fact instanceof Fact.TimerStopped stopped) {
      return RecordWords.logSeenTo(
          record.line(stopped.timer()).map(this::of).orElse(RecordWords.aTimer()));
    } else if (fact instanceof Fact.Baked baked) {
      return RecordWords.logOven(
          baked.side(), baked.temperature(), baked.time(), baked.purpose() == Bake.Purpose.OPEN);
    } else if (fact instanceof Fact.Warmed warmed) {
      return RecordWords.logHeat(warmed.what(), warmed.temperature(), warmed.after());
    } else if (fact instanceof Fact.LampsTried tried) {
      return RecordWords.logProof(
          lamps(tried.tried()), tried.tried().state(), tried.tried().outcome());
    } else if (fact instanceof Fact.Sanded sanded) {
      return sanded.grit() == 0
          ? RecordWords.logPolish(sanded.side())
          : RecordWords.logGrit(sanded.side(), String.valueOf(sanded.grit()));
    } else if (fact instanceof Fact.BenchMeasured measured) {
      return measured
          .side()
          .map(side -> RecordWords.logMeasureOn(side, measured.field(), measured.typed()))
          .orElse(RecordWords.logMeasure(measured.field(), measured.typed()));
    }
    return rest(line);
  }

  private Sentence rest(Line line) {
    Fact fact = line.fact();
    if (fact instanceof Fact.Chosen chosen) {
      return RecordWords.logChosen(chosen.which(), chosen.answer());
    } else if (fact instanceof Fact.FlashesCounted counted) {
      return RecordWords.logFlash(counted.side(), counted.flashes(), counted.time());
    } else if (fact instanceof Fact.BatteryChanged battery) {
      return RecordWords.logBattery(battery.what());
    } else if (fact instanceof Fact.Checked checked) {
      return ShownWords.moment(checked.shown());
    } else if (fact instanceof Fact.Read read) {
      return read(read);
    } else if (fact instanceof Fact.Revised revised) {
      Sentence change = RecordWords.logRevised(revised.document());
      return line.strikes().isPresent() ? RecordWords.logUndone(change) : change;
    } else if (fact instanceof Fact.PhotoKept photo) {
      return photo.version() == 1 ? RecordWords.logPhoto() : RecordWords.logPhotoNoted();
    } else if (fact instanceof Fact.HandedOver over) {
      return over.reason().isEmpty()
          ? RecordWords.logClosed()
          : RecordWords.logClosedBecause(over.reason());
    } else if (fact instanceof Fact.Amended amended) {
      return RecordWords.logAmended(amended.words(), amended.why());
    } else if (fact instanceof Fact.PutAside aside) {
      return RecordWords.logAside(aside.aside(), aside.why());
    }
    return RecordWords.logUndone(
        line.strikes().flatMap(record::line).map(this::of).orElse(RecordWords.anEntry()));
  }

  private static Sentence read(Fact.Read read) {
    return read.side()
        .map(
            side ->
                RecordWords.logReadOn(
                    read.what(),
                    side,
                    read.lamp().function(),
                    ReadingEntry.figure(read.what(), read.value())))
        .orElse(RecordWords.logRead(read.what(), ReadingEntry.figure(read.what(), read.value())));
  }

  private Sentence moved(Fact.Moved moved) {
    Optional<Fact.TakenOff> off =
        record
            .line(moved.row())
            .map(Line::fact)
            .filter(Fact.TakenOff.class::isInstance)
            .map(Fact.TakenOff.class::cast);
    Sentence words = off.map(one -> one.row().words()).orElse(RecordWords.aLine());
    boolean all = off.filter(one -> one.row().count() == moved.count()).isPresent();
    return all
        ? RecordWords.logMoved(moved.move(), words)
        : RecordWords.logMovedSome(moved.move(), moved.count(), words);
  }

  private Sentence stepped(Fact.StepDone step) {
    String says = stepWords.apply(step.step());
    return step.side()
        .map(side -> RecordWords.logStepOn(step.skipped(), says, side))
        .orElse(RecordWords.logStep(step.skipped(), says));
  }

  /** In words: "left low beam", "fog, both", "left inner pod". */
  private static Sentence lamps(ProofEvent.Tried tried) {
    if (tried.name().isPresent()) {
      String name = tried.name().get();
      return tried
          .side()
          .map(of -> new ProofLamp(tried.function(), of, name).words())
          .orElse(RecordWords.lampNamed(name, tried.function()));
    }
    return tried
        .side()
        .map(of -> RecordWords.lamp(of, tried.function()))
        .orElse(Sentence.term(tried.function()));
  }
}

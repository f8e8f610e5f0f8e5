package mellow.server.workshop;

import java.util.Map;
import java.util.stream.Collectors;
import mellow.core.finding.Sentence;
import mellow.core.formats.StepBook;
import mellow.core.retrofit.Bake;
import mellow.core.workflow.Step;

/** Entries in words, as the log shows them. */
final class EntryWords {
  private static final Map<String, String> STEPS =
      StepBook.all().stream().collect(Collectors.toMap(Step::id, Step::words));

  private final Map<String, KeptEntry> byId;

  EntryWords(WorkshopLog log) {
    this.byId = log.all().stream().collect(Collectors.toMap(KeptEntry::id, entry -> entry));
  }

  Sentence of(KeptEntry entry) {
    return of(entry.id(), entry.edit());
  }

  private Sentence of(String id, EntryEdit edit) {
    if (edit.out() != null) {
      Sentence row = edit.out().core(id).words();
      return edit.out().changes() == null
          ? WorkshopWords.logOff(row)
          : WorkshopWords.logPutRight(row);
    } else if (edit.move() != null) {
      return moved(edit.move());
    } else if (edit.step() != null) {
      return stepped(edit.step());
    } else if (edit.timer() != null) {
      return WorkshopWords.logTimer(edit.timer().name(), edit.timer().time());
    } else if (edit.stop() != null) {
      KeptEntry timer = byId.get(edit.stop().timer());
      return WorkshopWords.logSeenTo(timer == null ? WorkshopWords.aTimer() : of(timer));
    } else if (edit.bake() != null) {
      EntryEdit.BakeEdit bake = edit.bake();
      return WorkshopWords.logOven(
          bake.side(), bake.temperature(), bake.time(), bake.purpose() == Bake.Purpose.OPEN);
    } else if (edit.heat() != null) {
      EntryEdit.HeatEdit heat = edit.heat();
      return WorkshopWords.logHeat(heat.what(), heat.temperature(), heat.after());
    } else if (edit.proof() != null) {
      return proved(edit.proof());
    } else if (edit.lens() != null) {
      return edit.lens().grit() == 0
          ? WorkshopWords.logPolish(edit.lens().side())
          : WorkshopWords.logGrit(edit.lens().side(), String.valueOf(edit.lens().grit()));
    } else if (edit.measure() != null) {
      EntryEdit.MeasureEdit measure = edit.measure();
      return measure.side() == null
          ? WorkshopWords.logMeasure(measure.field(), measure.typed())
          : WorkshopWords.logMeasureOn(measure.side(), measure.field(), measure.typed());
    } else if (edit.choice() != null) {
      return WorkshopWords.logChosen(
          edit.choice().which(), WorkChoice.Answer.valueOf(edit.choice().value()));
    }
    if (edit.flash() != null) {
      return WorkshopWords.logFlash(
          edit.flash().side(), edit.flash().flashes(), edit.flash().time());
    } else if (edit.battery() != null) {
      return WorkshopWords.logBattery(edit.battery().what());
    }
    KeptEntry struck = edit.strikes() == null ? null : byId.get(edit.strikes());
    return WorkshopWords.logUndone(struck == null ? WorkshopWords.anEntry() : of(struck));
  }

  private Sentence moved(EntryEdit.MoveEdit move) {
    KeptEntry row = byId.get(move.row());
    EntryEdit.OutEdit out = row == null ? null : row.edit().out();
    Sentence words = out == null ? WorkshopWords.aLine() : out.core(move.row()).words();
    boolean all = out != null && out.count() == move.count();
    return all
        ? WorkshopWords.logMoved(move.move(), words)
        : WorkshopWords.logMovedSome(move.move(), move.count(), words);
  }

  private static Sentence stepped(EntryEdit.StepEdit step) {
    String says = STEPS.getOrDefault(step.step(), step.step());
    return step.side() == null
        ? WorkshopWords.logStep(step.skipped(), says)
        : WorkshopWords.logStepOn(step.skipped(), says, step.side());
  }

  private static Sentence proved(EntryEdit.ProofEdit proof) {
    return WorkshopWords.logProof(proof.words(), proof.core().state(), proof.outcome());
  }
}

package mellow.server.workshop;

import java.util.Map;
import java.util.stream.Collectors;
import mellow.core.formats.StepBook;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Step;
import org.jspecify.annotations.Nullable;

/** Entries in words, as the log shows them. */
final class EntryWords {
  private static final Map<String, String> STEPS =
      StepBook.all().stream().collect(Collectors.toMap(Step::id, Step::words));

  private final Map<String, KeptEntry> byId;

  EntryWords(WorkshopLog log) {
    this.byId = log.all().stream().collect(Collectors.toMap(KeptEntry::id, entry -> entry));
  }

  String of(KeptEntry entry) {
    return of(entry.id(), entry.edit());
  }

  private String of(String id, EntryEdit edit) {
    if (edit.out() != null) {
      return (edit.out().changes() == null ? "off: " : "put right: ") + edit.out().core(id).words();
    } else if (edit.move() != null) {
      return moved(edit.move());
    } else if (edit.step() != null) {
      return stepped(edit.step());
    } else if (edit.timer() != null) {
      return "timer: " + edit.timer().name() + ", " + edit.timer().time();
    } else if (edit.stop() != null) {
      KeptEntry timer = byId.get(edit.stop().timer());
      return "seen to: " + (timer == null ? "a timer" : of(timer));
    } else if (edit.bake() != null) {
      EntryEdit.BakeEdit bake = edit.bake();
      return "oven: %s lamp, %s, %s, to %s"
          .formatted(
              bake.side().word(),
              bake.temperature(),
              bake.time(),
              bake.purpose() == mellow.core.retrofit.Bake.Purpose.OPEN ? "open" : "reseal");
    } else if (edit.heat() != null) {
      EntryEdit.HeatEdit heat = edit.heat();
      return "%s: %s after %s".formatted(heat.what(), heat.temperature(), heat.after());
    } else if (edit.proof() != null) {
      return proved(edit.proof());
    } else if (edit.lens() != null) {
      return edit.lens().side().word()
          + " lens: "
          + (edit.lens().grit() == 0 ? "polish" : edit.lens().grit() + " grit");
    } else if (edit.measure() != null) {
      EntryEdit.MeasureEdit measure = edit.measure();
      String lamp = measure.side() == null ? "" : measure.side().word() + " lamp, ";
      return lamp + measure.field().words() + ": " + measure.typed();
    } else if (edit.choice() != null) {
      return "chosen: "
          + edit.choice().value().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
    if (edit.flash() != null) {
      return "%s turn signal: %d flashes in %s"
          .formatted(edit.flash().side().word(), edit.flash().flashes(), edit.flash().time());
    } else if (edit.battery() != null) {
      return "battery: " + edit.battery().what().words();
    }
    KeptEntry struck = edit.strikes() == null ? null : byId.get(edit.strikes());
    return "undone: " + (struck == null ? "an entry" : of(struck));
  }

  private String moved(EntryEdit.MoveEdit move) {
    KeptEntry row = byId.get(move.row());
    EntryEdit.OutEdit out = row == null ? null : row.edit().out();
    String words = out == null ? "a line" : out.core(move.row()).words();
    boolean all = out != null && out.count() == move.count();
    return move.move().words() + ": " + (all ? "" : move.count() + " of ") + words;
  }

  private static String stepped(EntryEdit.StepEdit step) {
    return (step.skipped() ? "left out: " : "done: ")
        + STEPS.getOrDefault(step.step(), step.step())
        + side(step.side());
  }

  private static String proved(EntryEdit.ProofEdit proof) {
    return "%s, %s: %s".formatted(proof.words(), proof.state(), proof.outcome().words());
  }

  private static String side(@Nullable Side side) {
    return side == null ? "" : ", " + side.word();
  }
}

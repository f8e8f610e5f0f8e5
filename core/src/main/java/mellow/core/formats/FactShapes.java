package mellow.core.formats;

import java.util.Optional;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.DrivingState;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.Outcome;
import mellow.core.proof.ProofEvent;
import mellow.core.record.Fact;
import mellow.core.record.FactKind;
import mellow.core.record.JobDocument;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.ledger.FastenerKind;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.core.workflow.ledger.Spot;

/** The shape of each kind of fact. Names of fields never change; what is added may be missing. */
final class FactShapes {
  private FactShapes() {}

  /** The version that is written. */
  static int newest(FactKind kind) {
    return 1;
  }

  static void write(Fact fact, Fields to) {
    if (fact instanceof Fact.Read read) {
      to.constant("kind", read.what())
          .constant("lamp", read.lamp())
          .constant("side", read.side())
          .text("screw", read.screw())
          .text("typed", read.typed())
          .constant("units", read.units())
          .number("value", read.value());
    } else if (fact instanceof Fact.TakenOff off) {
      row(off, to);
    } else if (fact instanceof Fact.Moved moved) {
      to.text("row", moved.row()).constant("move", moved.move()).count("count", moved.count());
    } else if (fact instanceof Fact.StepDone step) {
      to.text("step", step.step())
          .constant("side", step.side())
          .whether("skipped", step.skipped())
          .text("reason", step.reason())
          .text("without", step.without());
    } else if (fact instanceof Fact.TimerStarted timer) {
      to.text("name", timer.name())
          .constant("kind", timer.what())
          .constant("side", timer.side())
          .constant("adhesive", timer.adhesive())
          .text("time", timer.time());
    } else if (fact instanceof Fact.TimerStopped stopped) {
      to.text("timer", stopped.timer());
    } else if (fact instanceof Fact.Baked baked) {
      to.constant("purpose", baked.purpose())
          .constant("side", baked.side())
          .text("temperature", baked.temperature())
          .text("time", baked.time())
          .constants("notInside", baked.notInside());
    } else if (fact instanceof Fact.Warmed warmed) {
      to.text("what", warmed.what())
          .text("after", warmed.after())
          .text("temperature", warmed.temperature())
          .text("limit", warmed.limit());
    } else if (fact instanceof Fact.LampsTried tried) {
      proof(tried.tried(), to);
    } else if (fact instanceof Fact.Sanded sanded) {
      to.constant("side", sanded.side()).count("grit", sanded.grit());
    } else if (fact instanceof Fact.BenchMeasured measured) {
      to.constant("field", measured.field())
          .constant("side", measured.side())
          .text("typed", measured.typed())
          .constant("units", measured.units());
    } else if (fact instanceof Fact.Chosen chosen) {
      to.constant("which", chosen.which()).constant("value", chosen.answer());
    } else if (fact instanceof Fact.FlashesCounted counted) {
      to.constant("side", counted.side())
          .count("flashes", counted.flashes())
          .text("time", counted.time());
    } else if (fact instanceof Fact.BatteryChanged battery) {
      to.constant("what", battery.what());
    } else if (fact instanceof Fact.Revised revised) {
      to.constant("document", revised.document())
          .count("version", revised.version())
          .json("content", revised.content());
    } else if (fact instanceof Fact.PhotoKept photo) {
      to.text("photo", photo.photo()).count("version", photo.version());
    } else if (fact instanceof Fact.HandedOver over) {
      to.text("reason", over.reason()).text("language", over.language());
    } else if (fact instanceof Fact.Amended amended) {
      to.text("words", amended.words()).text("why", amended.why());
    } else if (fact instanceof Fact.PutAside aside) {
      to.whether("aside", aside.aside()).text("why", aside.why());
    }
  }

  private static void row(Fact.TakenOff off, Fields to) {
    LedgerRow row = off.row();
    to.count("count", row.count())
        .constant("kind", row.what().kind())
        .text("name", row.what().name())
        .text("size", row.what().size())
        .text("thread", row.what().thread())
        .text("where", row.where())
        .text("tray", row.tray())
        .text("holds", row.holds())
        .constant("asFound", row.asFound())
        .whether("hidden", row.hidden())
        .count("people", row.people())
        .text("note", row.note())
        .whether("captive", row.captive())
        .text("after", row.after());
    row.spot()
        .ifPresent(
            spot ->
                to.within("spot")
                    .constant("view", spot.view())
                    .number("across", spot.across())
                    .number("up", spot.up()));
    if (off.putsRight()) {
      to.text("changes", row.id());
    }
  }

  private static void proof(ProofEvent.Tried tried, Fields to) {
    to.constant("state", tried.state())
        .constant("function", tried.function())
        .constant("outcome", tried.outcome())
        .constant("side", tried.side())
        .count("tries", tried.tries())
        .text("seen", tried.seen())
        .text("name", tried.name())
        .texts("basis", tried.basis());
  }

  static Fact read(FactKind kind, int shape, String id, Kept from) {
    return switch (kind) {
      case READ ->
          new Fact.Read(
              from.constant(ReadingKind.class, "kind"),
              from.constant(LampKind.class, "lamp"),
              from.maybe(Side.class, "side"),
              from.maybe("screw"),
              from.text("typed"),
              from.constant(UnitSystem.class, "units"),
              from.number("value"));
      case TAKEN_OFF -> takenOff(id, from);
      case MOVED ->
          new Fact.Moved(
              from.needed("row"), from.constant(LedgerMove.class, "move"), from.count("count"));
      case STEP ->
          new Fact.StepDone(
              from.needed("step"),
              from.maybe(Side.class, "side"),
              from.whether("skipped"),
              from.text("reason").strip(),
              from.text("without"));
      case TIMER ->
          new Fact.TimerStarted(
              from.text("name"),
              from.constant(BenchTimer.Kind.class, "kind"),
              from.maybe(Side.class, "side"),
              from.maybe(BenchTimer.Adhesive.class, "adhesive"),
              from.needed("time"));
      case TIMER_STOPPED -> new Fact.TimerStopped(from.needed("timer"));
      case BAKED ->
          new Fact.Baked(
              from.constant(Bake.Purpose.class, "purpose"),
              from.constant(Side.class, "side"),
              from.needed("temperature"),
              from.needed("time"),
              from.constants(Bake.Inside.class, "notInside"));
      case WARMED ->
          new Fact.Warmed(
              from.needed("what"),
              from.needed("after"),
              from.needed("temperature"),
              from.maybe("limit").filter(limit -> !limit.isBlank()));
      case LAMPS_TRIED -> new Fact.LampsTried(tried(from));
      case SANDED -> new Fact.Sanded(from.constant(Side.class, "side"), from.count("grit"));
      case BENCH_MEASURED ->
          new Fact.BenchMeasured(
              from.constant(BenchField.class, "field"),
              from.maybe(Side.class, "side"),
              from.needed("typed"),
              from.constant(UnitSystem.class, "units"));
      case CHOSEN ->
          new Fact.Chosen(
              from.constant(WorkChoice.class, "which"),
              from.constant(WorkChoice.Answer.class, "value"));
      case FLASHES ->
          new Fact.FlashesCounted(
              from.constant(Side.class, "side"), from.count("flashes"), from.needed("time"));
      case BATTERY -> new Fact.BatteryChanged(from.constant(BatteryTimeline.What.class, "what"));
      case UNDONE -> new Fact.Undone();
      case REVISED ->
          new Fact.Revised(
              from.constant(JobDocument.class, "document"),
              from.count("version"),
              from.json("content"));
      case PHOTO -> new Fact.PhotoKept(from.needed("photo"), from.count("version"));
      case HANDED_OVER -> new Fact.HandedOver(from.text("reason"), from.text("language"));
      case AMENDED -> new Fact.Amended(from.text("words"), from.text("why"));
      case ASIDE -> new Fact.PutAside(from.whether("aside"), from.text("why"));
    };
  }

  private static Fact.TakenOff takenOff(String id, Kept from) {
    Optional<String> putRight = from.maybe("changes");
    return new Fact.TakenOff(
        new LedgerRow(
            putRight.orElse(id),
            from.count("count"),
            new LedgerRow.What(
                from.constant(FastenerKind.class, "kind"),
                from.text("name").strip(),
                from.text("size").strip(),
                from.text("thread").strip()),
            from.within("spot").map(FactShapes::spot),
            from.text("where"),
            from.text("tray").strip(),
            from.text("holds").strip(),
            from.constant(LedgerRow.AsFound.class, "asFound"),
            from.whether("hidden"),
            from.count("people", 1),
            from.text("note"),
            from.whether("captive"),
            from.text("after").strip()),
        putRight.isPresent());
  }

  private static Spot spot(Kept from) {
    return new Spot(
        from.constant(Spot.View.class, "view"), from.number("across"), from.number("up"));
  }

  /** Of turn signals, earlier versions kept the side under another name. */
  private static ProofEvent.Tried tried(Kept from) {
    String state = from.needed("state");
    return new ProofEvent.Tried(
        DrivingState.kept(state)
            .orElseThrow(() -> new IllegalArgumentException("no state of the controls: " + state)),
        from.constant(LampFunction.class, "function"),
        from.maybe(Side.class, "lampsSide").or(() -> from.maybe(Side.class, "side")),
        from.maybe("name").filter(name -> !name.isBlank()),
        from.constant(Outcome.class, "outcome"),
        from.count("tries"),
        from.text("seen").strip(),
        from.texts("basis"));
  }
}

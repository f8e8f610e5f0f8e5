package mellow.core.formats;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiConsumer;
import mellow.core.fault.Shown;
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

  /**
   * The shape of one kind.
   *
   * @param newest the version that is written
   */
  private record Shape<F extends Fact>(
      Class<F> type, int newest, BiConsumer<F, Fields> writer, Reader<F> reader) {
    void write(Fact fact, Fields to) {
      writer.accept(type.cast(fact), to);
    }
  }

  /** Reads every version of a shape that was ever written. */
  private interface Reader<F extends Fact> {
    F read(int version, String id, Kept from);
  }

  private static final Map<FactKind, Shape<?>> SHAPES = new EnumMap<>(FactKind.class);

  static {
    readings();
    parts();
    work();
    bench();
    proofs();
    checks();
    documents();
    if (SHAPES.size() < FactKind.values().length) {
      throw new IllegalStateException("a kind of fact without a shape");
    }
  }

  /** The version that is written. */
  static int newest(FactKind kind) {
    return of(kind).newest();
  }

  static void write(Fact fact, Fields to) {
    of(fact.kind()).write(fact, to);
  }

  static Fact read(FactKind kind, int version, String id, Kept from) {
    return of(kind).reader().read(version, id, from);
  }

  private static Shape<?> of(FactKind kind) {
    return Objects.requireNonNull(SHAPES.get(kind));
  }

  /** Says the shape of a kind, with the version that is written. */
  private static <F extends Fact> void shape(
      int newest, Class<F> type, BiConsumer<F, Fields> writer, Reader<F> reader) {
    SHAPES.put(FactKind.of(type), new Shape<>(type, newest, writer, reader));
  }

  /** What was read. */
  private static void readings() {
    shape(
        1,
        Fact.Read.class,
        (read, to) ->
            to.constant("kind", read.what())
                .constant("lamp", read.lamp())
                .constant("side", read.side())
                .text("screw", read.screw())
                .text("typed", read.typed())
                .constant("units", read.units())
                .number("value", read.value()),
        (version, id, from) ->
            new Fact.Read(
                from.constant(ReadingKind.class, "kind"),
                from.constant(LampKind.class, "lamp"),
                from.maybe(Side.class, "side"),
                from.maybe("screw"),
                from.text("typed"),
                from.constant(UnitSystem.class, "units"),
                from.number("value")));
    shape(1, Fact.Undone.class, (fact, to) -> {}, (version, id, from) -> new Fact.Undone());
  }

  /** What came off and went back. */
  private static void parts() {
    shape(
        1,
        Fact.TakenOff.class,
        (off, to) -> row(off, to),
        (version, id, from) -> takenOff(id, from));
    shape(
        1,
        Fact.Moved.class,
        (moved, to) ->
            to.text("row", moved.row())
                .constant("move", moved.move())
                .count("count", moved.count()),
        (version, id, from) ->
            new Fact.Moved(
                from.needed("row"), from.constant(LedgerMove.class, "move"), from.count("count")));
  }

  /** What was done on the vehicle. */
  private static void work() {
    shape(
        1,
        Fact.StepDone.class,
        (step, to) ->
            to.text("step", step.step())
                .constant("side", step.side())
                .whether("skipped", step.skipped())
                .text("reason", step.reason())
                .text("without", step.without()),
        (version, id, from) ->
            new Fact.StepDone(
                from.needed("step"),
                from.maybe(Side.class, "side"),
                from.whether("skipped"),
                from.text("reason").strip(),
                from.text("without")));
    shape(
        1,
        Fact.TimerStarted.class,
        (timer, to) ->
            to.text("name", timer.name())
                .constant("kind", timer.what())
                .constant("side", timer.side())
                .constant("adhesive", timer.adhesive())
                .text("time", timer.time()),
        (version, id, from) ->
            new Fact.TimerStarted(
                from.text("name"),
                from.constant(BenchTimer.Kind.class, "kind"),
                from.maybe(Side.class, "side"),
                from.maybe(BenchTimer.Adhesive.class, "adhesive"),
                from.needed("time")));
    shape(
        1,
        Fact.TimerStopped.class,
        (stopped, to) -> to.text("timer", stopped.timer()),
        (version, id, from) -> new Fact.TimerStopped(from.needed("timer")));
    shape(
        1,
        Fact.Chosen.class,
        (chosen, to) -> to.constant("which", chosen.which()).constant("value", chosen.answer()),
        (version, id, from) ->
            new Fact.Chosen(
                from.constant(WorkChoice.class, "which"),
                from.constant(WorkChoice.Answer.class, "value")));
    shape(
        1,
        Fact.BatteryChanged.class,
        (battery, to) -> to.constant("what", battery.what()),
        (version, id, from) ->
            new Fact.BatteryChanged(from.constant(BatteryTimeline.What.class, "what")));
  }

  /** What was done and measured on the bench. */
  private static void bench() {
    shape(
        1,
        Fact.Baked.class,
        (baked, to) ->
            to.constant("purpose", baked.purpose())
                .constant("side", baked.side())
                .text("temperature", baked.temperature())
                .text("time", baked.time())
                .constants("notInside", baked.notInside()),
        (version, id, from) ->
            new Fact.Baked(
                from.constant(Bake.Purpose.class, "purpose"),
                from.constant(Side.class, "side"),
                from.needed("temperature"),
                from.needed("time"),
                from.constants(Bake.Inside.class, "notInside")));
    shape(
        1,
        Fact.Warmed.class,
        (warmed, to) ->
            to.text("what", warmed.what())
                .text("after", warmed.after())
                .text("temperature", warmed.temperature())
                .text("limit", warmed.limit()),
        (version, id, from) ->
            new Fact.Warmed(
                from.needed("what"),
                from.needed("after"),
                from.needed("temperature"),
                from.maybe("limit").filter(limit -> !limit.isBlank())));
    shape(
        1,
        Fact.Sanded.class,
        (sanded, to) -> to.constant("side", sanded.side()).count("grit", sanded.grit()),
        (version, id, from) ->
            new Fact.Sanded(from.constant(Side.class, "side"), from.count("grit")));
    shape(
        1,
        Fact.BenchMeasured.class,
        (measured, to) ->
            to.constant("field", measured.field())
                .constant("side", measured.side())
                .text("typed", measured.typed())
                .constant("units", measured.units()),
        (version, id, from) ->
            new Fact.BenchMeasured(
                from.constant(BenchField.class, "field"),
                from.maybe(Side.class, "side"),
                from.needed("typed"),
                from.constant(UnitSystem.class, "units")));
  }

  /** What the lamps did. */
  private static void proofs() {
    shape(
        1,
        Fact.LampsTried.class,
        (tried, to) -> proof(tried.tried(), to),
        (version, id, from) -> new Fact.LampsTried(tried(from)));
    shape(
        1,
        Fact.FlashesCounted.class,
        (counted, to) ->
            to.constant("side", counted.side())
                .count("flashes", counted.flashes())
                .text("time", counted.time()),
        (version, id, from) ->
            new Fact.FlashesCounted(
                from.constant(Side.class, "side"), from.count("flashes"), from.needed("time")));
  }

  /** What was checked while a fault was looked for. */
  private static void checks() {
    shape(
        1,
        Fact.Checked.class,
        (checked, to) -> checked.shown().forEach(shown -> shown(shown, to.oneOf("shown"))),
        (version, id, from) ->
            new Fact.Checked(from.each("shown").stream().map(FactShapes::shown).toList()));
  }

  private static void shown(Shown shown, Fields to) {
    to.constant("kind", shown.kind())
        .constant("state", shown.state())
        .text("part", shown.part())
        .text("from", shown.from())
        .text("to", shown.to())
        .text("lamp", shown.lamp())
        .number("value", shown.value());
  }

  private static Shown shown(Kept from) {
    return new Shown(
        from.constant(Shown.Kind.class, "kind"),
        from.maybe(DrivingState.class, "state"),
        from.text("part"),
        from.text("from"),
        from.text("to"),
        from.text("lamp"),
        from.number("value"));
  }

  /** What was settled at the job as a whole. */
  private static void documents() {
    shape(
        1,
        Fact.Revised.class,
        (revised, to) ->
            to.constant("document", revised.document())
                .count("version", revised.version())
                .count("shape", revised.shape())
                .json("content", revised.content()),
        (version, id, from) ->
            new Fact.Revised(
                from.constant(JobDocument.class, "document"),
                from.count("version"),
                // documents had but one shape before they had versions of it
                from.count("shape", 1),
                from.json("content")));
    shape(
        1,
        Fact.PhotoKept.class,
        (photo, to) -> {
          to.text("photo", photo.photo()).count("version", photo.version());
          photo.notes().ifPresent(notes -> to.json("notes", notes));
        },
        (version, id, from) ->
            new Fact.PhotoKept(
                from.needed("photo"), from.count("version"), from.optionalJson("notes")));
    shape(
        1,
        Fact.HandedOver.class,
        (over, to) -> to.text("reason", over.reason()).text("language", over.language()),
        (version, id, from) -> new Fact.HandedOver(from.text("reason"), from.text("language")));
    shape(
        1,
        Fact.Amended.class,
        (amended, to) -> to.text("words", amended.words()).text("why", amended.why()),
        (version, id, from) -> new Fact.Amended(from.text("words"), from.text("why")));
    shape(
        1,
        Fact.PutAside.class,
        (aside, to) -> to.whether("aside", aside.aside()).text("why", aside.why()),
        (version, id, from) -> new Fact.PutAside(from.whether("aside"), from.text("why")));
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

package mellow.server.workshop;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import mellow.core.entry.Entry;
import mellow.core.feed.BatteryTimeline;
import mellow.core.feed.DrivingState;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.Outcome;
import mellow.core.proof.ProofEvent;
import mellow.core.proof.ProofLamp;
import mellow.core.retrofit.Bake;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Stage;
import mellow.core.workflow.ledger.FastenerKind;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.core.workflow.ledger.LedgerText;
import mellow.core.workflow.ledger.Spot;
import mellow.server.platform.Refusal;
import mellow.server.wire.Patterns;
import org.jspecify.annotations.Nullable;

/**
 * Something written down while working: exactly one of its parts is given.
 *
 * @param stage where it was written
 * @param waitedMs how long it waited in the page before it could be sent
 */
@Schema(name = "EntryEdit", description = "Something written down; exactly one part is given.")
public record EntryEdit(
    @NotNull Stage stage,
    @Valid @Nullable CalledEdit called,
    @Valid @Nullable OutEdit out,
    @Valid @Nullable MoveEdit move,
    @Valid @Nullable StepEdit step,
    @Valid @Nullable TimerEdit timer,
    @Valid @Nullable StopEdit stop,
    @Valid @Nullable BakeEdit bake,
    @Valid @Nullable HeatEdit heat,
    @Valid @Nullable ProofEdit proof,
    @Valid @Nullable LensEdit lens,
    @Valid @Nullable MeasureEdit measure,
    @Valid @Nullable ChoiceEdit choice,
    @Valid @Nullable FlashEdit flash,
    @Valid @Nullable BatteryEdit battery,
    @Pattern(regexp = Patterns.ID) @Schema(description = "The entry that this one takes back.")
        @Nullable String strikes,
    @Min(value = 0)
        @Max(value = 2_592_000_000L)
        @Schema(description = "Milliseconds that it waited in the page.", example = "0")
        long waitedMs) {

  /** The one part that is given, or a refusal. */
  Object part() {
    List<Object> given =
        Stream.of(
                called, out, move, step, timer, stop, bake, heat, proof, lens, measure, choice,
                flash, battery, strikes)
            .filter(Objects::nonNull)
            .map(Object.class::cast)
            .toList();
    if (given.size() != 1) {
      throw Refusal.unprocessable("entry", WorkshopWords.oneThing());
    }
    return given.get(0);
  }

  /** The same with what was called out as the line that it is; refused where it cannot be read. */
  EntryEdit read() {
    part();
    return called == null ? this : withOut(called.line());
  }

  private EntryEdit withOut(OutEdit line) {
    return new EntryEdit(
        stage, null, line, move, step, timer, stop, bake, heat, proof, lens, measure, choice, flash,
        battery, strikes, waitedMs);
  }

  /** The same with the entries that it names under other ids. */
  public EntryEdit withIds(UnaryOperator<String> ids) {
    return new EntryEdit(
        stage,
        called,
        out == null || out.changes() == null ? out : out.withChanges(ids.apply(out.changes())),
        move == null ? null : new MoveEdit(ids.apply(move.row()), move.move(), move.count()),
        step,
        timer,
        stop == null ? null : new StopEdit(ids.apply(stop.timer())),
        bake,
        heat,
        proof,
        lens,
        measure,
        choice,
        flash,
        battery,
        strikes == null ? null : ids.apply(strikes),
        0);
  }

  /** What it says, without how it came here: a repeated entry may have waited longer. */
  EntryEdit says() {
    return new EntryEdit(
        stage,
        called,
        out,
        move,
        step == null
            ? null
            : new StepEdit(step.step(), step.side(), step.skipped(), step.reason().strip(), null),
        timer,
        stop,
        bake,
        heat,
        proof == null ? null : proof.says(),
        lens,
        measure,
        choice,
        flash,
        battery,
        strikes,
        0);
  }

  /** The same with its proof as it stands. */
  EntryEdit withProof(ProofEdit standing) {
    return new EntryEdit(
        stage, called, out, move, step, timer, stop, bake, heat, standing, lens, measure, choice,
        flash, battery, strikes, waitedMs);
  }

  /** The same with its step as it was checked. */
  EntryEdit withStep(StepEdit checked) {
    return new EntryEdit(
        stage, called, out, move, checked, timer, stop, bake, heat, proof, lens, measure, choice,
        flash, battery, strikes, waitedMs);
  }

  /** A line of the ledger as it is called out; kept as what comes off. */
  @Schema(name = "CalledEdit", description = "A line of the ledger as it is called out.")
  public record CalledEdit(
      @NotBlank @Size(max = 80) @Schema(example = "4 clip upper edge") String typed,
      @Schema(description = "The place pointed at, where the words name none.") @Valid
          @Nullable SpotEdit spot) {

    /** What comes off by it; refused where it cannot be read. */
    OutEdit line() {
      Entry<LedgerText.Called> entry = LedgerText.read(typed);
      if (entry instanceof Entry.Refused<LedgerText.Called> refused) {
        throw Refusal.unreadable("typed", refused);
      }
      LedgerText.Called read = ((Entry.Accepted<LedgerText.Called>) entry).value();
      boolean isPlaced = read.spot().isPresent() || read.what().kind() == FastenerKind.PIECE;
      return new OutEdit(
          read.count(),
          read.what().kind(),
          read.what().name(),
          read.what().size(),
          read.what().thread(),
          isPlaced ? read.spot().map(SpotEdit::of).orElse(null) : spot,
          read.where(),
          "",
          "",
          read.asFound(),
          false,
          1,
          "",
          read.captive() ? true : null,
          read.after().isEmpty() ? null : read.after(),
          null);
    }
  }

  /** Something comes off. */
  @Schema(name = "OutEdit", description = "Something comes off the vehicle.")
  public record OutEdit(
      @Min(value = 1) @Max(value = 60) int count,
      @NotNull FastenerKind kind,
      @NotNull @Size(max = 60) @Schema(description = "Of a piece or connector.", example = "bumper")
          String name,
      @NotNull @Size(max = 20) @Schema(example = "10 mm") String size,
      @NotNull @Size(max = 20) @Schema(example = "M6") String thread,
      @Valid @Nullable SpotEdit spot,
      @NotNull @Size(max = 80) @Schema(example = "upper edge") String where,
      @NotNull @Size(max = 40) @Schema(example = "tray 2") String tray,
      @NotNull @Size(max = 60) @Schema(description = "The piece that it holds.", example = "bumper")
          String holds,
      @NotNull LedgerRow.AsFound asFound,
      @Schema(description = "It is not seen until something else is off.") boolean hidden,
      @Min(value = 1) @Max(value = 2) int people,
      @NotNull @Size(max = 200) String note,
      @Schema(description = "It is only loosened, and stays in what it holds.")
          @Nullable Boolean captive,
      @Size(max = 60)
          @Schema(description = "What has to be off or open before it.", example = "flap")
          @Nullable String after,
      @Pattern(regexp = Patterns.ID)
          @Schema(description = "The line that this one puts right, in its place.")
          @Nullable String changes) {

    /** The same as what puts another line right. */
    OutEdit withChanges(@Nullable String line) {
      return new OutEdit(
          count, kind, name, size, thread, spot, where, tray, holds, asFound, hidden, people, note,
          captive, after, line);
    }

    LedgerRow core(String id) {
      try {
        return new LedgerRow(
            id,
            count,
            new LedgerRow.What(kind, name.strip(), size.strip(), thread.strip()),
            java.util.Optional.ofNullable(spot).map(SpotEdit::core),
            where,
            tray.strip(),
            holds.strip(),
            asFound,
            hidden,
            people,
            note,
            Boolean.TRUE.equals(captive),
            after == null ? "" : after.strip());
      } catch (CannotBe problem) {
        throw Refusal.unprocessable("out", problem.why());
      }
    }
  }

  /** A place pointed at. */
  @Schema(
      name = "LedgerSpot",
      description =
          "A place as shares of a view, 0 to 1: across from the vehicle's right to its left (from the"
              + " side and below: front to back), up from the ground (from below: right to left).")
  public record SpotEdit(@NotNull Spot.View view, double across, double up) {
    Spot core() {
      return new Spot(view, across, up);
    }

    static SpotEdit of(Spot spot) {
      return new SpotEdit(spot.view(), spot.across(), spot.up());
    }
  }

  /** Something becomes of some of a line. */
  @Schema(name = "MoveEdit", description = "Something becomes of some of a line of the ledger.")
  public record MoveEdit(
      @NotNull @Pattern(regexp = Patterns.ID) String row,
      @NotNull LedgerMove move,
      @Min(value = 1) @Max(value = 60) int count) {}

  /** A step was done or left out. */
  @Schema(name = "StepEdit", description = "A step was done, or left out with a reason.")
  public record StepEdit(
      @NotBlank @Size(max = 60) @Schema(example = "bench.open") String step,
      @Nullable Side side,
      boolean skipped,
      @NotNull
          @Size(max = 300)
          @Schema(description = "Why it was left out, or done though something is missing.")
          String reason,
      @Schema(description = "Filled in by the server: what was missing then.") @Size(max = 600)
          @Nullable String without) {}

  /** A timer is started. */
  @Schema(name = "TimerEdit", description = "A timer is started.")
  public record TimerEdit(
      @NotBlank @Size(max = 60) @Schema(example = "full epoxy, left") String name,
      @NotNull BenchTimer.Kind kind,
      @Nullable Side side,
      BenchTimer.@Nullable Adhesive adhesive,
      @NotNull
          @Size(max = 60)
          @Schema(description = "As on the adhesive's label.", example = "24 h")
          String time) {}

  /** A timer is stopped, or its ringing seen to. */
  @Schema(name = "StopEdit", description = "A timer is stopped, or its ringing was seen to.")
  public record StopEdit(@NotNull @Pattern(regexp = Patterns.ID) String timer) {}

  /** Something goes into the oven; it starts a timer. */
  @Schema(name = "BakeEdit", description = "A lamp goes into the oven; it starts a timer.")
  public record BakeEdit(
      Bake.@NotNull Purpose purpose,
      @NotNull Side side,
      @NotNull @Size(max = 60) @Schema(example = "220 °F") String temperature,
      @NotNull @Size(max = 60) @Schema(example = "5 min") String time,
      @NotNull @Schema(description = "What was looked for, and is not in the oven.")
          Set<Bake.@NotNull Inside> notInside) {}

  /** A temperature of something that warms. */
  @Schema(name = "HeatEdit", description = "The temperature of something that warms up.")
  public record HeatEdit(
      @NotBlank @Size(max = 60) @Schema(example = "left resistor") String what,
      @NotNull @Size(max = 60) @Schema(description = "Since it was switched on.", example = "3 min")
          String after,
      @NotNull @Size(max = 60) @Schema(example = "47 °C") String temperature,
      @Size(max = 60) @Schema(description = "What its material bears.", example = "85 °C")
          @Nullable String limit) {}

  /** What lamps did in a state. */
  @Schema(name = "ProofEdit", description = "What lamps did when a state was tried.")
  public record ProofEdit(
      @NotBlank @Size(max = 80) @Schema(description = "A state by its name.", example = "SIDE_FOG")
          String state,
      @NotNull LampFunction function,
      @Schema(
              description = "Of turn signals, as earlier versions kept their side.",
              deprecated = true)
          @Nullable Side lampsSide,
      @NotNull Outcome outcome,
      @Schema(description = "Of the lamp; left out for both.") @Nullable Side side,
      @Min(value = 0) @Max(value = 99) int tries,
      @NotNull @Size(max = 200) String seen,
      @Size(max = 200)
          @Schema(
              description = "Which of several lamps of a side; left out for each of them.",
              example = "left inner pod")
          @Nullable String name,
      @Size(max = 60)
          @Schema(
              description = "Filled in by the server: what the proof of each lamp stands on.",
              accessMode = Schema.AccessMode.READ_ONLY)
          @Nullable Map<String, String> basis) {

    /** The side of the lamps; empty for both. */
    Optional<Side> lampSide() {
      return Optional.ofNullable(lampsSide).or(() -> Optional.ofNullable(side));
    }

    ProofEvent.Tried core() {
      return new ProofEvent.Tried(
          DrivingState.kept(state)
              .orElseThrow(() -> Refusal.unprocessable("state", WorkshopWords.noState())),
          function,
          lampSide(),
          Optional.ofNullable(name),
          outcome,
          tries,
          seen.strip(),
          basis == null ? Map.of() : basis);
    }

    /** In words: "left low beam", "fog, both", "left inner pod". */
    Sentence words() {
      if (name != null && !name.isBlank()) {
        return lampSide()
            .map(of -> new ProofLamp(function, of, name).words())
            .orElse(WorkshopWords.lampNamed(name, function));
      }
      return lampSide().map(of -> WorkshopWords.lamp(of, function)).orElse(Sentence.term(function));
    }

    ProofEdit standingOn(Map<String, String> footing) {
      return new ProofEdit(state, function, lampsSide, outcome, side, tries, seen, name, footing);
    }

    /** As it was sent. */
    ProofEdit says() {
      return new ProofEdit(state, function, lampsSide, outcome, side, tries, seen, name, null);
    }
  }

  /** A rung of the lens ladder. */
  @Schema(name = "LensEdit", description = "A rung of the lens ladder is done.")
  public record LensEdit(
      @NotNull Side side, @Schema(description = "0 for polish.", example = "1000") int grit) {}

  /** A measurement of the bench. */
  @Schema(name = "BenchMeasureEdit", description = "A measurement of the bench.")
  public record MeasureEdit(
      @NotNull BenchField field,
      @Nullable Side side,
      @NotNull @Size(max = 60) @Schema(example = "76.2") String typed,
      @NotNull UnitSystem units) {}

  /** Flashes of a turn signal, counted. */
  @Schema(name = "FlashEdit", description = "The flashes of a turn signal, counted over a time.")
  public record FlashEdit(
      @NotNull Side side,
      @Min(value = 1) @Max(value = 999) @Schema(example = "15") int flashes,
      @NotNull @Size(max = 60) @Schema(example = "10 s") String time) {}

  /** Something happens to the battery, or beside it. */
  @Schema(name = "WorkshopBattery", description = "Something happens to the battery.")
  public record BatteryEdit(BatteryTimeline.@NotNull What what) {}

  /** A way of working is chosen. */
  @Schema(name = "ChoiceEdit", description = "A way of working is chosen.")
  public record ChoiceEdit(
      @NotNull WorkChoice which,
      @NotBlank @Size(max = 30) @Schema(example = "RING") String value) {}
}

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
import mellow.core.feed.BatteryTimeline;
import mellow.core.measure.Entry;
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
    @NotNull(message = "is missing") Stage stage,
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
    @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS)
        @Schema(description = "The entry that this one takes back.")
        @Nullable String strikes,
    @Min(value = 0, message = "is not negative")
        @Max(value = 2_592_000_000L, message = "is a month at most")
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
      throw Refusal.unprocessable("entry", "An entry says exactly one thing.");
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
      @NotBlank(message = "is missing")
          @Size(max = 80, message = "has at most 80 letters")
          @Schema(example = "4 clip upper edge")
          String typed,
      @Schema(description = "The place pointed at, where the words name none.") @Valid
          @Nullable SpotEdit spot) {

    /** What comes off by it; refused where it cannot be read. */
    OutEdit line() {
      Entry<LedgerText.Called> entry = LedgerText.read(typed);
      if (entry instanceof Entry.Refused<LedgerText.Called> refused) {
        throw Refusal.unprocessable("typed", refused.why() + " " + refused.wouldBeRight())
            .with("at", refused.at());
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
      @Min(value = 1, message = "is at least 1") @Max(value = 60, message = "is at most 60")
          int count,
      @NotNull(message = "is missing") FastenerKind kind,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(description = "Of a piece or connector.", example = "bumper")
          String name,
      @NotNull(message = "is missing")
          @Size(max = 20, message = "has at most 20 letters")
          @Schema(example = "10 mm")
          String size,
      @NotNull(message = "is missing")
          @Size(max = 20, message = "has at most 20 letters")
          @Schema(example = "M6")
          String thread,
      @Valid @Nullable SpotEdit spot,
      @NotNull(message = "is missing")
          @Size(max = 80, message = "has at most 80 letters")
          @Schema(example = "upper edge")
          String where,
      @NotNull(message = "is missing")
          @Size(max = 40, message = "has at most 40 letters")
          @Schema(example = "tray 2")
          String tray,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(description = "The piece that it holds.", example = "bumper")
          String holds,
      @NotNull(message = "is missing") LedgerRow.AsFound asFound,
      @Schema(description = "It is not seen until something else is off.") boolean hidden,
      @Min(value = 1, message = "is at least 1") @Max(value = 2, message = "is at most 2")
          int people,
      @NotNull(message = "is missing") @Size(max = 200, message = "has at most 200 letters")
          String note,
      @Schema(description = "It is only loosened, and stays in what it holds.")
          @Nullable Boolean captive,
      @Size(max = 60, message = "has at most 60 letters")
          @Schema(description = "What has to be off or open before it.", example = "flap")
          @Nullable String after,
      @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS)
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
      } catch (IllegalArgumentException problem) {
        throw Refusal.unprocessable("out", String.valueOf(problem.getMessage()));
      }
    }
  }

  /** A place pointed at. */
  @Schema(
      name = "LedgerSpot",
      description =
          "A place as shares of a view, 0 to 1: across from the vehicle's right to its left (from the"
              + " side and below: front to back), up from the ground (from below: right to left).")
  public record SpotEdit(
      @NotNull(message = "is missing") Spot.View view, double across, double up) {
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
      @NotNull(message = "is missing") @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS)
          String row,
      @NotNull(message = "is missing") LedgerMove move,
      @Min(value = 1, message = "is at least 1") @Max(value = 60, message = "is at most 60")
          int count) {}

  /** A step was done or left out. */
  @Schema(name = "StepEdit", description = "A step was done, or left out with a reason.")
  public record StepEdit(
      @NotBlank(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "bench.open")
          String step,
      @Nullable Side side,
      boolean skipped,
      @NotNull(message = "is missing")
          @Size(max = 300, message = "has at most 300 letters")
          @Schema(description = "Why it was left out, or done though something is missing.")
          String reason,
      @Schema(description = "Filled in by the server: what was missing then.")
          @Size(max = 600, message = "has at most 600 letters")
          @Nullable String without) {}

  /** A timer is started. */
  @Schema(name = "TimerEdit", description = "A timer is started.")
  public record TimerEdit(
      @NotBlank(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "full epoxy, left")
          String name,
      @NotNull(message = "is missing") BenchTimer.Kind kind,
      @Nullable Side side,
      BenchTimer.@Nullable Adhesive adhesive,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(description = "As on the adhesive's label.", example = "24 h")
          String time) {}

  /** A timer is stopped, or its ringing seen to. */
  @Schema(name = "StopEdit", description = "A timer is stopped, or its ringing was seen to.")
  public record StopEdit(
      @NotNull(message = "is missing") @Pattern(regexp = Patterns.ID, message = Patterns.ID_SAYS)
          String timer) {}

  /** Something goes into the oven; it starts a timer. */
  @Schema(name = "BakeEdit", description = "A lamp goes into the oven; it starts a timer.")
  public record BakeEdit(
      Bake.@NotNull(message = "is missing") Purpose purpose,
      @NotNull(message = "is missing") Side side,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "220 °F")
          String temperature,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "5 min")
          String time,
      @NotNull(message = "is missing")
          @Schema(description = "What was looked for, and is not in the oven.")
          Set<Bake.@NotNull(message = "is missing") Inside> notInside) {}

  /** A temperature of something that warms. */
  @Schema(name = "HeatEdit", description = "The temperature of something that warms up.")
  public record HeatEdit(
      @NotBlank(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "left resistor")
          String what,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(description = "Since it was switched on.", example = "3 min")
          String after,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "47 °C")
          String temperature,
      @Size(max = 60, message = "has at most 60 letters")
          @Schema(description = "What its material bears.", example = "85 °C")
          @Nullable String limit) {}

  /** What lamps did in a state. */
  @Schema(name = "ProofEdit", description = "What lamps did when a state was tried.")
  public record ProofEdit(
      @NotBlank(message = "is missing")
          @Size(max = 80, message = "has at most 80 letters")
          @Schema(example = "side lamps, fog")
          String state,
      @NotNull(message = "is missing") LampFunction function,
      @Schema(
              description = "Of turn signals, as earlier versions kept their side.",
              deprecated = true)
          @Nullable Side lampsSide,
      @NotNull(message = "is missing") Outcome outcome,
      @Schema(description = "Of the lamp; left out for both.") @Nullable Side side,
      @Min(value = 0, message = "is not negative") @Max(value = 99, message = "is at most 99")
          int tries,
      @NotNull(message = "is missing") @Size(max = 200, message = "has at most 200 letters")
          String seen,
      @Size(max = 200, message = "has at most 200 letters")
          @Schema(
              description = "Which of several lamps of a side; left out for each of them.",
              example = "left inner pod")
          @Nullable String name,
      @Size(max = 60, message = "has at most 60 entries")
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
          state,
          function,
          lampSide(),
          Optional.ofNullable(name),
          outcome,
          tries,
          seen.strip(),
          basis == null ? Map.of() : basis);
    }

    /** In words: "left low beam", "fog, both", "left inner pod". */
    String words() {
      if (name != null && !name.isBlank()) {
        return lampSide()
            .map(of -> new ProofLamp(function, of, name).words())
            .orElse(name + " " + function.words());
      }
      return lampSide().map(of -> of.word() + " ").orElse("") + function.words();
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
      @NotNull(message = "is missing") Side side,
      @Schema(description = "0 for polish.", example = "1000") int grit) {}

  /** A measurement of the bench. */
  @Schema(name = "BenchMeasureEdit", description = "A measurement of the bench.")
  public record MeasureEdit(
      @NotNull(message = "is missing") BenchField field,
      @Nullable Side side,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "76.2")
          String typed,
      @NotNull(message = "is missing") UnitSystem units) {}

  /** Flashes of a turn signal, counted. */
  @Schema(name = "FlashEdit", description = "The flashes of a turn signal, counted over a time.")
  public record FlashEdit(
      @NotNull(message = "is missing") Side side,
      @Min(value = 1, message = "is at least 1")
          @Max(value = 999, message = "is at most 999")
          @Schema(example = "15")
          int flashes,
      @NotNull(message = "is missing")
          @Size(max = 60, message = "has at most 60 letters")
          @Schema(example = "10 s")
          String time) {}

  /** Something happens to the battery, or beside it. */
  @Schema(name = "WorkshopBattery", description = "Something happens to the battery.")
  public record BatteryEdit(BatteryTimeline.@NotNull(message = "is missing") What what) {}

  /** A way of working is chosen. */
  @Schema(name = "ChoiceEdit", description = "A way of working is chosen.")
  public record ChoiceEdit(
      @NotNull(message = "is missing") WorkChoice which,
      @NotBlank(message = "is missing")
          @Size(max = 30, message = "has at most 30 letters")
          @Schema(example = "RING")
          String value) {}
}

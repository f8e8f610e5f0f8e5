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
import mellow.core.record.Fact;
import mellow.core.record.Line;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Stage;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.ledger.FastenerKind;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow;
import mellow.core.workflow.ledger.LedgerText;
import mellow.core.workflow.ledger.Spot;
import mellow.server.platform.Refusal;
import mellow.server.record.Waited;
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
    @Valid @Nullable CheckEdit check,
    @Pattern(regexp = Patterns.ID) @Schema(description = "The entry that this one takes back.")
        @Nullable String strikes,
    @Min(value = 0)
        @Max(value = Waited.MOST_MS)
        @Schema(description = "Milliseconds that it waited in the page.", example = "0")
        long waitedMs) {

  /**
   * What it says; refused where it says nothing, several things or what cannot be read.
   *
   * @param id of its line
   */
  public Fact fact(String id) {
    Object part = part();
    if (part instanceof CalledEdit line) {
      return line.line().fact(id);
    } else if (part instanceof OutEdit off) {
      return off.fact(id);
    } else if (part instanceof MoveEdit moved) {
      return new Fact.Moved(moved.row(), moved.move(), moved.count());
    } else if (part instanceof StepEdit done) {
      return done.fact();
    } else if (part instanceof TimerEdit started) {
      return started.fact();
    } else if (part instanceof StopEdit stopped) {
      return new Fact.TimerStopped(stopped.timer());
    } else if (part instanceof BakeEdit baked) {
      return new Fact.Baked(
          baked.purpose(), baked.side(), baked.temperature(), baked.time(), baked.notInside());
    } else if (part instanceof HeatEdit warmed) {
      return warmed.fact();
    } else if (part instanceof ProofEdit tried) {
      return new Fact.LampsTried(tried.core());
    } else if (part instanceof LensEdit sanded) {
      return new Fact.Sanded(sanded.side(), sanded.grit());
    } else if (part instanceof MeasureEdit measured) {
      return new Fact.BenchMeasured(
          measured.field(),
          Optional.ofNullable(measured.side()),
          measured.typed(),
          measured.units());
    } else if (part instanceof ChoiceEdit chosen) {
      return chosen.fact();
    } else if (part instanceof FlashEdit counted) {
      return new Fact.FlashesCounted(counted.side(), counted.flashes(), counted.time());
    } else if (part instanceof BatteryEdit changed) {
      return new Fact.BatteryChanged(changed.what());
    } else if (part instanceof CheckEdit checked) {
      return checked.fact();
    }
    return new Fact.Undone();
  }

  /** The one part that is given, or a refusal. */
  private Object part() {
    List<Object> given =
        Stream.of(
                called, out, move, step, timer, stop, bake, heat, proof, lens, measure, choice,
                flash, battery, check, strikes)
            .filter(Objects::nonNull)
            .map(Object.class::cast)
            .toList();
    if (given.size() != 1) {
      throw Refusal.unprocessable("entry", WorkshopWords.oneThing());
    }
    return given.get(0);
  }

  /** A line as it would be sent. */
  public static EntryEdit of(Line line) {
    Parts parts = new Parts();
    parts.take(line.fact());
    return new EntryEdit(
        line.stage(),
        null,
        parts.out,
        parts.move,
        parts.step,
        parts.timer,
        parts.stop,
        parts.bake,
        parts.heat,
        parts.proof,
        parts.lens,
        parts.measure,
        parts.choice,
        parts.flash,
        parts.battery,
        parts.check,
        line.strikes().orElse(null),
        0);
  }

  /** The parts of an entry, of which a fact fills one. */
  private static final class Parts {
    private @Nullable OutEdit out;
    private @Nullable MoveEdit move;
    private @Nullable StepEdit step;
    private @Nullable TimerEdit timer;
    private @Nullable StopEdit stop;
    private @Nullable BakeEdit bake;
    private @Nullable HeatEdit heat;
    private @Nullable ProofEdit proof;
    private @Nullable LensEdit lens;
    private @Nullable MeasureEdit measure;
    private @Nullable ChoiceEdit choice;
    private @Nullable FlashEdit flash;
    private @Nullable BatteryEdit battery;
    private @Nullable CheckEdit check;

    void take(Fact fact) {
      if (fact instanceof Fact.TakenOff off) {
        out = OutEdit.of(off.row(), off.putsRight() ? off.row().id() : null);
      } else if (fact instanceof Fact.Moved moved) {
        move = new MoveEdit(moved.row(), moved.move(), moved.count());
      } else if (fact instanceof Fact.StepDone done) {
        step =
            new StepEdit(
                done.step(),
                done.side().orElse(null),
                done.skipped(),
                done.reason(),
                done.without());
      } else if (fact instanceof Fact.TimerStarted started) {
        timer =
            new TimerEdit(
                started.name(),
                started.what(),
                started.side().orElse(null),
                started.adhesive().orElse(null),
                started.time());
      } else if (fact instanceof Fact.TimerStopped stopped) {
        stop = new StopEdit(stopped.timer());
      } else if (fact instanceof Fact.Baked baked) {
        bake =
            new BakeEdit(
                baked.purpose(),
                baked.side(),
                baked.temperature(),
                baked.time(),
                baked.notInside());
      } else if (fact instanceof Fact.Warmed warmed) {
        heat =
            new HeatEdit(
                warmed.what(), warmed.after(), warmed.temperature(), warmed.limit().orElse(null));
      } else if (fact instanceof Fact.LampsTried tried) {
        proof = ProofEdit.of(tried.tried());
      } else {
        takeRest(fact);
      }
    }

    private void takeRest(Fact fact) {
      if (fact instanceof Fact.Sanded sanded) {
        lens = new LensEdit(sanded.side(), sanded.grit());
      } else if (fact instanceof Fact.BenchMeasured measured) {
        measure =
            new MeasureEdit(
                measured.field(), measured.side().orElse(null), measured.typed(), measured.units());
      } else if (fact instanceof Fact.Chosen chosen) {
        choice = new ChoiceEdit(chosen.which(), chosen.answer().name());
      } else if (fact instanceof Fact.FlashesCounted counted) {
        flash = new FlashEdit(counted.side(), counted.flashes(), counted.time());
      } else if (fact instanceof Fact.BatteryChanged changed) {
        battery = new BatteryEdit(changed.what());
      } else if (fact instanceof Fact.Checked checked) {
        check = CheckEdit.of(checked);
      }
    }
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
        check,
        strikes == null ? null : ids.apply(strikes),
        0);
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

    public static OutEdit of(LedgerRow row, @Nullable String changes) {
      return new OutEdit(
          row.count(),
          row.what().kind(),
          row.what().name(),
          row.what().size(),
          row.what().thread(),
          row.spot().map(SpotEdit::of).orElse(null),
          row.where(),
          row.tray(),
          row.holds(),
          row.asFound(),
          row.hidden(),
          row.people(),
          row.note(),
          row.captive() ? true : null,
          row.after().isEmpty() ? null : row.after(),
          changes);
    }

    Fact.TakenOff fact(String id) {
      return new Fact.TakenOff(core(changes == null ? id : changes), changes != null);
    }

    private LedgerRow core(String id) {
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

    public static SpotEdit of(Spot spot) {
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
          @Nullable String without) {
    Fact.StepDone fact() {
      return new Fact.StepDone(
          step,
          Optional.ofNullable(side),
          skipped,
          reason.strip(),
          Objects.requireNonNullElse(without, ""));
    }
  }

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
          String time) {
    Fact.TimerStarted fact() {
      return new Fact.TimerStarted(
          name, kind, Optional.ofNullable(side), Optional.ofNullable(adhesive), time);
    }
  }

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
          @Nullable String limit) {
    Fact.Warmed fact() {
      return new Fact.Warmed(
          what, after, temperature, Optional.ofNullable(limit).filter(typed -> !typed.isBlank()));
    }
  }

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
          Optional.ofNullable(name).filter(of -> !of.isBlank()),
          outcome,
          tries,
          seen.strip(),
          basis == null ? Map.of() : basis);
    }

    public static ProofEdit of(ProofEvent.Tried tried) {
      return new ProofEdit(
          tried.state().name(),
          tried.function(),
          null,
          tried.outcome(),
          tried.side().orElse(null),
          tried.tries(),
          tried.seen(),
          tried.name().orElse(null),
          tried.basis().isEmpty() ? null : tried.basis());
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
      @NotNull WorkChoice which, @NotBlank @Size(max = 30) @Schema(example = "RING") String value) {
    Fact.Chosen fact() {
      WorkChoice.Answer answer =
          which.answers().stream()
              .filter(one -> one.name().equals(value))
              .findFirst()
              .orElseThrow(
                  () ->
                      Refusal.unprocessable(
                          "choice",
                          WorkshopWords.oneOf(
                              which.answers().stream()
                                  .map(one -> Sentence.typed(one.name()))
                                  .toList())));
      return new Fact.Chosen(which, answer);
    }
  }
}

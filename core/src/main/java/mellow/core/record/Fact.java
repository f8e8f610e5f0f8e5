package mellow.core.record;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.fault.Shown;
import mellow.core.feed.BatteryTimeline;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.ProofEvent;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.WorkChoice;
import mellow.core.workflow.ledger.LedgerMove;
import mellow.core.workflow.ledger.LedgerRow;

/** Something that somebody read, did or settled at a job. What was typed stays as it was typed. */
public sealed interface Fact {
  /** Its kind. */
  default FactKind kind() {
    return FactKind.of(getClass());
  }

  /**
   * What it is about; the job as a whole where nothing less.
   *
   * @param id of its line
   */
  default Subject subject(String id) {
    return Subject.Job.WHOLE;
  }

  /**
   * What whoever kept it said, without what was noted beside it: a repeated request says it too.
   */
  default Fact said() {
    return this;
  }

  /**
   * A number was read.
   *
   * @param lamp for which pair; low beam where the kind does not ask
   * @param side empty where the kind does not ask
   * @param screw its id; empty where the kind does not ask
   * @param value in mm, turns or a dial's position, by the kind
   */
  record Read(
      ReadingKind what,
      LampKind lamp,
      Optional<Side> side,
      Optional<String> screw,
      String typed,
      UnitSystem units,
      double value)
      implements Fact {
    @Override
    public Subject subject(String id) {
      if (side.isPresent()) {
        return screw.isPresent()
            ? new Subject.Screw(lamp.function(), side.get(), screw.get())
            : Subject.Lamp.of(lamp.function(), side.get());
      }
      if (what.needs(ReadingKind.Needs.LAMP)) {
        return Subject.Lamp.pair(lamp.function());
      }
      return what.isOfBay() ? Subject.Bay.HERE : Subject.Vehicle.WHOLE;
    }

    /** Whether both are read of the same: one may correct the other. */
    public boolean isOfTheSame(Read other) {
      return what == other.what
          && lamp == other.lamp
          && side.equals(other.side)
          && screw.equals(other.screw);
    }
  }

  /**
   * Something came off, or its line was put right.
   *
   * @param row with the id of the line: that of the fact, or of the one that it puts right
   * @param putsRight whether it stands for a line that was there
   */
  record TakenOff(LedgerRow row, boolean putsRight) implements Fact {
    @Override
    public Subject subject(String id) {
      return row.subject();
    }
  }

  /** Something became of some of what came off. */
  record Moved(String row, LedgerMove move, int count) implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.FASTENERS.named(row);
    }
  }

  /**
   * A step was done, or left out.
   *
   * @param reason why it was left out, or done though something was missing; else empty
   * @param without what was missing then, in words; noted beside it
   */
  record StepDone(String step, Optional<Side> side, boolean skipped, String reason, String without)
      implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.STEP.within(step, side.map(Side::name).orElse(""));
    }

    @Override
    public Fact said() {
      return new StepDone(step, side, skipped, reason, "");
    }
  }

  /**
   * A timer was started.
   *
   * @param side of the lamp that it is about; empty for both
   * @param adhesive what cures, of cures
   * @param time as on the label: "24 h"
   */
  record TimerStarted(
      String name,
      BenchTimer.Kind what,
      Optional<Side> side,
      Optional<BenchTimer.Adhesive> adhesive,
      String time)
      implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.TIMER.named(id);
    }
  }

  /** A timer was stopped, or its ringing seen to. */
  record TimerStopped(String timer) implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.TIMER.named(timer);
    }
  }

  /**
   * A lamp went into the oven; it starts a timer.
   *
   * @param notInside what was looked for, and is not in the oven
   */
  record Baked(
      Bake.Purpose purpose, Side side, String temperature, String time, Set<Bake.Inside> notInside)
      implements Fact {
    public Baked {
      notInside = Set.copyOf(notInside);
    }

    @Override
    public Subject subject(String id) {
      return headlamp(side);
    }
  }

  /**
   * A temperature of something that warms was read.
   *
   * @param after since it was switched on: "3 min"
   * @param limit what its material bears: "85 °C"; empty where nobody said
   */
  record Warmed(String what, String after, String temperature, Optional<String> limit)
      implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.COMPONENT.named(what.strip());
    }
  }

  /** What lamps did when a state was tried; what each stood on then is noted beside it. */
  record LampsTried(ProofEvent.Tried tried) implements Fact {
    @Override
    public Subject subject(String id) {
      return new Subject.Lamp(tried.function(), tried.side(), tried.name().orElse(""));
    }

    @Override
    public Fact said() {
      return standingOn(Map.of());
    }

    /** The same with what the proof of each lamp stands on. */
    public LampsTried standingOn(Map<String, String> basis) {
      return new LampsTried(
          new ProofEvent.Tried(
              tried.state(),
              tried.function(),
              tried.side(),
              tried.name(),
              tried.outcome(),
              tried.tries(),
              tried.seen(),
              basis));
    }
  }

  /** A rung of the lens ladder was done; 0 for polish. */
  record Sanded(Side side, int grit) implements Fact {
    @Override
    public Subject subject(String id) {
      return new Subject.Surface(headlamp(side), "lens");
    }
  }

  /** Something was measured on the bench. */
  record BenchMeasured(BenchField field, Optional<Side> side, String typed, UnitSystem units)
      implements Fact {
    @Override
    public Subject subject(String id) {
      return side.<Subject>map(of -> new Subject.Surface(headlamp(of), field.name()))
          .orElse(SubjectKind.DIMENSION.named(field.name()));
    }
  }

  /** A way of working was chosen. */
  record Chosen(WorkChoice which, WorkChoice.Answer answer) implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.QUESTION.named(which.name());
    }
  }

  /** Flashes of a turn signal were counted over a time: "10 s". */
  record FlashesCounted(Side side, int flashes, String time) implements Fact {
    @Override
    public Subject subject(String id) {
      return Subject.Lamp.of(LampFunction.TURN, side);
    }
  }

  /** Something happened to the battery, or beside it. */
  record BatteryChanged(BatteryTimeline.What what) implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.COMPONENT.named("battery");
    }
  }

  /**
   * Something was checked while a fault was looked for.
   *
   * @param shown what was seen at one moment, at least one
   */
  record Checked(List<Shown> shown) implements Fact {
    public Checked {
      shown = List.copyOf(shown);
      if (shown.isEmpty()) {
        throw new IllegalArgumentException("nothing was checked");
      }
    }

    @Override
    public Subject subject(String id) {
      Shown first = shown.get(0);
      return SubjectKind.COMPONENT.named(
          first.part().isEmpty()
              ? first.lamp().isEmpty() ? first.from() : first.lamp()
              : first.part());
    }
  }

  /** An earlier line was wrong, or is undone; which one, its own line says. */
  record Undone() implements Fact {}

  /**
   * A document of a stage was revised.
   *
   * @param version of the document, from 1
   * @param shape the version of its shape in which it is stored, from 1
   * @param content as the document's own format has it
   */
  record Revised(JobDocument document, int version, int shape, String content) implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.STAGE.named(document.name());
    }
  }

  /**
   * A photo was kept, or what is noted of it was changed; the first version is the photo's own.
   *
   * @param notes all that is noted of it from then on, in the photo's own JSON; empty in lines that
   *     an earlier version of the product kept
   */
  record PhotoKept(String photo, int version, Optional<String> notes) implements Fact {
    @Override
    public Subject subject(String id) {
      return SubjectKind.PHOTO.named(photo);
    }
  }

  /**
   * The job was handed over and closed.
   *
   * @param reason why in spite of what was open; else empty
   * @param language that was signed: "en"
   */
  record HandedOver(String reason, String language) implements Fact {}

  /** Something was corrected beside a closed job. */
  record Amended(String words, String why) implements Fact {}

  /** The job was taken out of the yard since it cannot be read, or brought back. */
  record PutAside(boolean aside, String why) implements Fact {}

  private static Subject.Lamp headlamp(Side side) {
    return Subject.Lamp.of(LampFunction.DIPPED, side);
  }
}

package mellow.core.aim.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.aim.AimWords;
import mellow.core.aim.Floor;
import mellow.core.aim.Inclined;
import mellow.core.aim.LampPlace;
import mellow.core.aim.lamp.LampSheet;
import mellow.core.aim.lamp.PairSheet;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * One step of the work at the wall.
 *
 * @param task what kind of step it is
 * @param subject of which lamps, or the bay
 * @param title what is done
 * @param detail what it came to
 * @param state where it stands
 */
public record WorkStep(Task task, Subject subject, Sentence title, Sentence detail, State state) {

  /** What is done in a step. */
  public enum Task {
    FLOOR,
    CENTRES,
    TAPE,
    READ
  }

  /** Where a step stands; the first four are the verdicts. */
  public enum State {
    WITHIN,
    AT_EDGE,
    OUT,
    NOT_KNOWN,
    /** The thing to do now. */
    NOW,
    /** Its turn has not come. */
    LATER
  }

  static List<WorkStep> of(Floor floor, List<PairSheet> pairs) {
    List<WorkStep> steps = new ArrayList<>();
    steps.add(floorStep(floor));
    for (PairSheet pair : pairs) {
      steps.addAll(pairSteps(pair));
    }
    return markNow(steps);
  }

  private static WorkStep floorStep(Floor floor) {
    Verdict worst =
        floor.findings().stream().map(Finding::verdict).reduce(Verdict.WITHIN, Verdict::or);
    Sentence detail =
        floor
            .plane()
            .map(plane -> AimWords.stepFloorDetail(Figure.fineMm(plane.largestResidualMm())))
            .orElse(AimWords.stepFloorLevel());
    return new WorkStep(Task.FLOOR, Subject.Bay.HERE, AimWords.stepFloor(), detail, state(worst));
  }

  private static List<WorkStep> pairSteps(PairSheet pair) {
    Subject both = Subject.Lamp.pair(pair.kind().function());
    BySide<LampSheet> lamps = pair.lamps();
    boolean placed = lamps.left().place().isPresent() && lamps.right().place().isPresent();
    boolean aimed = lamps.left().target().isPresent() && lamps.right().target().isPresent();
    List<WorkStep> steps = new ArrayList<>();
    steps.add(
        new WorkStep(
            Task.CENTRES,
            both,
            AimWords.stepCentres(pair.kind()),
            placed ? centres(lamps) : AimWords.stepCentresOpen(),
            placed ? worstOf(pair) : State.LATER));
    steps.add(
        new WorkStep(
            Task.TAPE,
            both,
            AimWords.stepTape(pair.kind()),
            placed && aimed ? tape(lamps) : AimWords.stepTapeOpen(),
            placed && aimed ? State.WITHIN : State.LATER));
    for (Side side : Side.values()) {
      steps.add(readStep(pair.kind(), lamps.on(side)));
    }
    return steps;
  }

  private static State worstOf(PairSheet pair) {
    return state(
        pair.findings().stream().map(Finding::verdict).reduce(Verdict.WITHIN, Verdict::or));
  }

  private static Sentence centres(BySide<LampSheet> lamps) {
    return AimWords.leftAndRight(
        Figure.lengthMm(lamps.left().place().orElseThrow().centreMm()),
        Figure.lengthMm(lamps.right().place().orElseThrow().centreMm()));
  }

  private static Sentence tape(BySide<LampSheet> lamps) {
    double left = belowLine(lamps.left());
    double right = belowLine(lamps.right());
    return Math.abs(left - right) < 1
        ? AimWords.belowLine(Figure.lengthMm(left))
        : AimWords.belowLineBoth(Figure.lengthMm(left), Figure.lengthMm(right));
  }

  private static double belowLine(LampSheet lamp) {
    LampPlace place = lamp.place().orElseThrow();
    return place.lineMm() - place.heightMm(lamp.target().orElseThrow().percent());
  }

  private static WorkStep readStep(LampKind kind, LampSheet lamp) {
    Sentence title = AimWords.stepRead(lamp.side(), kind);
    Subject read = Subject.Lamp.of(kind.function(), lamp.side());
    Optional<LampSheet.Reading> reading = lamp.reading();
    if (reading.isEmpty()) {
      return new WorkStep(Task.READ, read, title, AimWords.stepNotRead(), State.LATER);
    }
    Sentence percent = Inclined.by(reading.get().percent());
    if (lamp.turnedSinceRead()) {
      return new WorkStep(Task.READ, read, title, AimWords.stepTurned(percent), State.NOT_KNOWN);
    }
    Verdict worst =
        lamp.findings().stream()
            .filter(f -> f.answers("aim.limits", "aim.target"))
            .map(Finding::verdict)
            .reduce(Verdict.WITHIN, Verdict::or);
    return new WorkStep(Task.READ, read, title, percent, state(worst));
  }

  /** The first step that is not done is the one to do now, unless it is already out. */
  private static List<WorkStep> markNow(List<WorkStep> steps) {
    List<WorkStep> marked = new ArrayList<>(steps);
    for (int i = 0; i < marked.size(); i++) {
      WorkStep step = marked.get(i);
      if (step.state() == State.LATER
          || (step.state() == State.NOT_KNOWN && step.task() == Task.READ)) {
        marked.set(i, step.now());
        break;
      }
    }
    return List.copyOf(marked);
  }

  private WorkStep now() {
    return new WorkStep(task, subject, title, detail, State.NOW);
  }

  private static State state(Verdict verdict) {
    return State.valueOf(verdict.name());
  }
}

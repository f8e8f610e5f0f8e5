package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
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
public record WorkStep(Task task, Subject subject, String title, Sentence detail, State state) {

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
            .map(
                plane ->
                    Sentence.of(
                        "plane of the tyres to {0}", Figure.fineMm(plane.largestResidualMm())))
            .orElse(Sentence.of("taken as level"));
    return new WorkStep(Task.FLOOR, Subject.Bay.HERE, "Floor of the bay", detail, state(worst));
  }

  private static List<WorkStep> pairSteps(PairSheet pair) {
    boolean dipped = pair.kind() == LampKind.DIPPED;
    Subject both = Subject.Lamp.pair(pair.kind().function());
    String name = Words.capital(pair.kind().lampWords());
    BySide<LampSheet> lamps = pair.lamps();
    boolean placed = lamps.left().place().isPresent() && lamps.right().place().isPresent();
    boolean aimed = lamps.left().target().isPresent() && lamps.right().target().isPresent();
    List<WorkStep> steps = new ArrayList<>();
    steps.add(
        new WorkStep(
            Task.CENTRES,
            both,
            name + " centres",
            placed ? centres(lamps) : Sentence.of("heights and distance"),
            placed ? worstOf(pair) : State.LATER));
    steps.add(
        new WorkStep(
            Task.TAPE,
            both,
            dipped ? "Tape the wall" : "Tape for the " + pair.kind().lampWords() + "s",
            placed && aimed ? tape(lamps) : Sentence.of("where the marks go"),
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
    return Sentence.of(
        "{0} left · {1} right",
        Figure.lengthMm(lamps.left().place().orElseThrow().centreMm()),
        Figure.lengthMm(lamps.right().place().orElseThrow().centreMm()));
  }

  private static Sentence tape(BySide<LampSheet> lamps) {
    double left = belowLine(lamps.left());
    double right = belowLine(lamps.right());
    return Math.abs(left - right) < 1
        ? Sentence.of("{0} below the line", Figure.lengthMm(left))
        : Sentence.of(
            "{0} left · {1} right, below the line", Figure.lengthMm(left), Figure.lengthMm(right));
  }

  private static double belowLine(LampSheet lamp) {
    LampPlace place = lamp.place().orElseThrow();
    return place.lineMm() - place.heightMm(lamp.target().orElseThrow().percent());
  }

  private static WorkStep readStep(LampKind kind, LampSheet lamp) {
    String side = lamp.side().word();
    String title = "Read the " + side + " " + kind.lampWords();
    Subject read = Subject.Lamp.of(kind.function(), lamp.side());
    Optional<LampSheet.Reading> reading = lamp.reading();
    if (reading.isEmpty()) {
      return new WorkStep(Task.READ, read, title, Sentence.of("not read"), State.LATER);
    }
    Sentence percent = Sentence.build().inclination(reading.get().percent()).done();
    if (lamp.turnedSinceRead()) {
      return new WorkStep(
          Task.READ,
          read,
          title,
          Sentence.build().text("turned since, was ").sentence(percent).done(),
          State.NOT_KNOWN);
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

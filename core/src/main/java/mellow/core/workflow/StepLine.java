package mellow.core.workflow;

import java.util.List;
import java.util.Optional;
import mellow.core.finding.Sentence;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.Side;

/**
 * A step on the list of its stage.
 *
 * @param side of a step that is done once a side
 * @param waitsFor what has to be so before it, and is not, in words; empty where it can be done
 * @param unread what it reads, and nobody read yet: it can be left out, and not be ticked
 * @param mark that it was done or left out
 */
public record StepLine(
    Step step,
    Optional<Side> side,
    List<Sentence> waitsFor,
    Optional<StepReading> unread,
    Optional<StepMark> mark) {
  public StepLine {
    waitsFor = List.copyOf(waitsFor);
  }

  /** How it stands. */
  public enum State {
    READY,
    WAITS,
    DONE,
    SKIPPED
  }

  public State state() {
    if (mark.isPresent()) {
      return mark.get().skipped() ? State.SKIPPED : State.DONE;
    }
    return waitsFor.isEmpty() ? State.READY : State.WAITS;
  }

  /** What findings on it are about. */
  public Subject subject() {
    return SubjectKind.STEP.within(step.id(), side.map(Side::name).orElse(""));
  }

  public boolean isOpen() {
    return mark.isEmpty();
  }

  /** In words: "Bowl cut, left". */
  public Sentence words() {
    return side.map(one -> WorkflowWords.stepOn(step.words(), one))
        .orElse(Sentence.typed(step.words()));
  }
}

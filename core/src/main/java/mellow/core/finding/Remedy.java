package mellow.core.finding;

import java.util.Optional;
import mellow.core.subject.Subject;

/**
 * What to do about a finding.
 *
 * @param action what kind of work it is
 * @param page where it is done or noted
 * @param on what it is done to; empty where that is what the finding is about
 * @param by how much; empty where no figure tells
 * @param says the same in words
 */
public record Remedy(
    Action action, Page page, Optional<Subject> on, Optional<Figure> by, Sentence says) {

  /** Kinds of work. */
  public enum Action {
    /** With tape, level, calliper or meter. */
    MEASURE,
    /** A cutoff, a mark on a lens, a gauge. */
    READ,
    /** What is known but not entered: an answer, a choice, a paper's figure. */
    ENTER,
    /** Look at something again. */
    CHECK,
    /** Shift, raise or turn a lamp, a wire or the vehicle to another place. */
    MOVE,
    /** A screw or a dial. */
    TURN,
    /** A setting: dimming, levelling, a body computer's lamp type. */
    SET,
    /** Another part, plan, fuse, school or rule set. */
    CHANGE,
    CONNECT,
    REFIT,
    /** Switch on and look. */
    TRY,
    /** Cut, drill, bond. */
    WORK,
    WAIT,
    /** Tell the customer, or hold the vehicle back. */
    TELL
  }

  /** Where work is done and noted. */
  public enum Page {
    TAKE_IN,
    CAME,
    PHOTOS,
    PARTS,
    PLACE,
    FEED,
    APART,
    BENCH,
    PROVE,
    TOGETHER,
    WALL,
    BAY,
    RULEBOOK,
    HAND_OVER
  }

  public static Remedy of(Action action, Page page, Sentence says) {
    return new Remedy(action, page, Optional.empty(), Optional.empty(), says);
  }

  /** The same with how much of it. */
  public Remedy by(Figure amount) {
    return new Remedy(action, page, on, Optional.of(amount), says);
  }

  /** The same, done to something other than what the finding is about. */
  public Remedy on(Subject other) {
    return new Remedy(action, page, Optional.of(other), by, says);
  }
}

package mellow.core.aim.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.Adjuster;
import mellow.core.aim.AimWords;
import mellow.core.aim.Practice;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;

/**
 * How one screw moves its lamp's beam, derived from turns and the readings around them.
 *
 * @param adjuster the screw
 * @param axis the axis it was found to move; empty while untried
 * @param ratePercent percent per clockwise turn (up, or to the left, is positive); from readings of
 *     this job, else remembered
 * @param rateIsRead the rate comes from readings of this job
 * @param playTurns turns lost when the direction changes; 0 where none was seen
 * @param lastTurn the latest turn, clockwise positive
 * @param findings what is wrong with it
 */
public record ScrewBehaviour(
    Adjuster adjuster,
    Optional<Adjuster.Axis> axis,
    OptionalDouble ratePercent,
    boolean rateIsRead,
    double playTurns,
    double lastTurn,
    List<Finding> findings) {

  /** Smallest play that is worth telling: an eighth of a turn is what can be turned. */
  private static final double TELLING_PLAY = 1 / 8.0;

  private static final Source TRIED = Source.derived(AimWords.srcScrew());

  /**
   * Learns a screw's ways.
   *
   * @param noisePercent change of an inclination that two readings could show by themselves
   */
  static ScrewBehaviour learn(Adjuster adjuster, ScrewTrial trial, double noisePercent) {
    return new Learner(adjuster, trial, noisePercent).learn();
  }

  /**
   * Turns that move the beam by so many percent, to the nearest eighth, clockwise positive; empty
   * while the rate is not known. Play is added where the direction changes.
   */
  public OptionalDouble turnsFor(double percent) {
    if (ratePercent.isEmpty()) {
      return OptionalDouble.empty();
    }
    double turns = percent / ratePercent.getAsDouble();
    if (turns * lastTurn < 0) {
      turns += Math.signum(turns) * playTurns;
    }
    return OptionalDouble.of(Math.round(turns * 8) / 8.0);
  }

  private static final class Learner {
    private final Adjuster adjuster;
    private final ScrewTrial trial;
    private final double noise;
    private final List<Finding> findings = new ArrayList<>();

    Learner(Adjuster adjuster, ScrewTrial trial, double noise) {
      this.adjuster = adjuster;
      this.trial = trial;
      this.noise = noise;
    }

    ScrewBehaviour learn() {
      Optional<Adjuster.Axis> found = foundAxis();
      Adjuster.Axis axis =
          found.orElse(
              adjuster.axis() == Adjuster.Axis.TO_BE_TRIED
                  ? Adjuster.Axis.VERTICAL
                  : adjuster.axis());
      checkAxis(found);
      List<ScrewTrial.Move> telling =
          trial.moves().stream().filter(move -> change(move, axis).isPresent()).toList();
      checkDead(telling);
      OptionalDouble read = rate(telling, axis);
      double play = read.isPresent() ? play(telling, axis, read.getAsDouble()) : 0;
      checkRemembered(read);
      return new ScrewBehaviour(
          adjuster,
          found.or(
              () ->
                  adjuster.axis() == Adjuster.Axis.TO_BE_TRIED
                      ? Optional.empty()
                      : Optional.of(adjuster.axis())),
          read.isPresent() ? read : adjuster.rememberedRate(),
          read.isPresent(),
          play,
          trial.lastTurn(),
          List.copyOf(findings));
    }

    private static Optional<Double> change(ScrewTrial.Move move, Adjuster.Axis axis) {
      return axis == Adjuster.Axis.HORIZONTAL ? move.leftPercent() : move.upPercent();
    }

    private Optional<Adjuster.Axis> foundAxis() {
      double up =
          trial.moves().stream().mapToDouble(m -> Math.abs(m.upPercent().orElse(0.0))).sum();
      double left =
          trial.moves().stream().mapToDouble(m -> Math.abs(m.leftPercent().orElse(0.0))).sum();
      if (Math.max(up, left) <= noise) {
        return Optional.empty();
      }
      return Optional.of(up >= left ? Adjuster.Axis.VERTICAL : Adjuster.Axis.HORIZONTAL);
    }

    private void checkAxis(Optional<Adjuster.Axis> found) {
      if (found.isPresent()
          && adjuster.axis() != Adjuster.Axis.TO_BE_TRIED
          && found.get() != adjuster.axis()) {
        add(
            "axis",
            Verdict.AT_EDGE,
            AimWords.screwMovesOther(adjuster.axis(), found.get() == Adjuster.Axis.VERTICAL),
            AimWords.noteScrew(found.get()));
      }
    }

    private void checkDead(List<ScrewTrial.Move> telling) {
      double turned = telling.stream().mapToDouble(move -> Math.abs(move.turns())).sum();
      boolean anyMotion =
          telling.stream()
              .anyMatch(
                  move ->
                      Math.abs(move.upPercent().orElse(0.0)) > noise
                          || Math.abs(move.leftPercent().orElse(0.0)) > noise);
      if (turned >= Practice.TELLING_TURN && !anyMotion) {
        add(
            "dead",
            Verdict.OUT,
            AimWords.screwDead(adjuster.axis(), adjuster.side(), Figure.turns(turned)),
            AimWords.screwDeadRemedy());
      }
    }

    /** Least squares through the origin over the moves without a change of direction. */
    private OptionalDouble rate(List<ScrewTrial.Move> telling, Adjuster.Axis axis) {
      List<ScrewTrial.Move> clean = telling.stream().filter(move -> !move.reversed()).toList();
      List<ScrewTrial.Move> used = clean.isEmpty() ? telling : clean;
      double sumTurnChange = 0;
      double sumTurnSquare = 0;
      boolean raises = false;
      boolean lowers = false;
      for (ScrewTrial.Move move : used) {
        double change = change(move, axis).orElseThrow();
        sumTurnChange += move.turns() * change;
        sumTurnSquare += move.turns() * move.turns();
        if (Math.abs(change) > noise) {
          raises |= move.turns() * change > 0;
          lowers |= move.turns() * change < 0;
        }
      }
      if (raises && lowers) {
        add(
            "contradiction",
            Verdict.AT_EDGE,
            AimWords.screwContradicts(adjuster.axis()),
            AimWords.turnHalf());
        return OptionalDouble.empty();
      }
      return raises || lowers
          ? OptionalDouble.of(sumTurnChange / sumTurnSquare)
          : OptionalDouble.empty();
    }

    private double play(List<ScrewTrial.Move> telling, Adjuster.Axis axis, double rate) {
      boolean anyClean = telling.stream().anyMatch(move -> !move.reversed());
      double largest = 0;
      for (ScrewTrial.Move move : telling) {
        if (move.reversed() && anyClean) {
          double lost =
              Math.abs(move.turns())
                  - Math.signum(move.turns()) * change(move, axis).orElseThrow() / rate;
          largest = Math.max(largest, lost);
        }
      }
      if (largest < TELLING_PLAY || largest * Math.abs(rate) <= noise) {
        return 0;
      }
      findings.add(
          Finding.plain(
                  key("play"),
                  Verdict.AT_EDGE,
                  TRIED,
                  AimWords.screwPlay(adjuster.axis(), adjuster.side(), Figure.turns(largest)))
              .withRemedy(Remedy.of(Remedy.Action.TURN, Remedy.Page.WALL, AimWords.sameSide()))
              .withWorking(
                  Working.of(
                      Working.read(AimWords.rate(), Figure.percent(rate)),
                      new Working.Line(
                          AimWords.lostOnChange(),
                          AimWords.lostOnChangeFormula(),
                          Sentence.EMPTY,
                          Figure.turns(largest)))));
      return largest;
    }

    private void checkRemembered(OptionalDouble read) {
      if (read.isPresent()
          && adjuster.rememberedRate().isPresent()
          && read.getAsDouble() * adjuster.rememberedRate().getAsDouble() < 0) {
        add(
            "wrong-way",
            Verdict.AT_EDGE,
            AimWords.screwOtherWay(adjuster.axis(), adjuster.side(), read.getAsDouble() > 0),
            AimWords.rememberAgain());
      }
    }

    private void add(String what, Verdict verdict, Sentence headline, Sentence says) {
      findings.add(
          Finding.plain(key(what), verdict, TRIED, headline)
              .withRemedy(Remedy.of(Remedy.Action.TURN, Remedy.Page.WALL, says)));
    }

    private FindingKey key(String what) {
      return FindingKey.of("screw." + what, adjuster.subject());
    }
  }
}

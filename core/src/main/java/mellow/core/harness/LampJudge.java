package mellow.core.harness;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Point;
import mellow.core.circuit.Solution;
import mellow.core.circuit.Supply;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.finding.Working;
import mellow.core.harness.Solved.Limit;
import mellow.core.vehicle.LampFunction;

/** Judges the feed of a lamp: what it loses, its polarity, its steadiness, its light as asked. */
final class LampJudge {
  private static final Source DROP = Source.commonPractice("at most 3 % drop on a lamp's feed");
  private static final Source POSITION =
      new Source(Source.Mark.FROM_MEMORY, "UN R7, front position lamps, at most 140 cd");

  private static final double MOST_POSITION_CANDELA = 140;

  /** No potentiometer is set closer. Judged. */
  private static final double SET_TO_CANDELA = 1;

  private static final double WRONG_WAY_VOLTS = -1;
  private static final double LIT = 0.01;

  /** As bright as this beside side lamps it is no position lamp but a running lamp. */
  private static final double DIMMED = 0.6;

  private final Solved solved;

  LampJudge(Solved solved) {
    this.solved = solved;
  }

  List<Finding> of(Emitter lamp) {
    List<Finding> findings = new ArrayList<>();
    drop(lamp).ifPresent(findings::add);
    wrongWay(lamp).ifPresent(findings::add);
    flickers(lamp).ifPresent(findings::add);
    dimmed(lamp).ifPresent(findings::add);
    return findings;
  }

  private Optional<Finding> drop(Emitter lamp) {
    Optional<Point> worst = Optional.empty();
    double most = Double.NEGATIVE_INFINITY;
    for (Solution solution : solved.solutions()) {
      if (!(lamp instanceof Emitter.Shutter) && solution.light(lamp) >= LIT) {
        double lost = dropPercent(solution.on(), lamp);
        if (lost > most) {
          most = lost;
          worst = Optional.of(solution.on());
        }
      }
    }
    return worst.map(point -> drop(lamp, point));
  }

  private Finding drop(Emitter lamp, Point point) {
    Figure percent = Figure.percent(dropPercent(point, lamp));
    Figure source = Figure.volts(sourceVolts(point));
    Figure there = Figure.volts(point.between(lamp.plus(), lamp.minus()));
    return Solved.upTo(
            "feed.drop." + lamp.id(),
            new Limit(percent, Figure.percent(WireChoice.MOST_DROP_PERCENT)),
            DROP,
            Sentence.of("{0} lost on the way to " + Words.typed(lamp.id()), percent),
            "A thicker wire, or a shorter way; count the return.")
        .withWorking(
            Working.of(
                Working.read("at the source", source),
                Working.read("over the lamp", there),
                new Working.Line(
                    "lost on the way, return included",
                    "100 × (source − lamp) ÷ source",
                    Sentence.of("100 × ({0} − {1}) ÷ {0}", source, there),
                    percent)));
  }

  private double sourceVolts(Point point) {
    return solved
        .circuit()
        .of(Supply.class)
        .mapToDouble(supply -> point.at(supply.plus()))
        .max()
        .orElse(0);
  }

  private double dropPercent(Point point, Emitter lamp) {
    double source = sourceVolts(point);
    return 100 * (source - point.between(lamp.plus(), lamp.minus())) / source;
  }

  private Optional<Finding> wrongWay(Emitter lamp) {
    boolean reversed =
        !(lamp instanceof Emitter.Bulb)
            && !(lamp instanceof Emitter.Shutter)
            && solved.solutions().stream()
                .anyMatch(
                    solution -> solution.on().between(lamp.plus(), lamp.minus()) < WRONG_WAY_VOLTS);
    return reversed
        ? Optional.of(
            Solved.out("feed.reversed." + lamp.id(), "Wrong way round: " + Words.typed(lamp.id()))
                .withRemedy(Sentence.of("Turn its plug, or swap plus and minus.")))
        : Optional.empty();
  }

  /** A ballast wants a steady feed: one that is switched many times a second lets it drop out. */
  private Optional<Finding> flickers(Emitter lamp) {
    boolean pulsed =
        lamp instanceof Emitter.Discharge
            && solved.solutions().stream()
                .anyMatch(
                    solution ->
                        lamp.light(solution.on()) > LIT
                            && solution.phases().stream()
                                .anyMatch(phase -> !(lamp.light(phase.point()) > LIT)));
    return pulsed
        ? Optional.of(
            Solved.out(
                    "feed.flicker." + lamp.id(),
                    "Flickers on a pulsed feed: " + Words.typed(lamp.id()))
                .withRemedy(Sentence.of("A relay of its own, triggered by the factory feed.")))
        : Optional.empty();
  }

  /** A running lamp dimmed beside the side lamps serves as a position lamp, and has its limit. */
  private Optional<Finding> dimmed(Emitter lamp) {
    if (lamp.use().function() != LampFunction.DRL || lamp.use().candela() == 0) {
      return Optional.empty();
    }
    OptionalDouble share =
        solved.worst(
            solution -> {
              double light = solution.light(lamp);
              return light >= LIT && light < DIMMED ? light : Double.NaN;
            });
    if (share.isEmpty()) {
      return Optional.empty();
    }
    Figure full = Figure.candela(lamp.use().candela());
    Figure dim = Figure.candela(share.getAsDouble() * lamp.use().candela());
    Figure percent = Figure.percent(100 * share.getAsDouble());
    Margin margin =
        Margin.of(
            Figure.candela(MOST_POSITION_CANDELA - dim.value()),
            SET_TO_CANDELA,
            MOST_POSITION_CANDELA);
    Finding finding =
        Finding.on(
            "feed.dimmed." + lamp.id(),
            margin,
            POSITION,
            Sentence.of("Dimmed to {0}, as a position lamp: " + Words.typed(lamp.id()), dim));
    double most = 100 * DimmedLamp.mostDuty(lamp.use().candela(), MOST_POSITION_CANDELA);
    return Optional.of(
        (margin.verdict() == Verdict.OUT
                ? finding.withRemedy(
                    Sentence.of("Dim it to a duty of at most {0}.", Figure.percent(most)))
                : finding)
            .withWorking(
                Working.of(
                    Working.read("full", full),
                    Working.read("light as solved", percent),
                    new Working.Line(
                        "dimmed", "full × light", Sentence.of("{0} × {1}", full, percent), dim))));
  }
}

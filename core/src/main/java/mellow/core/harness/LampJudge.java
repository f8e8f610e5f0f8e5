package mellow.core.harness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.check.LampPath;
import mellow.core.circuit.solve.Point;
import mellow.core.circuit.solve.Solution;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Limit;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.harness.Solved.Held;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;

/** Judges the feed of a lamp: what it loses, its polarity, its steadiness, its light as asked. */
final class LampJudge {
  private static final Source DROP = Source.commonPractice(HarnessWords.srcDrop());
  private static final Source POSITION = Source.fromMemory(HarnessWords.srcPosition());

  private static final double MOST_POSITION_CANDELA = 140;

  /** No potentiometer is set closer. Judged. */
  private static final double SET_TO_CANDELA = 1;

  private static final Source LIFE = Source.fromMemory(HarnessWords.srcLife());

  private static final double LIFE_EXPONENT = -13;

  /** A quarter of the life is more than charging takes that is in order. Judged. */
  private static final double SHORT_LIFE = 0.25;

  /** Less above its rating is what every vehicle's charging brings. Judged. */
  private static final double OVER_VOLTAGE = 1.03;

  private static final double WRONG_WAY_VOLTS = -1;
  private static final double LIT = 0.01;

  /** As bright as this beside side lamps it is no position lamp but a running lamp. */
  private static final double DIMMED = 0.6;

  private static final Source UN_RUNNING = Source.fromMemory(HarnessWords.srcUnDrl());
  private static final Source SAE_RUNNING = Source.fromMemory(HarnessWords.srcUsDrl());

  private static final double LEAST_UN_RUNNING_CANDELA = 400;
  private static final double LEAST_SAE_RUNNING_CANDELA = 500;

  private final Solved solved;
  private final Optional<MarkFamily> market;

  LampJudge(Solved solved, Optional<MarkFamily> market) {
    this.solved = solved;
    this.market = market;
  }

  List<Finding> of(Emitter lamp) {
    List<Finding> findings = new ArrayList<>();
    drop(lamp).ifPresent(findings::add);
    life(lamp).ifPresent(findings::add);
    wrongWay(lamp).ifPresent(findings::add);
    backwards(lamp).ifPresent(findings::add);
    flickers(lamp).ifPresent(findings::add);
    findings.addAll(dimmed(lamp));
    return findings;
  }

  private Optional<Finding> drop(Emitter lamp) {
    Optional<Point> worst = Optional.empty();
    double most = Double.NEGATIVE_INFINITY;
    for (Solution solution : solved.solutions()) {
      // a lamp that is fed backwards loses nothing on its way: it is fed by another one
      if (!(lamp instanceof Emitter.Shutter)
          && solution.light(lamp) >= LIT
          && solution.on().between(lamp.plus(), lamp.minus()) > 0) {
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
    Figure.Percent percent = Figure.percent(dropPercent(point, lamp));
    Figure source = Figure.volts(sourceVolts(point));
    Figure there = Figure.volts(point.between(lamp.plus(), lamp.minus()));
    Held limit = new Held(percent, Figure.percent(WireChoice.MOST_DROP_PERCENT));
    boolean out = limit.margin().verdict() == Verdict.OUT;
    return Solved.upTo(
            FindingKey.of("feed.drop", lamp.subject()),
            limit,
            DROP,
            HarnessWords.drop(percent, lamp.id()),
            out ? where(point, lamp) : thicker())
        .withWorking(
            Working.of(
                Working.read(HarnessWords.atSource(), source),
                Working.read(HarnessWords.overLamp(), there),
                new Working.Line(
                    HarnessWords.lostOnWay(),
                    HarnessWords.lostOnWayFormula(),
                    Sentence.of("100 × ({0} − {1}) ÷ {0}", source, there),
                    percent)));
  }

  /** Where most is lost tells what helps: a wire is too thin, a joint or contact is bad. */
  private Remedy where(Point point, Emitter lamp) {
    Set<String> way = LampPath.of(solved.circuit(), lamp).parts();
    return solved.circuit().parts().stream()
        .filter(part -> way.contains(part.id()) && !(part instanceof Emitter))
        .filter(part -> !(part instanceof Moving) || isCarrying(point, part))
        .max(Comparator.comparingDouble(part -> lostOver(point, part)))
        .map(LampJudge::remedy)
        .orElseGet(LampJudge::thicker);
  }

  private static Remedy remedy(Part part) {
    if (part instanceof Joining.Wire) {
      return thicker().on(part.subject());
    }
    boolean joint = part instanceof Joining.Joint || part instanceof Joining.Clip;
    return Remedy.of(
            Remedy.Action.CHECK,
            Remedy.Page.FEED,
            joint ? HarnessWords.cleanJoint(part.id()) : HarnessWords.checkContacts(part.id()))
        .on(part.subject());
  }

  private static Remedy thicker() {
    return Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.thicker());
  }

  private static boolean isCarrying(Point point, Part part) {
    return Math.abs(point.amps(part, contact(part))) > Solved.FLOWS_AMPS;
  }

  /** What switches stands behind what drives. */
  private static int contact(Part part) {
    return part instanceof Moving moving && part.branches().size() > 1
        ? Math.min(moving.drives().size(), part.branches().size() - 1)
        : 0;
  }

  private static double lostOver(Point point, Part part) {
    Branch branch = part.branches().get(contact(part));
    return Math.abs(point.amps(part, contact(part))) > Solved.FLOWS_AMPS
        ? Math.abs(point.between(branch.from(), branch.to()))
        : 0;
  }

  /** What more than its rated voltage does to a filament. */
  private Optional<Finding> life(Emitter lamp) {
    if (!(lamp instanceof Emitter.Bulb bulb)) {
      return Optional.empty();
    }
    double volts =
        solved
            .worst(
                solution ->
                    solution.effectiveLit(point -> point.between(lamp.plus(), lamp.minus())))
            .orElse(0);
    double over = volts / bulb.ratedVolts();
    if (over < OVER_VOLTAGE) {
      return Optional.empty();
    }
    double life = Math.pow(over, LIFE_EXPONENT);
    Figure.Voltage at = Figure.volts(volts);
    Figure.Voltage rated = Figure.volts(bulb.ratedVolts());
    return Optional.of(
        Finding.plain(
                FindingKey.of("feed.life", lamp.subject()),
                life < SHORT_LIFE ? Verdict.AT_EDGE : Verdict.WITHIN,
                LIFE,
                HarnessWords.life(at, lamp.id(), rated, Figure.percent(100 * life)))
            .withDetail(HarnessWords.ratedLight(Figure.percent(100 * lamp.light(volts))))
            .withWorking(
                Working.of(
                    new Working.Line(
                        HarnessWords.shareOfLife(),
                        HarnessWords.shareOfLifeFormula(),
                        Sentence.of("({0} ÷ {1})^−13", at, rated),
                        Figure.percent(100 * life)))));
  }

  /** A lamp that glows by a current from its minus to its plus is fed through another lamp. */
  private Optional<Finding> backwards(Emitter lamp) {
    boolean fed =
        lamp instanceof Emitter.Bulb
            && solved.solutions().stream()
                .anyMatch(
                    solution -> solution.on().between(lamp.plus(), lamp.minus()) < WRONG_WAY_VOLTS);
    return fed
        ? Optional.of(
            Solved.out(FindingKey.of("feed.back", lamp.subject()), HarnessWords.backfeed(lamp.id()))
                .withRemedy(
                    Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, HarnessWords.ownGround())))
        : Optional.empty();
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
            Solved.out(
                    FindingKey.of("feed.reversed", lamp.subject()),
                    HarnessWords.reversed(lamp.id()))
                .withRemedy(
                    Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.turnPlug())))
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
                    FindingKey.of("feed.flicker", lamp.subject()), HarnessWords.flickers(lamp.id()))
                .withRemedy(
                    Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.ownRelay())))
        : Optional.empty();
  }

  /**
   * A running lamp that is dimmed: beside the side lamps it serves as a position lamp and has its
   * limit; by day it is a running lamp still, and has to give what one gives.
   */
  private List<Finding> dimmed(Emitter lamp) {
    if (lamp.use().function() != LampFunction.DRL || lamp.use().candela() == 0) {
      return List.of();
    }
    List<Finding> findings = new ArrayList<>();
    if (!market.filter(MarkFamily.SAE::equals).isPresent()) {
      shareOf(lamp, true).ifPresent(share -> findings.add(asPosition(lamp, share)));
    }
    shareOf(lamp, false).ifPresent(share -> findings.add(byDay(lamp, share)));
    return findings;
  }

  /** Its light where it is dimmed, with the side lamps or by day; empty where it is not. */
  private OptionalDouble shareOf(Emitter lamp, boolean withSideLamps) {
    return solved.worst(
        solution -> {
          double light = solution.light(lamp);
          boolean sideLamps =
              !Set.of(Controls.Lights.OFF, Controls.Lights.FLASH)
                  .contains(solution.controls().lights());
          return light >= LIT && light < DIMMED && sideLamps == withSideLamps ? light : Double.NaN;
        });
  }

  private Finding byDay(Emitter lamp, double share) {
    boolean sae = market.filter(MarkFamily.SAE::equals).isPresent();
    double least = sae ? LEAST_SAE_RUNNING_CANDELA : LEAST_UN_RUNNING_CANDELA;
    double candela = share * lamp.use().candela();
    Finding finding =
        Finding.on(
            FindingKey.of("feed.by-day", lamp.subject()),
            Margin.of(
                Figure.candela(candela - least),
                SET_TO_CANDELA,
                least,
                Limit.least(Figure.candela(least))),
            sae ? SAE_RUNNING : UN_RUNNING,
            HarnessWords.byDay(Figure.candela(candela), Figure.candela(least), lamp.id()));
    return finding.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(Remedy.Action.SET, Remedy.Page.FEED, HarnessWords.fullByDay()))
        : finding;
  }

  private Finding asPosition(Emitter lamp, double share) {
    Figure full = Figure.candela(lamp.use().candela());
    Figure.Intensity dim = Figure.candela(share * lamp.use().candela());
    Figure percent = Figure.percent(100 * share);
    Margin margin = Margin.upTo(Figure.candela(MOST_POSITION_CANDELA), dim.value(), SET_TO_CANDELA);
    Finding finding =
        Finding.on(
            FindingKey.of("feed.dimmed", lamp.subject()),
            margin,
            POSITION,
            HarnessWords.asPosition(dim, lamp.id()));
    double most = 100 * DimmedLamp.mostDuty(lamp.use().candela(), MOST_POSITION_CANDELA);
    return (margin.verdict() == Verdict.OUT
            ? finding.withRemedy(
                Remedy.of(
                    Remedy.Action.SET, Remedy.Page.FEED, HarnessWords.dimTo(Figure.percent(most))))
            : finding)
        .withWorking(
            Working.of(
                Working.read(HarnessWords.full(), full),
                Working.read(HarnessWords.lightSolved(), percent),
                new Working.Line(
                    HarnessWords.dimmed(),
                    HarnessWords.dimmedFormula(),
                    Sentence.of("{0} × {1}", full, percent),
                    dim)));
  }
}

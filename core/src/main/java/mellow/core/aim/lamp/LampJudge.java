package mellow.core.aim.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.Adjuster;
import mellow.core.aim.AimEvent;
import mellow.core.aim.AimWords;
import mellow.core.aim.Astride;
import mellow.core.aim.CutoffReadings;
import mellow.core.aim.Inclined;
import mellow.core.aim.LampPlace;
import mellow.core.aim.PairInput;
import mellow.core.aim.Practice;
import mellow.core.aim.Road;
import mellow.core.aim.School;
import mellow.core.aim.Target;
import mellow.core.aim.WallInput;
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
import mellow.core.measure.Inclination;
import mellow.core.measure.Measured;
import mellow.core.rules.Band;
import mellow.core.rules.RuleSet;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/** Judges one lamp: its target, its reading, its screws, and what to do. */
final class LampJudge {
  /** What a school says of a mark of its own that is too high. */
  private static final Optional<Verdict> TOO_HIGH = Optional.of(Verdict.OUT);

  private final WallInput wall;
  private final PairInput pair;
  private final Side side;
  private final Optional<LampPlace> place;
  private final By by;
  private final List<Finding> findings = new ArrayList<>();

  /** By what a lamp is judged: the schools of its pair, and the rule that holds for both. */
  record By(Schools schools, Astride astride) {}

  LampJudge(WallInput wall, PairInput pair, PairGeometry geometry, By by, Side side) {
    this.wall = wall;
    this.pair = pair;
    this.side = side;
    this.place = geometry.lamps().on(side);
    this.by = by;
  }

  LampSheet judge() {
    Optional<Target> target = target();
    List<ScrewBehaviour> screws = place.map(this::screws).orElse(List.of());
    if (place.isEmpty()) {
      return new LampSheet(
          side,
          place,
          target,
          Working.NONE,
          limits(),
          CutoffReadings.percentAsItCame(pair, side, place),
          Optional.empty(),
          false,
          Optional.empty(),
          screws,
          findings);
    }
    LampPlace lamp = place.get();
    target.ifPresent(asked -> findings.add(distanceTells(lamp, asked)));
    Optional<LampSheet.Reading> reading =
        CutoffReadings.last(pair.events(), AimEvent.CutoffRead.class, side)
            .map(read -> reading(read, lamp));
    boolean stale = CutoffReadings.turnedSinceRead(pair.events(), side);
    Optional<Correction> correction = Optional.empty();
    if (reading.isEmpty() || stale) {
      findings.add(unread(stale && reading.isPresent()));
    } else {
      correction = judgeReading(lamp, target, reading.get(), screws);
    }
    CutoffReadings.last(pair.events(), AimEvent.LadenRead.class, side)
        .ifPresent(read -> findings.add(laden(read, lamp)));
    CutoffReadings.last(pair.events(), AimEvent.RollRead.class, side)
        .ifPresent(read -> findings.add(Roll.judge(key("roll"), read, Roll.Holding.NUT)));
    screws.forEach(screw -> findings.addAll(screw.findings()));
    reach(screws, correction);
    return new LampSheet(
        side,
        place,
        target,
        target.map(asked -> lamp.markWorking(asked.percent())).orElse(Working.NONE),
        limits(),
        CutoffReadings.percentAsItCame(pair, side, place),
        reading,
        stale,
        correction,
        screws,
        findings);
  }

  private Optional<Target> target() {
    School school = pair.kind() == LampKind.DIPPED ? pair.school() : School.RULE;
    Schools.Answer answer = by.schools().answer(school, side);
    if (answer instanceof Schools.Answer.Aims aims) {
      aims.target().warning().ifPresent(findings::add);
      return Optional.of(aims.target());
    }
    findings.add(((Schools.Answer.Declines) answer).why());
    return Optional.empty();
  }

  private Optional<Band> limits() {
    return wall.market().aimRuleFor(by.astride().facts(side)) instanceof RuleSet.Answer.Holds holds
        ? Optional.of(holds.rule().limits())
        : Optional.empty();
  }

  private static LampSheet.Reading reading(AimEvent.CutoffRead read, LampPlace lamp) {
    double percent = CutoffReadings.percent(read, lamp);
    return new LampSheet.Reading(
        percent,
        lamp.uncertaintyPercent(read.read().plusMinusMm()),
        new Measured(lamp.heightMm(percent), read.read().plusMinusMm()),
        Road.reachMm(lamp.centreMm(), percent));
  }

  private Finding distanceTells(LampPlace lamp, Target target) {
    double tapeMm = CutoffReadings.plusMinusMm(pair.events(), lamp);
    double told = lamp.percentOf(tapeMm * Math.sqrt(2));
    double allowed = target.tolerancePercent() * Practice.DISTANCE_SHARE_OF_TOLERANCE;
    double leastMm = 100 * tapeMm * Math.sqrt(2) / allowed;
    Margin margin = Margin.upTo(Figure.percent(allowed), told, 0);
    Finding finding =
        Finding.on(
                key("distance"),
                margin,
                Practice.ADVICE,
                margin.verdict() == Verdict.OUT
                    ? AimWords.tooClose(side, pair.kind(), Figure.lengthMm(leastMm))
                    : AimWords.distanceTells(
                        side, pair.kind(), Figure.percent(told), Figure.percent(allowed)))
            .withDetail(
                AimWords.distanceDetail(
                    Figure.fineMm(tapeMm),
                    Figure.lengthMm(lamp.alongMm()),
                    Figure.percent(told),
                    Figure.percent(target.tolerancePercent())))
            .withWorking(
                Working.of(
                    new Working.Line(
                        AimWords.leastDistance(),
                        AimWords.leastDistanceFormula(),
                        Sentence.of(
                            "1.414 × {0} ÷ ({1} ÷ 3)",
                            Figure.fineMm(tapeMm), Figure.percent(target.tolerancePercent())),
                        Figure.lengthMm(leastMm))));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(
                    Remedy.Action.MOVE,
                    Remedy.Page.WALL,
                    AimWords.moveBack(Figure.lengthMm(leastMm)))
                .by(Figure.lengthMm(leastMm)))
        : finding;
  }

  private Finding unread(boolean turned) {
    return Finding.notKnown(
        key("cutoff"),
        Practice.READING,
        turned ? AimWords.turnedSinceRead(side, pair.kind()) : AimWords.notRead(side, pair.kind()),
        Remedy.of(
            Remedy.Action.READ,
            Remedy.Page.WALL,
            turned ? AimWords.readAgain(side, pair.kind()) : AimWords.read(side, pair.kind())));
  }

  /** Loaded, a beam has to stay within the same limits: that is what the levelling is for. */
  private Finding laden(AimEvent.LadenRead read, LampPlace lamp) {
    if (CutoffReadings.turnedSince(AimEvent.LadenRead.class, pair.events(), side)) {
      return Finding.notKnown(
          key("laden"),
          Practice.LEVELLING,
          AimWords.turnedSinceLaden(side, pair.kind()),
          Remedy.of(Remedy.Action.READ, Remedy.Page.WALL, AimWords.readLaden()));
    }
    Finding limits =
        Limits.judge(
            key("laden"),
            wall.market(),
            by.astride().facts(side),
            lamp,
            -lamp.percentOf(read.below().mm()),
            lamp.uncertaintyPercent(read.below().plusMinusMm()),
            true);
    return limits.verdict() == Verdict.OUT
        ? limits.withRemedy(Remedy.of(Remedy.Action.SET, Remedy.Page.WALL, AimWords.setLevelling()))
        : limits;
  }

  private Optional<Correction> judgeReading(
      LampPlace lamp,
      Optional<Target> target,
      LampSheet.Reading reading,
      List<ScrewBehaviour> screws) {
    Finding limits =
        Limits.judge(
            key("limits"),
            wall.market(),
            by.astride().facts(side),
            lamp,
            reading.percent(),
            reading.uncertaintyPercent(),
            false);
    Optional<Correction> correction =
        target.map(asked -> correction(lamp, reading, asked.percent(), screws));
    // where no rule speaks of driving lamps, practice alone aims them
    if (pair.kind() != LampKind.DRIVING || limits().isPresent()) {
      findings.add(
          limits.verdict() == Verdict.OUT && correction.isPresent()
              ? limits.withRemedy(
                  mends(reading, correction.get())
                      ? correction.get().remedy()
                      : Remedy.of(Remedy.Action.CHECK, Remedy.Page.WALL, AimWords.beyondRule()))
              : limits);
    }
    target.ifPresent(
        asked -> {
          findings.add(againstTarget(lamp, asked, reading, correction.orElseThrow()));
          wrongWay(lamp, asked, reading).ifPresent(findings::add);
        });
    return correction;
  }

  /** Whether a correction leads back into what the rule allows, not farther out of it. */
  private boolean mends(LampSheet.Reading reading, Correction correction) {
    return limits()
        .map(
            band ->
                !isOnTape(reading, correction.upMm())
                    && band.isNearerToHighest(reading.percent()) == correction.upPercent() < 0)
        .orElse(true);
  }

  /** Whether a cutoff so far off its mark cannot be told from one that lies on it. */
  private static boolean isOnTape(LampSheet.Reading reading, double offMm) {
    return Math.abs(offMm) < reading.tapeMm() / 2;
  }

  /** Says so where the latest turn took the beam farther from its mark. */
  private Optional<Finding> wrongWay(LampPlace lamp, Target target, LampSheet.Reading reading) {
    Optional<AimEvent.CutoffRead> before = CutoffReadings.beforeLastTurn(pair.events(), side);
    if (before.isEmpty()) {
      return Optional.empty();
    }
    double offBefore = CutoffReadings.percent(before.get(), lamp) - target.percent();
    double offNow = reading.percent() - target.percent();
    double noise = lamp.percentOf(Math.hypot(before.get().read().plusMinusMm(), reading.tapeMm()));
    if (Math.abs(offNow) <= Math.abs(offBefore) + noise) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.plain(
                key("away"),
                Verdict.AT_EDGE,
                Practice.READING,
                AimWords.away(
                    side,
                    pair.kind(),
                    Figure.lengthMm(
                        (Math.abs(offNow) - Math.abs(offBefore)) / 100 * lamp.alongMm())))
            .withRemedy(Remedy.of(Remedy.Action.TURN, Remedy.Page.WALL, AimWords.otherWay())));
  }

  /** Where the rule sets no limit on that side, nothing is wrong with a lamp beside its mark. */
  private boolean mayBeOff(double offPercent) {
    return limits()
        .map(band -> offPercent < 0 ? band.lowest().isEmpty() : band.highest().isEmpty())
        .orElse(false);
  }

  private Limit allowed(Target target) {
    return new Limit(
        mayBeOff(-1)
            ? Optional.empty()
            : Optional.of(Figure.percent(target.percent() - target.tolerancePercent())),
        mayBeOff(1)
            ? Optional.empty()
            : Optional.of(Figure.percent(target.percent() + target.tolerancePercent())));
  }

  private Finding againstTarget(
      LampPlace lamp, Target target, LampSheet.Reading reading, Correction correction) {
    double off = reading.percent() - target.percent();
    Margin margin =
        Margin.of(
            Figure.percent(target.tolerancePercent() - (mayBeOff(off) ? 0 : Math.abs(off))),
            reading.uncertaintyPercent(),
            target.tolerancePercent(),
            allowed(target));
    double offMm = off / 100 * lamp.alongMm();
    Sentence headline =
        isOnTape(reading, offMm)
            ? AimWords.onTape(side, pair.kind())
            : AimWords.offTape(side, pair.kind(), Figure.lengthMm(Math.abs(offMm)), off > 0);
    Finding finding =
        Finding.on(key("target"), margin, target.source(), headline)
            .withDetail(
                AimWords.targetDetail(
                    Inclined.by(reading.percent()),
                    Inclined.by(target.percent()),
                    Figure.percent(target.tolerancePercent()),
                    Figure.percent(reading.uncertaintyPercent())))
            .withWorking(
                Working.of(
                    new Working.Line(
                        AimWords.inclination(),
                        AimWords.inclinationFormula(),
                        Sentence.of(
                            "100 × ({0} − {1}) ÷ {2}",
                            Figure.fineMm(reading.heightMm()),
                            Figure.fineMm(lamp.lineMm()),
                            Figure.lengthMm(lamp.alongMm())),
                        Figure.percent(reading.percent())),
                    Working.read(AimWords.aim(), Figure.percent(target.percent())),
                    new Working.Line(
                        AimWords.offTheTape(),
                        AimWords.offTheTapeFormula(),
                        Sentence.of(
                            "({0} − ({1})) × {2} ÷ 100",
                            Figure.percent(reading.percent()),
                            Figure.percent(target.percent()),
                            Figure.lengthMm(lamp.alongMm())),
                        Figure.fineMm(offMm)),
                    new Working.Line(
                        AimWords.uncertainty(),
                        AimWords.uncertaintyFormula(),
                        Sentence.of(
                            "√({0}² + {1}²) ÷ {2}",
                            Figure.fineMm(lamp.line().plusMinusMm()),
                            Figure.fineMm(reading.tapeMm()),
                            Figure.lengthMm(lamp.alongMm())),
                        Figure.percent(reading.uncertaintyPercent()))));
    if (margin.verdict() != Verdict.OUT) {
      return finding;
    }
    boolean raises = off < 0 && target.warning().map(Finding::verdict).equals(TOO_HIGH);
    return finding.withRemedy(
        raises
            ? Remedy.of(Remedy.Action.CHECK, Remedy.Page.WALL, AimWords.doNotRaise())
            : correction.remedy());
  }

  private Correction correction(
      LampPlace lamp,
      LampSheet.Reading reading,
      double targetPercent,
      List<ScrewBehaviour> screws) {
    double upPercent = targetPercent - reading.percent();
    double upMm = upPercent / 100 * lamp.alongMm();
    Optional<ScrewBehaviour> vertical =
        screws.stream()
            .filter(screw -> screw.axis().equals(Optional.of(Adjuster.Axis.VERTICAL)))
            .findFirst();
    OptionalDouble turns =
        vertical.map(screw -> screw.turnsFor(upPercent)).orElse(OptionalDouble.empty());
    return new Correction(
        upMm,
        upPercent,
        vertical.map(ScrewBehaviour::adjuster),
        turns,
        isOnTape(reading, upMm)
            ? AimWords.onMark()
            : says(upMm, upPercent, turns, vertical, screws.isEmpty()));
  }

  private Sentence says(
      double upMm,
      double upPercent,
      OptionalDouble turns,
      Optional<ScrewBehaviour> vertical,
      boolean hasNoScrew) {
    Figure.Length off = Figure.lengthMm(Math.abs(upMm));
    boolean down = upMm < 0;
    if (turns.isPresent() && turns.getAsDouble() != 0) {
      return AimWords.turn(
          off,
          down,
          Figure.turns(Math.abs(turns.getAsDouble())),
          turns.getAsDouble() > 0,
          !vertical.orElseThrow().rateIsRead());
    }
    if (turns.isPresent()) {
      return AimWords.turnLittle(off, down);
    }
    if (pair.kind() != LampKind.DIPPED && hasNoScrew) {
      double tiltDeg = Math.abs(Inclination.degreesOfPercent(upPercent));
      return AimWords.tilt(off, down, Figure.degrees(tiltDeg));
    }
    return AimWords.tryScrew(off, down);
  }

  private List<ScrewBehaviour> screws(LampPlace lamp) {
    double noise = lamp.percentOf(CutoffReadings.plusMinusMm(pair.events(), lamp) * Math.sqrt(2));
    return pair.adjusters().stream()
        .filter(screw -> screw.side() == side && screw.lamp() == pair.kind())
        .map(
            screw ->
                ScrewBehaviour.learn(screw, ScrewTrial.of(screw.id(), lamp, pair.events()), noise))
        .toList();
  }

  private void reach(List<ScrewBehaviour> screws, Optional<Correction> correction) {
    boolean adjusting =
        correction.isPresent()
            && findings.stream()
                .anyMatch(
                    finding ->
                        finding.verdict() == Verdict.OUT
                            && finding.answers(
                                "aim.distance", "aim.limits", "aim.target", "aim.roll"));
    for (ScrewBehaviour screw : screws) {
      if (screw.adjuster().reach() == Adjuster.Reach.FRONT_OPEN_ONLY) {
        findings.add(
            Finding.plain(
                    FindingKey.of("screw.reach", screw.adjuster().subject()),
                    wall.frontClosed() && adjusting ? Verdict.OUT : Verdict.AT_EDGE,
                    Source.commonPractice(AimWords.srcReach()),
                    AimWords.outOfReach(screw.adjuster().axis(), side, wall.frontClosed()))
                .withRemedy(
                    Remedy.of(
                        Remedy.Action.CHECK,
                        Remedy.Page.WALL,
                        wall.frontClosed() ? AimWords.openFront() : AimWords.aimFirst())));
      }
    }
  }

  private FindingKey key(String what) {
    return FindingKey.of("aim." + what, Subject.Lamp.of(pair.kind().function(), side));
  }
}

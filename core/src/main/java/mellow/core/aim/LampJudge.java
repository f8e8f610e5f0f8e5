package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
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
    Margin margin = Margin.of(Figure.percent(allowed - told), 0, allowed);
    Finding finding =
        Finding.on(
                key("distance"),
                margin,
                Practice.ADVICE,
                margin.verdict() == Verdict.OUT
                    ? Sentence.of(
                        "Too close to the wall to aim the " + lampWords() + ": {0} at least",
                        Figure.lengthMm(leastMm))
                    : Sentence.of(
                        Words.capital(lampWords())
                            + ": the tape tells {0} apart from here, a third of the tolerance is"
                            + " {1}",
                        Figure.percent(told),
                        Figure.percent(allowed)))
            .withDetail(
                Sentence.of(
                    "Two tape readings of ±{0} at {1} are ±{2}; the setting is good to ±{3}.",
                    Figure.fineMm(tapeMm),
                    Figure.lengthMm(lamp.alongMm()),
                    Figure.percent(told),
                    Figure.percent(target.tolerancePercent())))
            .withWorking(
                Working.of(
                    new Working.Line(
                        "least distance",
                        "√2 × tape ÷ (tolerance ÷ 3)",
                        Sentence.of(
                            "1.414 × {0} ÷ ({1} ÷ 3)",
                            Figure.fineMm(tapeMm), Figure.percent(target.tolerancePercent())),
                        Figure.lengthMm(leastMm))));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Sentence.of("Move back to {0} or more, or take another bay.", Figure.lengthMm(leastMm)))
        : finding;
  }

  private Finding unread(boolean turned) {
    String other = side.other().word();
    String what = pair.kind().readWords();
    return Finding.notKnown(
        key("cutoff"),
        Practice.READING,
        Words.capital(lampWords()) + (turned ? " turned since it was read" : " not read"),
        turned
            ? "Read the " + side.word() + " " + what + " again, the " + other + " lamp covered."
            : "Cover the " + other + " lamp and read the " + side.word() + " " + what + ".");
  }

  /** Loaded, a beam has to stay within the same limits: that is what the levelling is for. */
  private Finding laden(AimEvent.LadenRead read, LampPlace lamp) {
    if (CutoffReadings.turnedSince(AimEvent.LadenRead.class, pair.events(), side)) {
      return Finding.notKnown(
          key("laden"),
          Practice.LEVELLING,
          Words.capital(lampWords()) + " turned since it was read laden",
          "Load the vehicle, set the levelling for it, and read the cutoff again.");
    }
    Finding limits =
        Limits.judge(
            key("laden"),
            wall.market(),
            by.astride().facts(side),
            lamp,
            -lamp.percentOf(read.below().mm()),
            lamp.uncertaintyPercent(read.below().plusMinusMm()),
            "laden ");
    return limits.verdict() == Verdict.OUT
        ? limits.withRemedy(
            Sentence.of(
                "Set the levelling for this load; where its last position does not reach, the"
                    + " levelling or the rear springs need work, not the screw."))
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
            "");
    Optional<Correction> correction =
        target.map(asked -> correction(lamp, reading, asked.percent(), screws));
    // where no rule speaks of driving lamps, practice alone aims them
    if (pair.kind() != LampKind.DRIVING || limits().isPresent()) {
      findings.add(
          limits.verdict() == Verdict.OUT && correction.isPresent()
              ? limits.withRemedy(
                  mends(reading, correction.get())
                      ? correction.get().says()
                      : Sentence.of(
                          "Aim by another school: the mark of this one lies beyond the rule."))
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
                Sentence.of(
                    "The last turn took the " + lampWords() + " away from its mark by {0}",
                    Figure.lengthMm(
                        (Math.abs(offNow) - Math.abs(offBefore)) / 100 * lamp.alongMm())))
            .withRemedy(Sentence.of("Turn the other way; the turns given allow for it.")));
  }

  /** Where the rule sets no limit on that side, nothing is wrong with a lamp beside its mark. */
  private boolean mayBeOff(double offPercent) {
    return limits()
        .map(band -> offPercent < 0 ? band.lowest().isEmpty() : band.highest().isEmpty())
        .orElse(false);
  }

  private Finding againstTarget(
      LampPlace lamp, Target target, LampSheet.Reading reading, Correction correction) {
    double off = reading.percent() - target.percent();
    Margin margin =
        Margin.of(
            Figure.percent(target.tolerancePercent() - (mayBeOff(off) ? 0 : Math.abs(off))),
            reading.uncertaintyPercent(),
            target.tolerancePercent());
    double offMm = off / 100 * lamp.alongMm();
    Sentence headline =
        isOnTape(reading, offMm)
            ? Sentence.of(Words.capital(lampWords()) + " on the tape")
            : Sentence.of(
                Words.capital(lampWords()) + " {0} " + (off > 0 ? "above" : "below") + " the tape",
                Figure.lengthMm(Math.abs(offMm)));
    Finding finding =
        Finding.on(key("target"), margin, target.source(), headline)
            .withDetail(
                Sentence.build()
                    .inclination(reading.percent())
                    .text(", aim ")
                    .inclination(target.percent())
                    .text(", good to ±")
                    .figure(Figure.percent(target.tolerancePercent()))
                    .text("; read to ±")
                    .figure(Figure.percent(reading.uncertaintyPercent()))
                    .text(".")
                    .done())
            .withWorking(
                Working.of(
                    new Working.Line(
                        "inclination",
                        "100 × (cutoff − line) ÷ distance",
                        Sentence.of(
                            "100 × ({0} − {1}) ÷ {2}",
                            Figure.fineMm(reading.heightMm()),
                            Figure.fineMm(lamp.lineMm()),
                            Figure.lengthMm(lamp.alongMm())),
                        Figure.percent(reading.percent())),
                    Working.read("aim", Figure.percent(target.percent())),
                    new Working.Line(
                        "off the tape",
                        "(inclination − aim) × distance ÷ 100",
                        Sentence.of(
                            "({0} − ({1})) × {2} ÷ 100",
                            Figure.percent(reading.percent()),
                            Figure.percent(target.percent()),
                            Figure.lengthMm(lamp.alongMm())),
                        Figure.fineMm(offMm)),
                    new Working.Line(
                        "uncertainty",
                        "√(line² + tape²) ÷ distance",
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
            ? Sentence.of("Do not raise it: aim by another school, whose mark is lower.")
            : correction.says());
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
    Sentence.Builder says =
        Sentence.build()
            .figure(Figure.lengthMm(Math.abs(upMm)))
            .text(upMm < 0 ? " down" : " up")
            .text(" at the wall");
    if (isOnTape(reading, upMm)) {
      says = Sentence.build().text("On its mark: nothing to turn.");
    } else if (turns.isPresent() && turns.getAsDouble() != 0) {
      says.text(". Vertical screw: ")
          .figure(Figure.turns(Math.abs(turns.getAsDouble())))
          .text(turns.getAsDouble() > 0 ? " clockwise, " : " anticlockwise, ")
          .text(vertical.orElseThrow().rateIsRead() ? "by the rate read here" : "as remembered")
          .text(".");
    } else if (turns.isPresent()) {
      says.text(": less than 1/8 turn.");
    } else if (pair.kind() != LampKind.DIPPED && screws.isEmpty()) {
      says.text(". Without a screw: tilt it at its bracket by ")
          .figure(Figure.degrees(Math.abs(Inclination.degreesOfPercent(upPercent))))
          .text(upMm < 0 ? " down." : " up.");
    } else {
      says.text(
          ". Which way this screw goes is not known: turn it half a turn, note the direction, read"
              + " again.");
    }
    return new Correction(
        upMm, upPercent, vertical.map(ScrewBehaviour::adjuster), turns, says.done());
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
        String which = screw.adjuster().axis().word() + " screw of the " + side.word() + " lamp";
        findings.add(
            Finding.plain(
                    FindingKey.of("screw.reach", screw.adjuster().subject()),
                    wall.frontClosed() && adjusting ? Verdict.OUT : Verdict.AT_EDGE,
                    mellow.core.finding.Source.commonPractice(
                        "aim before closing where an adjuster cannot be reached"),
                    Sentence.of(
                        wall.frontClosed()
                            ? "The " + which + " is out of reach behind the closed front"
                            : "The " + which + " is out of reach once the front is closed"))
                .withRemedy(
                    Sentence.of(
                        wall.frontClosed()
                            ? "The front has to come off again to turn it."
                            : "Finish its aim before closing up.")));
      }
    }
  }

  private String lampWords() {
    return side.word() + " " + pair.kind().lampWords();
  }

  private FindingKey key(String what) {
    return FindingKey.of("aim." + what, Subject.Lamp.of(pair.kind().function(), side));
  }
}

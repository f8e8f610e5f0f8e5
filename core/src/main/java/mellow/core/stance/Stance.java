package mellow.core.stance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.subject.Subject;

/**
 * How a vehicle stands now against how it stood when it came.
 *
 * <p>With the front up by F, the rear by R, wheelbase L and the lamp a ahead of the front axle, the
 * lamp's centre rises F + (F − R) × a ÷ L and its beam 100 × (F − R) ÷ L percent, for small angles.
 *
 * @param front what was changed at the front axle
 * @param rear what was changed at the rear axle
 * @param wheelbaseMm between the axles; empty where not measured
 * @param lampAheadMm lamps ahead of the front axle; empty where not measured
 * @param dialBefore position of the levelling dial then; empty where there is none or it was not
 *     noted
 * @param dialNow the same now
 */
public record Stance(
    AxleChange front,
    AxleChange rear,
    OptionalDouble wheelbaseMm,
    OptionalDouble lampAheadMm,
    OptionalDouble dialBefore,
    OptionalDouble dialNow) {
  private static final Source DERIVED = Source.derived(StanceWords.srcDerived());
  private static final Source PRACTICE = Source.commonPractice(StanceWords.srcAim());
  private static final double PERCENT = 100;

  /** Smallest tip of the beam that is worth a word: about 4 mm on a wall 25 ft away. Judged. */
  private static final double TELLING_PERCENT = 0.05;

  /** What became of the lamps. */
  public record Effect(double centreRiseMm, double beamRisePercent, Working working) {
    private boolean isTelling() {
      return Math.abs(beamRisePercent) >= TELLING_PERCENT;
    }

    private Sentence says() {
      return isTelling()
          ? StanceWords.tipped(rise(), centreRiseMm < 0, tilt(), beamRisePercent < 0)
          : StanceWords.centres(rise(), centreRiseMm < 0);
    }

    private Sentence readSince() {
      return isTelling()
          ? StanceWords.tippedRead(rise(), centreRiseMm < 0, tilt(), beamRisePercent < 0)
          : StanceWords.centresRead(rise(), centreRiseMm < 0);
    }

    private Figure.Length rise() {
      return Figure.lengthMm(Math.abs(centreRiseMm));
    }

    private Figure.Percent tilt() {
      return Figure.percent(Math.abs(beamRisePercent));
    }
  }

  /** Nothing was changed, as far as is known. */
  public boolean isUnchanged() {
    return front.isNone() && rear.isNone() && !dialMoved();
  }

  private boolean dialMoved() {
    return dialBefore.isPresent()
        && dialNow.isPresent()
        && dialBefore.getAsDouble() != dialNow.getAsDouble();
  }

  /** The effect of lift, tyres and load; empty while a length or a tyre is missing. */
  public Optional<Effect> effect() {
    if (wheelbaseMm.isEmpty()
        || lampAheadMm.isEmpty()
        || front.isHalfKnown()
        || rear.isHalfKnown()) {
      return Optional.empty();
    }
    double f = front.riseMm();
    double r = rear.riseMm();
    double base = wheelbaseMm.getAsDouble();
    double ahead = lampAheadMm.getAsDouble();
    double rise = f + (f - r) * ahead / base;
    double percent = PERCENT * (f - r) / base;
    Working working =
        Working.of(
            axleLine(StanceWords.frontUp(), front),
            axleLine(StanceWords.rearUp(), rear),
            new Working.Line(
                StanceWords.lampUp(),
                StanceWords.lampUpFormula(),
                Sentence.of(
                    "{0} + ({0} − {1}) × {2} ÷ {3}",
                    Figure.fineMm(f),
                    Figure.fineMm(r),
                    Figure.lengthMm(ahead),
                    Figure.lengthMm(base)),
                Figure.fineMm(rise)),
            new Working.Line(
                StanceWords.beamUp(),
                StanceWords.beamUpFormula(),
                Sentence.of(
                    "100 × ({0} − {1}) ÷ {2}",
                    Figure.fineMm(f), Figure.fineMm(r), Figure.lengthMm(base)),
                Figure.percent(percent)));
    return Optional.of(new Effect(rise, percent, working));
  }

  private static Working.Line axleLine(Sentence label, AxleChange axle) {
    return new Working.Line(
        label,
        StanceWords.axleFormula(),
        Sentence.of(
            "{0} + {1} − {2}",
            Figure.fineMm(axle.liftMm()),
            Figure.fineMm(axle.tyreRiseMm()),
            Figure.fineMm(axle.loadMm())),
        Figure.fineMm(axle.riseMm()));
  }

  /**
   * What the change means for the lamps and for marks from before.
   *
   * @param readSince lamp centres and cutoffs of both lamps were read after the change: what it did
   *     to them is then told by those readings
   */
  public List<Finding> findings(boolean readSince) {
    List<Finding> findings = new ArrayList<>();
    if (isUnchanged()) {
      findings.add(
          Finding.plain(
              FindingKey.of("stance.unchanged", Subject.Vehicle.WHOLE),
              Verdict.WITHIN,
              PRACTICE,
              StanceWords.unchanged()));
      return findings;
    }
    if (!front.isNone() || !rear.isNone()) {
      findings.add(
          effect()
              .map(effect -> tipped(effect, readSince))
              .orElseGet(() -> readSince ? settled() : open()));
    }
    if (dialMoved()) {
      findings.add(
          Finding.plain(
                  FindingKey.of("stance.dial", Subject.Vehicle.WHOLE),
                  readSince ? Verdict.AT_EDGE : Verdict.OUT,
                  PRACTICE,
                  StanceWords.dialMoved(
                      Figure.dial(dialBefore.orElseThrow()), Figure.dial(dialNow.orElseThrow())))
              .withRemedy(
                  Remedy.of(
                      Remedy.Action.SET,
                      Remedy.Page.CAME,
                      readSince ? StanceWords.dialThen() : StanceWords.setDial())));
    }
    return findings;
  }

  private static Finding settled() {
    return Finding.plain(
        FindingKey.of("stance.tipped", Subject.Vehicle.WHOLE),
        Verdict.WITHIN,
        PRACTICE,
        StanceWords.readSince());
  }

  private static Finding tipped(Effect effect, boolean readSince) {
    FindingKey key = FindingKey.of("stance.tipped", Subject.Vehicle.WHOLE);
    if (readSince) {
      return Finding.plain(key, Verdict.WITHIN, DERIVED, effect.readSince())
          .withWorking(effect.working());
    }
    return Finding.plain(
            key, effect.isTelling() ? Verdict.OUT : Verdict.AT_EDGE, DERIVED, effect.says())
        .withRemedy(Remedy.of(Remedy.Action.READ, Remedy.Page.WALL, StanceWords.aimAgain()))
        .withWorking(effect.working());
  }

  private Finding open() {
    boolean tyres = front.isHalfKnown() || rear.isHalfKnown();
    return Finding.plain(
            FindingKey.of("stance.tipped", Subject.Vehicle.WHOLE),
            Verdict.NOT_KNOWN,
            DERIVED,
            StanceWords.tiltNotKnown())
        .withRemedy(
            tyres
                ? Remedy.of(Remedy.Action.ENTER, Remedy.Page.CAME, StanceWords.enterTyres())
                : Remedy.of(Remedy.Action.MEASURE, Remedy.Page.CAME, StanceWords.measureLever()));
  }
}

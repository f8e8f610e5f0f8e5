package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;

/**
 * The floor as far as it was read: the tyres' plane carried on to the wall, and the wall's foot.
 * What was not read is taken as level, and said to be so by a finding.
 */
public final class Floor {
  private final Optional<FloorSurvey> survey;
  private final Optional<FloorPlane> plane;

  private Floor(Optional<FloorSurvey> survey) {
    this.survey = survey;
    this.plane = survey.flatMap(read -> FloorPlane.fit(read.points()));
  }

  public static Floor of(Optional<FloorSurvey> survey) {
    return new Floor(survey);
  }

  public Optional<FloorPlane> plane() {
    return plane;
  }

  /** Height of the tyres' plane where it meets the wall, in mm; 0 for a floor taken as level. */
  public double planeAtWallMm(double xMm) {
    return plane.map(fitted -> fitted.heightMm(xMm, 0)).orElse(0.0);
  }

  /** Height of the wall's foot, in mm, on the straight line through the two that were read. */
  public double footMm(double xMm) {
    BySide<OptionalDouble> foot =
        survey.map(FloorSurvey::footMm).orElse(BySide.of(side -> OptionalDouble.empty()));
    if (plane.isEmpty() || (foot.left().isEmpty() && foot.right().isEmpty())) {
      return planeAtWallMm(xMm);
    }
    double left = foot.left().orElseGet(() -> foot.right().getAsDouble());
    double right = foot.right().orElseGet(() -> foot.left().getAsDouble());
    double share = xMm / survey.orElseThrow().plan().footSpacingMm();
    return (left + right) / 2 + (left - right) * share;
  }

  /** What the floor adds to a mark's height above the wall's foot, in mm. */
  public double correctionMm(double xMm) {
    return planeAtWallMm(xMm) - footMm(xMm);
  }

  /**
   * How far the floor straight below a lamp stands above the tyres' plane, in mm; 0 where it was
   * not read. A centre height taped from that floor counts by so much more above the plane.
   */
  public double underLampMm(Side side, double xMm, double yMm) {
    if (plane.isEmpty()) {
      return 0;
    }
    OptionalDouble read = survey.orElseThrow().underLampMm().on(side);
    return read.isPresent() ? read.getAsDouble() - plane.get().heightMm(xMm, yMm) : 0;
  }

  /**
   * How uncertain that correction is, ± mm: the readings' own error grown to the wall, and twist.
   */
  public double uncertaintyMm(double xMm) {
    if (plane.isEmpty()) {
      return 0;
    }
    double error = survey.orElseThrow().readingErrorMm();
    double grown = error * plane.get().errorGain(xMm, 0);
    return Math.hypot(Math.hypot(grown, error), plane.get().largestResidualMm());
  }

  /** The working of one mark's correction. */
  public Working.Line correctionLine(double xMm) {
    return new Working.Line(
        AimWords.floorAdds(),
        AimWords.floorAddsFormula(),
        Sentence.of("{0} − ({1})", Figure.fineMm(planeAtWallMm(xMm)), Figure.fineMm(footMm(xMm))),
        Figure.fineMm(correctionMm(xMm)));
  }

  public List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    if (survey.isEmpty()) {
      findings.add(
          Finding.notKnown(
              FindingKey.of("floor.survey", Subject.Bay.HERE),
              Practice.PLANE,
              AimWords.floorNotRead(),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BAY, AimWords.readFloor())));
      return findings;
    }
    if (plane.isEmpty()) {
      findings.add(
          Finding.notKnown(
              FindingKey.of("floor.survey", Subject.Bay.HERE),
              Practice.PLANE,
              AimWords.fewTyres(),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BAY, AimWords.readFourTyres())));
      return findings;
    }
    findings.add(twist(survey.get(), plane.get()));
    findings.add(tilt(plane.get()));
    BySide<OptionalDouble> foot = survey.get().footMm();
    if (foot.left().isEmpty() || foot.right().isEmpty()) {
      Side missing = foot.left().isEmpty() ? Side.LEFT : Side.RIGHT;
      findings.add(
          Finding.notKnown(
              FindingKey.of("floor.foot", new Subject.FloorPoint("wall", missing)),
              Practice.PLANE,
              AimWords.footNotRead(missing),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BAY, AimWords.readFoot(missing))));
    }
    return findings;
  }

  private static Finding twist(FloorSurvey survey, FloorPlane plane) {
    if (survey.tyres().stream().map(FloorSurvey.TyreReading::corner).distinct().count() < 4) {
      return Finding.notKnown(
          FindingKey.of("floor.twist", Subject.Bay.HERE),
          Practice.PLANE,
          AimWords.threeTyres(),
          Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BAY, AimWords.readFourthTyre()));
    }
    double residual = plane.largestResidualMm();
    Margin margin =
        Margin.upTo(Figure.fineMm(Practice.TWIST_LIMIT_MM), residual, survey.readingErrorMm() / 2);
    double slipMm = 4 * residual;
    double markMm = slipMm * plane.worstInfluence(0, 0);
    boolean confirmed = survey.everyTyreReadTwice();
    Verdict verdict =
        confirmed && margin.verdict() == Verdict.OUT ? Verdict.AT_EDGE : margin.verdict();
    Sentence headline =
        verdict == Verdict.WITHIN
            ? AimWords.planeFits(Figure.fineMm(residual))
            : confirmed
                ? AimWords.twistedRead(Figure.fineMm(residual))
                : AimWords.twisted(Figure.fineMm(residual));
    Sentence detail =
        confirmed
            ? AimWords.twistIsReal(Figure.fineMm(residual))
            : AimWords.whichIsOff(Figure.fineMm(slipMm), Figure.fineMm(markMm));
    Finding finding =
        new Finding(
            FindingKey.of("floor.twist", Subject.Bay.HERE),
            verdict,
            headline,
            detail,
            Optional.of(margin),
            verdict == Verdict.WITHIN || confirmed
                ? Optional.empty()
                : Optional.of(
                    Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BAY, AimWords.readTyresTwice())),
            Working.of(
                Working.read(AimWords.tyreOffPlane(), Figure.fineMm(residual)),
                new Working.Line(
                    AimWords.oneSlip(),
                    AimWords.oneSlipFormula(),
                    Sentence.of("4 × {0}", Figure.fineMm(residual)),
                    Figure.fineMm(slipMm))),
            Practice.ADVICE);
    return finding;
  }

  private static Finding tilt(FloorPlane plane) {
    double steepest = Math.hypot(plane.riseForwardPercent(), plane.riseLeftPercent());
    Margin margin = Margin.upTo(Figure.percent(Practice.TILT_LIMIT_PERCENT), steepest, 0);
    Finding finding =
        Finding.on(
                FindingKey.of("floor.tilt", Subject.Bay.HERE),
                margin,
                Practice.ADVICE,
                margin.verdict() == Verdict.OUT
                    ? AimWords.floorLeansTooMuch(Figure.percent(steepest))
                    : AimWords.floorLeans(Figure.percent(steepest)))
            .withWorking(
                Working.of(
                    Working.read(
                        AimWords.riseForward(), Figure.percent(plane.riseForwardPercent())),
                    Working.read(AimWords.riseLeft(), Figure.percent(plane.riseLeftPercent()))));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(Remedy.of(Remedy.Action.CHECK, Remedy.Page.BAY, AimWords.checkUnits()))
        : finding;
  }
}

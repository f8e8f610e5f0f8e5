package mellow.core.aim.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.AimWords;
import mellow.core.aim.Floor;
import mellow.core.aim.LampPlace;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.PairInput;
import mellow.core.aim.Practice;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.measure.Measured;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;

/**
 * A pair of lamps before the wall: squareness, distances, and where each lamp's level beam falls.
 *
 * <p>With the lamps' distances D_left and D_right square to the wall and their spacing s, the
 * vehicle heads atan((D_right − D_left) ÷ s) to the right of square; its straight-ahead points lie
 * D × tan(skew) to the right of where they would be, and the way along its axis is D ÷ cos(skew).
 */
public final class PairGeometry {
  private final PairInput pair;
  private final Floor floor;
  private final MarkStyle marks;
  private final OptionalDouble skewDeg;
  private final BySide<Optional<LampPlace>> lamps;

  public PairGeometry(PairInput pair, Floor floor, MarkStyle marks) {
    this.pair = pair;
    this.floor = floor;
    this.marks = marks;
    this.skewDeg = skewOf(pair);
    this.lamps = BySide.of(this::place);
  }

  /**
   * Heading to the right of square, in degrees; empty while a distance or the spacing is missing.
   */
  public OptionalDouble skewDeg() {
    return skewDeg;
  }

  /** Where the lamps meet the wall; empty for a lamp whose height or distance is missing. */
  public BySide<Optional<LampPlace>> lamps() {
    return lamps;
  }

  private static OptionalDouble skewOf(PairInput pair) {
    BySide<OptionalDouble> distance = pair.distanceMm();
    if (distance.left().isEmpty() || distance.right().isEmpty() || pair.spacingMm().isEmpty()) {
      return OptionalDouble.empty();
    }
    double difference = distance.right().getAsDouble() - distance.left().getAsDouble();
    return OptionalDouble.of(
        Math.toDegrees(Math.atan(difference / pair.spacingMm().getAsDouble())));
  }

  private Optional<LampPlace> place(Side side) {
    Optional<Measured> distance = distance(side);
    Optional<Measured> centre = pair.centre().on(side);
    if (distance.isEmpty() || centre.isEmpty()) {
      return Optional.empty();
    }
    double square = distance.get().mm();
    double skew = Math.toRadians(skewDeg.orElse(0));
    double halfSpacing = side.sign() * pair.spacingMm().orElse(0) / 2;
    double aheadX = halfSpacing / Math.cos(skew);
    double centreMm = centre.get().mm() + floor.underLampMm(side, halfSpacing, -square);
    Optional<Measured> axisMark = marks.axisMark().on(side);
    boolean transferred = marks.origin() == MarkStyle.Origin.TRANSFERRED && axisMark.isPresent();
    double line = transferred ? axisMark.get().mm() : centreMm + floor.correctionMm(aheadX);
    double tapeMm = (transferred ? axisMark : centre).orElseThrow().plusMinusMm();
    double lineUncertainty = transferred ? tapeMm : Math.hypot(tapeMm, floor.uncertaintyMm(aheadX));
    return Optional.of(
        new LampPlace(
            side,
            centreMm,
            new Measured(square / Math.cos(skew), distance.get().plusMinusMm()),
            new Measured(line, lineUncertainty),
            tapeMm,
            new LampPlace.Ahead(aheadX, -square * Math.tan(skew)),
            lineWorking(transferred, centreMm, aheadX, line)));
  }

  private Working lineWorking(boolean transferred, double centreMm, double aheadX, double line) {
    if (transferred) {
      return Working.of(Working.read(AimWords.axisTaped(), Figure.lengthMm(line)));
    }
    return Working.of(
        Working.read(AimWords.centreAbovePlane(), Figure.fineMm(centreMm)),
        floor.correctionLine(aheadX),
        new Working.Line(
            AimWords.lineAboveFoot(),
            AimWords.lineAboveFootFormula(),
            Sentence.of("{0} + ({1})", Figure.fineMm(centreMm), Figure.fineMm(line - centreMm)),
            Figure.fineMm(line)));
  }

  /** A lamp's distance; the other lamp's where only that one was read. */
  private Optional<Measured> distance(Side side) {
    return pair.distance().on(side).or(() -> pair.distance().on(side.other()));
  }

  List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    for (Side side : Side.values()) {
      if (pair.centreMm().on(side).isEmpty()) {
        findings.add(
            Finding.notKnown(
                FindingKey.of("wall.centre", Subject.Lamp.of(pair.kind().function(), side)),
                Practice.READING,
                AimWords.heightNotRead(side, pair.kind()),
                Remedy.of(
                    Remedy.Action.MEASURE,
                    Remedy.Page.WALL,
                    AimWords.readHeight(side, pair.kind()))));
      }
    }
    if (distance(Side.LEFT).isEmpty()) {
      findings.add(
          Finding.notKnown(
              ofPair("wall.distance"),
              Practice.READING,
              AimWords.distanceNotRead(),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.WALL, AimWords.readDistance())));
    } else if (pair.distanceMm().left().isEmpty() || pair.distanceMm().right().isEmpty()) {
      findings.add(
          Finding.notKnown(
              ofPair("wall.square"),
              Practice.READING,
              AimWords.oneDistance(),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.WALL, AimWords.readOtherDistance())));
    } else if (pair.spacingMm().isEmpty()) {
      findings.add(
          Finding.notKnown(
              ofPair("wall.square"),
              Practice.READING,
              AimWords.spacingNotRead(),
              Remedy.of(Remedy.Action.MEASURE, Remedy.Page.WALL, AimWords.readSpacing())));
    } else {
      findings.add(square());
    }
    heights().ifPresent(findings::add);
    return findings;
  }

  private FindingKey ofPair(String rule) {
    return FindingKey.of(rule, Subject.Lamp.pair(pair.kind().function()));
  }

  private Finding square() {
    double skew = skewDeg.orElseThrow();
    double spacing = pair.spacingMm().orElseThrow();
    Measured leftRead = pair.distance().left().orElseThrow();
    Measured rightRead = pair.distance().right().orElseThrow();
    double left = leftRead.mm();
    double right = rightRead.mm();
    double aside = (left + right) / 2 * Math.tan(Math.toRadians(skew));
    double uncertainty = Math.toDegrees(Math.atan(leftRead.apartPlusMinusMm(rightRead) / spacing));
    Margin margin =
        Margin.upTo(Figure.degrees(Practice.SKEW_LIMIT_DEG), Math.abs(skew), uncertainty);
    Sentence headline =
        Math.abs(skew) <= uncertainty
            ? AimWords.square()
            : AimWords.skewed(
                Figure.degrees(Math.abs(skew)), Figure.lengthMm(Math.abs(aside)), skew > 0);
    Finding finding =
        Finding.on(ofPair("wall.square"), margin, Practice.ADVICE, headline)
            .withDetail(AimWords.marksAllow())
            .withWorking(
                Working.of(
                    new Working.Line(
                        AimWords.skew(),
                        AimWords.skewFormula(),
                        Sentence.of(
                            "atan(({0} − {1}) ÷ {2})",
                            Figure.lengthMm(right),
                            Figure.lengthMm(left),
                            Figure.lengthMm(spacing)),
                        Figure.degrees(skew)),
                    new Working.Line(
                        AimWords.straightAheadRight(),
                        AimWords.straightAheadRightFormula(),
                        Sentence.of(
                            "{0} × tan({1})",
                            Figure.lengthMm((left + right) / 2), Figure.degrees(skew)),
                        Figure.lengthMm(aside))));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(Remedy.Action.MOVE, Remedy.Page.WALL, AimWords.moveVehicle()))
        : finding;
  }

  private Optional<Finding> heights() {
    Optional<Measured> left = pair.centre().left();
    Optional<Measured> right = pair.centre().right();
    if (left.isEmpty() || right.isEmpty()) {
      return Optional.empty();
    }
    double difference = Math.abs(left.get().mm() - right.get().mm());
    Margin margin =
        Margin.upTo(
            Figure.lengthMm(Practice.PAIR_HEIGHT_LIMIT_MM),
            difference,
            left.get().apartPlusMinusMm(right.get()));
    Finding finding =
        Finding.on(
                ofPair("wall.pair-height"),
                margin,
                Practice.ADVICE,
                margin.verdict() == Verdict.OUT
                    ? AimWords.centresDifferMuch(Figure.lengthMm(difference))
                    : AimWords.centresDiffer(Figure.lengthMm(difference)))
            .withWorking(
                Working.of(
                    Working.read(AimWords.centreOf(Side.LEFT), Figure.lengthMm(left.get().mm())),
                    Working.read(
                        AimWords.centreOf(Side.RIGHT), Figure.lengthMm(right.get().mm()))));
    return Optional.of(
        margin.verdict() == Verdict.OUT
            ? finding.withRemedy(
                Remedy.of(Remedy.Action.CHECK, Remedy.Page.WALL, AimWords.checkSprings()))
            : finding);
  }
}

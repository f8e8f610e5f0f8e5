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
import mellow.core.finding.Working;
import mellow.core.measure.Measured;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
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

  PairGeometry(PairInput pair, Floor floor, MarkStyle marks) {
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
      return Working.of(
          Working.read("axis taped with the vehicle at the wall", Figure.lengthMm(line)));
    }
    return Working.of(
        Working.read("lamp centre above the tyres' plane", Figure.fineMm(centreMm)),
        floor.correctionLine(aheadX),
        new Working.Line(
            "lamp-height line above the wall's foot",
            "centre + floor",
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
                "Height of the " + side.word() + " " + lampWords() + " not read",
                "Measure from the floor to the centre of the "
                    + side.word()
                    + " "
                    + lampWords()
                    + "."));
      }
    }
    if (distance(Side.LEFT).isEmpty()) {
      findings.add(
          Finding.notKnown(
              ofPair("wall.distance"),
              Practice.READING,
              "Distance to the wall not read",
              "Measure from each lamp square to the wall."));
    } else if (pair.distanceMm().left().isEmpty() || pair.distanceMm().right().isEmpty()) {
      findings.add(
          Finding.notKnown(
              ofPair("wall.square"),
              Practice.READING,
              "One distance only: whether the vehicle stands square is open",
              "Measure from the other lamp square to the wall."));
    } else if (pair.spacingMm().isEmpty()) {
      findings.add(
          Finding.notKnown(
              ofPair("wall.square"),
              Practice.READING,
              "Spacing of the lamps not read: squareness is open",
              "Measure between the centres of the lamps."));
    } else {
      findings.add(square());
    }
    heights().ifPresent(findings::add);
    return findings;
  }

  private FindingKey ofPair(String rule) {
    return FindingKey.of(rule, Subject.Lamp.pair(pair.kind().function()));
  }

  private String lampWords() {
    return pair.kind() == LampKind.DIPPED ? "low beam" : pair.kind().lampWords();
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
        Margin.of(
            Figure.degrees(Practice.SKEW_LIMIT_DEG - Math.abs(skew)),
            uncertainty,
            Practice.SKEW_LIMIT_DEG);
    Sentence headline =
        Math.abs(skew) <= uncertainty
            ? Sentence.of("Vehicle stands square to the wall")
            : Sentence.build()
                .text("Vehicle stands ")
                .figure(Figure.degrees(Math.abs(skew)))
                .text(" off square: straight ahead lies ")
                .figure(Figure.lengthMm(Math.abs(aside)))
                .text(skew > 0 ? " to the right" : " to the left")
                .done();
    Finding finding =
        Finding.on(ofPair("wall.square"), margin, Practice.ADVICE, headline)
            .withDetail(Sentence.of("The marks allow for it."))
            .withWorking(
                Working.of(
                    new Working.Line(
                        "skew",
                        "atan((right distance − left distance) ÷ spacing)",
                        Sentence.of(
                            "atan(({0} − {1}) ÷ {2})",
                            Figure.lengthMm(right),
                            Figure.lengthMm(left),
                            Figure.lengthMm(spacing)),
                        Figure.degrees(skew)),
                    new Working.Line(
                        "straight ahead, to the right",
                        "distance × tan(skew)",
                        Sentence.of(
                            "{0} × tan({1})",
                            Figure.lengthMm((left + right) / 2), Figure.degrees(skew)),
                        Figure.lengthMm(aside))));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(Sentence.of("Move the vehicle until both distances are equal."))
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
        Margin.of(
            Figure.lengthMm(Practice.PAIR_HEIGHT_LIMIT_MM - difference),
            left.get().apartPlusMinusMm(right.get()),
            Practice.PAIR_HEIGHT_LIMIT_MM);
    Finding finding =
        Finding.on(
                ofPair("wall.pair-height"),
                margin,
                Practice.ADVICE,
                Sentence.of(
                    margin.verdict() == Verdict.OUT
                        ? "Lamp centres differ by {0}: more than a sound vehicle does"
                        : "Lamp centres differ by {0}",
                    Figure.lengthMm(difference)))
            .withWorking(
                Working.of(
                    Working.read("left centre", Figure.lengthMm(left.get().mm())),
                    Working.read("right centre", Figure.lengthMm(right.get().mm()))));
    return Optional.of(
        margin.verdict() == Verdict.OUT
            ? finding.withRemedy(
                Sentence.of(
                    "Measure both again from the floor; if they stand, see to tyres and springs first."))
            : finding);
  }
}

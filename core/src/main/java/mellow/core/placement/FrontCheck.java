package mellow.core.placement;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import mellow.core.effort.Effort;
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
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** What holds on every front, whatever the rule sets say: nothing runs into anything. */
final class FrontCheck {
  /** Left and right may differ by this and still look even. Judged. */
  static final double UNEVEN_LIMIT_MM = 5;

  private static final double ROOM_MM = 100;

  /** Shapes that share less than this merely touch. */
  private static final double TOUCHING_MM2 = 0.01;

  private static final Source DRAWN = Source.derived(PlacementWords.srcDrawn());
  private static final Source EVEN = Source.judged(PlacementWords.srcSymmetric());

  private static final double FORWARD_WITHIN_DEG = 10;

  /** What is fitted to bumpers; the others sit in housings of their own. */
  private static final Set<LampFunction> ON_THE_BUMPER =
      EnumSet.of(LampFunction.DRL, LampFunction.FRONT_FOG, LampFunction.DRIVING);

  private static final Source FORWARD = Source.commonPractice(PlacementWords.srcHeading());

  private final Front front;
  private final double tapeMm;

  FrontCheck(Front front, double tapeMm) {
    this.front = front;
    this.tapeMm = tapeMm;
  }

  List<Finding> of(LampPair pair) {
    List<Finding> findings = new ArrayList<>();
    findings.add(even(pair));
    for (Side side : Side.values()) {
      front
          .bumper()
          .filter(bumper -> ON_THE_BUMPER.contains(pair.lamp().function()))
          .ifPresent(bumper -> findings.add(turned(pair, side, bumper)));
      withinTheVehicle(pair, side, findings);
      Geometry body = body(pair, side);
      for (KeepOut keepOut : front.keepOuts()) {
        findings.add(clear(pair, side, body, keepOut));
      }
      for (LampPair other : front.pairs()) {
        if (!other.id().equals(pair.id())
            && reach(pair, side).intersects(reach(other, side))
            && overlap(body, body(other, side))) {
          findings.add(
              out(
                  FindingKey.of(
                      "place.overlap", new Subject.Surface(pair.subject(side), other.id())),
                  PlacementWords.runsIntoLamp(PlaceWords.who(pair, side), other.name()),
                  PlacementWords.moveOne()));
        }
      }
    }
    return findings;
  }

  private static Envelope reach(LampPair pair, Side side) {
    return Front.onVehicle(pair.lamp().bodyReach(), side, pair.spots().on(side));
  }

  private static Geometry body(LampPair pair, Side side) {
    return Front.onVehicle(pair.lamp().body(), side, pair.spots().on(side));
  }

  private static boolean overlap(Geometry one, Geometry other) {
    return one.intersects(other) && Shapes.common(one, other).getArea() > TOUCHING_MM2;
  }

  private Finding even(LampPair pair) {
    Spot left = pair.spots().left();
    Spot right = pair.spots().right();
    double off =
        Math.max(
            Math.abs(left.outMm() - right.outMm()), Math.abs(left.heightMm() - right.heightMm()));
    Margin margin = Margin.upTo(Figure.lengthMm(UNEVEN_LIMIT_MM), off, tapeMm * Math.sqrt(2));
    Finding finding =
        Finding.on(
            FindingKey.of("place.even", pair.subject()),
            margin,
            EVEN,
            off == 0
                ? PlacementWords.even(PlaceWords.both(pair))
                : PlacementWords.uneven(PlaceWords.both(pair), Figure.lengthMm(off)));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(Remedy.Action.MOVE, Remedy.Page.PLACE, PlacementWords.setAlike()))
        : finding;
  }

  /**
   * Flush with the bumper a lamp would look where the bumper turns; its bracket gives that back.
   */
  private Finding turned(LampPair pair, Side side, Bumper bumper) {
    Spot spot = pair.spots().on(side);
    double turn = bumper.turnDeg(spot.outMm(), front.widthMm());
    Figure.Direction away = Figure.direction(turn);
    Sentence who = PlaceWords.who(pair, side);
    if (turn <= FORWARD_WITHIN_DEG) {
      return Finding.plain(
          FindingKey.of("place.bumper", pair.subject(side)),
          Verdict.WITHIN,
          FORWARD,
          PlacementWords.bumperTurns(who, away));
    }
    return Finding.plain(
            FindingKey.of("place.bumper", pair.subject(side)),
            Verdict.AT_EDGE,
            FORWARD,
            PlacementWords.flush(who, away))
        .withRemedy(
            Remedy.of(
                    Remedy.Action.TURN,
                    Remedy.Page.PLACE,
                    PlacementWords.bracketGives(Figure.direction(turn - spot.headingDeg())))
                .by(Figure.direction(turn - spot.headingDeg())))
        .withWorking(
            Working.of(
                new Working.Line(
                    PlacementWords.bumperAway(),
                    PlacementWords.bumperAwayFormula(),
                    Sentence.of(
                        "atan(2 × {0} × {1} ÷ ({2} ÷ 2)²)",
                        Figure.lengthMm(bumper.setbackMm()),
                        Figure.lengthMm(spot.outMm()),
                        Figure.lengthMm(front.widthMm())),
                    away)));
  }

  private void withinTheVehicle(LampPair pair, Side side, List<Finding> findings) {
    var reach = pair.lamp().bodyReach();
    Spot spot = pair.spots().on(side);
    Sentence who = PlaceWords.who(pair, side);
    Beyond beyond = new Beyond(pair.subject(side), findings);
    beyond.judge(
        "place.beyond-side",
        spot.outMm() + reach.getMaxX() - front.widthMm() / 2,
        far -> PlacementWords.beyondSide(who, far),
        far -> PlacementWords.moveInOut(far, false));
    beyond.judge(
        "place.beyond-centre",
        -(spot.outMm() + reach.getMinX()),
        far -> PlacementWords.beyondCentre(who, far),
        far -> PlacementWords.moveInOut(far, true));
    beyond.judge(
        "place.beyond-ground",
        -(spot.heightMm() + reach.getMinY()),
        far -> PlacementWords.beyondGround(who, far),
        far -> PlacementWords.moveUpDown(far, false));
  }

  /** Collects a finding for each edge that a lamp goes beyond. */
  private record Beyond(Subject lamp, List<Finding> findings) {
    void judge(
        String rule,
        double mm,
        Function<Figure.Length, Sentence> says,
        Function<Figure.Length, Sentence> back) {
      if (mm > 0) {
        Figure.Length far = Figure.lengthMm(mm);
        findings.add(out(FindingKey.of(rule, lamp), says.apply(far), back.apply(far)));
      }
    }
  }

  private Finding clear(LampPair pair, Side side, Geometry body, KeepOut keepOut) {
    Effort.spend();
    Geometry shape = keepOut.geometry();
    Sentence who = PlaceWords.who(pair, side);
    String what = keepOut.name();
    if (overlap(body, shape)) {
      return out(
          clearOf(keepOut, pair, side),
          PlacementWords.runsInto(who, what),
          PlacementWords.moveClear());
    }
    double gap = Shapes.gap(body, shape);
    double amount = gap - keepOut.clearanceMm();
    Margin margin =
        Margin.of(
            Figure.lengthMm(amount),
            tapeMm,
            ROOM_MM,
            Limit.least(Figure.lengthMm(keepOut.clearanceMm())));
    Finding finding =
        Finding.on(
            clearOf(keepOut, pair, side),
            margin,
            DRAWN,
            PlacementWords.clearOf(who, Figure.lengthMm(gap), what));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(
                    Remedy.Action.MOVE,
                    Remedy.Page.PLACE,
                    PlacementWords.moveFarther(Figure.lengthMm(Math.abs(amount))))
                .by(Figure.lengthMm(Math.abs(amount))))
        : finding;
  }

  private static FindingKey clearOf(KeepOut keepOut, LampPair pair, Side side) {
    return FindingKey.of("place.clear", new Subject.Surface(pair.subject(side), keepOut.id()));
  }

  private static Finding out(FindingKey key, Sentence says, Sentence move) {
    return Finding.plain(key, Verdict.OUT, DRAWN, says)
        .withRemedy(Remedy.of(Remedy.Action.MOVE, Remedy.Page.PLACE, move));
  }
}

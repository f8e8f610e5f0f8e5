package mellow.core.harness;

import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Limit;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;

/**
 * The way of a branch of a harness through the vehicle, as straight pieces between stops.
 *
 * @param name as people call it: "to the left fog lamp"
 * @param stops at least two, in order
 */
public record Route(String name, List<Stop> stops) {
  /** A harness follows what it is tied to, and never quite straight. Judged. */
  private static final double SLACK_SHARE = 0.1;

  /** Left at each end, so that the plug can be pulled and a terminal made anew. Judged. */
  private static final double END_MM = 150;

  /** From one tie to the next at most: common practice. */
  private static final double TIE_EVERY_MM = 200;

  /** A clearance is measured by hand along a vehicle to this. Judged. */
  private static final double READ_TO_MM = 10;

  private static final Source AWAY = Source.commonPractice(HarnessWords.srcRoute());
  private static final Source GROMMET = Source.commonPractice(HarnessWords.srcGrommet());

  public Route {
    stops = List.copyOf(stops);
    if (stops.size() < 2) {
      throw new IllegalArgumentException("a route has a beginning and an end");
    }
  }

  /**
   * A place that it passes, mm.
   *
   * @param leftMm from the vehicle's centre line to its left
   * @param forwardMm from the front axle forwards
   * @param upMm above the ground
   * @param passes what it goes through there
   */
  public record Stop(double leftMm, double forwardMm, double upMm, Passes passes) {
    public Stop {
      if (!Double.isFinite(leftMm + forwardMm + upMm)
          || Math.max(Math.abs(leftMm), Math.max(Math.abs(forwardMm), Math.abs(upMm))) > 12_000) {
        throw new IllegalArgumentException("a stop lies within the vehicle");
      }
    }

    public static Stop at(double leftMm, double forwardMm, double upMm) {
      return new Stop(leftMm, forwardMm, upMm, Passes.NOTHING);
    }

    private double[] place() {
      return new double[] {leftMm, forwardMm, upMm};
    }
  }

  /** What a route goes through at a stop. */
  public enum Passes {
    NOTHING,
    /** A hole in sheet metal, its edge dressed by a grommet. */
    GROMMET,
    /** A hole in sheet metal with a bare edge, or with tape for a grommet. */
    BARE_HOLE
  }

  /**
   * Something to keep away from.
   *
   * @param clearanceMm at least so far
   */
  public record Hazard(String name, Stop at, double clearanceMm) {
    public Hazard {
      if (!(clearanceMm > 0)) {
        throw new IllegalArgumentException("a clearance is positive, not " + clearanceMm);
      }
    }
  }

  /** The straight pieces together, mm. */
  public double straightMm() {
    double sum = 0;
    for (int i = 1; i < stops.size(); i++) {
      sum += distance(stops.get(i - 1).place(), stops.get(i).place());
    }
    return sum;
  }

  /** As it is laid, mm: with slack on the way. */
  public double laidMm() {
    return straightMm() * (1 + SLACK_SHARE);
  }

  /** What is cut for it, mm: as it is laid, and a loop at both ends. */
  public double cutMm() {
    return laidMm() + 2 * END_MM;
  }

  /** Ties on the way, none further than a hand's breadth from the next. */
  public int ties() {
    return (int) Math.ceil(straightMm() / TIE_EVERY_MM);
  }

  /** What is wrong with the way. */
  public List<Finding> findings(List<Hazard> hazards) {
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < stops.size(); i++) {
      if (stops.get(i).passes() == Passes.BARE_HOLE) {
        findings.add(
            Finding.plain(
                    FindingKey.of(
                        "route.hole", SubjectKind.ROUTE_POINT.within(name, String.valueOf(i + 1))),
                    Verdict.OUT,
                    GROMMET,
                    HarnessWords.bareEdge(Figure.count(i + 1), name))
                .withRemedy(
                    Remedy.of(Remedy.Action.WORK, Remedy.Page.FEED, HarnessWords.grommet())));
      }
    }
    for (Hazard hazard : hazards) {
      double gap = distanceTo(hazard.at());
      double amount = gap - hazard.clearanceMm();
      Margin margin =
          Margin.of(
              Figure.lengthMm(amount),
              READ_TO_MM,
              hazard.clearanceMm(),
              Limit.least(Figure.lengthMm(hazard.clearanceMm())));
      Finding finding =
          Finding.on(
              FindingKey.of("route.clear", SubjectKind.ROUTE_POINT.within(name, hazard.name())),
              margin,
              AWAY,
              HarnessWords.passes(name, Figure.lengthMm(gap), hazard.name()));
      findings.add(
          margin.verdict() == Verdict.OUT
              ? finding.withRemedy(
                  Remedy.of(
                          Remedy.Action.MOVE,
                          Remedy.Page.FEED,
                          HarnessWords.reroute(Figure.lengthMm(-amount)))
                      .by(Figure.lengthMm(-amount)))
              : finding);
    }
    return findings;
  }

  /** The shortest distance from a place to the route, mm. */
  double distanceTo(Stop place) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 1; i < stops.size(); i++) {
      least =
          Math.min(least, toPiece(place.place(), stops.get(i - 1).place(), stops.get(i).place()));
    }
    return least;
  }

  private static double toPiece(double[] place, double[] from, double[] to) {
    double dot = 0;
    double squared = 0;
    for (int axis = 0; axis < 3; axis++) {
      dot += (place[axis] - from[axis]) * (to[axis] - from[axis]);
      squared += (to[axis] - from[axis]) * (to[axis] - from[axis]);
    }
    double along = squared == 0 ? 0 : Math.max(0, Math.min(1, dot / squared));
    double[] nearest = new double[3];
    for (int axis = 0; axis < 3; axis++) {
      nearest[axis] = from[axis] + along * (to[axis] - from[axis]);
    }
    return distance(place, nearest);
  }

  private static double distance(double[] one, double[] other) {
    return Math.hypot(Math.hypot(one[0] - other[0], one[1] - other[1]), one[2] - other[2]);
  }
}

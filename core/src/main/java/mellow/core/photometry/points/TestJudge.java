package mellow.core.photometry.points;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Limit;
import mellow.core.finding.Margin;
import mellow.core.finding.Verdict;
import mellow.core.photometry.Beam;
import mellow.core.photometry.points.TestTable.Demand;
import mellow.core.photometry.points.TestTable.Direction;
import mellow.core.photometry.points.TestTable.Over;
import mellow.core.photometry.wall.BeamCutoff;
import mellow.core.vehicle.TrafficSide;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/** Holds a beam against a test. */
public final class TestJudge {
  /** Lines and areas are looked at so closely. */
  private static final double STEP_DEG = 0.1;

  private final Beam beam;
  private final TestTable table;
  private final double raisedDeg;

  private TestJudge(Beam beam, TestTable table, double raisedDeg) {
    this.beam = beam;
    this.table = table;
    this.raisedDeg = raisedDeg;
  }

  /**
   * A verdict on each demand, in the table's order; one that says so where the beam has no cutoff
   * to set it by.
   *
   * @param traffic that the beam is made for; a test for the other side is its mirror
   */
  public static List<Finding> judge(Beam beam, TestTable table, TrafficSide traffic) {
    Beam asTested = traffic == TrafficSide.RIGHT ? beam : beam.mirrored();
    if (table.cutoff().isEmpty()) {
      return new TestJudge(asTested, table, 0).findings();
    }
    Optional<BeamCutoff> found = BeamCutoff.of(asTested, table.cutoff().get().flat());
    if (found.isEmpty()) {
      return List.of(
          Finding.plain(
              FindingKey.of("light." + table.id() + ".cutoff"),
              Verdict.OUT,
              table.source(),
              PointsWords.noCutoff()));
    }
    return new TestJudge(asTested, table, table.cutoff().get().heightDeg() - found.get().flatDeg())
        .findings();
  }

  private List<Finding> findings() {
    return table.demands().stream().map(this::finding).toList();
  }

  private Finding finding(Demand demand) {
    DoubleSummaryStatistics seen = new DoubleSummaryStatistics();
    List<Direction> looked =
        demand.over() == Over.SUM || demand.where().size() == 1
            ? demand.where()
            : demand.where().size() == 2 ? line(demand.where()) : area(demand.where());
    looked.forEach(
        direction -> seen.accept(beam.candela(direction.hDeg(), direction.vDeg() - raisedDeg)));
    double low = demand.over() == Over.SUM ? seen.getSum() : seen.getMin();
    double high = demand.over() == Over.SUM ? seen.getSum() : seen.getMax();
    double forLeast = demand.over() == Over.BRIGHTEST ? high : low;
    double belowMost = demand.most().orElse(Double.POSITIVE_INFINITY) - high;
    double overLeast = forLeast - demand.least().orElse(Double.NEGATIVE_INFINITY);
    boolean byLeast = shareOf(overLeast, demand.least()) < shareOf(belowMost, demand.most());
    double value = byLeast ? forLeast : high;
    double limit = byLeast ? demand.least().getAsDouble() : demand.most().getAsDouble();
    return Finding.on(
        FindingKey.of("light." + table.id() + "." + demand.name()),
        Margin.of(
            Figure.candela(byLeast ? overLeast : belowMost),
            0,
            limit,
            new Limit(
                demand.least().isPresent()
                    ? Optional.of(Figure.candela(demand.least().getAsDouble()))
                    : Optional.empty(),
                demand.most().isPresent()
                    ? Optional.of(Figure.candela(demand.most().getAsDouble()))
                    : Optional.empty())),
        table.source(),
        byLeast
            ? PointsWords.least(demand.name(), Figure.candela(value), Figure.candela(limit))
            : PointsWords.most(demand.name(), Figure.candela(value), Figure.candela(limit)));
  }

  private static double shareOf(double amount, OptionalDouble limit) {
    return limit.isPresent() ? amount / limit.getAsDouble() : Double.POSITIVE_INFINITY;
  }

  private static List<Direction> line(List<Direction> ends) {
    Direction from = ends.get(0);
    Direction to = ends.get(1);
    double length = Math.hypot(to.hDeg() - from.hDeg(), to.vDeg() - from.vDeg());
    int steps = Math.max(1, (int) Math.ceil(length / STEP_DEG));
    List<Direction> all = new ArrayList<>();
    for (int i = 0; i <= steps; i++) {
      double share = (double) i / steps;
      all.add(
          new Direction(
              from.hDeg() + share * (to.hDeg() - from.hDeg()),
              from.vDeg() + share * (to.vDeg() - from.vDeg())));
    }
    return all;
  }

  /** Its border and a grid within it. */
  private static List<Direction> area(List<Direction> corners) {
    List<Direction> all = new ArrayList<>();
    List<Coordinate> ring = new ArrayList<>();
    for (int i = 0; i < corners.size(); i++) {
      all.addAll(line(List.of(corners.get(i), corners.get((i + 1) % corners.size()))));
      ring.add(new Coordinate(corners.get(i).hDeg(), corners.get(i).vDeg()));
    }
    ring.add(ring.get(0));
    Polygon polygon = new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
    double fromH = polygon.getEnvelopeInternal().getMinX();
    double toH = polygon.getEnvelopeInternal().getMaxX();
    double toV = polygon.getEnvelopeInternal().getMaxY();
    for (double h = fromH; h <= toH; h += STEP_DEG) {
      for (double v = polygon.getEnvelopeInternal().getMinY(); v <= toV; v += STEP_DEG) {
        if (SimplePointInAreaLocator.locatePointInPolygon(new Coordinate(h, v), polygon)
            == Location.INTERIOR) {
          all.add(new Direction(h, v));
        }
      }
    }
    return all;
  }
}

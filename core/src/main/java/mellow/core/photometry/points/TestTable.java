package mellow.core.photometry.points;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Source;
import mellow.core.photometry.wall.BeamCutoff.Flat;

/**
 * The photometric test of one kind of lamp, for traffic on the right.
 *
 * @param cutoff where it is set first; empty for a lamp that is measured as it is mounted
 * @param demands what is asked, point by point
 * @param note what of the regulation is left out
 */
public record TestTable(
    String id,
    String title,
    Optional<Cutoff> cutoff,
    List<Demand> demands,
    Source source,
    String note) {
  public TestTable {
    demands = List.copyOf(demands);
  }

  /**
   * Where the cutoff is set.
   *
   * @param flat the part that is set
   * @param heightDeg over the lamp's axis
   */
  public record Cutoff(Flat flat, double heightDeg) {}

  /** A direction: to the right and up, degrees. */
  public record Direction(double hDeg, double vDeg) {}

  /** How a demand goes by its directions. */
  public enum Over {
    /** Each of them, and each between them: on a line, or in an area. */
    ALL,
    /** The brightest place of a line or an area. */
    BRIGHTEST,
    /** All directions together. */
    SUM
  }

  /**
   * One demand.
   *
   * @param name as the regulation calls it
   * @param where one direction, the ends of a line, the corners of an area, or what is added up
   * @param least candela
   * @param most candela
   */
  public record Demand(
      String name, List<Direction> where, Over over, OptionalDouble least, OptionalDouble most) {
    public Demand {
      where = List.copyOf(where);
      if (where.isEmpty() || (least.isEmpty() && most.isEmpty())) {
        throw new IllegalArgumentException(name + " asks nothing, or nowhere");
      }
    }
  }
}

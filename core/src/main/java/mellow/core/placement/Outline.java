package mellow.core.placement;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;

/** The outline of a lit surface, a housing or a thing in the way, about a reference point. */
public sealed interface Outline {
  /** Largest size that is taken: no lamp and nothing before it is larger than a vehicle. */
  double LARGEST_MM = 4000;

  GeometryFactory FACTORY = new GeometryFactory();

  /** The shape in the lamp's own axes: x is out, y is up; mm. */
  Geometry geometry();

  /** How far the shape reaches, without drawing it. */
  Envelope reach();

  /** A rectangle about the reference point. */
  record Rectangle(double widthMm, double heightMm) implements Outline {
    public Rectangle {
      requireSize(widthMm);
      requireSize(heightMm);
    }

    @Override
    public Geometry geometry() {
      return FACTORY.toGeometry(reach());
    }

    @Override
    public Envelope reach() {
      return about(widthMm, heightMm);
    }
  }

  /** An ellipse about the reference point; a circle where both axes are equal. */
  record Ellipse(double widthMm, double heightMm) implements Outline {
    /** So fine that the area is short by less than 1/10 000. */
    private static final int CORNERS = 256;

    /** The corners of a circle of radius 1: sines are dear, and every judgement draws ellipses. */
    private static final Coordinate[] CIRCLE =
        IntStream.range(0, CORNERS)
            .mapToDouble(i -> 2 * Math.PI * i / CORNERS)
            .mapToObj(angle -> new Coordinate(Math.cos(angle), Math.sin(angle)))
            .toArray(Coordinate[]::new);

    public Ellipse {
      requireSize(widthMm);
      requireSize(heightMm);
    }

    @Override
    public Geometry geometry() {
      Coordinate[] ring = new Coordinate[CORNERS + 1];
      for (int i = 0; i < CORNERS; i++) {
        ring[i] = new Coordinate(CIRCLE[i].getX() * widthMm / 2, CIRCLE[i].getY() * heightMm / 2);
      }
      ring[CORNERS] = ring[0].copy();
      return FACTORY.createPolygon(ring);
    }

    @Override
    public Envelope reach() {
      return about(widthMm, heightMm);
    }
  }

  /** A polygon, its corners in order. {@link #problemOf} says beforehand what it would refuse. */
  record Polygon(List<Point> corners) implements Outline {
    public Polygon {
      corners = List.copyOf(corners);
      Optional<Sentence> problem = problemOf(corners);
      if (problem.isPresent()) {
        throw new CannotBe(problem.get());
      }
    }

    /** What is wrong with a list of corners, as a sentence for people; empty where nothing is. */
    public static Optional<Sentence> problemOf(List<Point> corners) {
      if (corners.size() < 3) {
        return Optional.of(PlacementWords.outlineCorners());
      }
      for (Point corner : corners) {
        if (Math.max(Math.abs(corner.outMm()), Math.abs(corner.upMm())) > LARGEST_MM) {
          return Optional.of(PlacementWords.outlineFar());
        }
      }
      TopologyValidationError error = new IsValidOp(ring(corners)).getValidationError();
      if (error != null) {
        Coordinate at = error.getCoordinate();
        return Optional.of(
            PlacementWords.outlineCrosses(Figure.lengthMm(at.getX()), Figure.lengthMm(at.getY())));
      }
      return Optional.empty();
    }

    private static Geometry ring(List<Point> corners) {
      Coordinate[] ring = new Coordinate[corners.size() + 1];
      for (int i = 0; i < ring.length; i++) {
        Point corner = corners.get(i % corners.size());
        ring[i] = new Coordinate(corner.outMm(), corner.upMm());
      }
      return FACTORY.createPolygon(ring);
    }

    @Override
    public Geometry geometry() {
      return ring(corners);
    }

    @Override
    public Envelope reach() {
      return geometry().getEnvelopeInternal();
    }
  }

  private static Envelope about(double widthMm, double heightMm) {
    return new Envelope(-widthMm / 2, widthMm / 2, -heightMm / 2, heightMm / 2);
  }

  private static void requireSize(double mm) {
    if (!(mm > 0) || mm > LARGEST_MM) {
      throw new CannotBe(PlacementWords.size(Figure.lengthMm(mm)));
    }
  }
}

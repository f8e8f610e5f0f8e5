package mellow.core.retrofit;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A section through housing and projector along the axis, to scale: x runs forward from the
 * mounting plane, y up from the axis; millimetres. What was not measured is drawn where it usually
 * is, and said so.
 *
 * @param pieces outlines, the farthest back first
 * @param spans measurements to be written on it
 */
public record FitSection(List<Piece> pieces, List<Span> spans) {
  private static final double USUAL_OPENING = 90;
  private static final double USUAL_DEPTH = 110;
  private static final double USUAL_BEHIND = 70;
  private static final double USUAL_HOLE = 22;
  private static final double USUAL_LENS = 76;
  private static final double USUAL_FRONT = 80;
  private static final double USUAL_BACK = 50;
  private static final double WALL = 2.5;

  public FitSection {
    pieces = List.copyOf(pieces);
    spans = List.copyOf(spans);
  }

  /** What an outline is of. */
  public enum Of {
    HOUSING,
    LENS_OF_HOUSING,
    BODY,
    LENS,
    SHROUD,
    BOSS
  }

  /** A corner of an outline, mm. */
  public record Vertex(double xMm, double yMm) {}

  /** A closed outline. */
  public record Piece(Of of, List<Vertex> vertices) {
    public Piece {
      vertices = List.copyOf(vertices);
    }

    private Piece(Of of, Vertex... vertices) {
      this(of, List.of(vertices));
    }
  }

  /**
   * A measurement between two points.
   *
   * @param field which value it shows
   * @param upright whether it stands upright; else it lies along the axis
   * @param at where it is drawn: x of an upright one, y of a lying one
   * @param mm what was measured; empty where nothing was
   */
  public record Span(
      Field field, boolean upright, double from, double to, double at, OptionalDouble mm) {}

  /** The values of a fit. */
  public enum Field {
    BOWL_OPENING,
    BOWL_DEPTH,
    BEHIND,
    HOLE,
    LENS,
    SHROUD,
    FRONT,
    BACK,
    THREAD
  }

  /** The section of a fit. */
  public static FitSection of(Housing housing, Projector projector) {
    double opening = housing.bowlOpeningMm().orElse(USUAL_OPENING);
    double depth = housing.bowlDepthMm().orElse(USUAL_DEPTH);
    double behind = housing.behindMm().orElse(USUAL_BEHIND);
    double hole = housing.holeMm().orElse(USUAL_HOLE);
    double lens = projector.lensMm().orElse(USUAL_LENS);
    double front = projector.frontMm().orElse(USUAL_FRONT);
    double back = projector.behindMm().orElse(USUAL_BACK);
    double thread = projector.threadMm().orElse(0);
    double high = opening / 2 + 14;
    List<Piece> pieces = new ArrayList<>();
    pieces.addAll(bowl(opening, hole, depth, high));
    pieces.add(cap(behind, high));
    pieces.add(
        new Piece(
            Of.LENS_OF_HOUSING,
            at(depth, high),
            at(depth + 3, high),
            at(depth + 8, 0),
            at(depth + 3, -high),
            at(depth, -high),
            at(depth + 4, 0)));
    if (thread > 0) {
      pieces.add(box(Of.BOSS, -Math.min(back, 12), 0, thread / 2));
    }
    double body = Math.min(lens * 0.42, opening / 2);
    pieces.add(
        box(Of.BODY, -back, front - 18, thread > 0 ? Math.min(body, thread / 2) : body * 0.8));
    pieces.add(
        new Piece(
            Of.LENS,
            at(front - 18, lens / 2),
            at(front - 8, lens * 0.44),
            at(front, 0),
            at(front - 8, -lens * 0.44),
            at(front - 18, -lens / 2)));
    projector
        .shroudMm()
        .ifPresent(
            shroud -> {
              pieces.add(rim(front, shroud / 2));
              pieces.add(rim(front, -shroud / 2));
            });
    return new FitSection(pieces, spans(housing, projector, high));
  }

  private static List<Piece> bowl(double opening, double hole, double depth, double high) {
    double rim = Math.min(depth * 0.6, 60);
    List<Piece> halves = new ArrayList<>();
    for (int sign : new int[] {1, -1}) {
      halves.add(
          new Piece(
              Of.HOUSING,
              at(0, sign * hole / 2),
              at(-WALL, sign * hole / 2),
              at(-WALL, sign * (opening / 2 * 0.8)),
              at(rim - WALL, sign * (opening / 2 + WALL)),
              at(rim - WALL, sign * high),
              at(depth, sign * high),
              at(depth, sign * (high - WALL)),
              at(rim, sign * (high - WALL)),
              at(rim, sign * opening / 2),
              at(0, sign * (opening / 2 * 0.8 - WALL))));
    }
    return halves;
  }

  private static Piece cap(double behind, double high) {
    return new Piece(
        Of.HOUSING,
        at(-behind - WALL, high * 0.7),
        at(-behind, high * 0.7),
        at(-behind, -high * 0.7),
        at(-behind - WALL, -high * 0.7));
  }

  private static Vertex at(double xMm, double yMm) {
    return new Vertex(xMm, yMm);
  }

  private static Piece box(Of of, double back, double front, double half) {
    return new Piece(of, at(back, half), at(front, half), at(front, -half), at(back, -half));
  }

  private static Piece rim(double front, double y) {
    double inner = y - Math.signum(y) * 4;
    return new Piece(
        Of.SHROUD,
        at(front - 20, inner),
        at(front - 20, inner + Math.signum(y) * 1.5),
        at(front, y),
        at(front, y - Math.signum(y) * 1.5));
  }

  private static List<Span> spans(Housing housing, Projector projector, double high) {
    double opening = housing.bowlOpeningMm().orElse(USUAL_OPENING) / 2;
    double depth = housing.bowlDepthMm().orElse(USUAL_DEPTH);
    double behind = housing.behindMm().orElse(USUAL_BEHIND);
    double hole = housing.holeMm().orElse(USUAL_HOLE) / 2;
    double lens = projector.lensMm().orElse(USUAL_LENS) / 2;
    double front = projector.frontMm().orElse(USUAL_FRONT);
    double back = projector.behindMm().orElse(USUAL_BACK);
    List<Span> spans = new ArrayList<>();
    spans.add(new Span(Field.BOWL_OPENING, true, -opening, opening, 34, housing.bowlOpeningMm()));
    spans.add(new Span(Field.LENS, true, -lens, lens, front - 14, projector.lensMm()));
    projector
        .shroudMm()
        .ifPresent(
            mm ->
                spans.add(
                    new Span(
                        Field.SHROUD, true, -mm / 2, mm / 2, front + 4, projector.shroudMm())));
    spans.add(new Span(Field.HOLE, true, -hole, hole, -8, housing.holeMm()));
    spans.add(new Span(Field.BOWL_DEPTH, false, 0, depth, high + 12, housing.bowlDepthMm()));
    spans.add(new Span(Field.BEHIND, false, -behind, 0, high + 12, housing.behindMm()));
    spans.add(new Span(Field.FRONT, false, 0, front, -high - 12, projector.frontMm()));
    spans.add(new Span(Field.BACK, false, -back, 0, -high - 12, projector.behindMm()));
    return spans;
  }
}

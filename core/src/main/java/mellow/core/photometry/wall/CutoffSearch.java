package mellow.core.photometry.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.photometry.Beam;
import mellow.core.photometry.wall.BeamCutoff.Arm;
import mellow.core.photometry.wall.BeamCutoff.Flat;

/** Looks for a cutoff in a beam, one vertical section after the other. */
final class CutoffSearch {
  private static final double LOWEST_DEG = -6;
  private static final double HIGHEST_DEG = 5;
  private static final double STEP_DEG = 0.01;

  /** Over so much an instrument compares the light. */
  private static final double REACH_DEG = 0.1;

  private static final double SECTION_DEG = 0.25;

  /** Weaker steps are fading light, no edge. Judged: 26 % in 0.1° are asked of a UN cutoff. */
  private static final double LEAST_SHARPNESS = 0.05;

  /** An arm stands higher than the flat part by so much at least. Judged. */
  private static final double LEAST_RISE_DEG = 0.15;

  private static final double ARM_TO_DEG = 8;

  /** Of the light that goes into a section at most, so much must lie right below its edge. */
  private static final double LEAST_SHARE = 0.02;

  /** A step of more than three decades is dark above; how dark, no eye tells. */
  private static final double DARKEST_SHARE = 1e-3;

  private static final double NEARLY = 0.9;

  private final Beam beam;

  CutoffSearch(Beam beam) {
    this.beam = beam;
  }

  /** An edge in one section. */
  private record Edge(double hDeg, double vDeg, double sharpness) {}

  Optional<BeamCutoff> find(double fromDeg, double toDeg, Flat flat) {
    List<Edge> edges = edges(fromDeg, toDeg);
    if (edges.size() < 3) {
      return Optional.empty();
    }
    Line line = Line.through(edges);
    double sharpness =
        edges.stream()
            .mapToDouble(Edge::sharpness)
            .sorted()
            .skip(edges.size() / 2)
            .findFirst()
            .orElseThrow();
    Optional<Arm> arm = flat == Flat.WHOLE ? Optional.empty() : arm(line, flat);
    double end = flat == Flat.WHOLE ? 0 : arm.map(Arm::elbowDeg).orElse(0.0);
    return Optional.of(
        new BeamCutoff(line.at(end), -Math.toDegrees(Math.atan(line.slope())), sharpness, arm));
  }

  private List<Edge> edges(double fromDeg, double toDeg) {
    List<Edge> edges = new ArrayList<>();
    for (double h = fromDeg; h <= toDeg + STEP_DEG / 2; h += SECTION_DEG) {
      edge(h).ifPresent(edges::add);
    }
    return edges;
  }

  /** The steepest fall in a section that has light right below it. */
  private Optional<Edge> edge(double hDeg) {
    int count = (int) Math.round((HIGHEST_DEG - LOWEST_DEG) / STEP_DEG);
    int reach = (int) Math.round(REACH_DEG / STEP_DEG);
    double[] candela = new double[count];
    double most = 0;
    for (int i = 0; i < count; i++) {
      candela[i] = beam.candela(hDeg, LOWEST_DEG + i * STEP_DEG);
      most = Math.max(most, candela[i]);
    }
    double[] falls = new double[count - reach];
    int steepest = 0;
    for (int i = 0; i < falls.length; i++) {
      boolean lit = candela[i] > 0 && candela[i] >= LEAST_SHARE * most;
      double above = Math.max(candela[i + reach], DARKEST_SHARE * candela[i]);
      falls[i] = lit ? Math.log10(candela[i] / above) : 0;
      steepest = falls[i] > falls[steepest] ? i : steepest;
    }
    if (falls[steepest] < LEAST_SHARPNESS) {
      return Optional.empty();
    }
    return Optional.of(new Edge(hDeg, middle(falls, steepest), falls[steepest]));
  }

  /** The middle of what falls nearly as steeply, so that one knot of a table does not decide. */
  private static double middle(double[] falls, int steepest) {
    int from = steepest;
    while (from > 0 && falls[from - 1] >= NEARLY * falls[steepest]) {
      from--;
    }
    int to = steepest;
    while (to + 1 < falls.length && falls[to + 1] >= NEARLY * falls[steepest]) {
      to++;
    }
    return LOWEST_DEG + (from + to) / 2.0 * STEP_DEG + REACH_DEG / 2;
  }

  /** What rises on the side where the flat part ends. */
  private Optional<Arm> arm(Line flat, Flat side) {
    double way = side == Flat.LEFT ? 1 : -1;
    List<Edge> risen = new ArrayList<>();
    OptionalDouble before = OptionalDouble.empty();
    for (double out = 0; out <= ARM_TO_DEG; out += SECTION_DEG) {
      Optional<Edge> edge = edge(way * out);
      if (edge.isEmpty()) {
        continue;
      }
      double rise = edge.get().vDeg() - flat.at(way * out);
      // a step ends in a level part again, which is no longer the arm
      boolean rises = before.isEmpty() || edge.get().vDeg() > before.getAsDouble() + STEP_DEG;
      if (rise > LEAST_RISE_DEG && rises) {
        risen.add(edge.get());
      } else if (!risen.isEmpty()) {
        break;
      }
      before = OptionalDouble.of(edge.get().vDeg());
    }
    if (risen.size() < 2) {
      return Optional.empty();
    }
    Line line = Line.through(risen);
    double apart = line.slope() - flat.slope();
    if (Math.abs(apart) < 1e-6) {
      return Optional.empty();
    }
    double elbow = (flat.height() - line.height()) / apart;
    return Optional.of(new Arm(elbow, Math.toDegrees(Math.atan(way * line.slope()))));
  }

  /** v = height + slope × h, through the middle of what all pairs say (Theil and Sen). */
  private record Line(double height, double slope) {
    static Line through(List<Edge> edges) {
      List<Double> slopes = new ArrayList<>();
      for (int i = 0; i < edges.size(); i++) {
        for (int j = i + 1; j < edges.size(); j++) {
          slopes.add(
              (edges.get(j).vDeg() - edges.get(i).vDeg())
                  / (edges.get(j).hDeg() - edges.get(i).hDeg()));
        }
      }
      double slope = median(slopes);
      return new Line(
          median(edges.stream().map(edge -> edge.vDeg() - slope * edge.hDeg()).toList()), slope);
    }

    double at(double hDeg) {
      return height + slope * hDeg;
    }

    private static double median(List<Double> values) {
      List<Double> sorted = values.stream().sorted().toList();
      int half = sorted.size() / 2;
      return sorted.size() % 2 == 1
          ? sorted.get(half)
          : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }
  }
}

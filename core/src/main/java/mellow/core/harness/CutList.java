package mellow.core.harness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What is cut from which reel, and what goes on each piece.
 *
 * @param reels the thinnest wire first, then by colour
 */
public record CutList(List<Reel> reels) {
  /** Lengths are cut to whole centimetres, upwards. */
  private static final double STEP_MM = 10;

  public CutList {
    reels = List.copyOf(reels);
  }

  /**
   * One wire of a harness.
   *
   * @param label that goes on both its ends
   * @param cutMm its length with slack and loops
   * @param fromEnd what is crimped or soldered on at its beginning: "ring M6", "relay terminal"
   * @param toEnd the same at its end
   */
  public record Piece(
      String label, WireSize size, String colour, double cutMm, String fromEnd, String toEnd) {
    public Piece {
      if (!(cutMm > 0) || cutMm > 100_000) {
        throw new IllegalArgumentException("a piece is up to 100 m long, not " + cutMm + " mm");
      }
    }

    /** As it is cut, mm. */
    public double lengthMm() {
      return Math.ceil(cutMm / STEP_MM - 1e-9) * STEP_MM;
    }
  }

  /**
   * All pieces of one wire in one colour, the longest first: a short rest serves for a short one.
   */
  public record Reel(WireSize size, String colour, List<Piece> pieces) {
    public double totalMm() {
      return pieces.stream().mapToDouble(Piece::lengthMm).sum();
    }
  }

  public static CutList of(List<Piece> pieces) {
    Map<String, List<Piece>> byReel = new LinkedHashMap<>();
    pieces.stream()
        .sorted(
            Comparator.<Piece>comparingDouble(piece -> piece.size().mm2())
                .thenComparing(Piece::colour)
                .thenComparing(Comparator.comparingDouble(Piece::cutMm).reversed())
                .thenComparing(Piece::label))
        .forEach(
            piece ->
                byReel
                    .computeIfAbsent(
                        piece.size().name() + "/" + piece.colour(), fresh -> new ArrayList<>())
                    .add(piece));
    return new CutList(
        byReel.values().stream()
            .map(of -> new Reel(of.get(0).size(), of.get(0).colour(), List.copyOf(of)))
            .toList());
  }

  /** How many of each end are needed. */
  public Map<String, Integer> ends() {
    Map<String, Integer> ends = new LinkedHashMap<>();
    for (Reel reel : reels) {
      for (Piece piece : reel.pieces()) {
        ends.merge(piece.fromEnd(), 1, Integer::sum);
        ends.merge(piece.toEnd(), 1, Integer::sum);
      }
    }
    return ends;
  }

  /** Labels: two for each piece. */
  public List<String> labels() {
    return reels.stream()
        .flatMap(reel -> reel.pieces().stream())
        .flatMap(piece -> Stream.of(piece.label(), piece.label()))
        .toList();
  }
}

package mellow.core.placement.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A bracket with a row of holes at one pitch.
 *
 * @param holes how many
 * @param pitchMm from one hole to the next
 */
public record HoleRow(int holes, double pitchMm) {
  private static final int MOST_HOLES = 30;

  public HoleRow {
    if (holes < 1 || holes > MOST_HOLES || !(pitchMm > 0)) {
      throw new IllegalArgumentException("a row has 1 to 30 holes at a pitch above 0");
    }
  }

  /**
   * Which holes to use, numbered from 1 at one end, so that the lamps sit mirrored and each as near
   * as can be to the middle of its own share of the bracket: three lamps in five holes take 1, 3,
   * 5; two take 2, 4. Common practice.
   *
   * @param widthsMm how wide each lamp is, from one end to the other
   * @return the holes in order; empty where none keep the lamps mirrored and clear of each other
   */
  public Optional<List<Integer>> holesFor(List<Double> widthsMm) {
    List<Integer> best = new ArrayList<>();
    double bestOff = Double.POSITIVE_INFINITY;
    for (List<Integer> choice : mirrored(widthsMm.size())) {
      double off = offFromShares(choice);
      if (off < bestOff && clear(choice, widthsMm)) {
        best = choice;
        bestOff = off;
      }
    }
    return bestOff < Double.POSITIVE_INFINITY ? Optional.of(List.copyOf(best)) : Optional.empty();
  }

  private List<List<Integer>> mirrored(int lamps) {
    List<List<Integer>> found = new ArrayList<>();
    boolean middle = lamps % 2 == 1;
    if (lamps < 1 || lamps > holes || (middle && holes % 2 == 0)) {
      return found;
    }
    choose(1, lamps / 2, new ArrayList<>(), middle, found);
    return found;
  }

  /** Chooses holes of the first half; the second half mirrors them. */
  private void choose(
      int from, int left, List<Integer> chosen, boolean middle, List<List<Integer>> found) {
    if (left == 0) {
      List<Integer> all = new ArrayList<>(chosen);
      if (middle) {
        all.add((holes + 1) / 2);
      }
      for (int i = chosen.size() - 1; i >= 0; i--) {
        all.add(holes + 1 - chosen.get(i));
      }
      found.add(all);
      return;
    }
    for (int hole = from; hole <= holes / 2; hole++) {
      chosen.add(hole);
      choose(hole + 1, left - 1, chosen, middle, found);
      chosen.remove(chosen.size() - 1);
    }
  }

  private double offFromShares(List<Integer> choice) {
    double off = 0;
    double share = (double) holes / choice.size();
    for (int i = 0; i < choice.size(); i++) {
      double middleOfShare = (i + 0.5) * share + 0.5;
      off += Math.pow(choice.get(i) - middleOfShare, 2);
    }
    return off;
  }

  private boolean clear(List<Integer> choice, List<Double> widthsMm) {
    for (int i = 1; i < choice.size(); i++) {
      double apart = (choice.get(i) - choice.get(i - 1)) * pitchMm;
      if (apart < (widthsMm.get(i) + widthsMm.get(i - 1)) / 2) {
        return false;
      }
    }
    return true;
  }
}

package mellow.core.finding;

import java.util.List;

/**
 * A horizon strip: a line with the parts of the work along it, and each finding as a mark, below
 * the line by its margin, on it, or above it.
 *
 * @param parts the parts of the work, in order
 * @param present index of the part where the work stands
 * @param marks the findings as marks, in order
 */
public record Horizon(List<Sentence> parts, int present, List<Mark> marks) {
  public Horizon {
    parts = List.copyOf(parts);
    marks = List.copyOf(marks);
  }

  /**
   * One mark.
   *
   * @param part index of the part it stands at
   * @param share margin as a share of the room the rule leaves, 1 at most either way; 0 where
   *     unknown
   */
  public record Mark(int part, Verdict verdict, double share, String findingId, Sentence says) {

    /** The mark of a finding. */
    public static Mark of(int part, Finding finding) {
      double share =
          finding
              .margin()
              .map(margin -> Math.max(-1, Math.min(1, margin.share())))
              .orElse(finding.verdict() == Verdict.OUT ? -1.0 : 0.0);
      return new Mark(part, finding.verdict(), share, finding.id(), finding.headline());
    }
  }
}

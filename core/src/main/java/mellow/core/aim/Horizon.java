package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * A job's horizon strip: a line with the parts of the work along it, and each finding as a mark,
 * below the line by its margin, on it, or above it.
 *
 * @param parts the parts of the work, in order
 * @param present index of the part where the work stands
 * @param marks the findings as marks, in order
 */
public record Horizon(List<String> parts, int present, List<Mark> marks) {

  /**
   * One mark.
   *
   * @param part index of the part it stands at
   * @param share margin as a share of the room the rule leaves, 1 at most either way; 0 where
   *     unknown
   */
  public record Mark(int part, Verdict verdict, double share, String findingId, Sentence says) {}

  private static final String FLOOR = "Floor";
  private static final String LAMPS = "Lamps";
  private static final String HAND_OVER = "Hand over";

  public static Horizon of(WallSheet sheet) {
    return new Drawer(sheet).draw();
  }

  private static final class Drawer {
    private final WallSheet sheet;
    private final List<String> parts = new ArrayList<>(List.of(FLOOR, LAMPS));
    private final List<Mark> marks = new ArrayList<>();

    Drawer(WallSheet sheet) {
      this.sheet = sheet;
    }

    Horizon draw() {
      sheet.floor().findings().forEach(finding -> mark(0, finding));
      int present = 0;
      for (PairSheet pair : sheet.pairs()) {
        pair.findings().forEach(finding -> mark(1, finding));
        for (Side side : Side.values()) {
          parts.add(title(pair.kind(), side));
          int part = parts.size() - 1;
          pair.lamps().on(side).findings().forEach(finding -> mark(part, finding));
          if (sheet.next().lamp() == pair.kind() && sheet.next().side().equals(Optional.of(side))) {
            present = part;
          }
        }
      }
      parts.add(HAND_OVER);
      return new Horizon(List.copyOf(parts), present(present), List.copyOf(marks));
    }

    private int present(int lampPart) {
      return switch (sheet.next().action()) {
        case MEASURE_FLOOR -> 0;
        case MEASURE_DISTANCE, MEASURE_CENTRE -> 1;
        case READ_CUTOFF, TURN_AND_READ -> lampPart;
        case SETTLE -> parts.size() - 2;
        case DONE -> parts.size() - 1;
      };
    }

    private void mark(int part, Finding finding) {
      double share =
          finding
              .margin()
              .map(margin -> Math.max(-1, Math.min(1, margin.share())))
              .orElse(finding.verdict() == Verdict.OUT ? -1.0 : 0.0);
      marks.add(new Mark(part, finding.verdict(), share, finding.id(), finding.headline()));
    }

    private static String title(LampKind kind, Side side) {
      if (kind == LampKind.DIPPED) {
        return side == Side.LEFT ? "Left lamp" : "Right lamp";
      }
      return side == Side.LEFT ? "Left fog" : "Right fog";
    }
  }
}

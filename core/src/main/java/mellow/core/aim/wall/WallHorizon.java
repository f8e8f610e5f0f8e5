package mellow.core.aim.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.aim.AimWords;
import mellow.core.aim.lamp.PairSheet;
import mellow.core.finding.Finding;
import mellow.core.finding.Horizon;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.Side;

/** The horizon strip of the work at the wall. */
public final class WallHorizon {

  private final WallSheet sheet;
  private final List<Sentence> parts =
      new ArrayList<>(List.of(AimWords.partFloor(), AimWords.partLamps()));
  private final List<Horizon.Mark> marks = new ArrayList<>();

  private WallHorizon(WallSheet sheet) {
    this.sheet = sheet;
  }

  /** Draws it. */
  public static Horizon of(WallSheet sheet) {
    return new WallHorizon(sheet).draw();
  }

  private Horizon draw() {
    sheet.floor().findings().forEach(finding -> mark(0, finding));
    int present = 0;
    for (PairSheet pair : sheet.pairs()) {
      pair.findings().forEach(finding -> mark(1, finding));
      for (Side side : Side.values()) {
        parts.add(AimWords.partLamp(side, pair.kind()));
        int part = parts.size() - 1;
        pair.lamps().on(side).findings().forEach(finding -> mark(part, finding));
        if (sheet.next().lamp() == pair.kind() && sheet.next().side().equals(Optional.of(side))) {
          present = part;
        }
      }
    }
    parts.add(AimWords.partHandOver());
    return new Horizon(parts, present(present), marks);
  }

  private int present(int lampPart) {
    return switch (sheet.next().action()) {
      case MEASURE_FLOOR -> 0;
      case MEASURE_DISTANCE, MEASURE_CENTRE, MEASURE_EDGE -> 1;
      case READ_CUTOFF, TURN_AND_READ -> lampPart;
      case SETTLE -> parts.size() - 2;
      case DONE -> parts.size() - 1;
    };
  }

  private void mark(int part, Finding finding) {
    marks.add(Horizon.Mark.of(part, finding));
  }
}

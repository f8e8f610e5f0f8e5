package mellow.core.placement;

import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Horizon;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;

/** The horizon strip of the stage "Place": one part a pair, and the drilling at its end. */
public final class PlaceHorizon {
  private PlaceHorizon() {}

  /** Draws it. */
  public static Horizon of(Front front, PlaceSheet sheet) {
    List<Sentence> parts = new ArrayList<>();
    List<Horizon.Mark> marks = new ArrayList<>();
    int present = -1;
    for (LampPair pair : front.pairs()) {
      int part = parts.size();
      parts.add(Sentence.typed(pair.name()).capital());
      sheet.findingsOf(pair.id()).forEach(finding -> marks.add(Horizon.Mark.of(part, finding)));
      boolean open =
          sheet.findingsOf(pair.id()).stream()
              .anyMatch(finding -> finding.verdict() != Verdict.WITHIN);
      if (open && present < 0) {
        present = part;
      }
    }
    if (parts.isEmpty()) {
      parts.add(PlacementWords.partLamps());
      present = 0;
    }
    parts.add(PlacementWords.partDrill());
    return new Horizon(parts, present < 0 ? parts.size() - 1 : present, marks);
  }
}

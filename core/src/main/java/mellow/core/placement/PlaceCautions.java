package mellow.core.placement;

import java.util.List;
import mellow.core.finding.Caution;
import mellow.core.finding.Source;

/** What to heed before a lamp's place is cut or drilled. */
public final class PlaceCautions {
  private static final Source PRACTICE = Source.commonPractice(PlacementWords.srcFitting());

  private PlaceCautions() {}

  /** The cautions, the most pressing first. */
  public static List<Caution> all() {
    return List.of(
        new Caution("no-way-back", PlacementWords.cautionNoWayBack(), PRACTICE),
        new Caution("airbags", PlacementWords.cautionAirbags(), PRACTICE),
        new Caution("eyes", PlacementWords.cautionEyes(), PRACTICE),
        new Caution("jack", PlacementWords.cautionJack(), PRACTICE),
        new Caution("clear", PlacementWords.cautionClear(), PRACTICE),
        new Caution("law", PlacementWords.cautionLaw(), PRACTICE));
  }
}

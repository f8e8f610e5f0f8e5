package mellow.core.aim.wall;

import java.util.List;
import mellow.core.aim.AimWords;
import mellow.core.finding.Caution;
import mellow.core.finding.Source;

/** What to heed at the wall. */
public final class WallCautions {
  private static final Source PRACTICE = Source.commonPractice(AimWords.srcWall());

  private WallCautions() {}

  /** The cautions, the most pressing first. */
  public static List<Caution> all() {
    return List.of(
        new Caution("stand-aside", AimWords.cautionStandAside(), PRACTICE),
        new Caution("dazzle", AimWords.cautionDazzle(), PRACTICE),
        new Caution("high-voltage", AimWords.cautionHighVoltage(), PRACTICE),
        new Caution("load", AimWords.cautionLoad(), Source.fromMemory(AimWords.srcLoad())),
        new Caution("road", AimWords.cautionRoad(), PRACTICE),
        new Caution("law", AimWords.cautionLaw(), PRACTICE));
  }
}

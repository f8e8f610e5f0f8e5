package mellow.server.wire;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.finding.Horizon;
import mellow.core.finding.Verdict;

/** A job's horizon strip. */
@Schema(
    name = "Horizon",
    description = "The parts of the work along a line, and the findings as marks.")
public record HorizonView(
    List<String> parts,
    @Schema(description = "Index of the part where the work stands.") int present,
    List<MarkView> marks) {

  /** One finding on the strip. */
  @Schema(name = "HorizonMark", description = "One finding as a mark on the strip.")
  public record MarkView(
      int part,
      Verdict verdict,
      @Schema(description = "Margin as a share of the room the rule leaves, from −1 to 1.")
          double share,
      String findingId,
      SentenceView says) {}

  public static HorizonView of(Horizon horizon) {
    return new HorizonView(
        horizon.parts().stream().map(Spoken::words).toList(),
        horizon.present(),
        horizon.marks().stream()
            .map(
                mark ->
                    new MarkView(
                        mark.part(),
                        mark.verdict(),
                        mark.share(),
                        mark.findingId(),
                        SentenceView.of(mark.says())))
            .toList());
  }
}

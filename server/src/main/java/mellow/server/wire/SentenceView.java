package mellow.server.wire;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.finding.Sentence;

/** A sentence whose figures follow the unit system. */
@Schema(name = "Sentence", description = "A sentence with places {0}, {1} … for its figures.")
public record SentenceView(
    @Schema(example = "Right lamp {0} too high for the rule") String pattern,
    List<FigureView> figures) {

  public static SentenceView of(Sentence sentence) {
    return new SentenceView(
        sentence.pattern(), sentence.figures().stream().map(FigureView::of).toList());
  }
}

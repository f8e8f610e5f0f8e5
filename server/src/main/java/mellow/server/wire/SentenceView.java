package mellow.server.wire;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;

/** A sentence whose figures follow the unit system. */
@Schema(name = "Sentence", description = "A sentence with places {0}, {1} … for its figures.")
public record SentenceView(
    @Schema(example = "Right lamp {0} too high for the rule") String pattern,
    List<FigureView> figures) {

  public static SentenceView of(Sentence sentence) {
    Sentence.Written written = Spoken.written(sentence);
    return new SentenceView(
        written.pattern(), written.figures().stream().map(FigureView::of).toList());
  }

  /** The sentence with its figures filled in. */
  public String text(UnitSystem units) {
    String text = pattern;
    for (int i = 0; i < figures.size(); i++) {
      FigureView figure = figures.get(i);
      text =
          text.replace(
              "{" + i + "}", units == UnitSystem.METRIC ? figure.metric() : figure.imperial());
    }
    return text;
  }
}

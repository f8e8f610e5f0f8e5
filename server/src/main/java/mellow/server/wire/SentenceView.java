package mellow.server.wire;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.words.Speech;

/** A sentence whose figures follow the unit system. */
@Schema(name = "Sentence", description = "A sentence with places {0}, {1} … for its figures.")
public record SentenceView(
    @Schema(example = "Right lamp {0} too high for the rule") String pattern,
    List<FigureView> figures) {

  public static SentenceView of(Sentence sentence) {
    // asked for once: a page says hundreds, each with some figures
    Speech speech = Spoken.speech();
    Sentence.Written written = speech.written(sentence);
    List<FigureView> figures =
        written.figures().isEmpty()
            ? List.of()
            : written.figures().stream().map(figure -> FigureView.of(figure, speech)).toList();
    return new SentenceView(written.pattern(), figures);
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

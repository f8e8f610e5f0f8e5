package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.circuit.Controls;
import mellow.core.finding.Sentence;
import mellow.core.harness.WireProbe;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** What a probed wire is. */
@Schema(name = "ProbedWire", description = "What a probed wire is, or what would tell.")
public record SourceView(
    SourceEdit wire,
    Answer answer,
    @Schema(description = "What it can be; one where it is known.") List<WireProbe.Kind> kinds,
    @Schema(example = "side-lamp wire: lit from side lamps on") String words,
    @Schema(description = "The position that tells most, where it is still open.")
        @Nullable NextProbe readNext) {

  /** How far a wire is known. */
  public enum Answer {
    IS,
    OPEN,
    PULSED,
    UNKNOWN
  }

  /** Where to read next. */
  @Schema(name = "NextProbe", description = "The position of the controls to read in next.")
  public record NextProbe(Controls.Key key, Controls.Lights lights) {}

  private static String words(List<WireProbe.Kind> kinds) {
    return Spoken.words(FeedWords.oneOf(kinds.stream().map(Sentence::term).toList()));
  }

  public static SourceView of(SourceEdit edit) {
    if (edit.readings().isEmpty()) {
      return new SourceView(
          edit,
          Answer.OPEN,
          List.of(WireProbe.Kind.values()),
          Spoken.words(FeedWords.nothingRead()),
          new NextProbe(Controls.Key.OFF, Controls.Lights.OFF));
    }
    WireProbe.Answer answer = edit.core().answer();
    if (answer instanceof WireProbe.Answer.Is is) {
      return new SourceView(edit, Answer.IS, List.of(is.kind()), Spoken.term(is.kind()), null);
    } else if (answer instanceof WireProbe.Answer.StillOpen open) {
      return new SourceView(
          edit,
          Answer.OPEN,
          open.kinds(),
          words(open.kinds()),
          new NextProbe(open.readNext().key(), open.readNext().lights()));
    } else if (answer instanceof WireProbe.Answer.NotLiveYet dead) {
      return new SourceView(
          edit,
          Answer.OPEN,
          dead.kinds(),
          Spoken.words(FeedWords.neverLive(dead.kinds().stream().map(Sentence::term).toList())),
          new NextProbe(dead.readNext().key(), dead.readNext().lights()));
    } else if (answer instanceof WireProbe.Answer.Flashes) {
      return new SourceView(
          edit, Answer.PULSED, List.of(), Spoken.words(FeedWords.flashes()), null);
    } else if (answer instanceof WireProbe.Answer.Pulsed) {
      return new SourceView(edit, Answer.PULSED, List.of(), Spoken.words(FeedWords.pulsed()), null);
    }
    return new SourceView(
        edit, Answer.UNKNOWN, List.of(), Spoken.words(FeedWords.behavesUnknown()), null);
  }
}

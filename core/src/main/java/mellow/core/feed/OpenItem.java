package mellow.core.feed;

import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.subject.SubjectKind;

/**
 * Something that has to be put right before the vehicle is handed over.
 *
 * @param id names it
 * @param what in words
 * @param done whether it was
 */
public record OpenItem(String id, Kind kind, String what, boolean done) {
  private static final Source OPEN =
      Source.judged("temporary measures and unconnected wires stay open until undone");

  /** What sort of thing it is. */
  public enum Kind {
    TEMPORARY("Temporary measure"),
    UNCONNECTED("Planned, not connected");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  Finding finding() {
    Finding finding =
        Finding.plain(
            FindingKey.of("open", SubjectKind.OPEN_ITEM.named(id)),
            done ? Verdict.WITHIN : Verdict.OUT,
            OPEN,
            Sentence.of("%s: %s".formatted(kind.words(), Words.typed(what))));
    return done
        ? finding.withDetail(Sentence.of("Done"))
        : finding.withRemedy(
            Sentence.of(
                kind == Kind.TEMPORARY
                    ? "Undo it, or make it lasting: it bars hand-over."
                    : "Connect it, or insulate it and tie it back: it bars hand-over."));
  }
}

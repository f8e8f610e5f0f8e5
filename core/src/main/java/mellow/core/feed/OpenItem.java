package mellow.core.feed;

import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;

/**
 * Something that has to be put right before the vehicle is handed over.
 *
 * @param id names it
 * @param what in words
 * @param done whether it was
 */
public record OpenItem(String id, Kind kind, String what, boolean done) {
  private static final Source OPEN = Source.judged(FeedWords.srcOpen());

  /** What sort of thing it is. */
  public enum Kind {
    TEMPORARY,
    UNCONNECTED
  }

  public Finding finding() {
    Finding finding =
        Finding.plain(
            FindingKey.of("open", SubjectKind.OPEN_ITEM.named(id)),
            done ? Verdict.WITHIN : Verdict.OUT,
            OPEN,
            FeedWords.openItem(Sentence.term(kind).capital(), what));
    return done
        ? finding.withDetail(FeedWords.done())
        : finding.withRemedy(
            Remedy.of(
                Remedy.Action.CONNECT,
                Remedy.Page.FEED,
                kind == Kind.TEMPORARY ? FeedWords.undoIt() : FeedWords.connectIt()));
  }
}

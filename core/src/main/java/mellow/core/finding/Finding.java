package mellow.core.finding;

import java.util.Optional;

/**
 * A verdict on something measured, with everything needed to believe it.
 *
 * @param id stable name of what was judged: "aim.limits.right"
 * @param verdict what it comes to
 * @param headline the verdict in the trade's words, with the figure in it
 * @param detail how it was come by, one line
 * @param margin how far from the limit; empty where a reading is missing
 * @param remedy what to do about it; empty where nothing is to be done
 * @param working the figures behind it
 * @param source where the rule comes from
 */
public record Finding(
    String id,
    Verdict verdict,
    Sentence headline,
    Sentence detail,
    Optional<Margin> margin,
    Optional<Sentence> remedy,
    Working working,
    Source source) {

  /** A finding on a margin; its verdict follows from it. */
  public static Finding on(String id, Margin margin, Source source, Sentence headline) {
    return new Finding(
        id,
        margin.verdict(),
        headline,
        Sentence.EMPTY,
        Optional.of(margin),
        Optional.empty(),
        Working.NONE,
        source);
  }

  /** A finding without a margin. */
  public static Finding plain(String id, Verdict verdict, Source source, Sentence headline) {
    return new Finding(
        id,
        verdict,
        headline,
        Sentence.EMPTY,
        Optional.empty(),
        Optional.empty(),
        Working.NONE,
        source);
  }

  /** Something cannot be judged yet; the remedy says which reading would settle it. */
  public static Finding notKnown(String id, Source source, String headline, String whatToRead) {
    return plain(id, Verdict.NOT_KNOWN, source, Sentence.of(headline))
        .withRemedy(Sentence.of(whatToRead));
  }

  /** The same with a milder or graver verdict than its margin alone gives. */
  public Finding withVerdict(Verdict newVerdict) {
    return new Finding(id, newVerdict, headline, detail, margin, remedy, working, source);
  }

  public Finding withDetail(Sentence newDetail) {
    return new Finding(id, verdict, headline, newDetail, margin, remedy, working, source);
  }

  public Finding withRemedy(Sentence newRemedy) {
    return new Finding(
        id, verdict, headline, detail, margin, Optional.of(newRemedy), working, source);
  }

  public Finding withWorking(Working newWorking) {
    return new Finding(id, verdict, headline, detail, margin, remedy, newWorking, source);
  }
}

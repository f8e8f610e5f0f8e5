package mellow.core.finding;

import java.util.List;
import java.util.Optional;
import mellow.core.subject.Subject;

/**
 * A verdict on something measured, with everything needed to believe it.
 *
 * @param key what was asked, and of what
 * @param verdict what it comes to
 * @param headline the verdict in the trade's words, with the figure in it
 * @param detail how it was come by, one line
 * @param margin how far from the limit; empty where a reading is missing
 * @param remedy what to do about it; empty where nothing is to be done
 * @param working the figures behind it
 * @param source where the rule comes from
 */
public record Finding(
    FindingKey key,
    Verdict verdict,
    Sentence headline,
    Sentence detail,
    Optional<Margin> margin,
    Optional<Remedy> remedy,
    Working working,
    Source source) {

  /** What was asked: "aim.limits". */
  public String rule() {
    return key.rule();
  }

  /** Of what it was asked. */
  public Subject subject() {
    return key.subject();
  }

  /** Its stable name: "aim.limits@lamp:DIPPED:RIGHT". */
  public String id() {
    return key.text();
  }

  /** Whether one of these was asked. */
  public boolean answers(String... rules) {
    return List.of(rules).contains(rule());
  }

  /** A finding on a margin; its verdict follows from it. */
  public static Finding on(FindingKey key, Margin margin, Source source, Sentence headline) {
    return new Finding(
        key,
        margin.verdict(),
        headline,
        Sentence.EMPTY,
        Optional.of(margin),
        Optional.empty(),
        Working.NONE,
        source);
  }

  /** A finding without a margin. */
  public static Finding plain(FindingKey key, Verdict verdict, Source source, Sentence headline) {
    return new Finding(
        key,
        verdict,
        headline,
        Sentence.EMPTY,
        Optional.empty(),
        Optional.empty(),
        Working.NONE,
        source);
  }

  /** Something cannot be judged yet; the remedy says which reading would settle it. */
  public static Finding notKnown(
      FindingKey key, Source source, Sentence headline, Remedy whatToRead) {
    return plain(key, Verdict.NOT_KNOWN, source, headline).withRemedy(whatToRead);
  }

  /** The same with a milder or graver verdict than its margin alone gives. */
  public Finding withVerdict(Verdict newVerdict) {
    return new Finding(key, newVerdict, headline, detail, margin, remedy, working, source);
  }

  public Finding withDetail(Sentence newDetail) {
    return new Finding(key, verdict, headline, newDetail, margin, remedy, working, source);
  }

  public Finding withRemedy(Remedy newRemedy) {
    return new Finding(
        key, verdict, headline, detail, margin, Optional.of(newRemedy), working, source);
  }

  public Finding withWorking(Working newWorking) {
    return new Finding(key, verdict, headline, detail, margin, remedy, newWorking, source);
  }
}

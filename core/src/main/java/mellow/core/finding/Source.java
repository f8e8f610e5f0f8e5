package mellow.core.finding;

/**
 * Where a rule or a figure comes from.
 *
 * @param mark what kind of source it is
 * @param reference the document and clause, or a few words on the practice
 */
public record Source(Mark mark, Sentence reference) {

  /** The kinds of source; each is shown beside a figure by its own words. */
  public enum Mark {
    COMMON_PRACTICE,
    PUBLISHED,
    /** Published, but no copy was at hand when it was written down. */
    FROM_MEMORY,
    DERIVED,
    /** A rule of the shop that uses the product. */
    LOCAL,
    /** The product's own advice, not a rule of the trade. */
    JUDGED
  }

  /** A document and its clause, as it is cited in every language, or what a shop wrote. */
  public Source(Mark mark, String cited) {
    this(mark, Sentence.typed(cited));
  }

  public static Source commonPractice(Sentence what) {
    return new Source(Mark.COMMON_PRACTICE, what);
  }

  public static Source fromMemory(Sentence what) {
    return new Source(Mark.FROM_MEMORY, what);
  }

  public static Source derived(Sentence from) {
    return new Source(Mark.DERIVED, from);
  }

  public static Source judged(Sentence why) {
    return new Source(Mark.JUDGED, why);
  }
}

package mellow.core.finding;

/**
 * Where a rule or a figure comes from.
 *
 * @param mark what kind of source it is
 * @param reference the document and clause, or a few words on the practice
 */
public record Source(Mark mark, String reference) {

  /** The kinds of source. */
  public enum Mark {
    COMMON_PRACTICE("common practice"),
    PUBLISHED("published"),
    /** Published, but no copy was at hand when it was written down. */
    FROM_MEMORY("from memory, check the current text"),
    DERIVED("derived"),
    /** A rule of the shop that uses the product. */
    LOCAL("this shop's own rule"),
    /** The product's own advice, not a rule of the trade. */
    JUDGED("this product's advice");

    private final String words;

    Mark(String words) {
      this.words = words;
    }

    /** How the mark is shown beside a figure. */
    public String words() {
      return words;
    }
  }

  public static Source commonPractice(String what) {
    return new Source(Mark.COMMON_PRACTICE, what);
  }

  public static Source derived(String from) {
    return new Source(Mark.DERIVED, from);
  }

  public static Source judged(String why) {
    return new Source(Mark.JUDGED, why);
  }
}

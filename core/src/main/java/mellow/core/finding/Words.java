package mellow.core.finding;

/** Small changes to words that go into a sentence. */
public final class Words {
  private Words() {}

  /** The words with a capital at their start. */
  public static String capital(String words) {
    return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /**
   * Words that somebody typed, as they may stand in a sentence's pattern: a brace of theirs is not
   * taken for the place of a figure.
   */
  public static String typed(String words) {
    return words.replace('{', '(').replace('}', ')');
  }
}
